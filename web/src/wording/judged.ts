import type { ItemInput } from '@crustallum/core/contracts/item';
import type { StepCode } from '@crustallum/core/plan/steps/codes';

/** How a step is judged by eye and hand: as it should be, not there yet, gone too far; the last two with what is done about it. */
export interface Judged {
  right: string;
  short: readonly [sign: string, remedy: string];
  past: readonly [sign: string, remedy: string];
}

const judged = (right: string, short: Judged['short'], past: Judged['past']): Judged => ({ right, short, past });

/** Coated so far and no further, a crust is to be flaky, %. */
const flakyUpToPct = 60;

const rubbed = {
  flaky: judged(
    'uneven bits, pea to flake, every one floured',
    ['slabs like walnuts in loose flour', 'press the biggest flat and toss'],
    ['even, yellowish sand', 'tender, not flaky: leave the rest coarse'],
  ),
  sandy: judged(
    'loose and sandy, a few lentils in it',
    ['lumps like coins on floury ground', 'rub on a little'],
    ['clumps and shines before the water', 'a quarter of an hour in the cold, then less water'],
  ),
};
const soft = judged(
  'gives like an ear lobe, leaves the fingers clean',
  ['stiff, splits as it is rolled up', 'a spoon of its liquid'],
  ['strings from finger to dough', 'flour the hands, not the dough'],
);
const cooked = {
  sauce: judged(
    'coats the spoon, and the line of a finger stays',
    ['runs off like milk', 'let it boil a moment, then look again'],
    ['stands in a heap', 'its liquid by the spoon'],
  ),
  dry: judged(
    'no liquid where the pan is parted',
    ['a pool comes back', 'lower heat, lid off, stir'],
    ['sticks, browns at the bottom', 'off the heat, a spoon of liquid'],
  ),
};
const closed = judged(
  'full, the rim clear, no line where two met',
  ['a gap, or a lip that lifts', 'press the air out, damp it, close it again'],
  ['crushed through, or filling on the rim', 'wipe it, patch it, take some off'],
);

const byCode: Partial<Record<StepCode, Judged>> = {
  mix: judged(
    'gathers when it is pressed, rim a little cracked, bowl nearly clean',
    ['falls apart, dry flour below', 'a few drops, there where it is dry'],
    ['smooth and wet, sticks to the palm', 'a spoon of flour, then rest; pour no more'],
  ),
  lockIn: judged(
    'the fat bends, and covers its share and no more',
    ['stiff, breaks in shards', 'five to ten minutes on the bench'],
    ['sags, shines, sticks', 'to the cold'],
  ),
  turns: judged(
    'panels alike, edges meet, loose flour brushed off',
    ['a step at the end, big yellow patches', 'unfold it, fold it again'],
    ['a thick ridge, or it shines', 'unfold it; shining, to the cold'],
  ),
  rollOut: judged(
    'keeps its size when let go, as thick at the rim as within, slides when nudged',
    ['shrinks at once, thick in the middle', 'let it rest, then from the middle outward'],
    ['rim like paper, limp underneath', 'to the cold; cut inside the thin rim'],
  ),
  rollPieces: judged(
    'round enough, thin rim, keeps its size',
    ['draws back', 'let it lie, roll another meanwhile'],
    ['a hole, or a rim like paper', 'patch it damp, thicker next'],
  ),
  cut: judged(
    'straight sides, lines to be seen in them',
    ['dragged edges, one mass', 'press straight down'],
    ['ragged, smeared', 'a sharper blade, colder dough'],
  ),
  lineDish: judged(
    'touches every corner, lies on the rim',
    ['a bridge over the corner', 'lift the edge and let it drop'],
    ['pulled thin in the corner', 'a damp patch over it'],
  ),
  fillSeal: closed,
  lidSeal: closed,
  latticeSeal: judged(
    'strips lie slack, ends pressed to the rim',
    ['ends that lift', 'damp them, press again'],
    ['pulled tight', 'loosen it: tight strips tear as they shrink'],
  ),
  fillOpen: judged(
    'level, a little under the rim',
    ['far under it', 'a spoon more, if there is some'],
    ['over the rim', 'take some off: it rises'],
  ),
  kneadLeaves: judged(
    'silk; thins before it tears',
    ['drops off in lumps', 'knead on'],
    ['fights back and gets warm', 'oiled and covered, let it rest'],
  ),
  stretchLeaves: judged(
    'print can be read through it',
    ['thick edges', 'pull from the edge, or cut it off'],
    ['holes that run', 'lay the next leaf over them'],
  ),
  openLeaves: judged(
    'bends like cloth',
    ['cracks at the fold', 'a damp cloth over it, and sooner'],
    ['damp, clings to the next', 'a minute in the air'],
  ),
  brushStack: judged(
    'just moist, to the edge',
    ['dry corners', 'a lighter brush, out to the corner'],
    ['pools', 'blot it, less on the next'],
  ),
  coverLeaves: judged(
    'snug, no air in it, seam under',
    ['loose, slides open', 'brush the seam, roll again'],
    ['so tight that it splits', 'looser: what is in it swells'],
  ),
  assembleLeaves: judged(
    'lies close, no hollow under it, edges tucked in',
    ['gaps where it should touch', 'push it together'],
    ['split or creased at a bend', 'a brushed strip over it'],
  ),
  weightsOut: judged(
    'set and matt, stands by itself',
    ['glassy, sinks at the side', 'weights back, five minutes more'],
    ['brown at the rim', 'foil over the rim from here'],
  ),
  glaze: judged(
    'thin and even, no pools',
    ['bare patches', 'a second thin coat'],
    ['runs into folds and down the side', 'wipe it: it glues layers'],
  ),
  coolFilling: judged(
    'cool to the wrist, no steam',
    ['steams', 'spread it, stir now and then'],
    ['set in one lump', 'stir it through before it goes in'],
  ),
  stand: judged(
    'sauce slides slowly, the cut stands',
    ['runs out and burns', 'wait on'],
    ['cold, soft below', 'into a hot oven again, until it is hot all through'],
  ),
};

/** How a step of this pie is judged; null where there is nothing to see or feel. */
export function judgedOf(code: StepCode, { dough, folds, filling }: ItemInput, hasBand: boolean): Judged | null {
  switch (code) {
    case 'rubIn':
      return folds.coatedPct < flakyUpToPct ? rubbed.flaky : rubbed.sandy;
    case 'mix':
      return hasBand || dough.pastry === 'filo' ? (byCode.mix ?? null) : soft;
    case 'cookFilling':
      return /stew|cream|fruit/.test(filling.type) ? cooked.sauce : cooked.dry;
    default:
      return byCode[code] ?? null;
  }
}
