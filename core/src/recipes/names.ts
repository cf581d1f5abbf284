import { comparable } from '../ingredients/search';
import { shippedIndex } from '../ingredients/shipped';
import type { Ingredient } from '../ingredients/ingredient';

export interface Named {
  ingredient: Ingredient;
  /** Words of the text that name it. */
  words: string;
  /** Read through a typing slip: asked about, not taken for granted. */
  doubtful: boolean;
  /** What stands round it makes another thing of it: it is asked, never known. */
  turned?: boolean;
}

/** Words before a name that say how it is, not what it is. */
export const describing: ReadonlySet<string> = new Set(
  'of the a an some more little extra cold cool chilled frozen iced warm hot boiling melted softened soft hard fresh freshly dried dry ground grated chopped finely roughly coarsely thinly sliced diced cubed crumbled minced shredded peeled large small medium big good level heaped ripe raw cooked tinned canned clove cloves stick stalk stalks sprig sprigs bunch handful handfuls knob piece pieces leaf leaves head tin tins can cans jar jars packet packets pack packs bag bags tub tubs carton cartons punnet punnets about roughly plus well best beaten lightly free-range organic unsalted-or whole boneless skinless lean ready-rolled'.split(
    ' ',
  ),
);
const listed = (words: string): ReadonlySet<string> => new Set(words.split(' '));
/** Words before a name that make another thing of it: nut milk is no milk, plant butter no butter. */
const turnsBefore = listed(
  'vegan vegetarian veggie plant plant-based dairy-free milk-free egg-free meat-free meatless mock nut nuts almond cashew hazelnut coconut oat soy soya rice pea peanut apple cocoa shea goat goats sheep sheeps fish oyster',
);
/** Words after it that do: fish sauce is no fish, egg noodles no egg alone. */
const turnsAfter = listed(
  'sauce stock stocks broth bouillon cube cubes noodle noodles cracker crackers tortilla tortillas wafer wafers biscuit biscuits bread chocolate beer essence extract spread substitute alternative replacer flavouring flavoring vinegar liqueur seasoning soup gravy milk butter cheese cream',
);
const stop = /[,;.:()[\]]| - | – |\b(?:and|or|plus|to|for|into|in|with|until|then|if|on|at|over|from|each|per)\b/;

/** The ingredient at the head of a phrase: the longest run of words the table knows, else the nearest by spelling. */
export function nameAt(phrase: string, tolerant: boolean): Named | null {
  const head = (phrase.split(stop)[0] ?? '').trim();
  if (head === '' || head.length > 60) return null;
  const words = head.split(/\s+/).slice(0, 7);
  const compared = words.map(comparable);
  const index = shippedIndex();
  let turned: Named | null = null;
  for (let start = 0; start < words.length; start++) {
    for (let length = Math.min(5, words.length - start); length > 0; length--) {
      if (length === 1 && describing.has(words[start].toLowerCase())) continue;
      const [hit] = index.called(compared.slice(start, start + length).join(' '));
      if (!hit) continue;
      // of an egg where nothing follows; else it is how something else looks
      if (length === 1 && compared[start] === 'white' && start + 1 < words.length) continue;
      const named = { ingredient: hit, words: words.slice(start, start + length).join(' '), doubtful: false };
      const before = words.slice(0, start).some((w) => turnsBefore.has(w.toLowerCase()));
      const next = words[start + length]?.toLowerCase() ?? '';
      // cream of wheat is a cereal
      const after = turnsAfter.has(next) || (next === 'of' && compared[start] === 'cream');
      if (!before && !after) return named;
      // "beef stock" is a stock, not beef: what stands at the head is looked for before it is asked about
      turned ??= { ...named, words: head, doubtful: true, turned: true };
      if (!after) return turned;
      break;
    }
    // only words that merely describe may be stepped over
    if (!turned && !describing.has(words[start].toLowerCase()) && start > 1) break;
  }
  if (turned) return turned;
  if (!tolerant) return null;
  const bare = words
    .filter((w) => !describing.has(w.toLowerCase()))
    .slice(0, 3)
    .join(' ');
  if (bare.length < 4) return null;
  const [near] = index.search(bare, 1, 24);
  return near && near.distance < 0.48 ? { ingredient: near.thing, words: bare, doubtful: true } : null;
}

/** Grams of one piece: estimates of ours for middling ones. */
const pieceGrams: Readonly<Record<string, number>> = {
  egg: 51,
  yolk: 17,
  eggWhite: 34,
  onion: 150,
  shallot: 30,
  springOnion: 15,
  leek: 220,
  garlic: 5,
  celery: 50,
  carrot: 80,
  potato: 180,
  sweetPotato: 250,
  parsnip: 120,
  swede: 500,
  beetroot: 120,
  squash: 1200,
  mushroom: 20,
  cabbage: 800,
  cauliflower: 700,
  courgette: 220,
  aubergine: 280,
  pepperSweet: 160,
  tomato: 110,
  fennel: 250,
  apple: 170,
  pear: 170,
  plum: 60,
  lemon: 110,
  bay: 0.3,
  chickenThigh: 120,
  chickenBreast: 170,
  filo: 28,
  thyme: 1,
  rosemary: 2,
  parsley: 1,
  sage: 0.5,
};

/** Grams of one of it as counted, or null where counting says nothing. */
export const gramsOfOne = (id: string): number | null => pieceGrams[id] ?? null;
