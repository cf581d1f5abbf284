import { layingOrder } from '@crustallum/core/templates/cutOrder';
import { shapeSize, type CutShape } from '@crustallum/core/cutting/shape';
import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import { unparse } from 'papaparse';
import { blankWords } from '../wording/cut';
import { long, sides, thin, weight } from '../wording/numbers';

export interface CutRow {
  roll: number | '';
  number: number | '';
  for: string;
  shape: string;
  length_mm: number;
  width_mm: number;
  from_left_mm: number | '';
  from_foot_mm: number | '';
  turned_deg: number | '';
  rolled_to_mm: number;
  grams: number;
  count: number;
}

const one = (v: number): number => Math.round(v * 10) / 10;
const shapeWords: Record<CutShape['kind'], string> = {
  disc: 'round',
  rect: 'rectangle',
  triangle: 'triangle',
  outline: 'outline',
};

/** Every piece that is cut, roll by roll in cutting order; or the blanks of a dish. */
export function cutRows(cut: CutPlan): CutRow[] {
  const rows = cut.generations.flatMap((g, roll): CutRow[] => {
    const [length, width] = shapeSize(g.shape);
    const order = layingOrder(g.sheet, g.layout.centres, length);
    const perSheet = Math.ceil(g.n / g.sheets);
    return Array.from({ length: g.n }, (_, i): CutRow => {
      const at = order[i % perSheet] ?? 0;
      const [x, y] = g.layout.centres[at] ?? [0, 0];
      return {
        roll: roll + 1,
        number: i + 1,
        for: g.bases > 0 || g.lids > 0 ? (i < g.lids ? 'lid' : 'base') : 'piece',
        shape: shapeWords[g.shape.kind],
        length_mm: one(length),
        width_mm: one(width),
        from_left_mm: one(x),
        from_foot_mm: one(y),
        turned_deg: g.layout.turns[at] ?? 0,
        rolled_to_mm: one(g.roll),
        grams: one(g.pieceMass),
        count: 1,
      };
    });
  });
  const blanks = cut.blanks
    .filter(() => cut.generations.length === 0)
    .map((b): CutRow => ({
      roll: '',
      number: '',
      for: blankWords[b.kind],
      shape: b.form === 'rect' ? 'rectangle' : b.form,
      length_mm: one(b.dims[0]),
      width_mm: one(b.dims[1]),
      from_left_mm: '',
      from_foot_mm: '',
      turned_deg: '',
      rolled_to_mm: one(cut.rolled.thicknessMm),
      grams: one(b.massG),
      count: b.count,
    }));
  return [...rows, ...blanks];
}

export const cutCsv = (cut: CutPlan): string => `${unparse(cutRows(cut))}\r\n`;

/** The plan of the cut in words: for who reads no drawings. */
export function cutText(title: string, cut: CutPlan): string {
  const lines = [title, ''];
  cut.generations.forEach((g, i) => {
    const [length, width] = shapeSize(g.shape);
    const size = g.shape.kind === 'disc' ? `${long(length)} rounds` : `pieces of ${sides([length, width])}`;
    const [a, b] =
      g.sheet.shape === 'round'
        ? [g.sheet.d, g.sheet.d]
        : [g.sheet.w, g.sheet.shape === 'rect' ? g.sheet.h : g.sheet.w];
    lines.push(
      `Roll ${i + 1}: ${weight(g.mass)}, rolled to ${thin(g.roll)}, ${g.sheets > 1 ? `${g.sheets} sheets of ` : ''}${sides([Math.max(a, b), Math.min(a, b)])}.`,
      `  Cut ${g.n} ${size}${g.lids && g.bases ? `: ${g.lids} lids, then ${g.bases} bases` : ''}, ${weight(g.pieceMass)} each.`,
      `  ${weight(g.scrap)} are left: ${i < cut.generations.length - 1 ? 'lay them flat on one another, do not knead; rest 20 to 30 minutes cold, and roll again' : 'that is the end'}.`,
    );
  });
  if (cut.generations.length === 0)
    for (const b of cut.blanks)
      lines.push(
        `${b.count} ${blankWords[b.kind]}: ${sides([b.dims[0], b.dims[1]])}, ${thin(cut.rolled.thicknessMm)}, ${weight(b.massG)} each.`,
      );
  cut.together?.forEach((r, i) =>
    lines.push(
      `Roll ${i + 1}: ${r.sheets > 1 ? `${r.sheets} sheets of ` : ''}${sides([r.lengthMm, r.widthMm])}; ${r.pairs} lids, then ${r.pairs} bases.`,
    ),
  );
  lines.push('', `Dough to make: ${weight(cut.doughMassG)}.`, '');
  return lines.join('\n');
}
