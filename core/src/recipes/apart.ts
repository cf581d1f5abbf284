import { isTitle, readRecipe } from './readRecipe';
import { linkedRecipes } from './lines';
import { headingOf } from './sections';

/** One of the recipes that stand on a page. */
export interface PageRecipe {
  title: string;
  text: string;
}

/** Longer pages are books: only their beginning is looked through for where one recipe ends (estimates). */
const longestPage = 60_000;
const mostStarts = 40;
const mostRecipes = 8;
/** So much flour makes a pastry, g; less thickens a sauce (estimate). */
const pastryFlourG = 100;
const belongsToAbove = /^(?:for|to|and|notes?|tips?|serves?|makes?|variations?|method|ingredients|the)\b/i;

/** A recipe of its own: a pastry is made or opened in it, and baked. */
function isWhole(text: string): boolean {
  const { amounts, facts, ratios } = readRecipe(text);
  const pastry = (ratios?.flourG ?? 0) >= pastryFlourG || amounts.some((a) => a.id === 'filo');
  return pastry && facts.some((f) => f.kind === 'oven' || f.kind === 'bakeMin');
}

const bare = (line: string): string => line.replace(/^[\s#*_]+|[\s#*_:]+$/g, '');

/**
 * The recipes on a page, in their order; one where there is only one. A new one begins at a title behind an empty line (or a
 * title of Markdown) where both what stands before it and what follows are whole recipes; of linked data each object is one.
 * @example recipesOn('Leek pie\n200 g flour\nBake at 190 °C.\n\nPlum pie\n250 g flour\nBake at 200 °C.').map((r) => r.title) // ['Leek pie', 'Plum pie']
 */
export function recipesOn(text: string): PageRecipe[] {
  const linked = linkedRecipes(text);
  if (linked.length > 1) return linked.slice(0, mostRecipes);
  const lines = text.slice(0, longestPage).split(/\r\n|\r|\n/);
  const starts = lines
    .flatMap((line, n) => {
      const name = bare(line);
      const behindGap = (lines[n - 1] ?? '').trim() === '' || /^\s{0,3}#\s/.test(line);
      const named = name !== '' && isTitle(name) && !belongsToAbove.test(name);
      return n > 0 && behindGap && named && headingOf({ text: name, hint: null }) === null ? [n] : [];
    })
    .slice(0, mostStarts);
  const begins = [0];
  for (const n of starts) {
    if (begins.length === mostRecipes) break;
    const before = lines.slice(begins.at(-1), n).join('\n');
    if (isWhole(before) && isWhole(lines.slice(n).join('\n'))) begins.push(n);
  }
  if (begins.length === 1) return [{ title: titleOf(text), text }];
  const ends = [...begins.slice(1), lines.length];
  return begins.map((from, i) => {
    // what is longer than a page stays with the last
    const tail = i === begins.length - 1 ? text.slice(longestPage) : '';
    const own = lines.slice(from, ends[i]).join('\n').trim() + tail;
    return { title: titleOf(own), text: own };
  });
}

const titleOf = (text: string): string =>
  bare(
    text
      .slice(0, 400)
      .split(/\r\n|\r|\n/)
      .find((line) => line.trim() !== '') ?? '',
  ).slice(0, 60);
