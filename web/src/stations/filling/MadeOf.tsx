import type { AheadInput } from '@crustallum/core/contracts/filling';
import { madeOfItsList } from '@crustallum/core/filling/ahead';
import { ingredientOf } from '@crustallum/core/ingredients/table';
import { X } from 'lucide-react';
import { Because } from '../../design/ui/Because';
import { IngredientFinder } from '../../design/ui/IngredientFinder';
import { NumberField } from '../../design/ui/NumberField';

const gramRule = { min: 0, max: 20_000, unit: 'g', integer: false };
const mostThings = 12;
/** A thing newly said begins with so many grams for 100 g of the part. */
const firstPer100 = 10;

/** The small recipe of a part that is made before the rest: its things with their grams, bought for all of it. */
export function MadeOf({
  name,
  ahead,
  partG,
  put,
}: {
  name: string;
  ahead: AheadInput;
  partG: number;
  put: (ahead: AheadInput) => void;
}) {
  const of = ahead.of ?? [];
  const set = (next: typeof of) => put({ ...ahead, of: next.length > 0 ? next : undefined });
  const add = (thing: string) => set([...of, { name: thing, gramsPer100: firstPer100 }]);
  const inPlace = madeOfItsList.has(ahead.kind);
  return (
    <section aria-label={`${name} is made of`} className="w-full">
      {of.map((thing, n) => (
        <span key={`${thing.name}${n}`} className="layer-of">
          <small>{thing.name}</small>
          <NumberField
            label={`${thing.name}, into ${name.toLowerCase()}`}
            value={(partG * thing.gramsPer100) / 100}
            rule={gramRule}
            unit="g"
            places={0}
            onChange={(grams) =>
              set(of.with(n, { ...thing, gramsPer100: Math.min(1000, (100 * grams) / Math.max(1, partG)) }))
            }
          />
          <button
            type="button"
            className="key"
            aria-label={`Take ${thing.name} out of ${name.toLowerCase()}`}
            onClick={() => set(of.toSpliced(n, 1))}
          >
            <X size={18} aria-hidden="true" />
          </button>
        </span>
      ))}
      {of.length > 0 && inPlace && (
        <span className="layer-of">
          <label className="flex min-h-11 items-center gap-2 whitespace-nowrap">
            <input
              type="checkbox"
              checked={ahead.whole === true}
              onChange={(e) => put({ ...ahead, whole: e.target.checked || undefined })}
            />
            nothing else goes in
          </label>
          <Because>
            until that is said, whoever must not meet something is also told by what {name.toLowerCase()} usually holds
          </Because>
        </span>
      )}
      {of.length < mostThings && (
        <IngredientFinder
          label={inPlace ? `${name} is made of` : `With ${name.toLowerCase()} goes`}
          onChoose={(id) => add(ingredientOf(id)?.name ?? id)}
          onName={add}
        />
      )}
    </section>
  );
}
