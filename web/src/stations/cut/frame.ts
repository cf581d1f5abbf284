import { laidCorners } from '@crustallum/core/cutting/packer';
import type { PlacedPiece } from '@crustallum/core/cutting/placing';
import type { CutShape, Turn } from '@crustallum/core/cutting/shape';
import type { Sheet } from '@crustallum/core/cutting/sheet';
import { sidesOf } from '@crustallum/core/cutting/sheet';

/** How a sheet is put on a drawing: always lying, at one scale, y upwards on the sheet and downwards on the drawing. */
export interface Frame {
  x0: number;
  y0: number;
  /** px a millimetre. */
  px: number;
  /** Sides as drawn, mm. */
  w: number;
  h: number;
  turned: boolean;
}

export function frameOf(sheet: Sheet, x0: number, y0: number, wide: number, high: number): Frame {
  const [w0, h0] = sidesOf(sheet);
  const turned = h0 > w0;
  const [w, h] = turned ? [h0, w0] : [w0, h0];
  return { x0, y0, px: Math.min(wide / w, high / h), w, h, turned };
}

/** From the sheet (mm) to the drawing (px), and back. */
export const toDrawing = (f: Frame, [x, y]: readonly [number, number]): [number, number] =>
  f.turned ? [f.x0 + y * f.px, f.y0 + x * f.px] : [f.x0 + x * f.px, f.y0 + (f.h - y) * f.px];
export const toSheet = (f: Frame, [x, y]: readonly [number, number]): [number, number] =>
  f.turned ? [(y - f.y0) / f.px, (x - f.x0) / f.px] : [(x - f.x0) / f.px, f.h - (y - f.y0) / f.px];

/** Corners of a piece on the drawing; none for a disc. */
export const drawnCorners = (
  f: Frame,
  shape: CutShape,
  at: readonly [number, number],
  turn: Turn,
): [number, number][] => laidCorners(shape, at, turn).map((p) => toDrawing(f, p));

/** A sheet and its pieces laid lengthways: as they are drawn, and as they are kept once laid by hand. */
export function lying(
  sheet: Sheet,
  pieces: readonly PlacedPiece[],
): { length: number; width: number; pieces: PlacedPiece[] } {
  const [w, h] = sidesOf(sheet);
  if (h <= w) return { length: w, width: h, pieces: [...pieces] };
  return {
    length: h,
    width: w,
    pieces: pieces.map((p) => ({ ...p, x: p.y, y: w - p.x, turn: (((p.turn ?? 0) + 270) % 360) as Turn })),
  };
}

/** Changes that keep a laying as the cook's own. */
export function keptLaying(sheet: Sheet, pieces: readonly PlacedPiece[], round: boolean): Record<string, unknown> {
  const l = sheet.shape === 'round' ? { length: 0, width: 0, pieces } : lying(sheet, pieces);
  return {
    // the last piece taken off leaves nothing laid by hand
    'cut.placed':
      l.pieces.length === 0
        ? undefined
        : l.pieces.map(({ x, y, turn, held }) => ({
            x: Math.max(0, x),
            y: Math.max(0, y),
            ...(turn && !round ? { turn } : {}),
            ...(held ? { held: true } : {}),
          })),
    ...(sheet.shape === 'round' ? {} : { 'cut.sheetLengthMm': l.length, 'cut.sheetWidthMm': l.width }),
  };
}

/** A shape as the models take it: corners by name. */
export const asInput = (shape: CutShape): CutShape | { kind: 'outline'; points: { x: number; y: number }[] } =>
  shape.kind === 'outline' ? { kind: shape.kind, points: shape.points.map(([x, y]) => ({ x, y })) } : shape;
