import { dayStanding } from './dayStanding';

const now = new Date('2026-12-12T12:00').getTime();
const day = (serveAt: string, more: object = {}) =>
  dayStanding({ serveAt, pies: 2, entries: 0, running: false, ...more }, now);

describe('where a day stands', () => {
  it.each([
    ['2026-12-13T18:30', {}, 'planned'],
    ['2026-12-12T09:00', {}, 'planned'],
    ['2026-12-12T18:30', { running: true }, 'running'],
    ['2026-12-01T18:30', {}, 'unwritten'],
    // a run nobody finished is no day at work for ever
    ['2026-12-01T18:30', { running: true }, 'unwritten'],
    ['2026-12-12T18:30', { entries: 2 }, 'done'],
    ['2026-12-12T18:30', { entries: 2, running: true }, 'done'],
    // one of two pies is written down: while it is not over the other may be
    ['2026-12-12T11:00', { entries: 1 }, 'planned'],
    ['2026-12-01T18:30', { entries: 1 }, 'done'],
  ] as const)('%s with %j is %s', (serveAt, more, standing) => expect(day(serveAt, more)).toBe(standing));
});
