import type { AwayInput } from '@crustallum/core/contracts/clock';
import { useState } from 'react';
import { changeItem } from '../../desk/changes';
import { desk } from '../../desk/desk';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { Pick } from '../../design/ui/Pick';
import { MomentField } from '../../design/ui/MomentField';
import { Press } from '../../design/ui/Press';
import { clockOn, localMoment, served } from '../../wording/numbers';

/** So long somebody is away where nothing else was said, and so long before the table it ends, min. */
const [usualAwayMin, endsBeforeMin] = [90, 120] as const;
const dayMin = 24 * 60;
const hourMs = 3_600_000;

/** What becomes otherwise on this day: who is away for a while or for all of it, an hour later, an oven gone; each taken back by a press. */
export function AwayCooks() {
  const { meal, kitchen, items } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  const [asked, setAsked] = useState<AwayInput | null>(null);
  if (!meal || !kitchen) return null;
  const table = served(meal.serveAt);
  const away = meal.away ?? [];
  const before = (minutes: number) => localMoment(new Date(table.getTime() - minutes * 60_000));
  const put = (next: AwayInput[]) =>
    dispatch(desk.actions.mealChanged({ ...meal, away: next.length ? next : undefined }));
  const inFirst = items.some((i) => !i.document.oven.inSecond);
  const wrong = asked !== null && asked.to <= asked.from;
  return (
    <section aria-label="What is otherwise on this day" className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1">
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
          {(
            [
              ['away from', 'from'],
              ['back at', 'to'],
            ] as const
          ).map(([label, end]) => (
            <div key={end}>
              <span className="quiet-ink">{label}</span>
              <MomentField
                label={label}
                value={new Date(asked[end])}
                onChange={(d) => setAsked({ ...asked, [end]: localMoment(d) })}
              />
            </div>
          ))}
          <Press
            disabled={wrong}
            onClick={() => {
              put([...away, asked]);
              setAsked(null);
            }}
          >
            Away then
          </Press>
          <Press quiet onClick={() => setAsked(null)}>
            Not now
          </Press>
          {wrong && <span className="problem">Back before leaving: the second moment has to be later.</span>}
        </div>
      ) : (
        <>
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
          {kitchen.cooks.length > 1 &&
            kitchen.cooks
              .filter((cook) => !away.some((a) => a.cook === cook && a.from <= before(dayMin)))
              .map((cook) => (
                <Press key={cook} quiet onClick={() => put([...away, { cook, from: before(dayMin), to: before(0) }])}>
                  Without {cook}
                </Press>
              ))}
          <Press
            quiet
            onClick={() =>
              dispatch(desk.actions.mealChanged({ ...meal, serveAt: localMoment(new Date(table.getTime() + hourMs)) }))
            }
          >
            An hour later
          </Press>
          {kitchen.secondOven && (
            <Press
              quiet
              onClick={() => {
                for (const i of items) void dispatch(changeItem(i.id, { 'oven.inSecond': inFirst ? true : undefined }));
              }}
            >
              {inFirst ? 'The oven is broken: all in the second' : 'All in the first oven'}
            </Press>
          )}
        </>
      )}
    </section>
  );
}
