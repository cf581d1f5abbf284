import type { Group } from '../ingredients/ingredient';
import { ingredientOf } from '../ingredients/table';
import type { RecipeAmount } from './amounts';
import type { Section, SourceLine } from './lines';

const words: readonly (readonly [RegExp, Section])[] = [
  [/\b(method|directions|instructions|steps|what to do|to make|preparation)\b/i, 'method'],
  [/\b(glaze|wash|to finish|topping|brush)\b/i, 'wash'],
  [/\b(dough|pastry|crust|base|shell|paste|puff|shortcrust)\b/i, 'dough'],
  [/\b(filling|sauce|gravy|inside|stew)\b/i, 'filling'],
];

/** A heading says which section begins; null where the line is none. */
export function headingOf(line: SourceLine): Section | null {
  const text = line.text.trim();
  const looks =
    line.hint === 'heading' ||
    (/:\s*$/.test(text) && text.length < 50) ||
    (/^[\p{L} ]{3,40}$/u.test(text) && text.split(' ').length <= 4);
  if (!looks || line.hint === 'title' || line.hint === 'step') return null;
  const bare = text.replace(/:\s*$/, '');
  if (/^ingredients$/i.test(bare)) return 'unknown';
  for (const [pattern, section] of words)
    if (
      pattern.test(bare) &&
      (line.hint === 'heading' || /:\s*$/.test(text) || /^(for )?(the )?[\p{L} ]+$/iu.test(bare))
    )
      return section;
  return line.hint === 'heading' ? 'unknown' : null;
}

const doughGroups: readonly Group[] = ['flour', 'fat', 'salt', 'egg', 'dairy', 'acid', 'leavening', 'sweet', 'starch'];
/** Dry spices that are mixed into a flour where they stand with it. */
export const spices: ReadonlySet<string> = new Set([
  'cinnamon',
  'nutmeg',
  'turmeric',
  'paprika',
  'cumin',
  'caraway',
  'ginger',
  'allspice',
  'pepper',
]);
export const onlyFilling: readonly Group[] = ['vegetable', 'fruit', 'meat', 'fish', 'pulse', 'nut', 'herb', 'cheese'];

/** Soft cheeses that a dough may be made of. */
export const inDough: ReadonlySet<string> = new Set(['creamCheese', 'quark', 'ricotta', 'cottageCheese', 'almond']);

/** A section named at the head of a line of its things: `Filling: 450 g beef`. */
export function inlineHeading(text: string): Section | null {
  const head = /^([\p{L} ]{3,30}):\s+\S/u.exec(text)?.[1];
  const word = head && words.find(([pattern]) => pattern.test(head));
  return word ? word[1] : null;
}

/**
 * Which section an amount belongs to where no heading says it: everything up to the first vegetable, meat, fish or herb is the
 * dough if flour was among it; what is brushed or glazed is the wash; the rest is the filling. A guess, and shown as such.
 */
export function sectionsWithoutHeadings(amounts: readonly RecipeAmount[], texts: readonly string[]): Section[] {
  const groupOf = (a: RecipeAmount) => ingredientOf(a.id ?? '')?.group;
  const firstFilling = amounts.findIndex(
    (a) => onlyFilling.includes(groupOf(a) as Group) && !inDough.has(a.id ?? '') && !spices.has(a.id ?? ''),
  );
  const head = firstFilling < 0 ? amounts.length : firstFilling;
  const floured = amounts.slice(0, head).some((a) => groupOf(a) === 'flour' && (a.grams ?? 0) >= 60);
  return amounts.map((a, i): Section => {
    const text = texts[a.place.line] ?? '';
    if (/\b(glaze|wash|to brush|for brushing|beaten,? to)\b/i.test(text)) return 'wash';
    if (!floured) return groupOf(a) === 'flour' && (a.grams ?? 0) >= 150 ? 'dough' : 'filling';
    if (i < head)
      return doughGroups.includes(groupOf(a) as Group) ||
        groupOf(a) === 'liquid' ||
        inDough.has(a.id ?? '') ||
        spices.has(a.id ?? '')
        ? 'dough'
        : 'filling';
    return 'filling';
  });
}
