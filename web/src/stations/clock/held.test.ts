import type { Reach } from '@crustallum/core/clock/play';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { movedWith, withPin, within, withoutPin } from './held';
import { dayAxis } from './packed';

const step = (id: string, startMin: number, minutes = 10, kind: TimedStep['kind'] = 'bench'): TimedStep => ({
  id,
  code: 'mix',
  strand: 'pastry',
  kind,
  minutes,
  elasticMin: 0,
  pieces: 0,
  values: {},
  itemIndex: 0,
  cook: 'You',
  startMin,
});
const reach: Reach = {
  fromMin: -200,
  toMin: -63,
  fromBy: null,
  toBy: { by: 'table' },
  ties: [
    { step: '0/next', notBefore: 10, notAfter: 10 },
    { step: '0/waits', notBefore: 20, notAfter: null },
    { step: '0/free', notBefore: null, notAfter: null },
  ],
};

describe('a step in hand', () => {
  it('stops at five minutes of the hour, and where its reach ends', () => {
    const table = 18 * 60 + 33;
    expect((within(reach, -100, table) + table) % 5).toBe(0);
    expect(within(reach, -10, table)).toBe(-63);
    expect(within(reach, -900, table)).toBe(-200);
    expect(within(null, 40, table)).toBe(0);
  });
  it('takes along what is tied to it, and nothing else', () => {
    const day = [step('in', -100), step('next', -90), step('waits', -40), step('free', -70)];
    expect([...movedWith(day, '0/in', -80, reach)]).toEqual([
      ['0/in', -80],
      ['0/next', -70],
    ]);
    expect(movedWith(day, '0/in', -50, reach).get('0/waits')).toBe(-30);
  });
  it('is one pin, however often it is held; given to somebody it stays at its moment', () => {
    const once = withPin(undefined, { stepId: 'a', at: '2026-12-12T10:00' });
    const given = withPin(withPin(once, { stepId: 'a', cook: 'Ines' }), { stepId: 'b', cook: 'Tobiah' });
    expect(given).toEqual([
      { stepId: 'a', at: '2026-12-12T10:00', cook: 'Ines' },
      { stepId: 'b', cook: 'Tobiah' },
    ]);
    expect(withoutPin(given, 'a')).toEqual([{ stepId: 'b', cook: 'Tobiah' }]);
    expect(withoutPin(once, 'a')).toBeUndefined();
  });
});

describe('the day along a page', () => {
  it('is read back from the page as it was drawn, folds and all', () => {
    const day = [step('a', -900), step('long', -890, 700, 'cold'), step('b', -190), step('c', -60)];
    const axis = dayAxis(day, -912);
    expect(axis.folds).toHaveLength(1);
    for (let m = -912; m <= 0; m += 7) expect(axis.minuteAt(axis.share(m))).toBeCloseTo(m, 6);
  });
});
