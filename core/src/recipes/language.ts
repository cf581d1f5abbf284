/** Words a page cannot do without, by language: a handful each of those no other of them has. */
const small: Readonly<Record<string, readonly string[]>> = {
  English: ['the', 'and', 'with', 'into', 'until', 'of', 'for', 'then', 'it', 'to', 'cup', 'flour'],
  German: [
    'und',
    'mit',
    'der',
    'das',
    'den',
    'eine',
    'einen',
    'bis',
    'teig',
    'mehl',
    'kühlen',
    'backen',
    'minuten',
    'nicht',
    'ei',
  ],
  French: ['et', 'avec', 'les', 'des', 'une', 'jusqu', 'pâte', 'farine', 'beurre', 'dans', 'pendant', 'œuf', 'four'],
  Italian: ['e', 'con', 'il', 'della', 'fino', 'farina', 'burro', 'nel', 'forno', 'uova', 'minuti', 'una'],
  Spanish: ['y', 'con', 'los', 'harina', 'mantequilla', 'hasta', 'horno', 'huevo', 'minutos', 'una', 'masa'],
  Dutch: ['en', 'met', 'het', 'een', 'deeg', 'bloem', 'boter', 'tot', 'oven', 'minuten', 'niet'],
  Swedish: ['och', 'med', 'smör', 'mjöl', 'degen', 'tills', 'ugnen', 'minuter', 'ägg', 'det'],
};

/** What a page is written in where that is not a language we read: its numbers are read, its words may not be. Null for English, and for too few words to tell. */
export function otherLanguage(text: string): string | null {
  const words: readonly string[] = [
    ...text
      .slice(0, 20_000)
      .toLowerCase()
      .matchAll(/\p{L}+/gu),
  ].map((m) => m[0]);
  if (words.length < 8) return null;
  const count = (list: readonly string[]) => {
    const set = new Set(list);
    return words.filter((w) => set.has(w)).length;
  };
  const english = count(small['English']);
  const [best] = Object.entries(small)
    .filter(([name]) => name !== 'English')
    .map(([name, list]) => ({ name, n: count(list), different: list.filter((w) => words.includes(w)).length }))
    .sort((a, b) => b.n - a.n);
  return best.n > 2 * english && best.n >= 3 && best.different >= 3 ? best.name : null;
}
