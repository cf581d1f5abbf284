import { readMoment, type DateOrder } from './readMoment';

const read = (text: string, order: DateOrder = 'dmy') =>
  readMoment({ text, standing: '2026-12-01T13:00', today: '2026-11-29', order });

describe('a day and an hour as a cook writes them', () => {
  it.each([
    ['2026-12-12T18:30', '2026-12-12T18:30'],
    ['12 December 18:30', '2026-12-12T18:30'],
    ['Sat 12 Dec at 6.30 pm', '2026-12-12T18:30'],
    ['12/12 at 7pm', '2026-12-12T19:00'],
    ['saturday 18:30', '2026-12-05T18:30'],
    ['tomorrow noon', '2026-11-30T12:00'],
    ['today 12:15 am', '2026-11-29T00:15'],
    ['3rd Feb', '2027-02-03T13:00'],
    ['19:45', '2026-12-01T19:45'],
    ['2027-01-02', '2027-01-02T13:00'],
  ])('%s is %s', (text, moment) => expect(read(text)).toBe(moment));
  it('is read by the cook’s own order of day and month', () => {
    expect(read('3/4/2027', 'dmy')).toBe('2027-04-03T13:00');
    expect(read('3/4/2027', 'mdy')).toBe('2027-03-04T13:00');
  });
  it.each(['soon', '31 February', '25:00', '13/13/2026', ''])('“%s” is none', (text) => expect(read(text)).toBeNull());
});
