import fc from 'fast-check';
import { compute } from '../../models';
import { forecastAt, minuteOf, type Stretch } from '../coldLine/line';
import { rechill } from './rechill';
import { workBand } from '../coldLine/band';
import { leafBand } from '../coldLine/leaves';
import { planItem } from '../item';
import { plainKitchen, starterItem } from '../starters';

const laminated = starterItem('handPies', 12, 'Ines', 'roughPuff');
const butter = workBand('roughPuff', 'butter') as NonNullable<ReturnType<typeof workBand>>;
const at = (now: number, thicknessMm = 4, kitchen = plainKitchen) =>
  rechill({ item: laminated, kitchen, thicknessMm, now });
const minutes = (now: number, thicknessMm?: number, kitchen?: typeof plainKitchen) =>
  at(now, thicknessMm, kitchen).minutes as number;

describe('the cure of a sheet that got too warm', () => {
  it('is the cold that brings it to the middle of its band', () => {
    const made = at(butter.high + 2);
    expect(made.target).toBeCloseTo((butter.low + butter.high) / 2, 9);
    expect(made.value[0]).toBeCloseTo(butter.high + 2, 1);
    expect(made.value.at(-1)).toBeCloseTo(made.target, 0);
  });
  it('is nothing for a sheet that is cold already', () => expect(at(butter.low).minutes).toBe(0));
  it('of a dough that has to relax is at least so long, and goes on getting colder: never below its fridge', () => {
    for (const now of [butter.low, (butter.low + butter.high) / 2, butter.high + 2])
      for (const leastMin of [15, 60]) {
        const made = rechill({ item: laminated, kitchen: plainKitchen, thicknessMm: 8, now, leastMin });
        expect(made.minutes).toBeGreaterThanOrEqual(leastMin - 1e-6);
        expect(made.minutes).toBeGreaterThanOrEqual(minutes(now, 8) - 1e-6);
        expect(made.at.at(-1)).toBeCloseTo(made.minutes ?? NaN, 1);
        expect(made.value.at(-1)).toBeLessThan(now);
        expect(made.value.at(-1)).toBeGreaterThan(plainKitchen.fridgeC);
      }
  });
  it('takes longer the warmer it got', () => expect(minutes(butter.high + 4)).toBeGreaterThan(minutes(butter.high)));
  it('takes longer for a thicker sheet', () => expect(minutes(20, 12)).toBeGreaterThan(2 * minutes(20, 4)));
  it('takes longer in a warmer fridge', () =>
    expect(minutes(20, 6, { ...plainKitchen, fridgeC: 8 })).toBeGreaterThan(
      minutes(20, 6, { ...plainKitchen, fridgeC: 3 }),
    ));
  it('is quicker where a fan moves the air', () =>
    expect(minutes(20, 6, { ...plainKitchen, fridgeKind: 'fridgeFan' })).toBeLessThan(minutes(20, 6)));
  it('falls all the way down, never below the fridge', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 16, max: 30, noNaN: true }),
        fc.double({ min: 2, max: 20, noNaN: true }),
        (now, mm) => {
          const { value } = at(now, mm);
          for (let i = 1; i < value.length; i++) expect(value[i]).toBeLessThanOrEqual(value[i - 1] + 1e-9);
          expect(value.at(-1)).toBeGreaterThanOrEqual(plainKitchen.fridgeC - 1e-6);
        },
      ),
      { numRuns: 12 },
    );
  });
  it('has a range from the surface coefficients around its minutes', () => {
    const { range, minutes: middle } = at(22, 8);
    expect(range?.[0]).toBeLessThan(middle as number);
    expect(range?.[1]).toBeGreaterThan(middle as number);
  });
  it('refuses a sheet without a thickness, naming it', () => {
    const answer = compute('plan.rechill', { item: laminated, kitchen: plainKitchen, now: 22 });
    expect(answer).toMatchObject({ ok: false, errors: [{ field: 'thicknessMm', allowed: { min: 0.3, max: 80 } }] });
  });
});

describe('the cure of a leaf that got too dry', () => {
  const leaf = starterItem('filoCoil', 8, 'Ines');
  const covered = (now: number) => rechill({ item: leaf, kitchen: plainKitchen, now });
  it('is nothing while it still bends', () => expect(covered(leafBand.high).minutes).toBe(0));
  it('is time under the damp cloth, where it takes water up again', () => {
    const { value } = covered(leafBand.low - 2);
    expect(value.at(-1)).toBeGreaterThan(value[0]);
  });
  it('never promises more than half an hour of cloth', () => {
    const { minutes: long, at: line } = covered(8);
    expect(long === null || long <= 30).toBe(true);
    expect(line.at(-1)).toBe(30);
  });
});

describe('going on past the planned end of a stretch', () => {
  const stretch: Pick<Stretch, 'at' | 'value' | 'leavesBandAt'> = {
    at: [0, 5, 10],
    value: [8, 11, 13],
    leavesBandAt: 16,
  };
  it('follows the simulated line while there is one', () => expect(forecastAt(stretch, 16, 21, 7.5)).toBe(12));
  it('is at the edge of the band at the simulated minute', () =>
    expect(forecastAt(stretch, 16, 21, 16)).toBeCloseTo(16, 9));
  it('goes on at that pace, but never past the room', () => {
    expect(forecastAt(stretch, 16, 21, 18)).toBeCloseTo(17, 9);
    expect(forecastAt(stretch, 16, 21, 600)).toBe(21);
  });
  it('stays where it was where nothing reaches the edge within two hours', () =>
    expect(forecastAt({ ...stretch, leavesBandAt: null }, 16, 21, 90)).toBe(13));
  it('falls for a drying leaf, never past nothing', () => {
    const leaf = { at: [0, 6], value: [31, 27], leavesBandAt: 10 };
    expect(forecastAt(leaf, 23, 0, 10)).toBeCloseTo(23, 9);
    expect(forecastAt(leaf, 23, 0, 12)).toBeLessThan(23);
    expect(forecastAt(leaf, 23, 0, 1e4)).toBe(0);
  });
  it('finds the minute at which a temperature is met, wherever on the line', () => {
    for (const minute of [0, 2, 5, 9, 12, 15.5])
      expect(minuteOf(stretch, 16, forecastAt(stretch, 16, Infinity, minute))).toBeCloseTo(minute, 6);
  });
  it('starts anew when it comes back colder than it began', () => expect(minuteOf(stretch, 16, 5)).toBe(0));
  it('holds for every bench stretch of a real pie', () => {
    const { line } = planItem(laminated, plainKitchen);
    for (const s of line.stretches.filter((x) => x.kind === 'bench' && x.leavesBandAt !== null)) {
      expect(forecastAt(s, line.band.high, plainKitchen.roomC, s.leavesBandAt as number)).toBeCloseTo(
        line.band.high,
        0,
      );
      expect(s.thicknessMm).toBeGreaterThan(0);
    }
  });
});
