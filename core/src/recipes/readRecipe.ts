import { trueRatios, type FormulaPart, type TrueRatios } from '../dough/formula';
import { ingredientOf } from '../ingredients/table';
import type { MeasureSystem } from '../quantities/amounts/units';
import { amountsIn, systemOf, type Place, type RecipeAmount } from './amounts';
import { alarmsOf, type Alarm } from './alarms';
import { byPage, factKinds, factsIn, type Fact, type FactKind } from './facts';
import { sourceLines, type Format, type Section } from './lines';
import { otherLanguage } from './language';
import { headingOf, inDough, inlineHeading, onlyFilling, sectionsWithoutHeadings, spices } from './sections';
import type { Group } from '../ingredients/ingredient';

export interface SectionedAmount extends RecipeAmount {
  section: Section;
}

/** A blank of the recipe: what it is, and a value that could be taken, plainly as ours. */
export interface NotSaid {
  what: 'serves' | 'flour' | 'fat' | 'water' | 'salt' | 'tinMm' | 'thicknessMm' | 'oven' | 'bakeMin' | 'restMin';
  suggestion: number | null;
}

export interface ReadRecipe {
  format: Format;
  title: string | null;
  lines: { text: string; kind: 'title' | 'heading' | 'ingredient' | 'step' | 'other'; section: Section }[];
  amounts: SectionedAmount[];
  facts: Fact[];
  /** Whose cups and spoons it uses and what told; null where nothing tells. */
  system: { system: MeasureSystem; because: string } | null;
  /** The dough's true ratios, where it has flour. */
  ratios: TrueRatios | null;
  notSaid: NotSaid[];
  alarms: Alarm[];
  /** The language it is written in, where that is not one we read. */
  language: string | null;
  /** Places nobody understood: words kept, and asked about. */
  open: Place[];
}

/** Lines after these are kept but not looked into. */
const mostLines = 4000;

/** The dough's parts, one for each ingredient, as first said. */
export function doughParts(amounts: readonly SectionedAmount[]): FormulaPart[] {
  const parts = new Map<string, number>();
  for (const a of amounts)
    if (a.section === 'dough' && a.id !== null && a.grams !== null && !parts.has(a.id)) parts.set(a.id, a.grams);
  return [...parts].map(([id, grams]) => ({ id, grams }));
}

const looksListed = (text: string): boolean => text.length < 90 && !/[.!?]\s+\p{Lu}/u.test(text);

/**
 * Reads any recipe text: amounts with their ingredients, sections, heats, times, sizes and counts, each with its place in the
 * text; what is not said stays blank; what cannot be meant is an alarm with the reading we suggest. Nothing is invented.
 */
export function readRecipe(text: string, system: MeasureSystem | null = null): ReadRecipe {
  const { format, lines: all } = sourceLines(text);
  const source = all.slice(0, mostLines);
  const told = system ? { system, because: 'given' } : systemOf(text);
  const [amounts, facts]: [RecipeAmount[], Fact[]] = [[], []];
  const lines: ReadRecipe['lines'] = [];
  const sectionOfLine: Section[] = [];
  let section: Section = 'unknown';
  let headed = false;
  let title: string | null = null;
  source.forEach((line, n) => {
    const heading = headingOf(line);
    if (line.hint === 'title' || (n === 0 && heading === null && isTitle(line.text))) {
      title ??= line.text;
      lines.push({ text: line.text, kind: 'title', section: 'unknown' });
      sectionOfLine.push('unknown');
      facts.push(...factsIn(line.text, n));
      return;
    }
    if (heading !== null) {
      section = heading;
      headed ||= heading === 'dough' || heading === 'filling';
      lines.push({ text: line.text, kind: 'heading', section });
      sectionOfLine.push(section);
      facts.push(...factsIn(line.text, n));
      return;
    }
    const inline = inlineHeading(line.text);
    section = inline ?? section;
    headed ||= inline !== null;
    const listed = line.hint === 'ingredient' || (line.hint === null && section !== 'method' && looksListed(line.text));
    const found = amountsIn(line.text, n, told?.system ?? null, listed);
    const above = source[n - 1]?.text ?? '';
    const here = factsIn(line.text, n, /[.!?:]\s*$/.test(above) ? '' : above);
    // what is counted as pieces, people, sizes, heats or minutes is no ingredient: `75 C` is not 75 cups
    amounts.push(...found.filter((a) => !here.some((f) => counted.has(f.kind) && overlap(a.place, f.place))));
    facts.push(...here);
    const kind =
      line.hint === 'ingredient' || (listed && found.length > 0)
        ? 'ingredient'
        : /[.!]|\b(the|and|until)\b/i.test(line.text)
          ? 'step'
          : 'other';
    lines.push({ text: line.text, kind, section });
    sectionOfLine.push(section);
  });
  facts.splice(0, facts.length, ...byPage(facts));
  const isName = (n: number) => ['title', 'heading'].includes(lines[n]?.kind ?? '');
  const texts = source.map((l, n) => (isName(n) ? '' : l.text));
  const guessed = sectionsWithoutHeadings(amounts, texts);
  const sectioned: SectionedAmount[] = [];
  amounts.forEach((a, i) => {
    const [said, byWord] = [sectionOfLine[a.place.line], guessed[i]];
    // an ingredient named again in the steps belongs where the list has it
    const listed = sectioned.find((b) => b.id === a.id && sectionOfLine[b.place.line] !== 'method');
    const own =
      said === 'method' ? (listed?.section ?? (headed ? 'method' : byWord)) : said === 'unknown' ? byWord : said;
    const fills =
      own === 'dough' &&
      onlyFilling.includes(ingredientOf(a.id ?? '')?.group as Group) &&
      !inDough.has(a.id ?? '') &&
      !spices.has(a.id ?? '');
    sectioned.push({ ...a, section: byWord === 'wash' ? 'wash' : fills ? 'filling' : own });
  });
  const parts = doughParts(sectioned);
  const ratios = parts.some((p) => ingredientOf(p.id)?.group === 'flour' && p.grams > 0) ? trueRatios(parts) : null;
  const names = source.map((l, n) => (isName(n) ? l.text : ''));
  const understood = { amounts: sectioned, facts, texts, names, ratios };
  return {
    format,
    title,
    lines,
    amounts: sectioned,
    facts,
    system: told,
    ratios,
    notSaid: blanks(sectioned, facts, ratios),
    alarms: alarmsOf(understood),
    language: otherLanguage(text),
    open: sectioned.flatMap((a) => (a.id === null ? [a.place] : [])),
  };
}

const counted = new Set<FactKind>(factKinds.filter((k) => k !== 'crumbMm' && k !== 'preheat'));
const overlap = (a: Place, b: Place): boolean => a.from < b.to && b.from < a.to;

/** A line that may be the name of a recipe. */
export const isTitle = (text: string): boolean =>
  text.length < 80 &&
  !/^\s*[\d½¼¾]/.test(text) &&
  inlineHeading(text) === null &&
  !/\d ?(g|kg|oz|lb|ml|cups?)\b/i.test(text);

function blanks(amounts: readonly SectionedAmount[], facts: readonly Fact[], ratios: TrueRatios | null): NotSaid[] {
  const has = (...kinds: FactKind[]) => facts.some((f) => kinds.includes(f.kind));
  const amount = (id: string) => amounts.some((a) => a.section === 'dough' && a.id === id && a.grams !== null);
  const flour = ratios?.flourG ?? null;
  const share = (pct: number) => (flour === null ? null : Math.round((flour * pct) / 100));
  const out: NotSaid[] = [];
  const blank = (isBlank: boolean, what: NotSaid['what'], suggestion: number | null) => {
    if (isBlank) out.push({ what, suggestion });
  };
  blank(!has('serves', 'makes'), 'serves', null);
  blank(flour === null, 'flour', null);
  blank(ratios === null || ratios.toFlour.fat < 1, 'fat', share(55));
  blank(
    ratios !== null && !amount('water') && ratios.toFlour.water < 24,
    'water',
    ratios ? Math.max(0, Math.round(0.34 * ratios.flourG - ratios.grams.water)) : null,
  );
  blank(ratios !== null && ratios.toFlour.salt < 0.05, 'salt', share(1.5));
  blank(!has('tinMm', 'cutterMm'), 'tinMm', null);
  blank(!has('thicknessMm'), 'thicknessMm', 3);
  blank(!has('restMin'), 'restMin', 60);
  blank(!has('oven'), 'oven', 195);
  blank(!has('bakeMin'), 'bakeMin', null);
  return out;
}
