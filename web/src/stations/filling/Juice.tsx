import { cutAtMostC, type FruitBalance } from '@crustallum/core/filling/fruit';
import { bindsAs } from '@crustallum/core/filling/poured';
import { ingredientNamed } from '@crustallum/core/ingredients/named';
import { useItem } from '../../desk/useItem';
import { usePhone } from '../../design/ui/useWidth';
import { Because } from '../../design/ui/Because';
import { degrees, plain, weight } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { Field } from '../_shared/Field';
import { fields } from '../_shared/fields';

/** What each binder is listed as when it is put in. */
const listedAs: Record<FruitBalance['more'][number]['kind'], string> = {
  cornflour: 'Maize starch',
  tapioca: 'Tapioca starch',
  potato: 'Potato flour',
  arrowroot: 'Arrowroot',
  flour: 'Plain flour',
};
const usualShare = 0.5;

/** The juice of raw fruit: where it comes from, what is boiled away, what binds it, when it sets and when it may be cut. */
export function Juice({ fruit, totalG }: { fruit: FruitBalance; totalG: number }) {
  const phone = usePhone();
  const { item, change } = useItem();
  if (!item) return null;
  const { filling } = item.document;
  const list = filling.ingredients;
  const [w, left] = phone ? [366, 0] : [660, 20];
  const long = w - 2 * left;
  const all = fruit.waterG + fruit.fromSugarG;
  const gx = (grams: number) => (grams / Math.max(1, all)) * long;
  const add = (name: string, grams: number) => {
    const per100 = (100 * grams) / Math.max(1, totalG);
    const at = list.findIndex((i) => i.name === name);
    change({
      'filling.ingredients':
        at < 0
          ? [...list, { name, gramsPer100: per100 }]
          : list.map((i, n) => (n === at ? { ...i, gramsPer100: i.gramsPer100 + per100 } : i)),
    });
  };
  const bindBy = (factor: number) =>
    change({
      'filling.ingredients': list.map((i) =>
        bindsAs(ingredientNamed(i.name) ?? '') ? { ...i, gramsPer100: i.gramsPer100 * factor } : i,
      ),
    });
  const short = fruit.more.filter((m) => m.grams >= 1);
  return (
    <>
      <Drawing
        w={w}
        h={150}
        label={`${weight(fruit.liquidG)} of juice in the pie: ${weight(fruit.waterG)} from the fruit, ${weight(fruit.fromSugarG)} by its sugar, ${weight(fruit.keptOutG)} boiled away`}
      >
        <text x={left} y="16" className="b">
          Juice that runs in the oven: {weight(fruit.liquidG)}
        </text>
        <rect
          x={left}
          y="30"
          width={gx(fruit.waterG)}
          height="34"
          fill="var(--color-water)"
          stroke="var(--color-ink)"
        />
        <rect
          x={left + gx(fruit.waterG)}
          y="30"
          width={gx(fruit.fromSugarG)}
          height="34"
          fill="var(--color-butter-wash)"
          stroke="var(--color-ink)"
        />
        {fruit.keptOutG > 0 && (
          <rect
            x={left + long - gx(fruit.keptOutG)}
            y="30"
            width={gx(fruit.keptOutG)}
            height="34"
            fill="var(--color-flour)"
            stroke="var(--color-ink)"
            strokeDasharray="5 4"
          />
        )}
        <text x={left} y="86">
          from the fruit {weight(fruit.waterG)}
        </text>
        <text x={left + long} y="86" textAnchor="end">
          by its sugar {weight(fruit.fromSugarG)}
        </text>
        {fruit.keptOutG > 0 && (
          <text x={left + long} y="108" textAnchor="end" className="q">
            boiled away {weight(fruit.keptOutG)}
          </text>
        )}
        <text x={left} y="132" className="b">
          bound it is “{fruit.body}”; wanted “{fruit.wanted}”
        </text>
      </Drawing>
      {short.length > 0 && (
        <section aria-label="Too thin">
          <div className="flex flex-wrap gap-2">
            {short.map(({ kind, grams }) => (
              <button key={kind} type="button" className="press quiet" onClick={() => add(listedAs[kind], grams)}>
                {weight(grams)} {listedAs[kind].toLowerCase()}
              </button>
            ))}
          </div>
          <Because>acid weakens starch; pectin of the fruit is counted</Because>
        </section>
      )}
      {fruit.bindLess < 0.9 && (
        <p className="m-0">
          It is bound more than is wanted.{' '}
          <button type="button" className="press quiet" onClick={() => bindBy(fruit.bindLess)}>
            Bind it less
          </button>
        </p>
      )}
      <p className="m-0 mt-2">
        <strong>{plain(fruit.sugarPct, 0)} % sugar</strong>{' '}
        <Because>
          {plain(fruit.usualPct[0], 0)} to {plain(fruit.usualPct[1], 0)} % of the prepared fruit is usual; it is about
          pH {plain(fruit.pH, 1)}
        </Because>
      </p>
      <div className="mt-2" style={{ maxWidth: 420 }}>
        {typeof filling.juiceTo === 'number' ? (
          <>
            <Field def={fields.juiceTo} />
            <p className="m-0">
              Half an hour under its sugar draws {weight(fruit.drawnG)}; boiled to {weight(fruit.boiledG)} it goes back.{' '}
              <button type="button" className="press quiet" onClick={() => change({ 'filling.juiceTo': undefined })}>
                Leave the juice in
              </button>
            </p>
          </>
        ) : (
          <button type="button" className="press quiet" onClick={() => change({ 'filling.juiceTo': usualShare })}>
            Draw the juice and boil it down
          </button>
        )}
      </div>
      <p className="m-0 mt-2">
        {fruit.setsC === null
          ? 'Nothing but its own pectin binds it.'
          : `It sets when the middle has come to ${degrees(fruit.setsC, 0)}: it boils at the vents. `}
        {fruit.setsC !== null && <Because>the starch’s own heat, later with sugar; the bake goes on to it</Because>} Cut
        at {degrees(cutAtMostC, 0)} or under, two to four hours on: before that it runs. Sugar and juice scald.
      </p>
    </>
  );
}
