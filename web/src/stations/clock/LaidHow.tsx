import { alike } from '@crustallum/core/clock/alike';
import { worthMin, type DayInShort } from '@crustallum/core/clock/comparing';
import type { MealInput } from '@crustallum/core/contracts/meal';
import type { laidBoth } from '@crustallum/core/plan/questions/sideBySide';
import { desk } from '../../desk/desk';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { Because } from '../../design/ui/Because';
import { Press } from '../../design/ui/Press';
import { clockOn, counted, momentAt, served, span } from '../../wording/numbers';
import { useQuestion } from '../_shared/useQuestion';

/** Hands saved by less than this are not worth a press, min. */
const worthSavedMin = 3;

/** How the day is laid: as a whole, each pie as late as can be, or searched for longer, where those differ; a press takes another. */
export function LaidHow() {
  const { meal, items, kitchen } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  const holding = items.some((i) => i.document.clock.pins?.length);
  const { value } = useQuestion<ReturnType<typeof laidBoth>>(
    'plan.laidBoth',
    meal && kitchen && !holding && items.length > 1 ? { meal, items: items.map((i) => i.document), kitchen } : null,
  );
  if (!meal || holding || !value) return null;
  const { ours, asLate, searched, together, longerIsBetter } = value;
  const is = meal.laid;
  const differs = ours.calls !== asLate.calls || Math.abs(ours.startMin - asLate.startMin) >= worthMin;
  const inOneGo = together?.fits === true && together.savedMin >= worthSavedMin;
  const alone = is !== undefined || meal.together === true;
  if (!alone && !differs && !longerIsBetter && !inOneGo) return null;
  const day = (d: DayInShort) => (
    <>
      <strong>{clockOn(momentAt(meal.serveAt, d.startMin), served(meal.serveAt))}</strong>,{' '}
      {counted(d.calls, 'call', 'calls')}
    </>
  );
  const put = (change: Pick<MealInput, 'laid' | 'together'>, words: string) => (
    <Press quiet onClick={() => dispatch(desk.actions.mealChanged({ ...meal, ...change }))}>
      {words}
    </Press>
  );
  return (
    <div className="grid gap-1">
      {(alone || differs || longerIsBetter) && (
        <p className="m-0 flex flex-wrap items-center gap-x-3">
          <span>
            As a whole the day starts at {day(ours)}; pie by pie at {day(asLate)}
            {(longerIsBetter || is === 'searched') && <>; searched for longer at {day(searched)}</>}.{' '}
            <Because>
              one pie after the other, each is as late as its oven and hands allow, and the first of them waits for the
              rest; all at once they go between each other. As a whole is taken where nothing of it is worse: its start,
              its calls, its last hour, how long pies stand
            </Because>
          </span>
          {alone && put({ laid: undefined, together: undefined }, 'Lay it as a whole')}
          {is !== 'asLate' && differs && put({ laid: 'asLate', together: undefined }, 'Lay it pie by pie')}
          {is !== 'searched' && longerIsBetter && put({ laid: 'searched', together: undefined }, 'Search for longer')}
        </p>
      )}
      {together && (inOneGo || meal.together) && (
        <p className="m-0 flex flex-wrap items-center gap-x-3">
          <span>
            Weighing and making ready in one go for all: {span(together.savedMin)} less of hands, from {day(together)}.{' '}
            <Because>
              scale, board and knife are got out, cleared away and washed once: {alike.weigh.savesMin} and{' '}
              {alike.prepareFilling.savesMin} min saved with each pie after the first, estimates. What is ready waits in
              the cold
            </Because>
          </span>
          {!meal.together && put({ laid: undefined, together: true }, 'Do it in one go')}
        </p>
      )}
    </div>
  );
}
