import type { AwayInput } from '@crustallum/core/contracts/clock';
import { useState } from 'react';
import { desk } from '../../desk/desk';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { Pick } from '../../design/ui/Pick';
import { MomentField } from '../../design/ui/MomentField';
import { Press } from '../../design/ui/Press';
import { clockOn, localMoment, served } from '../../wording/numbers';

/** So long somebody is away where nothing else was said, and so long before the table it ends, min. */
const [usualAwayMin, endsBeforeMin] = [90, 120] as const;
const dayMin = 24 * 60;

/** Who is away for a while on this day: said in a line, taken back by a press. */
export function AwayCooks() {
  const { meal, kitchen } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  const [asked, setAsked] = useState<AwayInput | null>(null);
  if (!meal || !kitchen) return null;
  const table = served(meal.serveAt);
  const away = meal.away ?? [];
  const before = (minutes: number) => localMoment(new Date(table.getTime() - minutes * 60_000));
  const put = (next: AwayInput[]) =>
    dispatch(desk.actions.mealChanged({ ...meal, away: next.length ? next : undefined }));
  const wrong = asked !== null && asked.to <= asked.from;
  return (
    <section aria-label="Who is away" className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1">
      {away.map((a, i) => {
        const words = `${a.cook} is away ${clockOn(new Date(a.from), table)} to ${clockOn(new Date(a.to), table)}`;
        return (
          <span key={i}>
            {words}{' '}
            <button
              type="button"
              className="press quiet"
              aria-label={`${words}: no longer`}
              onClick={() => put(away.filter((_, k) => k !== i))}
            >
              is there after all
            </button>
          </span>
        );
      })}
      {asked ? (
        <div className="flex flex-wrap items-end gap-4">
          {kitchen.cooks.length > 1 && (
            <Pick
              label="Who"
              value={asked.cook}
              options={kitchen.cooks.map((c) => [c, c] as const)}
              onChange={(cook) => setAsked({ ...asked, cook })}
            />
          )}
          <MomentField
            label="away from"
            value={new Date(asked.from)}
            onChange={(d) => setAsked({ ...asked, from: localMoment(d) })}
          />
          <MomentField
            label="back at"
            value={new Date(asked.to)}
            onChange={(d) => setAsked({ ...asked, to: localMoment(d) })}
          />
          <Press
            disabled={wrong}
            onClick={() => {
              put([...away, asked]);
              setAsked(null);
            }}
          >
            Away then
          </Press>
          <Press
            quiet
            onClick={() => {
              put([...away, { ...asked, from: before(dayMin), to: before(0) }]);
              setAsked(null);
            }}
          >
            All day
          </Press>
          <Press quiet onClick={() => setAsked(null)}>
            Not now
          </Press>
          {wrong && <span className="problem">Back before leaving: the second moment has to be later.</span>}
        </div>
      ) : (
        <Press
          quiet
          onClick={() =>
            setAsked({
              cook: kitchen.cooks[0] ?? '',
              from: before(endsBeforeMin + usualAwayMin),
              to: before(endsBeforeMin),
            })
          }
        >
          Somebody is away for a while
        </Press>
      )}
    </section>
  );
}
