import type { EaterInput } from '@crustallum/core/contracts/eater';
import { allergens, eaterDiets, type Allergen, type EaterDiet } from '@crustallum/core/ingredients/ingredient';
import type { Apart, DishAnswer, WhoEats } from '@crustallum/core/plan/eaters/answers';
import type { Against, Holds, Meeting } from '@crustallum/core/plan/eaters/meets';
import type { Mend, MendAnswer, Swap } from '@crustallum/core/plan/eaters/mends';
import { cutMark, type MarkSeed, type PastryShape, type PieceMark } from '@crustallum/core/templates/marks';
import type { VentMark } from '@crustallum/core/templates/vents';
import type { Place } from '@crustallum/core/plan/needs/contents';
import { allergenWords, dietWords } from './dough';
import { degrees, plain } from './numbers';

/** Signs of what somebody must not meet: the same at the table, on the strands and on labels. */
const allergenSigns: Record<Allergen, string> = {
  gluten: '+',
  wheat: '†',
  crustaceans: '∩',
  egg: '□',
  fish: '×',
  peanut: '◇',
  soya: '▽',
  milk: '○',
  nuts: '◆',
  celery: '≈',
  mustard: '∗',
  sesame: '∴',
  sulphites: '~',
  lupin: '∧',
  molluscs: '∪',
};
const dietSigns: Record<EaterDiet, string> = {
  vegan: '▲▲',
  vegetarian: '▲',
  pescatarian: '△',
  noPork: '■',
  noMilkWithMeat: '⊘',
};
export const eaterDietWords: Record<EaterDiet, string> = {
  ...(dietWords as Record<Exclude<EaterDiet, 'noMilkWithMeat'>, string>),
  noMilkWithMeat: 'no milk with meat',
};

/** Everything that can be said with one press, in the order it is offered. */
export const offeredAllergens = allergens.map((a) => [a, `no ${allergenWords[a] ?? a}`, allergenSigns[a]] as const);
export const offeredDiets = eaterDiets.map((d) => [d, eaterDietWords[d], dietSigns[d]] as const);

/** What an eater must not meet or does not wish, as words. */
export const needsOf = (e: EaterInput): string[] => [
  ...e.avoids.map((a) => `no ${allergenWords[a] ?? a}`),
  ...e.diets.map((d) => eaterDietWords[d]),
  ...e.words.map((w) => `no ${w}`),
  ...(e.mild ? ['mild'] : []),
];
/** The same as signs. */
export const signsOf = (e: EaterInput): string =>
  [
    ...e.avoids.map((a) => allergenSigns[a]),
    ...e.diets.map((d) => dietSigns[d]),
    ...(e.words.length ? ['●'] : []),
    ...(e.mild ? ['//'] : []),
  ].join('');

export const placeWords: Record<Place, string> = {
  flour: 'in the flour',
  fat: 'in the fat',
  dough: 'in the dough',
  leaves: 'in the bought pastry',
  filling: 'in the filling',
  glue: 'under the rim',
  wash: 'in the wash',
};

/** What is met, without where. */
function whatWords(against: Against, name: string): string {
  switch (against.kind) {
    case 'allergen':
      return allergenWords[against.allergen] ?? against.allergen;
    case 'traces':
      return `traces of ${allergenWords[against.allergen] ?? against.allergen}, by its packet`;
    case 'diet':
      return name.toLowerCase();
    case 'word':
      return against.word;
    case 'hot':
      return `${name.toLowerCase()}, which is hot`;
    case 'unread':
      return `${name.toLowerCase()}: its label has not been ${against.words.length ? `looked through for ${list(against.words)}` : 'read'}`;
    case 'unknown':
      return `${name.toLowerCase()}: what is in it is not known here`;
    case 'unsaid':
      return `what is in “${name}” has not been said, or not all of it`;
  }
}

/** "egg, in the wash and under the rim; pork, in the fat". */
export function meetsWords(meets: readonly Meeting[]): string {
  const byWhat = new Map<string, Place[]>();
  for (const m of meets) {
    const what = whatWords(m.against, m.name);
    byWhat.set(what, [...new Set([...(byWhat.get(what) ?? []), m.place])]);
  }
  return [...byWhat]
    .map(([what, at]) =>
      what.includes('has not been said') ? what : `${what}, ${at.map((p) => placeWords[p]).join(' and ')}`,
    )
    .join('; ');
}

/** The heading of an answer that is not plainly yes. */
export const answerWords = (name: string, { answer }: DishAnswer): string =>
  answer === 'not'
    ? `Not for ${name}: `
    : answer === 'unknown'
      ? 'Not known: '
      : answer === 'pieces'
        ? 'These pieces: '
        : 'May eat';

/** How pieces made apart are told. Only said of pastry that is free of it itself. */
export const apartWords = (apart: Apart): string =>
  `${apart.pieces} ${apart.pieces === 1 ? 'piece' : 'pieces'} without ${list(apart.leftOut.map((l) => l.toLowerCase()))}: filled first, with a clean spoon, ${markWords(pieceMark(apart))}, for ${list(apart.eaters)}`;

const cutSigns: Record<VentMark, string> = { slits: '|', slant: '/', bar: '–', cross: '+', dots: '∷' };
const shapeSigns: Record<PastryShape, string> = { leaf: '♠', star: '★', heart: '♥', moon: '☾', ring: '○' };
const shapeNames: Record<PastryShape, string> = {
  leaf: 'leaf',
  star: 'star',
  heart: 'heart',
  moon: 'moon',
  ring: 'ring',
};
const seedWords: Record<MarkSeed, string> = { poppySeed: 'poppy seed', caraway: 'caraway', seaSalt: 'flaky salt' };

/** What pieces made apart are known by; runs begun before knew only the cuts. */
export const pieceMark = (apart: { mark: number; as?: PieceMark }): PieceMark => apart.as ?? cutMark(apart.mark - 1);

/** A mark as one sign, as it stands on the strands. */
export function markSign(mark: PieceMark): string {
  switch (mark.by) {
    case 'cuts':
      return cutSigns[mark.cut].repeat(mark.times);
    case 'initials':
      return mark.letters;
    case 'seeds':
      return '∴';
    case 'shapes':
      return shapeSigns[mark.shape].repeat(mark.times);
  }
}
/** A mark as it is made: "cut /", "N cut into the lid", "a pinch of poppy seed on top", "one star of pastry laid on". */
export function markWords(mark: PieceMark): string {
  switch (mark.by) {
    case 'cuts':
      return `marked ${markSign(mark)}`;
    case 'initials':
      return `${mark.letters} cut through the lid`;
    case 'seeds':
      return `a pinch of ${seedWords[mark.seed]} on the wet wash`;
    case 'shapes':
      return `${mark.times === 1 ? 'one' : plain(mark.times, 0)} ${shapeNames[mark.shape]}${mark.times === 1 ? '' : 's'} of scraps laid on with the wash`;
  }
}
/** What of the day's eaters belongs to one item: its pieces made apart, for whom it is not, and what it holds. */
export function eatersOf(who: WhoEats, itemIndex: number) {
  const answers = who.eaters.map((e) => ({ name: e.name, ...(e.dishes[itemIndex] as DishAnswer) }));
  return {
    apart: who.apart.filter((a) => a.itemIndex === itemIndex),
    notFor: answers.filter((a) => a.answer === 'not' || a.answer === 'unknown'),
    holds: who.holds[itemIndex] ?? { allergens: [], traces: [], notKnown: [] },
  };
}
export type EatersOfItem = ReturnType<typeof eatersOf>;

/** What the pieces hold, as a label says it. */
export const holdsWords = ({ allergens: has, traces, notKnown }: Holds): string[] => [
  has.length ? `has ${list(has.map((a) => allergenWords[a] ?? a))}` : 'has none of the listed allergens',
  ...(traces.length ? [`traces of ${list(traces.map((a) => allergenWords[a] ?? a))}`] : []),
  ...(notKnown.length ? [`not known: ${list(notKnown.map((n) => n.toLowerCase()))}`] : []),
];

/** For whom it is not, each with why. */
export const notForWords = ({ notFor }: Pick<EatersOfItem, 'notFor'>): string[] =>
  notFor.map((n) => `not for ${n.name}: ${n.answer === 'unknown' ? 'not known, ' : ''}${meetsWords(n.meets)}`);

export const list = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

const washWords: Record<string, string> = {
  none: 'nothing',
  plantmilk: 'oat drink',
  eggwater: 'egg and water',
  eggmilk: 'egg and milk',
  eggwhite: 'egg white',
  yolk: 'yolk',
  yolkcream: 'yolk and cream',
};
const swapWords = ({ place, from, to }: Swap): string => {
  const name = (s: string | null) => (s === null ? 'left out' : (washWords[s] ?? s).toLowerCase());
  const where = place === 'wash' ? 'wash: ' : place === 'glue' ? 'rim: ' : '';
  return `${where}${name(from)} → ${name(to)}`;
};

/** "wash: egg → cream, rim: egg → milk: then Noor may eat". */
export const mendWords = (mend: Mend, name: string): { what: string; then: string } => ({
  what: mend.swaps.map(swapWords).join(', '),
  then: `then ${list([name, ...mend.gains.filter((g) => g !== name)])} may eat`,
});

/** What a mend costs, in one sentence. */
export function mendCost(mend: Mend): string {
  const more = mend.bakeMinMore;
  const minutes =
    more === null || Math.abs(more) < 0.5
      ? 'the bake stays as long'
      : `${plain(Math.abs(more), 0)} min ${more > 0 ? 'more' : 'less'} in the oven`;
  const band = mend.band ? `; the fat works from ${degrees(mend.band.lowC, 0)} to ${degrees(mend.band.highC, 0)}` : '';
  const losses = mend.losses.length ? `; but then not for ${list(mend.losses)}` : '';
  return `${minutes}${band}${losses}`;
}

/** Why there is no mend. */
export const noMendWords: Record<Exclude<MendAnswer['because'], null>, string> = {
  flour: 'other flour is not this pastry: a dish of its own would be',
  leaves: 'the pastry was bought as it is: another packet may be free of it',
  unread: 'until it is read, it counts as no',
  unsaid: 'until it is said, it counts as no',
  none: 'no one swap takes it away and leaves a pie',
};
