import type { RestWay } from '../../contracts/folds';
import type { ItemInput } from '../../contracts/item';
import { planItem } from '../item';
import { pastriesOf, products } from '../../contracts/products';
import { plainKitchen, starterItem } from '../starters';

const kitchen = { ...plainKitchen, roomC: 21 };
const rolled = products
  .flatMap((p) => pastriesOf[p].map((pastry) => [p, pastry] as const))
  .filter(([, pastry]) => pastry !== 'filo');
const plan = (item: ItemInput) => planItem(item, kitchen);
const resting = (item: ItemInput) => plan(item).steps.filter((s) => s.kind === 'cold' && s.strand === 'pastry');
const way = (item: ItemInput, rests: RestWay): ItemInput => ({ ...item, folds: { ...item.folds, rests } });
const minutes = (item: ItemInput, code: string) =>
  resting(item)
    .filter((s) => s.code === code)
    .map((s) => s.minutes);

describe.each(rolled.flatMap(([p, pastry]) => [4, 8].map((n) => [p, pastry, n] as const)))(
  'the rests of %s in %s for %i',
  (product, pastry, n) => {
    const item = starterItem(product, n, 'You', pastry);
    it('are those that cooks keep in a kitchen of 21°', () => {
      for (const rest of minutes(item, 'rest')) {
        expect(rest).toBeGreaterThanOrEqual(15 - 1e-6);
        expect(rest).toBeLessThanOrEqual(60);
      }
      for (const rest of minutes(item, 'sheetRest')) expect(rest).toBeLessThanOrEqual(60);
    });
    it('leave every stretch at the bench inside the band', () => {
      const { line, problems } = plan(item);
      expect(line.inHandMin ?? 0).toBeGreaterThanOrEqual(0);
      expect(problems.map((p) => p.code)).not.toContain('past_soft');
    });
    it('are the shortest that do: less than half of a cold one takes the next stretch out of it', () => {
      // a rolled laminate rests for its springing back, whatever its fat
      const cold = resting(item).filter((s) => s.code === 'rest' && s.minutes > 31);
      for (const s of cold) {
        const shorter = { ...item, clock: { ...item.clock, longer: [{ stepId: s.id, minutes: -s.minutes * 0.6 }] } };
        const { line, steps } = plan(shorter);
        const at = steps.findIndex((o) => o.id === s.id);
        const next = line.stretches.find((o) => o.stepId === steps[at + 1]?.id);
        const rests = steps.length > plan(item).steps.length;
        // where it comes out too warm, what follows takes longer, goes in smaller steps, or leaves the band
        expect(rests || (next?.leavesBandAt ?? 1e9) - (next?.minutes ?? 0) < 4).toBe(true);
      }
    });
  },
);

describe('a school of resting', () => {
  const pies = starterItem('handPies', 16, 'You');
  it('rolled straight away chills the shapes instead, half an hour', () => {
    expect(resting(way(pies, 'shapesOnly')).map((s) => [s.code, Math.round(s.minutes)])).toEqual([['shapedChill', 30]]);
  });
  it('none at all has no step in the cold', () => expect(resting(way(pies, 'none'))).toEqual([]));
  it('only if soft rests less than as worked out, and never longer than the band asks', () => {
    const sum = (item: ItemInput) => resting(item).reduce((total, s) => total + s.minutes, 0);
    expect(sum(way(pies, 'onlyIfSoft'))).toBeLessThan(sum(pies));
  });
  it('at room heat never goes to the fridge, and does not come out colder than it went in', () => {
    const line = plan(way(pies, 'room')).line;
    for (const s of line.stretches.filter((o) => o.kind === 'cold')) {
      expect(s.body).toMatchObject({ place: 'room' });
      expect(s.value.at(-1) ?? 0).toBeGreaterThanOrEqual((s.value[0] ?? 0) - 0.1);
    }
  });
  it('of oil dough is the room: it has no band to keep', () => {
    const oil: ItemInput = { ...pies, dough: { ...pies.dough, fat: 'oil' } };
    expect(new Set(resting(oil).map((s) => s.values['place']))).toEqual(new Set(['room']));
    expect(plan(oil).line.inHandMin).toBeNull();
  });
  it('of the cook’s own minutes stands, shorter or longer', () => {
    const own = { ...pies, clock: { ...pies.clock, longer: [{ stepId: 'rest:first', minutes: 15 }] } };
    const [now, then] = [minutes(pies, 'rest')[0] ?? 0, minutes(own, 'rest')[0] ?? 0];
    expect(then).toBeCloseTo(now + 15, 6);
  });
});
