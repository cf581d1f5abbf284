import type { LeafPieceKind } from '../filling/leafPieces';
import { IsString, MaxLength, MinLength, ValidateIf } from 'class-validator';
import type { FatName } from '../cold/fats';
import { trueRatios } from '../dough/formula';
import type { Group } from '../ingredients/ingredient';
import type { Label } from '../ingredients/label';
import { ingredientIds, ingredientOf } from '../ingredients/table';
import type { FillType } from '../oven/tables';
import { measureSystems, type MeasureSystem } from '../quantities/amounts/units';
import { ListOf, Nested, NestedList, NumberIn, OneOf, OneOfEach, Optional } from '../quantities/rules';
import { factKinds, type FactKind } from '../recipes/facts';
import { doughParts, readRecipe, type ReadRecipe, type SectionedAmount } from '../recipes/readRecipe';
import type { Section } from '../recipes/lines';
import { numberRules } from '../quantities/rules';
import { type ItemInput } from '../contracts/item';
import { KitchenInput } from '../contracts/kitchen';
import { plainKitchen, starterItem } from './starters';
import { differences, type Difference, type YoursOurs } from './differences';
import { withWritten, type Written } from './yoursOurs';
import type { Pastry, Product } from '../contracts/products';
import { DoughInput } from '../contracts/dough';
import { CutInput } from '../contracts/cut';
import { ItemOvenInput } from '../contracts/oven';

/** What the cook put right: an amount by its place in the reading, or a fact by its kind. */
export class CorrectionInput {
  @Optional() @NumberIn(0, 2000, '', { integer: true }) amount?: number;
  @Optional() @OneOf(factKinds) fact?: FactKind;
  /** Which of the facts of the reading, where one of several of its kind is meant. */
  @Optional() @NumberIn(0, 2000, '', { integer: true }) at?: number;
  /** The other side, of a fact that has two. */
  @Optional() @NumberIn(0, 100_000, 'mm') other?: number;
  @Optional() @OneOf(ingredientIds) ingredient?: string;
  @Optional() @OneOf(['dough', 'filling', 'wash', 'method']) section?: Section;
  @ValidateIf((o: CorrectionInput) => o.value !== undefined && o.value !== null)
  @NumberIn(0, 100_000, 'g, °C, min, mm or pieces')
  value?: number | null;
}

export class FromRecipeInput {
  @IsString() @MinLength(1) @MaxLength(1_100_000) text!: string;
  @Optional() @OneOf(measureSystems) system?: MeasureSystem | null;
  @NestedList(() => CorrectionInput, 200) corrections!: CorrectionInput[];
  @NumberIn(1, 60, 'mouths', { integer: true }) mouths!: number;
  @IsString() @MaxLength(40) cook!: string;
  /** The kitchen ours is reckoned in; a plain one where none is given. */
  @Optional() @Nested(() => KitchenInput) kitchen?: KitchenInput;
  /** Where the cook takes ours in place of what the page says. */
  @Optional() @ListOf(10) @OneOfEach(differences) ours?: Difference[];
}

export interface FromRecipe {
  item: ItemInput;
  read: ReadRecipe;
  /** Inputs nobody said, taken from our starting points: shown as such. */
  taken: { what: string; value: number | string }[];
  /** Where we reckon otherwise than the page: both, and which of them the item has. */
  differs: YoursOurs[];
}

const isFat = (id: string): boolean => ingredientOf(id)?.group === 'fat';
const fatOf: Readonly<Record<string, { fat: FatName; label?: Label }>> = {
  butter: { fat: 'butter' },
  saltedButter: { fat: 'butter', label: { fatPct: 80.5, saltPct: 1.5 } },
  butter80: { fat: 'butter', label: { fatPct: 80 } },
  butter84: { fat: 'butter', label: { fatPct: 84 } },
  clarifiedButter: { fat: 'clarifiedButter' },
  lard: { fat: 'lard' },
  duckFat: { fat: 'lard' },
  shortening: { fat: 'shortening' },
  puffMargarine: { fat: 'puffMargarine' },
  bakingMargarine: { fat: 'bakingMargarine' },
  suet: { fat: 'suet' },
  vegetableSuet: { fat: 'suet' },
  dripping: { fat: 'suet' },
  coconut: { fat: 'coconut' },
  oil: { fat: 'oil' },
  oliveOil: { fat: 'oil' },
  sesameOil: { fat: 'oil' },
};

/** The reading with what the cook put right. */
export function corrected(read: ReadRecipe, corrections: readonly CorrectionInput[]): ReadRecipe {
  const amounts = read.amounts.map((a, i): SectionedAmount => {
    const c = corrections.findLast((x) => x.amount === i);
    if (!c) return a;
    const known = c.ingredient ? ingredientOf(c.ingredient) : undefined;
    return {
      ...a,
      ...(known ? { id: known.id, name: known.name, doubtful: false } : {}),
      ...(c.section ? { section: c.section } : {}),
      ...(typeof c.value === 'number' ? { grams: c.value, gramsHigh: c.value } : {}),
    };
  });
  const facts = read.facts.map((f, i) => {
    const c = corrections.findLast(
      (x) => x.fact === f.kind && typeof x.value === 'number' && (x.at === undefined || x.at === i),
    );
    return c ? { ...f, low: c.value as number, high: c.other ?? (c.value as number) } : f;
  });
  for (const c of corrections)
    if (c.fact && typeof c.value === 'number' && !facts.some((f) => f.kind === c.fact))
      facts.push({ kind: c.fact, low: c.value, high: c.value, words: '', place: { line: -1, from: 0, to: 0 } });
  const parts = doughParts(amounts);
  const floured = parts.some((p) => ingredientOf(p.id)?.group === 'flour' && p.grams > 0);
  return { ...read, amounts, facts, ratios: floured ? trueRatios(parts) : null };
}

const clampTo = (inputClass: new () => object, field: string, value: number): number => {
  const rule = numberRules(inputClass)[field];
  return rule ? Math.min(rule.max, Math.max(rule.min, value)) : value;
};
const tenth = (v: number) => Math.round(v * 10) / 10;

/**
 * An item from a recipe's words: what is said is taken, what is not keeps our starting point and is named in `taken`. The
 * original words stay with the item.
 */
export function itemFromRecipe({
  text,
  system,
  corrections,
  mouths,
  cook,
  kitchen,
  ours,
}: FromRecipeInput): FromRecipe {
  const read = corrected(readRecipe(text, system ?? null), corrections);
  const fact = (kind: FactKind) => read.facts.find((f) => f.kind === kind)?.low;
  const taken: FromRecipe['taken'] = [];
  const product = productOf(read, text);
  const pastry = pastryOf(read, product, text);
  const served = fact('makes') ?? fact('serves');
  const base = starterItem(product, Math.round(served ?? mouths), cook, pastry);
  const count = served === undefined ? base.brief.count : Math.max(1, Math.min(60, Math.round(served)));
  if (served === undefined) taken.push({ what: 'serves', value: count });
  const say = <T extends number>(what: string, said: T | undefined, ours: T): T => {
    if (said === undefined) taken.push({ what, value: ours });
    return said ?? ours;
  };
  const setC = say('oven', fact('oven'), base.oven.setC);
  const thicknessMm = say('thicknessMm', fact('thicknessMm'), base.cut.thicknessMm);
  const cutterMm = product === 'handPies' ? say('cutterMm', fact('cutterMm'), base.cut.cutterMm) : base.cut.cutterMm;
  const tin = fact('tinMm');
  const dish = product === 'dishPie' || product === 'filoTray' || product === 'filoCoil';
  if (dish && tin === undefined) taken.push({ what: 'tinMm', value: base.cut.vesselName ?? '' });
  const vessel =
    dish && tin !== undefined && tin >= 100 && tin <= 500 ? roundDish(tin, product, fact('depthMm')) : null;
  const piece = product === 'handPies' ? read.facts.find((f) => f.kind === 'pieceBy') : undefined;
  const title =
    (read.title ?? 'From a recipe')
      .replace(/^[#\s]+/, '')
      .slice(0, 60)
      .trim() || 'From a recipe';
  const asRead: ItemInput = {
    ...base,
    title,
    brief: { count },
    folds: { ...base.folds, ...(pastry === 'filo' && product === 'handPies' ? { laying: closedTo(text) } : {}) },
    dough: pastry === 'filo' ? base.dough : doughOf(read, base.dough, taken),
    filling: fillingOf(read, base.filling, title, taken),
    cut: {
      ...base.cut,
      thicknessMm: clampTo(CutInput, 'thicknessMm', thicknessMm),
      cutterMm: clampTo(CutInput, 'cutterMm', cutterMm),
      ...(piece
        ? {
            pieceKind: 'rect2' as const,
            cutterMm: clampTo(CutInput, 'cutterMm', Math.max(piece.low, piece.high)),
            otherMm: clampTo(CutInput, 'otherMm', Math.min(piece.low, piece.high)),
          }
        : {}),
      ...(vessel ? { vessel, vesselName: `dish ${Math.round((tin as number) / 10)}` } : {}),
    },
    oven: { ...base.oven, setC: Math.round(clampTo(ItemOvenInput, 'setC', setC)), ...laterHeat(read) },
    recipe: { title, text: text.slice(0, 20_000) },
  };
  const { item, differs } = withWritten(asRead, kitchen ?? plainKitchen, writtenIn(read), ours ?? []);
  return { item, read, taken, differs };
}

const mean = (f: { low: number; high: number }): number => (f.low + f.high) / 2;

/** Bakes one after the other: those said with a second heat, or as more of the first. */
const bakesOf = (read: ReadRecipe) => {
  const bakes = read.facts.filter((f) => f.kind === 'bakeMin');
  const heats = read.facts.filter((f) => f.kind === 'oven').length;
  const [first, second] = bakes;
  const line = second ? (read.lines[second.place.line]?.text ?? '') : '';
  const goesOn = second && (heats > 1 || /\b(another|more|further|then)\b/i.test(line)) && !/\bor\b/i.test(line);
  return first ? (goesOn ? [first, second] : [first]) : [];
};

/** A second heat, from when the first bake is over. */
function laterHeat(read: ReadRecipe): Partial<ItemInput['oven']> {
  const heats = read.facts.filter((f) => f.kind === 'oven');
  const [first, second] = bakesOf(read);
  const then = heats[1];
  if (!first || !second || !then || Math.abs(then.low - (heats[0]?.low ?? 0)) < 5) return {};
  return {
    then: [
      {
        fromMin: Math.max(1, Math.min(200, Math.round(mean(first)))),
        setC: Math.round(Math.max(120, Math.min(260, then.low))),
      },
    ],
  };
}

/** What the page says of rest, bake, filling and dough, as it stands. */
function writtenIn(read: ReadRecipe): Written {
  const rest = read.facts.find((f) => f.kind === 'restMin');
  const bakes = bakesOf(read);
  const filling = read.amounts
    .filter((a) => a.section === 'filling' && (a.grams ?? 0) > 0 && a.id !== 'filo')
    .reduce((sum, a) => sum + (a.grams ?? 0), 0);
  return {
    rest: rest && rest.low > 0 ? mean(rest) : null,
    bake: bakes.length > 0 ? bakes.reduce((sum, b) => sum + mean(b), 0) : null,
    filling: filling >= leastWrittenG ? filling : null,
    dough:
      read.ratios && read.ratios.totalG >= leastWrittenG && read.ratios.toFlour.water > 5 ? read.ratios.totalG : null,
  };
}
/** Less than this is no filling and no dough of a page, but part of one. */
const leastWrittenG = 60;

/** What strips of leaf are closed to, by the page's own word. */
const closedTo = (text: string): LeafPieceKind =>
  /\bcigars?\b/i.test(text) ? 'cigar' : /\bparcels?\b/i.test(text) ? 'parcel' : 'triangle';

const roundDish = (tin: number, product: Product, depthMm = 45) => ({
  form: 'round' as const,
  top: tin,
  bottom: product === 'dishPie' ? tin * 0.84 : tin,
  depth: Math.max(10, Math.min(200, depthMm)),
  rim: product === 'dishPie' ? 12 : 0,
});

function productOf(read: ReadRecipe, text: string): Product {
  const words = `${read.title ?? ''} ${text.slice(0, 20_000)}`.toLowerCase();
  if (read.amounts.some((a) => a.id === 'filo')) {
    if (/\b(coil|spiral|snail)\b/.test(words)) return 'filoCoil';
    return /\b(triangles?|parcels?|cigars?)\b/.test(words) ? 'handPies' : 'filoTray';
  }
  if (/\b(past(y|ies)|turnovers?|hand pies?|half-moons?|in the hand|parcels?)\b/.test(words)) return 'handPies';
  if (/\b(pot pies?|ramekins?|individual)\b/.test(words)) return 'potPies';
  if (read.facts.some((f) => f.kind === 'cutterMm')) return 'handPies';
  return 'dishPie';
}

function pastryOf(read: ReadRecipe, product: Product, text: string): Pastry {
  if (product === 'filoTray' || product === 'filoCoil' || read.amounts.some((a) => a.id === 'filo')) return 'filo';
  const folded = /\b(rough puff|puff|turns|flaky)\b/i.test(text) || read.facts.some((f) => f.kind === 'turns');
  return folded && (read.ratios?.toFlour.fat ?? 0) > 45 ? 'roughPuff' : 'shortcrust';
}

function doughOf(read: ReadRecipe, base: DoughInput, taken: FromRecipe['taken']): DoughInput {
  const parts = doughParts(read.amounts).filter((p) => p.grams > 0);
  const flours = parts.filter((p) => ingredientOf(p.id)?.group === 'flour').sort((a, b) => b.grams - a.grams);
  const [first, second] = flours;
  if (!first) {
    taken.push({ what: 'flour', value: 'plain flour' });
    return base;
  }
  const flourG = first.grams + (second?.grams ?? 0);
  const pct = (grams: number) => tenth((100 * grams) / flourG);
  const [fatPart] = parts.filter((p) => isFat(p.id)).sort((a, b) => b.grams - a.grams);
  const fat = fatPart && fatOf[fatPart.id];
  const salts = parts.filter((p) => ingredientOf(p.id)?.group === 'salt');
  const water = parts.find((p) => p.id === 'water');
  const used = new Set([first.id, second?.id, fatPart?.id, 'water', ...salts.map((s) => s.id)]);
  const others = parts
    .filter((p) => !used.has(p.id))
    .slice(0, 12)
    .map((p) => ({ ingredient: p.id, toFlourPct: Math.min(120, pct(p.grams)) }));
  const blank = (what: 'water' | 'salt') => read.notSaid.find((n) => n.what === what);
  const suggested = (what: 'water' | 'salt', ours: number) => {
    const said = blank(what);
    if (!said) return 0;
    const value = said.suggestion === null ? ours : pct(said.suggestion);
    taken.push({ what, value: tenth((value * flourG) / 100) });
    return value;
  };
  if (!fatPart) taken.push({ what: 'fat', value: base.fatToFlourPct });
  const salt = salts.reduce((sum, s) => sum + s.grams, 0);
  return {
    ...base,
    flour: first.id,
    ownRatios: true,
    secondFlour: second?.id ?? 'wholemeal',
    secondFlourPct: second ? pct(second.grams) : 0,
    fat: fat?.fat ?? base.fat,
    ...(fat?.label ? { fatLabelPct: fat.label.fatPct, fatSaltPct: fat.label.saltPct } : {}),
    fatToFlourPct: clampTo(DoughInput, 'fatToFlourPct', fatPart ? pct(fatPart.grams) : base.fatToFlourPct),
    waterToFlourPct: clampTo(
      DoughInput,
      'waterToFlourPct',
      water ? pct(water.grams) : suggested('water', base.waterToFlourPct),
    ),
    saltToFlourPct: clampTo(
      DoughInput,
      'saltToFlourPct',
      salt > 0 ? pct(salt) : suggested('salt', base.saltToFlourPct),
    ),
    others,
  };
}

/** What kind of filling its ingredients make, for the oven's and the seal's tables: a guess by what weighs most. */
function fillTypeOf(read: ReadRecipe, text: readonly SectionedAmount[]): FillType | null {
  const grams = (groups: readonly Group[]) =>
    text
      .filter((a) => groups.includes(ingredientOf(a.id ?? '')?.group as Group))
      .reduce((sum, a) => sum + (a.grams ?? 0), 0);
  const has = (...ids: string[]) => text.some((a) => ids.includes(a.id ?? ''));
  const cooked =
    read.facts.some((f) => f.kind === 'cookMin') ||
    read.lines.some((l) => /\b(simmer|braise|soften|poach|sauce|thicken)\b/i.test(l.text));
  if (grams(['fish']) > 0) return cooked ? 'stew_thick' : 'fish_raw';
  if (text.some((a) => ingredientOf(a.id ?? '')?.origin === 'poultry' && ingredientOf(a.id ?? '')?.group === 'meat'))
    return has('chickenCooked') || cooked ? 'chicken_cream' : 'poultry_raw';
  if (grams(['meat']) > 0)
    return cooked
      ? 'mince_cooked'
      : has('potato', 'swede')
        ? 'pasty_raw'
        : has('porkMince', 'porkShoulder')
          ? 'pork_raw'
          : 'lamb_onion_raw';
  if (grams(['fruit']) > grams(['vegetable'])) return has('apple', 'pear') ? 'apple_raw' : 'berry_raw';
  if (grams(['cheese']) > 0) return grams(['vegetable']) > 0 ? 'greens_cheese' : 'cheese_egg';
  if (has('potato', 'squash', 'sweetPotato')) return 'potato_mash';
  return grams(['vegetable', 'pulse']) > 0 ? (cooked ? 'stew_thick' : 'veg_raw') : null;
}

function fillingOf(
  read: ReadRecipe,
  base: ItemInput['filling'],
  title: string,
  taken: FromRecipe['taken'],
): ItemInput['filling'] {
  const list = read.amounts.filter((a) => a.section === 'filling' && (a.grams ?? 0) > 0 && a.id !== 'filo');
  const total = list.reduce((sum, a) => sum + (a.grams ?? 0), 0);
  const type = fillTypeOf(read, list);
  if (!type || !(total > 0)) {
    taken.push({ what: 'filling', value: base.name });
    return base;
  }
  const raw = /_raw$/.test(type);
  const cook = read.facts.find((f) => f.kind === 'cookMin')?.low;
  if (!raw && cook === undefined) taken.push({ what: 'cookMin', value: base.cookMinutes });
  const most = [...list].sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0)).slice(0, 2);
  return {
    ...base,
    name:
      most
        .map((a) => a.name.toLowerCase())
        .join(' and ')
        .slice(0, 80) || title,
    type,
    cookedC: raw ? 6 : base.cookedC,
    cookMinutes: raw ? 0 : Math.round(Math.min(240, cook ?? base.cookMinutes)),
    ingredients: list
      .slice(0, 30)
      .map((a) => ({ name: a.name, gramsPer100: tenth(Math.min(1000, (100 * (a.grams ?? 0)) / total)) })),
  };
}
