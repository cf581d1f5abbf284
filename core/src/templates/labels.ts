import type { FlatDrawing, Primitive } from './primitives';
import { markDrawing, type PieceMark } from './marks';
import { ventMark } from './vents';

export interface PieceLabel {
  /** Whose it is, or what. */
  name: string;
  lines: readonly string[];
  /** What it is known by; null where it has the slits that all have. */
  mark: PieceMark | null;
}

/** The least a label takes; it grows until everything that is said of it stands on it. */
export const labelMm = { w: 60, h: 40, apart: 3 } as const;
const lineMm = 4.2;

/** Words broken so that no line is longer than `most` signs; a longer word is left whole. */
export function brokenInto(text: string, most: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/).filter(Boolean)) {
    const last = lines[lines.length - 1];
    if (last !== undefined && `${last} ${word}`.length <= most) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

/** A sheet of labels to cut apart, three across: name, what is in it and what is not, and the mark that tells it. */
export function labelSheet(title: string, labels: readonly PieceLabel[]): FlatDrawing {
  const { w, apart } = labelMm;
  const broken = labels.map((label) => label.lines.flatMap((line) => brokenInto(line, 30)));
  const h = Math.max(labelMm.h, 18 + lineMm * Math.max(0, ...broken.map((b) => b.length)));
  const across = 3;
  const rows = Math.max(1, Math.ceil(labels.length / across));
  const heightMm = rows * h + (rows - 1) * apart;
  const items: Primitive[] = [];
  labels.forEach((label, i) => {
    const x = (i % across) * (w + apart);
    const y = heightMm - h - Math.floor(i / across) * (h + apart);
    items.push(
      {
        kind: 'path',
        points: [
          [x, y],
          [x + w, y],
          [x + w, y + h],
          [x, y + h],
        ],
        closed: true,
        weightMm: 0.2,
      },
      { kind: 'text', x: x + 4, y: y + h - 8, text: label.name, sizeMm: 5 },
      ...(label.mark
        ? markDrawing(label.mark, [x + w - 9, y + h - 9], 8)
        : ventMark('slits', [x + w - 9, y + h - 9], 8)),
    );
    broken[i].forEach((text, k) =>
      items.push({ kind: 'text', x: x + 4, y: y + h - 14.5 - k * lineMm, text, sizeMm: 3.2 }),
    );
  });
  return { title, widthMm: across * w + (across - 1) * apart, heightMm, items };
}
