import type { Rechill } from '@crustallum/core/plan/questions/rechill';
import { starterItem } from '@crustallum/core/plan/starters';
import { fireEvent, render, screen } from '@testing-library/react';
import { runOfItems } from '../testing/runs';
import { HandTest } from './HandTest';
import { weighingOf } from './weighing';
import { WindowTest } from './WindowTest';

const line = runOfItems([starterItem('handPies', 8, 'You', 'roughPuff')]).plan.items[0]?.line;
const stretch = line?.stretches.find((s) => s.code === 'turns');
const cure: Rechill = { minutes: 9, range: [7, 12], target: 13, at: [0, 9], value: [17, 13] };

const asked: [number, number][] = [];

function ask(value: number) {
  asked.length = 0;
  if (!line || !stretch) throw new Error('no turns');
  const said: [string, Record<string, unknown> | undefined][] = [];
  render(
    <HandTest
      itemIndex={0}
      step="0/turns:1"
      warmth={{ stretch, value, minute: 4, leftMin: 5, standMin: value < line.band.low ? 6 : 0, feel: 'works' }}
      band={line.band}
      askCold={(from, leastMin = 0) => {
        asked.push([from, leastMin]);
        return Promise.resolve({ ...cure, minutes: Math.max(cure.minutes ?? 0, leastMin) });
      }}
      say={(type, data) => {
        said.push([type, data]);
        return Promise.resolve(undefined);
      }}
      onClose={() => said.push(['closed', undefined])}
    />,
  );
  return said;
}
const press = (name: RegExp) => fireEvent.click(screen.getByRole('radio', { name }));

describe('the hand asks the sheet', () => {
  it('what springs back is rested in the cold by one press, for as long as a dough relaxes', async () => {
    const said = ask(13);
    press(/^sticks/);
    press(/^springs back/);
    fireEvent.click(await screen.findByRole('button', { name: 'To the cold to rest: 15 min' }));
    // the answer that stands is the one that is acted on, with its own cold
    expect(asked.at(-1)).toEqual([13, 15]);
    expect(said.map(([type]) => type)).toEqual(['feel', 'feel', 'cold', 'closed']);
    expect(said[2]?.[1]).toMatchObject({ step: '0/turns:1', into: true, cure: { minutes: 15 } });
  });
  it('what sticks goes to the cold for the minutes it needs; felt softer than reckoned, it is reckoned by that when it is said so', async () => {
    const said = ask(12);
    press(/^sticks/);
    await screen.findByRole('button', { name: 'To the cold: 9 min' });
    expect(asked).toEqual([[line?.band.high, 0]]);
    expect(screen.getByText(/as it feels, to 13°, the middle of its band/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Reckon by it' }));
    expect(said[1]).toEqual(['probe', { itemIndex: 0, stepId: stretch?.stepId, minute: 4, valueC: line?.band.high }]);
  });
  it('what cracks stands, with a timer; what holds asks for nothing', async () => {
    const said = ask(6);
    press(/^bends/);
    expect(await screen.findByText(/Right: go on/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^(To the cold|Let it stand)/ })).toBeNull();
    press(/^cracks/);
    fireEvent.click(await screen.findByRole('button', { name: 'Let it stand 6 min' }));
    expect(said.at(-2)).toEqual(['added', expect.objectContaining({ minutes: 6 })]);
  });
  it('is not taken for how the bowl felt', () => {
    const at = '2036-12-12T12:00:00Z';
    const event = { id: 'a', type: 'feel' as const, at, data: { itemIndex: 0, test: 'hand', feel: 'springs' } };
    expect(weighingOf([event], 0).feel).toBe(weighingOf([], 0).feel);
  });
});

describe('the hand draws a dough thin', () => {
  it('and what it asks for is a timer by one press', () => {
    const said: [string, Record<string, unknown> | undefined][] = [];
    render(
      <WindowTest
        itemIndex={0}
        step="0/kneadLeaves:once"
        code="kneadLeaves"
        say={(type, data) => {
          said.push([type, data]);
          return Promise.resolve(undefined);
        }}
        onClose={() => said.push(['closed', undefined])}
      />,
    );
    press(/^light shows/);
    expect(screen.queryByRole('button', { name: /min$/ })).toBeNull();
    press(/^tears/);
    fireEvent.click(screen.getByRole('button', { name: 'Knead on: 4 min' }));
    expect(said.map(([type]) => type)).toEqual(['feel', 'feel', 'added', 'closed']);
    expect(said[1]?.[1]).toMatchObject({ test: 'window', feel: 'tears' });
    expect(said[2]?.[1]).toMatchObject({ words: 'Knead on', minutes: 4 });
  });
});
