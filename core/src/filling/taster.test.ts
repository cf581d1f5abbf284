import { tasterOf } from './taster';

describe('the taster', () => {
  it('is fried through where what goes in is raw, and a step of salt is a tenth of a per cent of all', () =>
    expect(tasterOf(1200, true)).toEqual({ grams: 10, fried: true, saltStepG: 1.2 }));
  it('is never more than there is', () => expect(tasterOf(6, false).grams).toBe(6));
});
