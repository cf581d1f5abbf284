import { ingredientOf } from '../ingredients/table';
import { within } from '../quantities/refusal';
import type { Preparation } from './inPie';
import { bindsAs, isPoured } from './poured';
import { simmerLoss, type PanLid, type SimmerMode } from './thickening';

/** How a pot is heated: things fry in fat while nothing is poured in; then it simmers. */
export const potHeats = ['fry', 'lowsimmer', 'simmer', 'boil'] as const satisfies readonly ('fry' | SimmerMode)[];
export type PotHeat = (typeof potHeats)[number];
export const potLids = ['open', 'ajar', 'on'] as const satisfies readonly PanLid[];

/** The pot from a minute on. */
export interface PotHeated {
  fromMin: number;
  heat: PotHeat;
  lid: PanLid;
}
/** The same as the cook sets it: what is not said is as usual. */
export type PotSet = Pick<PotHeated, 'fromMin'> & Partial<PotHeated>;

export interface PotPart {
  ingredient: string | null;
  preparation: Preparation;
  /** Peeled or boned, g. */
  trimmedG: number;
  /** When the cook puts it in, min after the pot was begun. */
  entersMin?: number | undefined;
}

/** A stretch of a pot's minutes: how it is heated, and what goes in when it begins, by its place in the list. */
export interface PotStage extends PotHeated {
  minutes: number;
  parts: number[];
}

export interface Pot {
  /** When each part of the list goes in, min; those of `minutes` when it is off the heat. */
  entersMin: number[];
  stages: PotStage[];
  /** What is stirred in off the heat. */
  last: number[];
  steamG: number;
}

/** Fried in so many lots: what one holds, g for each cm² of pan, and how long it takes, min (cooks' own times; estimates). */
const lotGPerCm2 = 1.2;
const lotMin = 9;
const sweatMin = 6;
const rouxMin = 2;
/** Before the end: what is only warmed through, fish, poultry in its sauce, a slurry stirred in (estimates). */
const beforeEndMin = { warmed: 4, fish: 6, poultry: 20, slurry: 4 } as const;
/** Browned and sweated first it takes no more of the pot's minutes than this share. */
const mostFried = 0.5;

/**
 * Minutes until diced roots are tender in what simmers gently round them: twice those at a boil, 5, 7 and 11.5 min for dice of
 * 4, 10 and 20 mm (an estimate).
 */
export const tenderMin = (diceMm: number): number => 2 * (3.3 + 0.41 * within(diceMm, 2, 60, 'diceMm'));

const slurries: ReadonlySet<string> = new Set(['cornflour', 'potato', 'tapioca', 'arrowroot']);

/** An herb with so much water is a soft leaf that loses its scent in the pot; drier ones and spices cook with it. */
const softLeafWater = 0.8;

type Enters =
  'start' | 'first' | 'sweated' | 'bound' | 'poured' | 'tender' | 'poultry' | 'fish' | 'warmed' | 'slurry' | 'end';

const warmedOnly: ReadonlySet<string> = new Set(['peas', 'sweetcorn']);

/** With what a thing goes into a pot, by what is done to it. */
function entersWith({ ingredient, preparation }: PotPart, savoury: boolean): Enters {
  const id = ingredient ?? '';
  const row = ingredientOf(id);
  const group = row?.group;
  const binds = bindsAs(id);
  if (binds) return slurries.has(binds) ? 'slurry' : binds === 'breadcrumbs' ? 'end' : 'bound';
  if (group === 'fat') return 'start';
  if (group === 'herb') return (row?.composition.water ?? 0) >= softLeafWater ? 'end' : 'bound';
  if (group === 'cheese' || group === 'egg') return 'end';
  if (group === 'fish') return 'fish';
  if (group === 'fruit' || group === 'sweet') return savoury ? 'tender' : 'start';
  if (group === 'pulse' || group === 'nut' || warmedOnly.has(id)) return 'warmed';
  switch (preparation) {
    case 'browned':
    case 'minced':
    case 'marinated':
      return 'first';
    case 'sweated':
      return 'sweated';
    case 'poached':
      return 'poultry';
    case 'wilted':
    case 'roasted':
    case 'mashed':
      return 'warmed';
    case 'asItIs':
      return group === 'meat' ? 'warmed' : isPoured(id) ? 'poured' : 'bound';
    case 'deglazed':
      return 'bound';
    case 'steamed':
      return 'warmed';
    case 'raw':
    case 'shredded':
    case 'grated':
      return group === 'meat' ? 'first' : 'tender';
    case 'boiled':
      return 'tender';
    case 'drained':
      return 'end';
  }
}

/**
 * One pot in its order: fat and what is browned, what is sweated, what binds it, what is poured, roots so that they are tender at
 * the end, then what is only warmed, and herbs off the heat; each where the cook has put it, if they have. Its length is that of
 * the whole pot, not the sum of its jobs; what comes in late cooks in the heat of the rest. Minutes and orders are estimates.
 * @param o minutes on the hob (0 to 600); dice, mm (2 to 60); pan, cm; the list in its order; how it is heated, where the cook says
 */
export function potOf(o: {
  minutes: number;
  diceMm: number;
  panCm: number;
  parts: readonly PotPart[];
  heats?: readonly PotSet[] | undefined;
}): Pot {
  const minutes = within(o.minutes, 0, 600, 'minutes');
  const entersMin = entries(o, minutes);
  const wet = o.parts.flatMap((p, at) => (isPoured(p.ingredient ?? '') ? [entersMin[at]] : []));
  const wetFrom = wet.length ? Math.min(...wet) : null;
  const heats = [...(o.heats ?? [])].sort((a, b) => a.fromMin - b.fromMin);
  const begins = [...new Set([0, ...entersMin, ...heats.map((h) => h.fromMin)])]
    .filter((m) => m < minutes)
    .sort((a, b) => a - b);
  const stages = begins.map((fromMin, i): PotStage => {
    const wet = wetFrom !== null && fromMin >= wetFrom;
    // what was set while it fried is over when something is poured in
    const own = <Key extends 'heat' | 'lid'>(key: Key) =>
      heats.findLast((h) => h[key] && h.fromMin <= fromMin && (!wet || h.fromMin >= (wetFrom ?? 0)))?.[key];
    return {
      fromMin,
      minutes: (begins[i + 1] ?? minutes) - fromMin,
      heat: own('heat') ?? (wet ? 'lowsimmer' : 'fry'),
      lid: own('lid') ?? (wet ? 'ajar' : 'open'),
      parts: placesOf(entersMin, (m) => m === fromMin),
    };
  });
  return {
    entersMin,
    stages,
    last: placesOf(entersMin, (m) => m >= minutes),
    steamG: steamOf(stages, wetFrom, o.panCm),
  };
}

const placesOf = (entersMin: readonly number[], is: (min: number) => boolean): number[] =>
  entersMin.flatMap((m, at) => (is(m) ? [at] : []));

/** What goes in steam once something is poured in; what fries dry is counted by what it yields. */
const steamOf = (stages: readonly PotStage[], wetFrom: number | null, panCm: number): number =>
  stages.reduce(
    (sum, s) =>
      wetFrom === null || s.fromMin < wetFrom || s.heat === 'fry'
        ? sum
        : sum + simmerLoss({ panCm, minutes: s.minutes, mode: s.heat, lid: s.lid }),
    0,
  );

function entries(
  { diceMm, panCm, parts }: { diceMm: number; panCm: number; parts: readonly PotPart[] },
  minutes: number,
): number[] {
  const savoury = parts.some(({ ingredient }) =>
    ['meat', 'fish'].includes(ingredientOf(ingredient ?? '')?.group ?? ''),
  );
  const how = parts.map((p) => entersWith(p, savoury));
  const there = (e: Enters) => how.includes(e);
  const firstG = parts.reduce((sum, p, at) => sum + (how[at] === 'first' ? p.trimmedG : 0), 0);
  const lots = Math.ceil(firstG / (lotGPerCm2 * Math.PI * (panCm / 2) ** 2) - 1e-9);
  const most = mostFried * minutes;
  const sweated = Math.min(lots * lotMin, there('sweated') ? most * (lots / (lots + 1)) : most);
  const bound = there('sweated') ? Math.min(sweated + sweatMin, most) : sweated;
  const poured = there('bound') ? Math.min(bound + rouxMin, minutes) : bound;
  const before = (min: number) => Math.max(poured, minutes - min);
  const usual: Record<Enters, number> = {
    start: 0,
    first: 0,
    sweated,
    bound,
    poured,
    tender: before(tenderMin(diceMm)),
    poultry: before(beforeEndMin.poultry),
    fish: before(beforeEndMin.fish),
    warmed: before(beforeEndMin.warmed),
    slurry: before(beforeEndMin.slurry),
    end: minutes,
  };
  return parts.map((p, at) => Math.min(minutes, Math.round(p.entersMin ?? usual[how[at]])));
}
