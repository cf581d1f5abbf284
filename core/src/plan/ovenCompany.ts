import type { OvenRun } from '../clock/ovenRuns';
import type { ItemPlan } from './item';
import type { InCompany } from './stations/oven/spec';

/** Minutes and kilograms as coarse as the company is known: so that a minute's shift is no other bake. */
const everyMin = 5;
const round = (x: number, to: number): number => Math.round(x / to) * to;

/** All there is of an item in the oven, kg, and its whole surface, m². */
export function bulkOf(plan: ItemPlan): { kg: number; areaM2: number } {
  const { spec } = plan.oven;
  const pieces = Math.max(1, plan.cut.pieces);
  const [w, l] =
    spec.shape.kind === 'disc'
      ? [spec.shape.dMm / 1000, spec.shape.dMm / 1000]
      : [spec.shape.wMm / 1000, spec.shape.lMm / 1000];
  const [area, edge] = spec.shape.kind === 'disc' ? [(Math.PI / 4) * w * w, Math.PI * w] : [w * l, 2 * (w + l)];
  const high = spec.filling.depthMm / 1000;
  const kg = (plan.cut.doughMassG + plan.filling.totalG) / 1000;
  return {
    kg: Math.max(0.05, round(kg, 0.1)),
    areaM2: Math.max(0.005, round(pieces * (2 * area + edge * high), 0.005)),
  };
}

/**
 * What is in the one oven with each item's bake: other items' mass, surface and start, when the door opens for them, and the
 * shelves they take; null for an item that bakes alone. From the bakes as the Clock places them.
 */
export function ovenCompany(runs: readonly OvenRun[], plans: readonly ItemPlan[]): (InCompany | null)[] {
  const bakes = runs.filter((r) => r.stepId.startsWith('bake'));
  return plans.map((_, index) => {
    const own = bakes.find((r) => r.itemIndex === index);
    if (!own) return null;
    const others = bakes.filter(
      (r) => r.oven === own.oven && r.itemIndex !== index && r.startMin < own.endMin - 1 && own.startMin < r.endMin - 1,
    );
    if (!others.length) return null;
    const from = (minute: number) => round(minute - own.startMin, everyMin);
    return {
      beside: others.slice(0, 8).map((r) => {
        const { loadC } = plans[r.itemIndex].oven.bake;
        return {
          ...bulkOf(plans[r.itemIndex]),
          startC: round(loadC, 1),
          fromMin: Math.max(-600, from(r.startMin)),
          toMin: Math.max(0, from(r.endMin)),
        };
      }),
      doorsMin: [...new Set(others.flatMap((r) => [from(r.startMin), from(r.endMin)]))]
        .filter((m) => m > 0 && m < own.endMin - own.startMin)
        .sort((a, b) => a - b),
      trays: others.reduce((sum, r) => sum + r.trays, 0),
    };
  });
}
