import { layingOrder } from '@crustallum/core/templates/cutOrder';
import { shapeSize } from '@crustallum/core/cutting/shape';
import { tiling, type Paper } from '@crustallum/core/cutting/tiling';
import { pageLayout } from '@crustallum/core/templates/pages';
import { inRows, pieceBox, piecesDrawing, type TemplatePiece } from '@crustallum/core/templates/pieces';
import { labelSheet, type PieceLabel } from '@crustallum/core/templates/labels';
import { marksOf } from '@crustallum/core/templates/marks';
import type { FlatDrawing } from '@crustallum/core/templates/primitives';
import type { VentMark } from '@crustallum/core/templates/vents';
import type { ItemInput } from '@crustallum/core/contracts/item';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { blankWords } from '../../wording/cut';
import { holdsWords, list, notForWords, pieceMark, type EatersOfItem } from '../../wording/eaters';

export const paperKinds = ['piece', 'sheet', 'blanks', 'labels'] as const;
export type PaperKind = (typeof paperKinds)[number];

/** What there is to print of an item. */
export const kindsFor = (plan: ItemPlan): PaperKind[] =>
  plan.cut.leaves ? ['labels'] : plan.cut.generations.length ? ['piece', 'sheet', 'labels'] : ['blanks', 'labels'];

const vents = (item: ItemInput, mark: VentMark = 'slits') => ({
  vent: { mark, slits: Math.max(1, item.seal.slits), slitMm: item.seal.slitMm },
});

/** A drawing at 1:1 of one kind. */
export function paperDrawing(
  kind: PaperKind,
  plan: ItemPlan,
  item: ItemInput,
  eaters: EatersOfItem | null,
): FlatDrawing {
  const { cut } = plan;
  const first = cut.generations[0];
  if (kind === 'labels') return labelSheet(`${item.title}: labels`, labelsOf(plan, item, eaters));
  if (kind === 'sheet' && first) {
    const size = shapeSize(first.shape)[0];
    const order = layingOrder(first.sheet, first.layout.centres, size);
    const perSheet = Math.ceil(first.n / first.sheets);
    const lids = Math.min(first.lids, perSheet);
    const pieces = order.slice(0, perSheet).map((at, i): TemplatePiece => {
      const [x, y] = first.layout.centres[at] as [number, number];
      const turn = first.layout.turns[at] ?? 0;
      const { w, h } = pieceBox({ shape: first.shape, x: 0, y: 0, turn });
      return {
        shape: first.shape,
        x: x - w / 2,
        y: y - h / 2,
        turn,
        number: i + 1,
        ...(first.bases > 0 ? { label: i < lids ? 'lid' : 'base' } : {}),
      };
    });
    const { sheet } = first;
    const [w, h] = sheet.shape === 'round' ? [sheet.d, sheet.d] : [sheet.w, sheet.shape === 'rect' ? sheet.h : sheet.w];
    return piecesDrawing(`${item.title}: sheet`, pieces, { w, h });
  }
  return piecesDrawing(`${item.title}: ${first ? 'piece' : 'blanks'}`, inRows(patterns(plan, item), 190));
}

type Pattern = Omit<TemplatePiece, 'x' | 'y'>;

/** What is cut round: the piece of each roll, or the blanks of a dish. */
function patterns({ cut }: ItemPlan, item: ItemInput): Pattern[] {
  return cut.generations.length
    ? cut.generations.map((g, i) => ({
        shape: g.shape,
        label: `roll ${i + 1}`,
        ...(g.bases > 0 || item.product === 'handPies' ? { rimMm: item.seal.rimMm } : {}),
        ...(g.lids > 0 ? vents(item) : {}),
      }))
    : cut.blanks.map((b) => ({
        shape:
          b.form === 'rect'
            ? { kind: 'rect' as const, a: b.dims[0], b: b.dims[1] }
            : b.form === 'round'
              ? { kind: 'disc' as const, d: b.dims[0] }
              : { kind: 'oval' as const, a: b.dims[0], b: b.dims[1] },
        label: `${blankWords[b.kind]} × ${b.count}`,
        ...(b.kind === 'lid' ? vents(item) : {}),
      }));
}

/** Patterns in groups that fill a page whole; one larger than a page stands alone. Null for what is one drawing anyway. */
export function pageDrawings(kind: PaperKind, plan: ItemPlan, item: ItemInput, paper: Paper): FlatDrawing[] | null {
  if (kind !== 'piece' && kind !== 'blanks') return null;
  const groups: Pattern[][] = [];
  for (const pattern of patterns(plan, item)) {
    const last = groups[groups.length - 1];
    if (last && onOnePage([...last, pattern], paper)) last.push(pattern);
    else groups.push([pattern]);
  }
  return groups.map((group) =>
    piecesDrawing(`${item.title}: ${group.map((p) => p.label).join(', ')}`, inRows(group, 182)),
  );
}

const onOnePage = (group: readonly Pattern[], paper: Paper): boolean => {
  const { widthMm: W, heightMm: H } = piecesDrawing('', inRows(group, 182));
  return tiling({ W, H, paper, ...pageLayout }).pages === 1;
};

/** A label for the pieces made apart for somebody, one for every variant, and one for the rest: what is in all of it. */
export function labelsOf(plan: ItemPlan, item: ItemInput, eaters: EatersOfItem | null): PieceLabel[] {
  const what = [
    item.title,
    item.filling.name,
    ...(eaters ? holdsWords(eaters.holds) : []),
    ...(eaters ? notForWords(eaters) : []),
  ];
  const apart = (eaters?.apart ?? []).map((a): PieceLabel => ({
    name: list(a.eaters),
    lines: [`${a.pieces} without ${list(a.leftOut.map((l) => l.toLowerCase()))}`, ...what],
    mark: pieceMark(a),
  }));
  const sized = item.cut.variants ?? [];
  const marks = marksOf(
    item.seal.markedBy ?? 'cuts',
    [...(eaters?.apart ?? []).map((a) => a.eaters), ...sized.map((v) => [v.name])],
    item.seal.topping,
  );
  const variants = sized.map((v, i): PieceLabel => ({
    name: v.name,
    lines: [`${v.pieces} pieces${v.sizePct === 100 ? '' : `, ${v.sizePct} % of the size`}`, ...what],
    mark: marks[apart.length + i] ?? null,
  }));
  const others = apart.length + variants.length + (eaters?.notFor.length ?? 0) > 0 ? 'For anyone else' : 'For anyone';
  return [...apart, ...variants, { name: others, lines: what, mark: null }];
}
