import type { IngredientShareInput } from '@crustallum/core/contracts/filling';
import type { PouredInput } from '@crustallum/core/contracts/kitchen';
import { preparations, type Preparation } from '@crustallum/core/filling/inPie';
import { spoonsOf } from '@crustallum/core/filling/spoons';
import { preparationWords, spoonWords } from '../../wording/filling';
import { feltParts, roomBetween } from '@crustallum/core/filling/byFeel';
import { ingredientNamed } from '@crustallum/core/ingredients/named';
import { cupsBeside } from '../../wording/cups';
import { ingredientOf } from '@crustallum/core/ingredients/table';
import { leastListed } from '@crustallum/core/plan/eaters/meets';
import { ChevronUp, Ellipsis, X } from 'lucide-react';
import { Fragment, useState } from 'react';
import { BeginFrom } from './BeginFrom';
import { OfWhatIsThere } from './OfWhatIsThere';
import { PartMore } from './PartMore';
import { useAppSelector } from '../../desk/store';
import { useItem } from '../../desk/useItem';
import { Because } from '../../design/ui/Because';
import { IngredientFinder } from '../../design/ui/IngredientFinder';
import { useRule } from '../../design/ui/rules';
import { usePhone } from '../../design/ui/useWidth';
import { NumberField } from '../../design/ui/NumberField';
import { long, plain, weight } from '../../wording/numbers';

const gramRule = { min: 0, max: 20_000, unit: 'g', integer: false };
const mostIngredients = 30;
/** A thing newly said to go in begins with so much of the filling, %. */
const firstSharePct = 20;

/** Laid as it stands in the list. */
const unlaid = ({ layer: _, ...rest }: IngredientShareInput): IngredientShareInput => rest;

/** Nearer than this the same went in, a share. */
const sameShare = 0.05;

/** What went into it by feel when it was last as wanted, where that is another amount than is listed now. */
const pouredBefore = (learnt: readonly PouredInput[], filling: string, listed: readonly IngredientShareInput[]) =>
  listed.flatMap(({ name, gramsPer100 }) => {
    const last = learnt.findLast((f) => f.filling === filling && f.ingredient === name);
    return last && Math.abs(last.gramsPer100 - gramsPer100) > sameShare * gramsPer100 ? [last] : [];
  });

/** What goes into the filling: each thing with its grams for all pies and for one, against what the pies hold. */
export function GoesIn() {
  const { item, plan, change } = useItem();
  const phone = usePhone();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const saltRule = useRule('filling.ingredients.saltPct');
  const [more, setMore] = useState<number | null>(null);
  if (!item || !plan) return null;
  const { totalG, eachG, eachMl, parts, finishedG, saltAllPct, saltWithinG, saltAim, spiceSlips } = plan.filling;
  const list = item.document.filling.ingredients;
  const put = (ingredients: typeof list) => change({ 'filling.ingredients': ingredients });
  const layered = item.document.filling.layered === true;
  const deeper = (n: number) =>
    put([...list.slice(0, n - 1), ...list.slice(n - 1, n + 1).reverse(), ...list.slice(n + 1)].map(unlaid));
  const listedG = parts.reduce((sum, p) => sum + p.grams, 0);
  const share = (100 * listedG) / Math.max(1, totalG);
  const { cover } = plan.filling;
  const felt = feltParts(parts);
  const pouredG = felt.filter((p) => p.role === 'liquid').reduce((sum, p) => sum + p.plannedG, 0);
  const liquids = new Set(felt.filter((p) => p.role === 'liquid').map((p) => p.name));
  const pourAll = (factor: number) =>
    put(list.map((i) => (liquids.has(i.name) ? { ...i, gramsPer100: Math.min(1000, i.gramsPer100 * factor) } : i)));
  const before = pouredBefore(kitchen?.poured ?? [], item.document.filling.name, list);
  const add = (name: string) =>
    put([...list, { name, gramsPer100: list.length === 0 ? 100 : Math.max(1, Math.min(firstSharePct, 100 - share)) }]);
  /** What is done to a thing before it is in the filling. */
  const first = (i: IngredientShareInput, n: number) => (
    <select
      className="text-field"
      style={{ minWidth: 116 }}
      aria-label={`${i.name} is first`}
      value={parts[n]?.preparation ?? 'asItIs'}
      onChange={(e) => put(list.with(n, { ...i, preparation: e.target.value as Preparation, ownYieldPct: undefined }))}
    >
      {preparations.map((p) => (
        <option key={p} value={p}>
          {preparationWords[p]}
        </option>
      ))}
    </select>
  );
  return (
    <section aria-label="What goes in" style={{ maxWidth: 660 }}>
      <BeginFrom />
      {list.length === 0 && (
        <p className="m-0 quiet-ink">
          Nothing is said yet of what goes in. As long as it is not, nobody who must not meet something is told that
          they may eat it.
        </p>
      )}
      {list.length > 0 && (
        <table className="w-full" style={{ borderCollapse: 'collapse', fontSize: 16 }}>
          <thead>
            <tr className="quiet-ink text-left">
              <th scope="col" style={{ fontWeight: 500 }}>
                goes in
              </th>
              {!phone && (
                <th scope="col" style={{ fontWeight: 500 }}>
                  first
                </th>
              )}
              <th scope="col" style={{ fontWeight: 500 }}>
                bought
              </th>
              <th scope="col" style={{ fontWeight: 500 }}>
                ready
              </th>
              {!phone && (
                <th scope="col" style={{ fontWeight: 500 }}>
                  in one
                </th>
              )}
              <th />
            </tr>
          </thead>
          <tbody>
            {list.map((i, n) => (
              <Fragment key={`${i.name}${n}`}>
                <tr style={{ borderTop: '1px solid var(--color-hair)' }}>
                  <th scope="row" className="text-left" style={{ fontWeight: 640 }}>
                    {i.name}
                    <span className="quiet-ink">{cupsBeside(ingredientNamed(i.name), parts[n]?.grams ?? 0)}</span>
                    {phone && first(i, n)}
                  </th>
                  {!phone && <td>{first(i, n)}</td>}
                  <td>
                    <NumberField
                      label={`${i.name}, for all`}
                      value={parts[n]?.grams ?? 0}
                      rule={gramRule}
                      unit="g"
                      places={0}
                      onChange={(grams) =>
                        put(list.with(n, { ...i, gramsPer100: Math.min(1000, (100 * grams) / Math.max(1, totalG)) }))
                      }
                    />
                  </td>
                  <td>
                    <NumberField
                      label={`${i.name}, ready`}
                      value={parts[n]?.inPieG ?? 0}
                      rule={gramRule}
                      unit="g"
                      places={0}
                      onChange={(grams) =>
                        put(
                          list.with(n, {
                            ...i,
                            ownYieldPct: Math.max(1, Math.min(400, (100 * grams) / Math.max(1, parts[n]?.grams ?? 1))),
                          }),
                        )
                      }
                    />
                  </td>
                  {!phone && <td>{weight(parts[n]?.eachG ?? 0, 1)}</td>}
                  <td>
                    <span className={phone ? 'grid' : 'flex justify-end'}>
                      <button
                        type="button"
                        className="key"
                        aria-label={`More about ${i.name}`}
                        aria-expanded={more === n}
                        onClick={() => setMore(more === n ? null : n)}
                      >
                        <Ellipsis size={20} />
                      </button>
                      <button
                        type="button"
                        className="key"
                        aria-label={`Take ${i.name} out`}
                        onClick={() => put(list.toSpliced(n, 1))}
                      >
                        <X size={20} />
                      </button>
                    </span>
                  </td>
                </tr>
                {(more === n || i.ahead || i.givesPer100) && parts[n] && (
                  <tr>
                    <td colSpan={phone ? 4 : 6}>
                      <PartMore share={i} part={parts[n]} put={(next) => put(list.with(n, next))} />
                    </td>
                  </tr>
                )}
                {layered && (
                  <tr>
                    <td colSpan={phone ? 4 : 6}>
                      <span className="layer-of">
                        <small className="quiet-ink">salt</small>
                        <NumberField
                          label={`${i.name}, its salt`}
                          value={parts[n]?.saltPct ?? 0}
                          rule={saltRule}
                          unit="%"
                          places={2}
                          ours={i.saltPct === undefined}
                          onChange={(saltPct) => put(list.with(n, { ...i, saltPct }))}
                        />
                        <small className="quiet-ink">{weight(parts[n]?.saltG ?? 0, 1)}</small>
                        {n > 0 && (
                          <button
                            type="button"
                            className="key"
                            aria-label={`Lay ${i.name} one deeper`}
                            onClick={() => deeper(n)}
                          >
                            <ChevronUp size={18} aria-hidden="true" />
                          </button>
                        )}
                      </span>
                    </td>
                  </tr>
                )}
              </Fragment>
            ))}
            <tr style={{ borderTop: '2px solid var(--color-ink)' }}>
              <th scope="row" className="text-left">
                in all
              </th>
              {!phone && <td />}
              <td>
                <strong>{weight(listedG)}</strong>
              </td>
              <td colSpan={phone ? 2 : 3}>
                {finishedG === null
                  ? `the pies hold ${weight(totalG)}`
                  : `${weight(finishedG)} ready, of ${weight(totalG)} the pies hold`}
              </td>
            </tr>
          </tbody>
        </table>
      )}
      {list.length > 0 && share < leastListed && (
        <p className="problem m-0">
          {weight(totalG - listedG)} are not said: something is missing from the list, or the pies will not be full.
        </p>
      )}
      {list.length > 0 && share >= leastListed && (
        <Because>peel, bones and what cooks away are gone when it is ready; a ready weight of your own is kept</Because>
      )}
      {eachG > 0 && plan.cut.pieces > 1 && (
        <p className="m-0">
          {weight(eachG)} in each: {spoonWords(spoonsOf(eachMl))}{' '}
          <Because>{plain(eachMl, 0)} ml as it lies; spoons are for when no scale is at hand</Because>
        </p>
      )}
      {saltAllPct !== null && (
        <p className="m-0">
          Salt in all {plain(saltAllPct, 1)} %, {weight(saltWithinG, 1)} of it in what goes in{' '}
          <Because>
            {plain(saltAim.from, 1)} to {plain(saltAim.to, 1)} % is usual
            {item.document.filling.eatenCold ? ' eaten cold' : ''}
          </Because>
        </p>
      )}
      {cover && pouredG > 0 && (
        <p className="m-0">
          {weight(cover.grams)} of liquid in all just cover it in the pot; {weight(pouredG)} are listed.{' '}
          <Because>
            in a pot of {long(10 * cover.potCm, 0)} what is cut lies with {plain(100 * roomBetween, 0)} % of room
            between
          </Because>{' '}
          {Math.abs(cover.grams / pouredG - 1) > sameShare && (
            <button type="button" className="press quiet" onClick={() => pourAll(cover.grams / pouredG)}>
              Enough to cover
            </button>
          )}
        </p>
      )}
      {spiceSlips.map((slip) => (
        <p key={slip.name} className="m-0">
          <button
            type="button"
            className="press quiet"
            onClick={() =>
              put(list.map((i) => (i.name === slip.name ? { ...i, gramsPer100: (100 * slip.usualG) / totalG } : i)))
            }
          >
            {slip.name}: take {weight(slip.usualG, 1)}
          </button>{' '}
          <Because>the most that is usual in so much; an estimate, and your word stands</Because>
        </p>
      ))}
      <OfWhatIsThere />
      {before.map((p) => (
        <p key={p.ingredient} className="m-0">
          Poured by feel it was {weight((p.gramsPer100 * totalG) / 100)} of {p.ingredient.toLowerCase()} last time, for
          so much filling.{' '}
          <button
            type="button"
            className="press quiet"
            onClick={() => put(list.map((i) => (i.name === p.ingredient ? { ...i, gramsPer100: p.gramsPer100 } : i)))}
          >
            Take {weight((p.gramsPer100 * totalG) / 100)}
          </button>
        </p>
      ))}
      {list.length < mostIngredients && (
        <IngredientFinder
          label="Something more goes in"
          onChoose={(id) => add(ingredientOf(id)?.name ?? id)}
          onName={(name) => add(name)}
        />
      )}
    </section>
  );
}
