import type { ShapeLayout } from '../../../cutting/packer';
import type { Generation } from '../../../cutting/reRolls';
import type { ScrapPlan } from '../../../cutting/scraps';
import type { CutShape } from '../../../cutting/shape';
import type { Sheet } from '../../../cutting/sheet';
import type { RefusedInput } from '../../../quantities/refusal';
import type { Figure } from '../../figure';
import type { Problem } from '../../problem';

/** Densities of rolled dough, g/cm³ (defaults of the cutting models, shown as assumptions). */
export const doughDensity = { shortcrust: 1.2, roughPuff: 1.15, filo: 1.25 } as const;

export const blankKinds = ['base', 'lid', 'bottom', 'band', 'strip', 'strand'] as const;
export type BlankKind = (typeof blankKinds)[number];

/** A piece cut to a dish, by the sides of its box, mm. */
export interface BlankShape {
  kind: BlankKind;
  form: 'round' | 'oval' | 'rect';
  dims: [number, number];
  count: number;
  massG: number;
}

/** One roll of the dough: its pieces, how they lie, and what they are for. */
export interface RolledGeneration extends Generation {
  layout: ShapeLayout;
  /** Of the n that are cut: lids first, for they show; bases from what shrinks more. */
  lids: number;
  bases: number;
}

export interface CutPlan {
  figures: Record<'firstRoll' | 'laterRolls' | 'sheetUsed' | 'doughNeeded' | 'rolledSize' | 'time', Figure>;
  problems: Problem[];
  /** Dough (g) this needs before anything is lost in the bowl; leaves for filo. */
  doughMassG: number;
  /** The sheet to roll, mm. */
  rolled: { lengthMm: number; widthMm: number; thicknessMm: number; sheets: number; shape: Sheet['shape'] };
  generations: RolledGeneration[];
  savedG: number;
  scraps: ScrapPlan | null;
  blanks: BlankShape[];
  leaves: {
    count: number;
    stacks: number;
    perStack: number;
    ropeMm: number | null;
    ropeLengthMm: number | null;
  } | null;
  /** Geometry the other stations need. */
  seamMm: number;
  comfortableMl: number;
  overfullMl: number;
  planAreaMm2: number;
  /** One piece from above, closed; null for pies in a dish. */
  closed: CutShape | null;
  /** Outline and depth of a piece held in the hand, for the oven. */
  oven: { shape: { kind: 'disc'; dMm: number } | { kind: 'rect'; wMm: number; lMm: number }; depthMm: number } | null;
  pieces: number;
  lidAreaMm2: number;
}

/** A model's refusal as a problem of this station. */
export function refusal(error: RefusedInput, fields: string[]): Problem {
  const first = error.refusals[0];
  const allowed = first?.allowed;
  const values: Problem['values'] = {
    field: first?.field ?? '',
    value: typeof first?.value === 'number' ? first.value : '',
  };
  if (allowed && typeof allowed === 'object')
    for (const [k, v] of Object.entries(allowed)) if (typeof v === 'number' || typeof v === 'string') values[k] = v;
  return { station: 'cut', code: first?.code ?? 'refused', fields, values, weight: 'stop' };
}
