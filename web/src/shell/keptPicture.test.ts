import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { keepPicture, letGoOfPicture } from './keptPicture';

const first = readFileSync(join(__dirname, '../../public/first.js'), 'utf8');
const root = () => document.getElementById('root') as HTMLElement;
/** Opens an address as a browser does before the application runs. */
function open(path: string, style = '/a.css'): HTMLElement {
  history.replaceState(null, '', path);
  document.head.innerHTML = `<link rel="stylesheet" href="${style}">`;
  document.body.innerHTML = '<div id="root"></div>';
  (0, eval)(first);
  return root();
}
function keep(path: string, html: string): void {
  open(path).innerHTML = html;
  keepPicture();
}

describe('the picture of a page', () => {
  beforeEach(() => localStorage.clear());

  it('stands at once where the page was before, marked and not to be pressed, until the page itself is there', () => {
    keep('/bakes/1/2/dough', '<main>612 g</main>');
    expect(open('/bakes/1/2/dough').textContent).toBe('612 gAs it last stood; one moment');
    expect(root().inert).toBe(true);
    letGoOfPicture();
    expect(root().inert).toBe(false);
    expect(root().hasAttribute('aria-busy')).toBe(false);
  });
  it('does not outstay an application that never comes', () => {
    jest.useFakeTimers();
    keep('/', '<main>Nothing of the day is for Noor.</main>');
    open('/');
    jest.advanceTimersByTime(9000);
    expect(root().innerHTML).toBe('');
    expect(root().inert).toBe(false);
    open('/');
    letGoOfPicture();
    root().innerHTML = '<main>The page itself</main>';
    jest.advanceTimersByTime(9000);
    expect(root().textContent).toBe('The page itself');
    jest.useRealTimers();
  });
  it('is not shown at another address, by another build or in another room on the screen', () => {
    keep('/', '<main>Lantern supper</main>');
    expect(open('/days').innerHTML).toBe('');
    expect(open('/', '/b.css').innerHTML).toBe('');
    Object.assign(window, { innerWidth: innerWidth - 100 });
    expect(open('/').innerHTML).toBe('');
  });
  it('of six pages at most: the oldest makes room, and what is no picture is left alone', () => {
    localStorage.setItem('crustallum.light', 'day');
    const clock = jest.spyOn(Date, 'now');
    for (let n = 0; n < 8; n++) {
      clock.mockReturnValue(1_800_000_000_000 + n);
      keep(`/bakes/1/${n}/oven`, `<main>${n}</main>`);
    }
    expect(open('/bakes/1/1/oven').innerHTML).toBe('');
    expect(open('/bakes/1/7/oven').innerHTML).toContain('7');
    clock.mockReturnValue(1_800_000_000_000 + 8 * 24 * 3_600_000);
    expect(open('/bakes/1/7/oven').innerHTML).toBe('');
    clock.mockRestore();
    expect(localStorage.length).toBe(7);
  });
});
