import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A rendered page in grey, read in millimetres from its lower left corner. */
export class Picture {
  constructor(
    readonly widthPx: number,
    readonly heightPx: number,
    private readonly grey: Uint8Array,
    private readonly dpi: number,
  ) {}

  private px = (mm: number): number => (mm / 25.4) * this.dpi;
  private mm = (px: number): number => ((px + 0.5) / this.dpi) * 25.4;
  private dark = (x: number, y: number): boolean => (this.grey[y * this.widthPx + x] ?? 255) < 140;

  /** Where there is ink along a level line, mm from the left. */
  darkAcross(yMm: number): number[] {
    const y = this.heightPx - 1 - Math.round(this.px(yMm));
    return Array.from({ length: this.widthPx }, (_, x) => x)
      .filter((x) => this.dark(x, y))
      .map(this.mm);
  }
  /** Where there is ink along an upright line, mm from the foot. */
  darkUp(xMm: number): number[] {
    const x = Math.round(this.px(xMm));
    return Array.from({ length: this.heightPx }, (_, y) => y)
      .filter((y) => this.dark(x, y))
      .map((y) => this.mm(this.heightPx - 1 - y));
  }
}

/** Pages of a PDF as poppler draws them. */
export function rendered(file: string, dpi: number): Picture[] {
  const folder = mkdtempSync(join(tmpdir(), 'crustallum-pages-'));
  const run = spawnSync('pdftoppm', ['-r', String(dpi), '-gray', file, join(folder, 'page')], { encoding: 'utf8' });
  if (run.status !== 0)
    throw new Error(`pdftoppm is needed (Debian: sudo apt-get install poppler-utils). ${run.stderr ?? run.error}`);
  return readdirSync(folder)
    .sort()
    .map((name) => {
      const bytes = readFileSync(join(folder, name));
      const [, w = '0', h = '0'] = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1')) ?? [];
      const head = (/^P5\s+\d+\s+\d+\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1'))?.[0] ?? '').length;
      return new Picture(Number(w), Number(h), bytes.subarray(head), dpi);
    });
}

const between = (marks: readonly number[], from: number, to: number): number => {
  const inside = marks.filter((mm) => mm > from && mm < to);
  return Math.max(...inside) - Math.min(...inside);
};

/** Length of the two rulers of a page, mm, from the middle of the first tick to that of the last: measured across the ticks. */
export function measuredRulers(picture: Picture): { lying: number; upright: number } {
  const tick = 0.25;
  return {
    // ticks stand 14 to 15.6 mm over the foot, and 5 to 6.6 mm from the left edge
    lying: between(picture.darkAcross(15), 8, 112) - tick,
    upright: between(picture.darkUp(6), 22, 126) - tick,
  };
}
