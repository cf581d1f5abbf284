import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { quantity, thin } from './numbers';

/** How an edge is closed. */
const crimpHow: Record<string, string> = {
  fork: 'Press the edge with a fork.',
  rope: 'Turn the edge over on itself, bit by bit, to a rope.',
  flute: 'Pinch the edge between finger and thumb.',
  foldunder: 'Fold the edge under.',
  roll: 'Roll the edge over.',
  tool: 'Press the edge with its tool or a blunt ring.',
};

/** How each kind of piece is filled and closed; `rim` mm stay bare. */
type Way = (s: TimedStep, bare: string, crimp: string) => string;
const folded: Way = (_, bare, crimp) =>
  `Heap it on one half, ${bare}. Fold the other over, press the air out. ${crimp}`;
const lidded: Way = (_, bare, crimp) =>
  `Heap it in the middle of the base, ${bare}. Lay the lid on, press the air out. ${crimp}`;
/** A roll that is not cut into slices stays whole. */
const sliced = (s: TimedStep): string =>
  Number(s.values['slice'] ?? 0) > 0
    ? ` Cut in slices of ${quantity(Number(s.values['slice']) / 10, 'cm')}${s.values['crimp'] === 'tool' ? ' with a blunt edge, which closes them' : ''}.`
    : '';
const ways: Record<string, Way> = {
  halfmoon: folded,
  round2: lidded,
  rect2: lidded,
  outline2: lidded,
  triangle: (_, bare, crimp) =>
    `Heap it towards one corner, ${bare}. Fold corner to corner, press the air out. ${crimp}`,
  envelope: (_, bare) => `Heap it in the middle, ${bare}. Bring the four corners to the middle and pinch the seams.`,
  bun: (_, bare) => `Heap it in the middle, ${bare}. Gather the edge over it, pinch it shut, turn the seam below.`,
  plait: (_, bare) =>
    `Heap it along one half, ${bare}. Cut the free half across into strips two fingers wide, up to the filling; lay them over it by turns, left end and right end crossed, the last tucked under. Sliced after the bake.`,
  log: (s) => `Lay it along one side, roll it up, seam below.${sliced(s)}`,
  ring: (s) =>
    `Lay it as a rope along one side and roll it up, seam below. Join the ropes end to end to ${Number(s.values['rings']) > 1 ? `${s.values['rings']} rings` : 'a ring'} of ${quantity(Number(s.values['across']) / 10, 'cm')}.`,
};

/** Filled on the uncut sheet, folded over or covered, then cut through both layers. */
const cutThrough = (s: TimedStep, bare: string): string =>
  `Heaps in ${s.values['kind'] === 'round2' ? 'rows on one sheet' : 'a row along the strip'}, ${bare} round each. ${
    s.values['kind'] === 'round2' ? 'Cover it with the other sheet' : 'Fold the free half over'
  }, press the air out round every heap, then cut through both layers with the ${quantity(Number(s.values['across']) / 10, 'cm')} cutter${
    s.values['kind'] === 'round2' ? '' : ', its half over the fold'
  }. Trimmings are two layers: use them at once, they are not rolled again.`;

/** A piece for the hand filled and closed, in words. */
export function closingHow(s: TimedStep): string {
  const bare = `${thin(Number(s.values['rim'] ?? 0), 0)} of rim bare`;
  const glue = String(s.values['glue'] ?? 'none');
  const wetted = glue === 'none' ? bare : `${bare} and brushed with ${glue}`;
  if (Number(s.values['through']))
    return `${cutThrough(s, wetted)} ${crimpHow[String(s.values['crimp'])] ?? ''}`.trim();
  return (ways[String(s.values['kind'])] ?? folded)(s, wetted, crimpHow[String(s.values['crimp'])] ?? '').trim();
}

/** What is done to them, as a call: rolled up, or filled and sealed. */
export const closingCall = (s: TimedStep): string =>
  s.values['kind'] === 'plait'
    ? 'Fill and plait'
    : s.values['kind'] === 'ring'
      ? 'Fill, roll up and join'
      : s.values['kind'] === 'log'
        ? `Fill and roll up ${s.values['from']} to ${s.values['to']}`
        : `Fill and seal ${s.values['from']} to ${s.values['to']}`;
