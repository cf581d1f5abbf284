import { rowOf, within } from '../quantities/refusal';

/** Sheets of paper, mm. */
export const papers = { A4: [210, 297], Letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof papers;

export interface Tiling {
  nx: number;
  ny: number;
  pages: number;
  landscape: boolean;
  /** Size of paper as it lies, and what of it is drawn on, mm. */
  page: [number, number];
  usable: [number, number];
  /** From one tile to the next, mm. */
  step: [number, number];
}

const along = (size: number, usable: number, overlap: number): number =>
  size <= usable + 1e-9 ? 1 : Math.ceil((size - overlap) / (usable - overlap) - 1e-9);

/** Pages a drawing at its own size takes, with overlaps for the register marks; the way round that takes fewer, upright on a tie. */
export function tiling(o: {
  W: number;
  H: number;
  paper: string;
  margin?: number;
  footer?: number;
  overlap?: number;
}): Tiling {
  const [short, long] = rowOf<readonly [number, number]>(papers, o.paper, 'paper');
  const margin = within(o.margin ?? 10, 0, 40, 'margin');
  const footer = within(o.footer ?? 14, 0, 60, 'footer');
  const overlap = within(o.overlap ?? 10, 0, 40, 'overlap');
  const [W, H] = [within(o.W, 1, 3000, 'W'), within(o.H, 1, 3000, 'H')];
  const way = (landscape: boolean): Tiling => {
    const page: [number, number] = landscape ? [long, short] : [short, long];
    const usable: [number, number] = [page[0] - 2 * margin, page[1] - 2 * margin - footer];
    const [nx, ny] = [along(W, usable[0], overlap), along(H, usable[1], overlap)];
    return { nx, ny, pages: nx * ny, landscape, page, usable, step: [usable[0] - overlap, usable[1] - overlap] };
  };
  const [upright, lying] = [way(false), way(true)];
  return lying.pages < upright.pages ? lying : upright;
}
