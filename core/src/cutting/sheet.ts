import { RefusedInput, within } from '../quantities/refusal';

/** A rolled sheet; mm. */
export type Sheet =
  { shape: 'rect'; w: number; h: number } | { shape: 'square'; w: number } | { shape: 'round'; d: number };

export interface Discs {
  sheet: Sheet;
  d: number;
  trim: number;
  gap: number;
}

export const slack = 1e-9;

export const sheetArea = (s: Sheet): number =>
  s.shape === 'round' ? (Math.PI / 4) * s.d * s.d : s.w * (s.shape === 'rect' ? s.h : s.w);

export function checkedDiscs(o: { sheet: Sheet; d: number; trim?: number; gap?: number }): Discs {
  const side = (value: number, field: string) => within(value, 20, 2000, field);
  const { sheet } = o;
  if (sheet.shape === 'round') side(sheet.d, 'sheet.d');
  else if (sheet.shape === 'rect' || sheet.shape === 'square') {
    side(sheet.w, 'sheet.w');
    if (sheet.shape === 'rect') side(sheet.h, 'sheet.h');
  } else
    throw new RefusedInput({
      field: 'sheet.shape',
      code: 'unknown_shape',
      value: (sheet as { shape: string }).shape,
      allowed: ['rect', 'square', 'round'],
    });
  return {
    sheet,
    d: within(o.d, 5, 1000, 'd'),
    trim: within(o.trim ?? 5, 0, 60, 'trim'),
    gap: within(o.gap ?? 2, 0, 30, 'gap'),
  };
}

/** Effective container of the grown discs: the sheet pulled in by trim − gap/2 all round. */
export function container({ sheet, trim, gap }: Discs): { round: boolean; w: number; h: number } {
  const pull = 2 * trim - gap;
  if (sheet.shape === 'round') return { round: true, w: sheet.d - pull, h: sheet.d - pull };
  return { round: false, w: sheet.w - pull, h: (sheet.shape === 'rect' ? sheet.h : sheet.w) - pull };
}

/** Oler's bound alone: no more discs than this can lie in the sheet, however placed. */
export function olerBound(o: Discs): number {
  const c = container(o);
  const delta = o.d + o.gap;
  const [w, h] = [c.w - delta, c.h - delta];
  if (w < -slack || h < -slack) return 0;
  const [a, b] = [Math.max(0, w), Math.max(0, h)];
  const area = c.round ? (Math.PI / 4) * a * a : a * b;
  const around = c.round ? Math.PI * a : 2 * (a + b);
  return Math.floor((2 * area) / (Math.sqrt(3) * delta * delta) + around / (2 * delta) + 1 + slack);
}

/** Rigorous upper bound: Oler's and the area's. */
export function discBound(o: Discs): number {
  const c = container(o);
  const delta = o.d + o.gap;
  const area = c.round ? (Math.PI / 4) * c.w * c.w : c.w * c.h;
  return Math.max(0, Math.min(olerBound(o), Math.floor(area / ((Math.PI * delta * delta) / 4) + slack)));
}

/** Sides of the box a sheet fills, mm: a round's diameter twice. */
export const sidesOf = (s: Sheet): [number, number] =>
  s.shape === 'round' ? [s.d, s.d] : s.shape === 'square' ? [s.w, s.w] : [s.w, s.h];

/** What a cut piece shrinks where nobody said, %. */
const usualShrinkPct = 2;
/**
 * Whether pieces may lie a quarter turn round: not where the dough shrinks differently along the last roll and across it.
 * @example mayQuarterTurn(2, 3) // false
 */
export const mayQuarterTurn = (shrinkPct: number = usualShrinkPct, acrossPct: number = shrinkPct): boolean =>
  shrinkPct === acrossPct;
