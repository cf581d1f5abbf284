import type { ItemPlan } from './item';

/** A household baking tray, mm: what a place in the cold is counted in. */
export const trayMm = { length: 400, width: 300 } as const;
const trayMm2 = trayMm.length * trayMm.width;
/** A pot takes about half a tray, and nothing takes less than a twentieth (estimates). */
const [potTrays, leastTrays] = [0.5, 0.05];

/**
 * The room each step of an item takes while it lies in the cold, flat and with nothing on top, in baking trays: a packet by its
 * sides, a disc by the square round it, a rolled sheet by its own, pieces and dishes by the trays they bake on. By step id.
 */
export function roomInCold({ steps, line, oven }: Pick<ItemPlan, 'steps' | 'line' | 'oven'>): Record<string, number> {
  const sheetTrays = (index: number): number => {
    const rolled = steps.slice(0, index).findLast((s) => s.code === 'rollOut');
    const [l, w] = [Number(rolled?.values['l'] ?? 0), Number(rolled?.values['w'] ?? 0)];
    return l > 0 && w > 0 ? (l * w) / trayMm2 : oven.trays;
  };
  const entries = steps.flatMap((s, index): [string, number][] => {
    if (s.kind !== 'cold' || !['fridge', 'freezer'].includes(String(s.values['place']))) return [];
    if (s.strand === 'filling') return [[s.id, s.values['vessel'] === 'trays' ? 1 : potTrays]];
    const body = line.stretches.find((x) => x.stepId === s.id)?.body;
    const shape = body?.kind === 'cold' ? body.shape : null;
    const trays =
      shape?.kind === 'disc' && shape.radiusM
        ? (shape.radiusM * 2000) ** 2 / trayMm2
        : shape?.kind === 'block' && shape.lengthM && shape.widthM
          ? (shape.lengthM * shape.widthM * 1e6) / trayMm2
          : s.code === 'sheetRest'
            ? sheetTrays(index)
            : oven.trays;
    return [[s.id, Math.max(leastTrays, trays)]];
  });
  return Object.fromEntries(entries);
}
