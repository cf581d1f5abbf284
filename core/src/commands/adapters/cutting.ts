import { compute } from '../../models';
import type { RowLayout } from '../../cutting/rowPatterns';
import { mapped, record, renamed, type Adapted, type Adapter } from '../adapter';

interface RoundOrRect {
  shape: string;
  w?: number;
  h?: number;
  d?: number;
}

/** Judges a returned disc layout: the right number, none closer than the gap, all inside the sheet less trim (1e-4 mm). */
function layoutFaults(i: Record<string, unknown>, layout: RowLayout): string[] {
  const [d, gap, trim] = [
    i['d'] as number,
    (i['gap'] as number | undefined) ?? 2,
    (i['trim'] as number | undefined) ?? 5,
  ];
  const sheet = i['sheet'] as RoundOrRect;
  const faults: string[] = [];
  if (layout.centres.length !== layout.n) faults.push('layout does not hold n discs');
  layout.centres.forEach(([x, y], a) => {
    const inside =
      sheet.shape === 'round'
        ? Math.hypot(x - (sheet.d as number) / 2, y - (sheet.d as number) / 2) + d / 2 + trim <=
          (sheet.d as number) / 2 + 1e-4
        : Math.min(x, y, (sheet.w as number) - x, ((sheet.h ?? sheet.w) as number) - y) >= d / 2 + trim - 1e-4;
    if (!inside) faults.push(`disc ${a} leaves the sheet`);
    for (const [u, v] of layout.centres.slice(a + 1))
      if (Math.hypot(x - u, y - v) < d + gap - 1e-4) faults.push(`disc ${a} overlaps`);
  });
  return faults;
}

const sheetNames = (v: { best: { centres: unknown } | null }) => ({
  best: v.best && renamed(v.best, { centres: 'pts' }),
});

/** Field names of the cutting topic's golden files against ours. */
export const cuttingAdapter: Adapter = (golden): Adapted | null => {
  const i = record(golden.input);
  const run = (model: string, plain: unknown = i, map?: (value: never) => unknown): Adapted => {
    const answer = compute(model, plain);
    return { answer: map ? mapped(answer, map) : answer };
  };
  switch (golden.fn) {
    case 'vesselVolume':
      return run('vessels.volume');
    case 'vesselAreas':
      return run('vessels.areas');
    case 'depthForVolume':
      return run('vessels.depthForVolume');
    case 'baseBlank':
      return run('vessels.baseBlank');
    case 'lidBlank':
      return run('vessels.lidBlank');
    case 'fillCapacity':
      return run('vessels.fillCapacity');
    case 'fitDishes':
      return run('vessels.fitDishes');
    case 'swap':
      return run('vessels.swap');
    case 'latticeStrips':
      return run('vessels.latticeStrips', i, (v: { direction: number; y: number; length: number }[]) =>
        v.map((s) => ({ dir: s.direction, y: s.y, len: s.length })),
      );
    case 'piece':
      return run('cutting.piece');
    case 'otherCutter':
      return run('cutting.otherCutter');
    case 'cutterFor':
      return run('cutting.cutter');
    case 'plan':
      return run('cutting.reRolls');
    case 'minDough':
      return run('cutting.minimumDough');
    case 'olerBound':
      return run('cutting.bound');
    case 'maxCircles': {
      const answer = compute(
        'cutting.rowPattern',
        Object.fromEntries(Object.entries(i).filter(([key]) => key !== 'effort')),
      );
      const faults = answer.ok && golden.check === 'layout' ? layoutFaults(i, answer.value as RowLayout) : [];
      return { answer: mapped(answer, (v: RowLayout) => renamed(v, { centres: 'pts' })), faults };
    }
    case 'minSheet':
      return run('cutting.smallestSheet', i, sheetNames);
    case 'minSheetSets':
      return run('cutting.smallestSheetForSets');
    case 'maxSets':
      return run('cutting.mostSets');
    case 'guillotine':
      return run('cutting.straightCuts');
    case 'gridOnly':
      return run('cutting.straightCuts', i, (v: { grid: unknown }) => v.grid);
    case 'squareTriangles':
    case 'stripTriangles':
    case 'targets':
    case 'moves':
    case 'tiling':
      return run(`cutting.${golden.fn}`);
    default:
      return null;
  }
};
