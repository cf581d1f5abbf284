import type { Bake } from '../../oven/bake';
import type { BakeSpec } from '../../oven/bakeInput';
import { planBakeTime } from '../../oven/bakePlan';
import { brittle, colourLevel, type ColourLevel } from '../../oven/tables';
import { planItem } from '../item';
import { cracksOnHot, ProgrammeInput } from './programme';

export { ProgrammeInput as OvenWhatIfInput };

export const ovenChanges = ['fan', 'lowShelf', 'highShelf', 'steel', 'cooler', 'hotter', 'tin', 'frozen'] as const;
export type OvenChange = (typeof ovenChanges)[number];

/** What would become of a bake: minutes, and what it does to base, lid and middle. */
export interface OvenWhatIf {
  change: OvenChange;
  minutes: number | null;
  moreMin: number | null;
  baseDryMin: number | null;
  lid: ColourLevel | null;
  safeMin: number | null;
}

const byC = 20;

/** One thing otherwise; null where it is so already, or would crack the dish. */
function otherwise(spec: BakeSpec, change: OvenChange, freezerC: number): BakeSpec | null {
  const { oven } = spec;
  const heated = (by: number): BakeSpec['oven'] => ({
    ...oven,
    steps: oven.steps.map((s) => ({ ...s, setC: Math.max(50, Math.min(300, s.setC + by)) })),
  });
  switch (change) {
    case 'fan':
      return { ...spec, oven: { ...oven, mode: oven.mode === 'fan' ? 'conv' : 'fan' } };
    case 'lowShelf':
      return oven.rack === 'low' ? null : { ...spec, oven: { ...oven, rack: 'low' } };
    case 'highShelf':
      return oven.rack === 'high' ? null : { ...spec, oven: { ...oven, rack: 'high' } };
    case 'steel':
      return spec.support === 'steel' || cracksOnHot(spec)
        ? null
        : { ...spec, support: 'steel', supportPreheated: true };
    case 'cooler':
      return { ...spec, oven: heated(-byC) };
    case 'hotter':
      return { ...spec, oven: heated(byC) };
    case 'tin':
      return !spec.vessel || spec.vessel.material === 'tin'
        ? null
        : { ...spec, vessel: { ...spec.vessel, material: 'tin' } };
    case 'frozen':
      return spec.filling.startC <= -1 || brittle.has(spec.vessel?.material ?? '')
        ? null
        : { ...spec, filling: { ...spec.filling, startC: freezerC }, crustStartC: freezerC };
  }
}

/** An item's bake with one thing otherwise, each by the bake's own simulation: fan, shelf, hot steel, 20 °C, a tin, from frozen. */
export function ovenWhatIf({ item, kitchen, company }: ProgrammeInput): OvenWhatIf[] {
  const { spec, bake } = planItem(item, kitchen, company ?? null).oven;
  const known: BakeSpec = spec.support === 'unknown' ? { ...spec, support: 'tray' } : spec;
  return ovenChanges.flatMap((change) => {
    const other = otherwise(known, change, kitchen.freezerC);
    return other ? [told(change, planBakeTime(other, kitchen.bakeRatios), bake.proposed, other)] : [];
  });
}

const told = (change: OvenChange, bake: Bake, now: number | null, spec: BakeSpec): OvenWhatIf => ({
  change,
  minutes: bake.proposed,
  moreMin: bake.proposed === null || now === null ? null : bake.proposed - now,
  baseDryMin: spec.base ? bake.times.baseDry : null,
  lid: spec.top && bake.atProposed ? colourLevel(bake.atProposed.browning) : null,
  safeMin: bake.times.safe,
});
