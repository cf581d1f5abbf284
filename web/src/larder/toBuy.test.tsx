import type { ToBuy } from '@crustallum/core/plan/needs/shopping';
import { render, screen, within } from '@testing-library/react';
import { toBuyText } from '../wording/shopping';
import { ToBuyList } from './ToBuyList';

const serveAt = '2036-12-12T18:30';
const short: ToBuy[] = [
  { name: 'Leek', needG: 800, haveG: 300, shortG: 500, shelf: 'produce', byMin: -379 },
  { name: 'Butter', needG: 400, haveG: 0, shortG: 400, shelf: 'chilled', byMin: -30 * 60 },
  { name: 'Grandmother’s salt', needG: 12, haveG: 0, shortG: 12, shelf: 'other', byMin: null },
];

describe('what is to be bought', () => {
  it('stands by the shelves of a shop, each with what it needs, what there is and when', () => {
    render(<ToBuyList short={short} serveAt={serveAt} />);
    expect(screen.getAllByRole('region').map((r) => r.getAttribute('aria-label'))).toEqual([
      'Vegetables and fruit',
      'Chilled',
      'Wherever it is',
    ]);
    const leek = within(screen.getByRole('region', { name: 'Vegetables and fruit' })).getByRole('listitem');
    expect(leek.textContent).toBe('500 g leek (needs 800 g, there is 300 g; needed at 12:11)');
    expect(screen.getByRole('region', { name: 'Chilled' }).textContent).toMatch(/needed on .*11 December.*12:30/);
    expect(screen.getByRole('region', { name: 'Wherever it is' }).textContent).not.toMatch(/needed (at|on)/);
  });
  it('is nothing where nothing is short, and not known before the day is laid', () => {
    const { rerender } = render(<ToBuyList short={[]} serveAt={serveAt} />);
    expect(screen.getByText('nothing is short')).toBeTruthy();
    rerender(<ToBuyList short={[]} serveAt={null} />);
    expect(screen.queryByText('nothing is short')).toBeNull();
    expect(screen.getByText(/once it is laid/)).toBeTruthy();
  });
  it('as a list to take along has every thing once, with a place to tick', () => {
    const lines = toBuyText(short, serveAt).split('\r\n');
    expect(lines.filter((l) => l.startsWith('[ ]'))).toHaveLength(3);
    expect(lines).toContain('[ ] 500 g leek  (needed at 12:11)');
    expect(lines).toContain('[ ] 12 g grandmother’s salt');
  });
});
