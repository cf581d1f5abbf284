import { changeoverMin } from '../../clock/ovenRuns';
import { simulateBake } from '../../oven/bake';
import type { BakeSpec, RackPosition } from '../../oven/bakeInput';
import { ovenOf, ovensOf } from '../ovensOf';
import { dryAt } from '../../oven/tables';
import { Company } from '../../oven/company';
import { Oven } from '../../oven/ovenState';
import { lidMiss } from '../../oven/programme';
import { planBake } from '../bake';
import { BakeInput } from '../inputs';
import { bulkOf } from '../ovenCompany';
import type { ItemPlan } from '../item';

export { BakeInput as OvenLoadInput };

/** One tray or dish on a shelf. */
export interface LoadThing {
  itemIndex: number;
  /** Minutes against the table. */
  inMin: number;
  outMin: number;
  /** Where it is set to stand, and where it stands when that shelf is taken. */
  wanted: RackPosition;
  rack: RackPosition;
  pieces: number;
  kg: number;
}

/** What is in the oven together. */
export interface OvenLoad {
  /** Which oven of the kitchen. */
  oven: 0 | 1;
  setC: number;
  mode: string;
  inMin: number;
  outMin: number;
  things: LoadThing[];
  /** Things for which no shelf is left. */
  over: number;
  /** Minutes the oven needs from the load before. */
  betweenMin: number;
}

export interface OvenDay {
  loads: OvenLoad[];
  /** Heats that suit each item as it is, °C, alone in the oven; null where none of those tried does. */
  suits: ({ lowC: number; highC: number; setC: number; aloneMin: number | null; minutes: number | null } | null)[];
  /** One heat that suits all, where they would all go in at once and do not now; °C. */
  oneHeatC: number | null;
  /** The oven's air over it all, minutes against the table. */
  trace: { tMin: number; airC: number; setC: number }[];
}

const tried = [-30, -20, -10, 0, 10, 20, 30] as const;
const [coolestC, hottestC] = [140, 250] as const;
/** A lid a little off what is liked is still a good pie. */
const littleOff = 0.35;
const shelvesFromBelow: readonly RackPosition[] = ['low', 'middle', 'high'];
const traceEveryMin = 1;
const beforeMin = 10;
const stepS = 12;

/** Whether a bake at other heats comes out well: done at all, its lid near what is liked, its base dry. */
function comesOutWell(spec: BakeSpec): boolean {
  const bake = simulateBake(spec);
  if (bake.proposed === null || !bake.atProposed || bake.conflict) return false;
  return (
    lidMiss(spec, bake.atProposed.browning) <= littleOff && (!spec.base || bake.atProposed.baseDryness >= dryAt.filling)
  );
}

/** Heats around what is set, of a whole programme, that suit an item by itself. */
function suitsOf(plan: ItemPlan, setC: number): OvenDay['suits'][number] {
  const { beside: _, ...alone } = plan.oven.spec;
  const spec = { ...alone, support: alone.support === 'unknown' ? ('tray' as const) : alone.support };
  const good = tried.filter((by) => {
    const steps = spec.oven.steps.map((s) => ({ ...s, setC: s.setC + by }));
    return (
      steps.every((s) => s.setC >= coolestC && s.setC <= hottestC) &&
      comesOutWell({ ...spec, oven: { ...spec.oven, steps, doorOpenMin: [] } })
    );
  });
  const { minutes, company } = plan.oven;
  return good.length
    ? {
        lowC: setC + Math.min(...good),
        highC: setC + Math.max(...good),
        setC,
        minutes,
        aloneMin: company ? plan.oven.aloneMin : minutes,
      }
    : null;
}

/**
 * The oven over a day: what is in together and on which shelf, which heats suit whom, how long it needs between loads, and its
 * air with every opening of the door. Minutes against the table, °C; the air is an estimate of the oven model.
 */
export function ovenLoad(input: BakeInput): OvenDay {
  const { items: plans, clock } = planBake(input);
  const bakes = [...clock.ovenRuns].filter((r) => r.stepId.startsWith('bake')).sort((a, b) => a.startMin - b.startMin);
  const loads: OvenLoad[] = [];
  for (const run of bakes) {
    const last = loads.findLast((l) => l.oven === run.oven);
    const plan = plans[run.itemIndex];
    const { kg } = bulkOf(plan);
    const trays = plan.oven.onTrays;
    const wanted = input.items[run.itemIndex].oven.rack;
    const things = trays.map((pieces): LoadThing => ({
      itemIndex: run.itemIndex,
      inMin: run.startMin,
      outMin: run.endMin,
      wanted,
      rack: wanted,
      pieces,
      kg:
        (kg * pieces) /
        Math.max(
          1,
          trays.reduce((a, b) => a + b, 0),
        ),
    }));
    if (last && run.startMin < last.outMin - 1) {
      last.things.push(...things);
      last.outMin = Math.max(last.outMin, run.endMin);
    } else
      loads.push({
        oven: run.oven,
        setC: run.setC,
        mode: run.mode,
        inMin: run.startMin,
        outMin: run.endMin,
        things,
        over: 0,
        betweenMin: last ? changeoverMin(lastHeat(input, last), run.setC) : 0,
      });
  }
  const ovens = ovensOf(input.kitchen);
  for (const load of loads) placeOnShelves(load, ovens[load.oven]?.shelves ?? 1);
  const suits = plans.map((p, i) => suitsOf(p, input.items[i].oven.setC));
  return {
    loads,
    suits,
    oneHeatC: oneHeat(input, plans, loads, suits),
    trace: traceOf(
      input,
      plans,
      // the air that is drawn is that of the oven that is used first
      loads.filter((l) => l.oven === loads[0].oven),
    ),
  };
}

/** One heat for all of the usual oven, where they are in several loads and there are shelves for them at once. */
function oneHeat(
  { items, kitchen }: BakeInput,
  plans: readonly ItemPlan[],
  loads: readonly OvenLoad[],
  suits: OvenDay['suits'],
): number | null {
  const here = items.map((i, n) => ({ n, oven: ovenOf(i, kitchen) })).filter(({ oven }) => oven.index === 0);
  const trays = here.reduce((sum, { n }) => sum + plans[n].oven.trays, 0);
  const low = Math.max(...here.map(({ n }) => suits[n]?.lowC ?? Infinity));
  const high = Math.min(...here.map(({ n }) => suits[n]?.highC ?? -Infinity));
  const several = loads.filter((l) => l.oven === 0).length > 1;
  return several && low <= high && trays <= kitchen.ovenShelves ? Math.round((low + high) / 10) * 5 : null;
}

const lastHeat = ({ items }: BakeInput, load: OvenLoad): number => {
  const last = [...load.things].sort((a, b) => b.outMin - a.outMin)[0];
  const { oven } = items[last.itemIndex];
  return oven.then?.at(-1)?.setC ?? oven.setC;
};

/** Each on the shelf it is set to; where that is taken while it is in, on the nearest that is free. */
function placeOnShelves(load: OvenLoad, shelves: number): void {
  const open: readonly RackPosition[] =
    shelves >= 3 ? shelvesFromBelow : shelves === 2 ? ['low', 'middle'] : shelvesFromBelow;
  const placed: LoadThing[] = [];
  for (const thing of load.things) {
    const meanwhile = placed.filter((p) => p.inMin < thing.outMin && thing.inMin < p.outMin);
    const free = shelvesFromBelow
      .filter((s) => open.includes(s) || s === thing.wanted)
      .filter((s) => !meanwhile.some((p) => p.rack === s));
    const wantedAt = shelvesFromBelow.indexOf(thing.wanted);
    const nearest = [...free].sort(
      (a, b) => Math.abs(shelvesFromBelow.indexOf(a) - wantedAt) - Math.abs(shelvesFromBelow.indexOf(b) - wantedAt),
    )[0];
    if (!nearest || meanwhile.length >= shelves) load.over++;
    else thing.rack = nearest;
    placed.push(thing);
  }
}

/** The oven's air from before the first to after the last, with what is in it and every opening. */
function traceOf(input: BakeInput, plans: readonly ItemPlan[], loads: readonly OvenLoad[]): OvenDay['trace'] {
  const first = loads[0];
  if (!first) return [];
  const from = first.inMin - beforeMin;
  const to = loads[loads.length - 1].outMin + beforeMin;
  const { offsetC, heaterW, build } = ovensOf(input.kitchen)[first.oven];
  const heats = loads
    .flatMap((load, i) => {
      const longest = [...load.things].sort((a, b) => a.inMin - b.inMin)[0];
      const { oven } = input.items[longest.itemIndex];
      const start = i === 0 ? 0 : Math.max(load.inMin - load.betweenMin, loads[i - 1].outMin) - from;
      return [
        { fromMin: Math.max(0, start), setC: oven.setC },
        ...(oven.then ?? []).map((h) => ({ fromMin: load.inMin - from + h.fromMin, setC: h.setC })),
      ];
    })
    .sort((a, b) => a.fromMin - b.fromMin);
  const runs = [...new Map(loads.flatMap((l) => l.things).map((t) => [t.itemIndex, t])).values()];
  const oven = new Oven({
    rack: 'middle',
    spec: {
      oven: {
        mode: first.mode === 'fan' ? 'fan' : 'conv',
        steps: heats,
        offsetC,
        heaterW,
        ...(build ? { build } : {}),
        loadDoorS: 0,
        doorOpenMin: runs.flatMap((t) => [t.inMin - from, t.outMin - from]),
        doorOpenS: 20,
      },
    },
  });
  const company = new Company(
    runs.map((t) => ({
      ...bulkOf(plans[t.itemIndex]),
      startC: plans[t.itemIndex].oven.bake.loadC,
      fromMin: t.inMin - from,
      toMin: t.outMin - from,
    })),
    first.mode === 'fan' ? 'fan' : 'conv',
    first.setC,
  );
  const trace: OvenDay['trace'] = [];
  for (let tS = 0; tS <= (to - from) * 60; tS += stepS) {
    if (tS % (traceEveryMin * 60) === 0)
      trace.push({ tMin: from + tS / 60, airC: oven.air, setC: oven.target(tS) - offsetC });
    oven.advance(tS, stepS);
    oven.takes(company.takes(tS, stepS, oven.air));
  }
  return trace;
}
