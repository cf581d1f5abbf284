import { fillCapacity } from '@crustallum/core/vessels/blanks';
import type { DishOption } from '@crustallum/core/vessels/dishes';
import { vesselGeometry, type Vessel } from '@crustallum/core/vessels/vessel';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import type { StoredTool } from '@crustallum/core/contracts/tool';
import { NumberField } from '../../design/ui/NumberField';
import { Whence } from '../../design/ui/Whence';
import { plain, thin } from '../../wording/numbers';
import { Unanswered } from '../_shared/Unanswered';
import { useQuestion } from '../_shared/useQuestion';

interface Answer {
  options: DishOption[];
  nearestBelow: DishOption | null;
  nearestAbove: DishOption | null;
}
const rule = { min: 10, max: 50_000, unit: 'ml', integer: false };

/** Which of the cook's dishes, and how many, take so much filling. */
export function WhichDishes({
  needMl,
  tools,
  thicknessMm,
}: {
  needMl: number;
  tools: readonly StoredTool[];
  thicknessMm: number;
}) {
  const { change } = useItem();
  const [asked, setAsked] = useState<number | null>(null);
  const need = asked ?? Math.round(needMl);
  const mine = tools.filter((t) => t.document.kind === 'dish' && t.document.vessel).slice(0, 12);
  const answer = useQuestion<Answer>(
    'vessels.fitDishes',
    mine.length
      ? {
          need,
          dishes: mine.map((t) => ({
            id: t.name,
            cap: Math.max(1, fillCapacity(vesselGeometry(t.document.vessel as Vessel), { dough: thicknessMm })),
            qty: t.document.count ?? 1,
          })),
        }
      : null,
  );
  if (mine.length === 0) return null;
  const name = (o: DishOption) =>
    Object.entries(o.pick)
      .map(([id, n]) => (n > 1 ? `${n} × ${id}` : id))
      .join(' and ');
  const take = (o: DishOption) => {
    const [id, n] = Object.entries(o.pick)[0] as [string, number];
    const tool = mine.find((t) => t.name === id);
    if (tool)
      change({
        'cut.vessel': tool.document.vessel,
        'cut.vesselName': tool.name,
        'cut.vesselMaterial': tool.document.material,
        'cut.dishes': n,
        'filling.fullnessPct': Math.max(30, Math.min(130, Math.round(100 * o.fill))),
      });
  };
  const near =
    answer.value && answer.value.options.length === 0 ? [answer.value.nearestBelow, answer.value.nearestAbove] : [];
  return (
    <section aria-label="Which of my dishes" className="turns">
      <h2 className="sign">Which of my dishes</h2>
      <div>
        <span className="quiet-ink">for a filling of</span>{' '}
        <NumberField label="Filling there is" value={need} rule={rule} unit="ml" places={0} onChange={setAsked} />
      </div>
      <Unanswered asked={answer} working="Trying them" />
      <ul className="plain-list" aria-label="Dishes that take it">
        {(answer.value?.options ?? []).slice(0, 5).map((o) => (
          <li key={name(o)}>
            <strong>{plain(o.fill * 100, 0)} % full</strong>
            <span className="flex flex-wrap items-center gap-3">
              {name(o)}
              {Object.keys(o.pick).length === 1 && (
                <button type="button" className="press quiet" onClick={() => take(o)}>
                  Take
                </button>
              )}
            </span>
          </li>
        ))}
        {near.map(
          (o) =>
            o && (
              <li key={name(o)}>
                <strong>{plain(o.fill * 100, 0)} % full</strong>
                <span>
                  {name(o)}, the nearest that is {o.fill > 1 ? 'too small' : 'larger'}
                </span>
              </li>
            ),
        )}
      </ul>
      <Whence
        model="vessels.fitDishes"
        given={`${plain(need, 0)} ml, ${mine.length} dishes, a lining of ${thin(thicknessMm)}`}
      />
    </section>
  );
}
