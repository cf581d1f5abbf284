import { parse as parseYaml } from 'yaml';
import { RefusedInput } from '../quantities/refusal';

export type Section = 'dough' | 'filling' | 'wash' | 'method' | 'unknown';
/** A line as it came, and what its place in the file already says of it. */
export interface SourceLine {
  text: string;
  hint: 'title' | 'heading' | 'ingredient' | 'step' | null;
}
export type Format = 'text' | 'markdown' | 'yaml' | 'json-ld';

/** More than this is no recipe; it is refused with a word, not read in part. */
export const longestText = 1_100_000;

/** A line longer than this is read as several, broken where a word ends: what one line costs to read is bounded. */
export const longestLine = 600;

/** A line in pieces no longer than `longestLine`, broken after a sentence or a word where one ends; nothing of it is lost. */
export function brokenUp(line: string): string[] {
  const pieces: string[] = [];
  let from = 0;
  while (line.length - from > longestLine) {
    const window = line.slice(from, from + longestLine);
    const sentence = window.lastIndexOf('. ');
    const word = window.lastIndexOf(' ');
    const length = sentence > longestLine / 2 ? sentence + 1 : word > longestLine / 2 ? word : longestLine;
    pieces.push(line.slice(from, from + length));
    from += length;
  }
  return [...pieces, line.slice(from)];
}

const asText = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' ? String(value) : '';
const asList = (value: unknown): unknown[] =>
  Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];
const record = (value: unknown): Record<string, unknown> | null =>
  typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Record<string, unknown>) : null;

/** The recipes in a linked-data document: the object itself, those of a list, or those of its graph. */
const recipeObjects = (value: unknown): Record<string, unknown>[] =>
  asList(value).flatMap((each) => {
    const o = record(each);
    if (!o) return [];
    return asList(o['@type']).includes('Recipe') ? [o] : recipeObjects(o['@graph']);
  });

/** The linked data of a text: all of it, or what a saved web page carries. */
function linkedData(text: string): unknown {
  const linked = /^\s*[[{]/.test(text)
    ? text
    : /<script[^>]{0,200}application\/ld\+json[^>]{0,200}>([\s\S]*?)<\/script>/i.exec(text)?.[1];
  try {
    return linked ? JSON.parse(linked) : null;
  } catch {
    // not what it looked like: it is read as text
    return null;
  }
}

/** Each recipe of a text's linked data as a text of its own. */
export const linkedRecipes = (text: string): { title: string; text: string }[] =>
  recipeObjects(linkedData(text)).map((o) => ({ title: asText(o['name']).slice(0, 60), text: JSON.stringify(o) }));

/** A duration such as PT1H30M as people write it. */
function duration(iso: string): string {
  const m = /^P(?:(\d+)D)?T?(?:(\d+)H)?(?:(\d+)M)?/.exec(iso);
  if (!m) return iso;
  const minutes = Number(m[1] ?? 0) * 1440 + Number(m[2] ?? 0) * 60 + Number(m[3] ?? 0);
  return minutes ? `${minutes} minutes` : iso;
}

function steps(value: unknown): SourceLine[] {
  return asList(value).flatMap((each): SourceLine[] => {
    const o = record(each);
    if (!o)
      return asText(each)
        .split('\n')
        .map((text) => ({ text, hint: 'step' }));
    const inner = o['itemListElement'] ?? o['steps'];
    const name = asText(o['name']);
    if (inner) return [...(name ? [{ text: name, hint: 'heading' as const }] : []), ...steps(inner)];
    return [{ text: asText(o['text']) || name, hint: 'step' }];
  });
}

function fromLinkedData(o: Record<string, unknown>): SourceLine[] {
  const serves = asText(asList(o['recipeYield'])[0]);
  return [
    { text: asText(o['name']), hint: 'title' },
    ...(serves ? [{ text: /\D/.test(serves) ? serves : `Serves ${serves}`, hint: null }] : []),
    ...asList(o['recipeIngredient'] ?? o['ingredients']).map((i): SourceLine => ({
      text: asText(i),
      hint: 'ingredient',
    })),
    ...steps(o['recipeInstructions']),
    ...(typeof o['cookTime'] === 'string'
      ? [{ text: `Bake for ${duration(o['cookTime'])}`, hint: 'step' as const }]
      : []),
  ];
}

/** A mapping of a YAML file: known keys say what their lines are, others are kept as text. */
function fromMapping(o: Record<string, unknown>): SourceLine[] {
  const out: SourceLine[] = [];
  const walk = (key: string, value: unknown): void => {
    const hint: SourceLine['hint'] = /ingredient|dough|pastry|filling|crust|wash|glaze/i.test(key)
      ? 'ingredient'
      : /step|method|instruction|direction/i.test(key)
        ? 'step'
        : null;
    if (/^(title|name)$/i.test(key)) out.push({ text: asText(value), hint: 'title' });
    else if (Array.isArray(value) || record(value)) {
      out.push({ text: key, hint: 'heading' });
      for (const each of asList(value)) {
        const inner = record(each);
        if (!inner) out.push({ text: asText(each), hint });
        else if ('amount' in inner || 'quantity' in inner)
          out.push({
            text: `${asText(inner['amount'] ?? inner['quantity'])} ${asText(inner['unit'])} ${asText(inner['name'] ?? inner['ingredient'])}`,
            hint: 'ingredient',
          });
        else
          for (const [k, v] of Object.entries(inner))
            if (Array.isArray(v) || record(v)) walk(k, v);
            else
              out.push(
                hint === 'ingredient' ? { text: `${asText(v)} ${k}`, hint } : { text: `${k}: ${asText(v)}`, hint },
              );
      }
    } else out.push({ text: `${key} ${asText(value)}`, hint: null });
  };
  for (const [key, value] of Object.entries(o)) walk(key, value);
  return out;
}

const tidy = (lines: SourceLine[]): SourceLine[] =>
  lines
    .flatMap((l) => brokenUp(l.text).map((text) => ({ ...l, text })))
    .map((l) => ({
      ...l,
      text: l.text
        .replace(/<[^>]{0,200}>/g, ' ')
        .replace(/[\t ]+/g, ' ')
        .trim(),
    }))
    .filter((l) => l.text !== '');

/** Plain lines with their bullets and signs of headings taken off. */
function fromPlain(text: string): { format: Format; lines: SourceLine[] } {
  let markdown = false;
  const lines = text
    .split(/\r\n|\r|\n/)
    .flatMap(brokenUp)
    .map((raw): SourceLine => {
      const heading = /^\s{0,3}(#{1,6})\s+(.*?)\s*#*$/.exec(raw);
      if (heading) {
        markdown = true;
        return { text: heading[2] ?? '', hint: heading[1] === '#' ? 'title' : 'heading' };
      }
      const bullet = /^\s*(?:[-*•–]|\[[ x]\])\s+(?=\S)(.*)$/.exec(raw);
      const numbered = /^\s*\d{1,2}[.)]\s+(?=\D)(.*)$/.exec(raw);
      const said = (bullet?.[1] ?? numbered?.[1] ?? raw).replace(/^\[[ x]\]\s*/, '').replace(/\*\*|__/g, '');
      return { text: said, hint: numbered ? 'step' : null };
    });
  return { format: markdown ? 'markdown' : 'text', lines: tidy(lines) };
}

/**
 * Any recipe as lines, in the order they stand: pasted text, Markdown, YAML, or JSON-LD (also inside a saved web page).
 * A file that claims to be one of these and is broken is read as text, so that nothing is lost.
 */
export function sourceLines(text: string): { format: Format; lines: SourceLine[] } {
  if (text.length > longestText)
    throw new RefusedInput({ field: 'text', code: 'too_long', value: text.length, allowed: { max: longestText } });
  const trimmed = text.trimStart();
  const [found] = recipeObjects(linkedData(text));
  if (found) return { format: 'json-ld', lines: tidy(fromLinkedData(found)) };
  if (
    /^(---\s*\n)?[\w ]{1,30}:( |\n)/.test(trimmed) &&
    /^\s*(ingredients|dough|pastry|filling)\s*:\s*$/im.test(text) &&
    text.length < 200_000
  ) {
    try {
      const parsed = record(parseYaml(trimmed.replace(/^---\s*\n/, '').split(/\n---\s*(\n|$)/)[0] ?? ''));
      if (parsed && Object.values(parsed).some((v) => typeof v === 'object'))
        return { format: 'yaml', lines: tidy(fromMapping(parsed)) };
    } catch {
      // not what it looked like
    }
  }
  return fromPlain(text);
}
