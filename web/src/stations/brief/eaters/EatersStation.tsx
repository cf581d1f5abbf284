import { hasNeed } from '@crustallum/core/contracts/eater';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { desk } from '../../../desk/desk';
import { useAppDispatch, useAppSelector } from '../../../desk/store';
import { useItem } from '../../../desk/useItem';
import { Press } from '../../../design/ui/Press';
import { usePhone } from '../../../design/ui/useWidth';
import { list } from '../../../wording/eaters';
import { Waiting } from '../../_shared/StationPage';
import { atTable } from '../Table';
import { EaterSlip } from '../EaterSlip';
import { Chosen } from './Chosen';
import { countsOf } from './counts';
import { EaterRows } from './EaterRows';
import { RoundTable } from './RoundTable';

/** More than these do not go round a table: sentences come first, and equal answers are gathered. */
const mostDishes = 4;
const mostPeople = 20;

/** Who may eat what: a strand for each dish past everybody at the table, and for one of them what stands in the way and what mends it. */
export function EatersStation() {
  const { meal, plan, items, bakeId } = useAppSelector((s) => s.desk);
  const { item } = useItem();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const phone = usePhone();
  const [picked, setPicked] = useState<number | null>(null);
  const [open, setOpen] = useState<number | null>(null);
  const column = useRef<HTMLElement>(null);
  if (!meal || !plan || !item) return <Waiting />;
  const everybody = atTable(meal.eaters, meal.mouthCount);
  const needy = meal.eaters.findIndex(hasNeed);
  const chosen = picked ?? Math.max(0, needy);
  const { all, some } = countsOf(plan.who, meal.mouthCount, items.length);
  const crowded = phone || items.length > mostDishes || meal.mouthCount > mostPeople;
  const sentence = [
    `${all} eat of ${items.length === 1 ? 'it' : `all ${items.length}`}`,
    ...some.map(([of, names]) => `${list(names)} of ${of === 0 ? 'none yet' : of}`),
  ].join(', ');
  const dishes = items.map((i) => i.document);
  const choose = (index: number) => {
    setPicked(index);
    // under the rows its column would come up unseen
    if (crowded) column.current?.scrollIntoView({ block: 'nearest' });
  };
  const drawing = { eaters: everybody.slice(0, meal.mouthCount), who: plan.who, dishes, chosen, onChoose: choose };
  return (
    <main className="eaters bg-flour">
      <section aria-label="Who may eat what" className="min-w-0">
        <div className="flex flex-wrap items-center justify-between gap-x-4">
          <h1 className="sign m-0" style={{ fontSize: 'clamp(28px, 3vw, 38px)' }}>
            Who may eat what
          </h1>
          <Press quiet onClick={() => void navigate(`/bakes/${bakeId}/${item.id}/brief`)}>
            Back to the brief
          </Press>
        </div>
        <p className="quiet-ink m-0" style={{ fontSize: 16 }}>
          {needy < 0 ? `${meal.mouthCount} eat everything. Does anybody not eat something? Press them.` : sentence}
        </p>
        {crowded ? <EaterRows {...drawing} /> : <RoundTable {...drawing} />}
      </section>
      <aside ref={column} className="flex flex-col" aria-label={`${everybody[chosen]?.name ?? ''}: what they may eat`}>
        <Chosen index={chosen} eater={everybody[chosen]} onName={() => setOpen(chosen)} />
      </aside>
      <EaterSlip
        eaters={everybody}
        open={open}
        onClose={() => setOpen(null)}
        onChange={(eaters) => dispatch(desk.actions.mealChanged({ ...meal, eaters }))}
      />
    </main>
  );
}
