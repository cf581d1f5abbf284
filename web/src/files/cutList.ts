import { layingOrder } from '@crustallum/core/templates/cutOrder';
import { shapeSize, type CutShape } from '@crustallum/core/cutting/shape';
import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import { unparse } from 'papaparse';
import { blankWords } from '../wording/cut';
import { plain } from '../wording/numbers';

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
  const cm = (mm: number) => plain(mm / 10, 1);
  const lines = [title, ''];
  cut.generations.forEach((g, i) => {
    const [length, width] = shapeSize(g.shape);
    const size = g.shape.kind === 'disc' ? `${cm(length)} cm rounds` : `pieces of ${cm(length)} × ${cm(width)} cm`;
    const [a, b] =
      g.sheet.shape === 'round'
        ? [g.sheet.d, g.sheet.d]
        : [g.sheet.w, g.sheet.shape === 'rect' ? g.sheet.h : g.sheet.w];
    lines.push(
      `Roll ${i + 1}: ${plain(g.mass, 0)} g, rolled to ${plain(g.roll, 1)} mm, ${g.sheets > 1 ? `${g.sheets} sheets of ` : ''}${cm(Math.max(a, b))} × ${cm(Math.min(a, b))} cm.`,
      `  Cut ${g.n} ${size}${g.lids && g.bases ? `: ${g.lids} lids, then ${g.bases} bases` : ''}, ${plain(g.pieceMass, 0)} g each.`,
      `  ${plain(g.scrap, 0)} g are left: ${i < cut.generations.length - 1 ? 'lay them flat on one another, do not knead; rest 20 to 30 minutes cold, and roll again' : 'that is the end'}.`,
    );
  });
  if (cut.generations.length === 0)
    for (const b of cut.blanks)
      lines.push(
        `${b.count} ${blankWords[b.kind]}: ${cm(b.dims[0])} × ${cm(b.dims[1])} cm, ${plain(cut.rolled.thicknessMm, 1)} mm, ${plain(b.massG, 0)} g each.`,
      );
  cut.together?.forEach((r, i) =>
    lines.push(
      `Roll ${i + 1}: ${r.sheets > 1 ? `${r.sheets} sheets of ` : ''}${cm(r.lengthMm)} × ${cm(r.widthMm)} cm; ${r.pairs} lids, then ${r.pairs} bases.`,
    ),
  );
  lines.push('', `Dough to make: ${plain(cut.doughMassG, 0)} g.`, '');
  return lines.join('\n');
}
