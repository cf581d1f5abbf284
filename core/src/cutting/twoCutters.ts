import { RefusedInput, within } from '../quantities/refusal';

export interface TwoCutters {
  /** Across, mm: bases and lids, the same number of each. */
  baseMm: number;
  lidMm: number;
  pairs: number;
  trim: number;
  gap: number;
  /** Longest and widest sheet bench and pin allow, mm. */
  long: number;
  wide: number;
  maxRerolls: number;
  /** Lost at each gathering, % of the trimmings. */
  lossPct?: number;
}

/** One roll: sheets alike, and what is cut from each. */
export interface PairRoll {
  lengthMm: number;
  widthMm: number;
  sheets: number;
  /** Pairs this roll gives in all; on its fullest sheet lie the circles. */
  pairs: number;
  circles: { x: number; y: number; d: number; lid: boolean }[];
}

const stepMm = 10;
const usualLossPct = 2;
const rowPitch = Math.sqrt(3) / 2;

/** Circles in rows on a sheet so wide, each row shifted by half against the last where it gains; from `top` down. */
function rows(n: number, d: number, wide: number, gap: number, top: number) {
  const pitch = d + gap;
  const most = Math.floor((wide + gap) / pitch + 1e-9);
  if (most < 1) return null;
  const shifted = Math.floor((wide - pitch / 2 + gap) / pitch + 1e-9);
  // packed close where the shifted row holds as many, or one less and still more on the length
  const close = shifted === most || (shifted === most - 1 && shifted > 0 && n > 3 * most);
  const circles: { x: number; y: number }[] = [];
  let y = top + d / 2;
  for (let row = 0; circles.length < n; row++) {
    const odd = close && row % 2 === 1;
    const holds = odd ? shifted : most;
    for (let i = 0; i < holds && circles.length < n; i++)
      circles.push({ x: d / 2 + (odd ? pitch / 2 : 0) + i * pitch, y });
    if (circles.length < n) y += close ? pitch * rowPitch : pitch;
  }
  return { circles, bottom: y + d / 2 };
}

/** Lids in what a last row of bases leaves free beside it, in rows of their own as far as it is deep. */
function beside(o: TwoCutters, inner: number, bases: { x: number; y: number }[]) {
  const lastY = Math.max(...bases.map((c) => c.y));
  const least = (o.baseMm + o.lidMm) / 2 + o.gap - 1e-9;
  const [edge] = bases.filter((c) => c.y > lastY - 1).toSorted((a, b) => b.x - a.x);
  if (!edge) return [];
  const [pitch, from] = [o.lidMm + o.gap, edge.x + o.baseMm / 2 + o.gap];
  const across = Math.floor((inner - from + o.gap) / pitch + 1e-9);
  const down = Math.floor((o.baseMm + o.gap) / pitch + 1e-9);
  const top = edge.y - o.baseMm / 2;
  return Array.from({ length: Math.max(0, across) * Math.max(1, down) }, (_, i) => ({
    x: from + o.lidMm / 2 + (i % across) * pitch,
    y: top + o.lidMm / 2 + Math.floor(i / across) * pitch,
  })).filter(
    // a close row before it reaches down between
    (c) => c.y + o.lidMm / 2 <= top + o.baseMm + 1e-9 && bases.every((b) => Math.hypot(b.x - c.x, b.y - c.y) >= least),
  );
}

/** So many pairs on the smallest sheet there may be: bases in rows, lids in what is free beside them and in rows after. */
function onOneSheet(o: TwoCutters, pairs: number): Omit<PairRoll, 'sheets' | 'pairs'> | null {
  const least = Math.max(o.baseMm, o.lidMm);
  let best: Omit<PairRoll, 'sheets' | 'pairs'> | null = null;
  for (let inner = least; inner + 2 * o.trim <= o.wide + 1e-9; inner += stepMm) {
    const bases = rows(pairs, o.baseMm, inner, o.gap, 0);
    if (!bases) continue;
    const free = beside(o, inner, bases.circles).slice(0, pairs);
    const rest = pairs - free.length;
    const lids =
      rest > 0 ? rows(rest, o.lidMm, inner, o.gap, bases.bottom + o.gap) : { circles: [], bottom: bases.bottom };
    if (!lids) continue;
    const lengthMm = lids.bottom + 2 * o.trim;
    const widthMm = inner + 2 * o.trim;
    if (lengthMm > o.long + 1e-9 || (best && lengthMm * widthMm >= best.lengthMm * best.widthMm)) continue;
    const at = (d: number, lid: boolean) => (c: { x: number; y: number }) => ({
      x: c.x + o.trim,
      y: c.y + o.trim,
      d,
      lid,
    });
    best = {
      lengthMm,
      widthMm,
      circles: [...[...free, ...lids.circles].map(at(o.lidMm, true)), ...bases.circles.map(at(o.baseMm, false))],
    };
  }
  return best;
}

/** So many pairs from as few sheets as bench and pin allow; null where one pair is too large for them. */
function fromSheets(o: TwoCutters, pairs: number): PairRoll | null {
  for (let sheets = 1; sheets <= pairs; sheets++) {
    const sheet = onOneSheet(o, Math.ceil(pairs / sheets));
    if (sheet) return { ...sheet, sheets, pairs };
  }
  return null;
}

const circleMm2 = (d: number) => (Math.PI / 4) * d * d;
const areaOf = (r: PairRoll) => r.lengthMm * r.widthMm * r.sheets;

/**
 * Bases and lids from two cutters laid on one sheet in rows, lids in what bases leave free; the trimmings are gathered and rolled again for the last
 * pairs, so often, as thick as before. The first sheet is the smallest whose trimmings still give what it does not.
 * @param o both cutters, mm (20 to 400), pairs (1 to 100), trim and gap, bench and pin, re-rolls (0 to 3)
 * @example twoCutters({ baseMm: 100, lidMm: 80, pairs: 6, trim: 5, gap: 2, long: 600, wide: 400, maxRerolls: 0 }).rolls.length // 1
 */
export function twoCutters(o: TwoCutters): { rolls: PairRoll[]; doughMm2: number; leftMm2: number } {
  within(o.baseMm, 20, 400, 'baseMm');
  within(o.lidMm, 20, 400, 'lidMm');
  const pairs = within(o.pairs, 1, 100, 'pairs');
  const kept = 1 - within(o.lossPct ?? usualLossPct, 0, 20, 'lossPct') / 100;
  const pairMm2 = circleMm2(o.baseMm) + circleMm2(o.lidMm);
  const gathered = (r: PairRoll) => (areaOf(r) - r.pairs * pairMm2) * kept;
  /** Rolls that give all of it from the trimmings of a first one; null where they do not. */
  const after = (first: PairRoll): { rolls: PairRoll[]; leftMm2: number } | null => {
    const rolls = [first];
    let [left, spare] = [pairs - first.pairs, gathered(first)];
    for (let again = 0; left > 0 && again < o.maxRerolls; again++) {
      let roll: PairRoll | null = null;
      for (let n = left; n >= 1 && !roll; n--) {
        const made = fromSheets(o, n);
        if (made && areaOf(made) <= spare) roll = made;
      }
      if (!roll) return null;
      rolls.push(roll);
      spare = (spare - roll.pairs * pairMm2) * kept;
      left -= roll.pairs;
    }
    return left > 0 ? null : { rolls, leftMm2: spare };
  };
  let least: { rolls: PairRoll[]; doughMm2: number; leftMm2: number } | null = null;
  for (let n = 1; n <= pairs; n++) {
    const first = fromSheets(o, n);
    if (!first) break;
    if (least && areaOf(first) >= least.doughMm2) continue;
    const made = after(first);
    if (made) least = { ...made, doughMm2: areaOf(first) };
  }
  if (least) return least;
  throw new RefusedInput({
    field: 'baseMm',
    code: 'piece_bigger_than_bench',
    value: Math.max(o.baseMm, o.lidMm),
    allowed: { min: 20, max: Math.min(o.wide, o.long) - 2 * o.trim },
  });
}
