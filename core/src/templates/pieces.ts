import { boxOf, corners, shapeSize, turned, type CutShape, type Point, type Turn } from '../cutting/shape';
import { hairMm, type FlatDrawing, type Primitive } from './primitives';
import { ventMark, type VentMark } from './vents';

/** One piece of a template, by the lower left corner of its box, mm. */
export interface TemplatePiece {
  shape: CutShape | { kind: 'oval'; a: number; b: number };
  x: number;
  y: number;
  turn?: Turn;
  /** In cutting order, from 1. */
  number?: number;
  label?: string;
  /** Rim to leave bare, drawn dashed. */
  rimMm?: number;
  vent?: { mark: VentMark; slits: number; slitMm: number };
}

const ovalSteps = 96;
const ovalPoints = (a: number, b: number): Point[] =>
  Array.from({ length: ovalSteps }, (_, i): Point => {
    const t = (2 * Math.PI * i) / ovalSteps;
    return [a / 2 + (a / 2) * Math.cos(t), b / 2 + (b / 2) * Math.sin(t)];
  });

/** Points drawn towards the middle of their box by about `inset` mm: a guide line, not a cut. */
function inset(points: readonly Point[], mm: number): Point[] {
  const { x, y, w, h } = boxOf(points);
  const [kx, ky] = [Math.max(0, 1 - (2 * mm) / w), Math.max(0, 1 - (2 * mm) / h)];
  return points.map(([px, py]): Point => [x + w / 2 + (px - x - w / 2) * kx, y + h / 2 + (py - y - h / 2) * ky]);
}

export const pieceBox = (p: TemplatePiece): { w: number; h: number } => {
  const [w, h] = p.shape.kind === 'oval' ? [p.shape.a, p.shape.b] : shapeSize(p.shape);
  return (p.turn ?? 0) % 180 ? { w: h, h: w } : { w, h };
};

function outline(p: TemplatePiece): Point[] {
  if (p.shape.kind === 'oval') return ovalPoints(p.shape.a, p.shape.b);
  return turned(corners(p.shape), p.turn ?? 0);
}

/** A piece at its own size: its outline, the rim to leave bare, its number, words and vents. */
export function pieceItems(p: TemplatePiece): Primitive[] {
  const { w, h } = pieceBox(p);
  const [cx, cy] = [p.x + w / 2, p.y + h / 2];
  const items: Primitive[] = [];
  if (p.shape.kind === 'disc') {
    items.push({ kind: 'circle', x: cx, y: cy, r: p.shape.d / 2, weightMm: hairMm });
    if (p.rimMm) items.push({ kind: 'circle', x: cx, y: cy, r: Math.max(1, p.shape.d / 2 - p.rimMm), dashed: true });
  } else {
    const points = outline(p).map(([x, y]): Point => [x + p.x, y + p.y]);
    items.push({ kind: 'path', points, closed: true, weightMm: hairMm });
    if (p.rimMm && Math.min(w, h) > 2 * p.rimMm)
      items.push({ kind: 'path', points: inset(points, p.rimMm), closed: true, dashed: true });
  }
  if (p.vent) {
    const size = Math.min(p.vent.slitMm, Math.min(w, h) / 2);
    items.push(...ventMark(p.vent.mark, [cx, cy], size, p.vent.slits));
  }
  const size = Math.max(2.5, Math.min(6, Math.min(w, h) / 8));
  const below = p.vent ? Math.min(h / 2 - size, p.vent.slitMm / 2 + size * 1.6) : 0;
  if (p.number !== undefined)
    items.push({
      kind: 'text',
      x: cx,
      y: cy + below - size * 0.35,
      text: String(p.number),
      sizeMm: size,
      anchor: 'middle',
    });
  if (p.label)
    items.push({
      kind: 'text',
      x: cx,
      y: cy - below - size * 1.4,
      text: p.label,
      sizeMm: Math.min(size, 4),
      anchor: 'middle',
    });
  return items;
}

/** Pieces as they lie on one sheet, or apart: a drawing as large as they reach, with a margin. */
export function piecesDrawing(
  title: string,
  pieces: readonly TemplatePiece[],
  sheet?: { w: number; h: number },
  marginMm = 4,
): FlatDrawing {
  const [w, h] = sheet
    ? [sheet.w, sheet.h]
    : [Math.max(...pieces.map((p) => p.x + pieceBox(p).w)), Math.max(...pieces.map((p) => p.y + pieceBox(p).h))];
  const items = pieces.flatMap(pieceItems);
  if (sheet)
    items.unshift({
      kind: 'path',
      points: [
        [0, 0],
        [w, 0],
        [w, h],
        [0, h],
      ],
      closed: true,
      dashed: true,
    });
  return {
    title,
    widthMm: w + 2 * marginMm,
    heightMm: h + 2 * marginMm,
    items: items.map((item) =>
      item.kind === 'path'
        ? { ...item, points: item.points.map(([x, y]): Point => [x + marginMm, y + marginMm]) }
        : { ...item, x: item.x + marginMm, y: item.y + marginMm },
    ),
  };
}

/** Pieces set one beside the other in rows, so that each is whole: patterns to cut round. */
export function inRows(
  pieces: readonly Omit<TemplatePiece, 'x' | 'y'>[],
  widthMm: number,
  apartMm = 6,
): TemplatePiece[] {
  let [x, y, high] = [0, 0, 0];
  return pieces.map((p): TemplatePiece => {
    const { w, h } = pieceBox({ ...p, x: 0, y: 0 });
    if (x > 0 && x + w > widthMm + 1e-9) {
      y += high + apartMm;
      [x, high] = [0, 0];
    }
    const placed = { ...p, x, y };
    x += w + apartMm;
    high = Math.max(high, h);
    return placed;
  });
}
