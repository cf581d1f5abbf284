import type { FlatDrawing, Primitive } from './primitives';
import { ventMark, type VentMark } from './vents';

export interface PieceLabel {
  /** Whose it is, or what. */
  name: string;
  lines: readonly string[];
  mark: VentMark;
}

export const labelMm = { w: 60, h: 40, apart: 3 } as const;

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

/** A sheet of labels to cut apart, three across: name, what is in it and what is not, and the vent mark that tells it. */
export function labelSheet(title: string, labels: readonly PieceLabel[]): FlatDrawing {
  const { w, h, apart } = labelMm;
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
      ...ventMark(label.mark, [x + w - 9, y + h - 9], 8),
    );
    label.lines
      .flatMap((line) => brokenInto(line, 30))
      .slice(0, 6)
      .forEach((text, k) => items.push({ kind: 'text', x: x + 4, y: y + h - 14.5 - k * 4.2, text, sizeMm: 3.2 }));
  });
  return { title, widthMm: across * w + (across - 1) * apart, heightMm, items };
}
