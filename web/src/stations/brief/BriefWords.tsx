import { readWords, type UnderstoodWords } from '@crustallum/core/recipes/readWords';
import { useMemo, type ReactNode } from 'react';
import type { EaterInput } from '@crustallum/core/contracts/eater';
import { list } from '../../wording/eaters';
import { productWords } from '../../wording/words';
import type { Product } from '@crustallum/core/contracts/products';
import type { MealInput } from '@crustallum/core/contracts/meal';

interface Props {
  meal: MealInput;
  products: readonly Product[];
  onMeal: (part: Partial<MealInput>) => void;
  onProduct: (product: Product) => void;
}

/** The brief's words as they were understood: underlined where they were, dotted where they stay open, and what to take from them. */
export function BriefWords({ meal, products, onMeal, onProduct }: Props) {
  const words = meal.words ?? '';
  const read = useMemo(() => readWords(words), [words]);
  if (words.trim() === '') return null;
  const unsaid = [
    ...new Set(
      read.understood
        .filter((u) => u.kind === 'need' || u.kind === 'mild')
        .filter((u) => !meal.eaters.some((e) => covers(e, String(u.value))))
        .map((u) => (u.kind === 'mild' || u.value === 'vegetarian' ? String(u.value) : `no ${u.value}`)),
    ),
  ];
  const offers = read.understood.flatMap((u) => offerOf(u, { meal, products, onMeal, onProduct }));
  return (
    <div>
      <p className="words-read m-0">{marked(words, read.understood, read.open)}</p>
      {unsaid.length > 0 && (
        <p className="problem m-0">
          {list(unsaid)}: who is that? Press them at the table; until then nobody is guarded from it.
        </p>
      )}
      {offers.slice(0, 2).map((o) => (
        <button key={o.text} type="button" className="press quiet w-full" style={{ minHeight: 44 }} onClick={o.take}>
          {o.text}
        </button>
      ))}
    </div>
  );
}

/** Whether what the words say is said of somebody at the table. */
const covers = (e: EaterInput, need: string): boolean =>
  need === 'mild'
    ? e.mild
    : e.avoids.some((a) => a === need) || e.diets.some((d) => d === need) || e.words.includes(need);

/** What is understood and not so yet: offered, never done in silence. */
function offerOf(
  u: UnderstoodWords,
  { meal, products, onMeal, onProduct }: Props,
): { text: string; take: () => void }[] {
  if (u.kind === 'mouths' && u.value !== meal.mouthCount)
    return [{ text: `${u.value} people`, take: () => onMeal({ mouthCount: Number(u.value) }) }];
  if (u.kind === 'product' && !products.includes(u.value as Product))
    return [
      { text: `Put in ${productWords[u.value as Product].toLowerCase()}`, take: () => onProduct(u.value as Product) },
    ];
  if (u.kind === 'time' && !meal.serveAt.endsWith(String(u.value)))
    return [
      {
        text: `On the table at ${u.value}`,
        take: () => onMeal({ serveAt: `${meal.serveAt.slice(0, 11)}${u.value}` }),
      },
    ];
  return [];
}

function marked(text: string, understood: readonly UnderstoodWords[], open: readonly { from: number; to: number }[]) {
  const spans = [
    ...understood.map((u) => ({ ...u, mark: 'understood' })),
    ...open.map((o) => ({ ...o, mark: 'open' })),
  ].sort((a, b) => a.from - b.from);
  const out: ReactNode[] = [];
  let at = 0;
  for (const s of spans) {
    out.push(text.slice(at, s.from));
    out.push(
      <span key={s.from} className={s.mark}>
        {text.slice(s.from, s.to)}
      </span>,
    );
    at = s.to;
  }
  out.push(text.slice(at));
  return out;
}
