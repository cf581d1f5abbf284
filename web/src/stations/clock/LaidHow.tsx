import type { laidBoth } from '@crustallum/core/plan/questions/sideBySide';
import { desk } from '../../desk/desk';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { Because } from '../../design/ui/Because';
import { Press } from '../../design/ui/Press';
import { clockOn, counted, momentAt, served } from '../../wording/numbers';
import { useQuestion } from '../_shared/useQuestion';

/** A day that begins so much later is worth a press, min. */
const worthMin = 10;

/** The day searched as a whole, where that begins later or calls less often; and back to each pie as late as can be. */
export function LaidHow() {
  const { meal, items, kitchen } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  const holding = items.some((i) => i.document.clock.pins?.length);
  const { value } = useQuestion<ReturnType<typeof laidBoth>>(
    'plan.laidBoth',
    meal && kitchen && !holding ? { meal, items: items.map((i) => i.document), kitchen } : null,
  );
  if (!meal || holding || !value) return null;
  const { asLate, searched } = value;
  const is = meal.laid === 'searched';
  const better =
    searched.fits && (!asLate.fits || searched.startMin - asLate.startMin >= worthMin || searched.calls < asLate.calls);
  if (!is && !better) return null;
  const at = (minute: number) => clockOn(momentAt(meal.serveAt, minute), served(meal.serveAt));
  const put = (laid: 'searched' | undefined) => dispatch(desk.actions.mealChanged({ ...meal, laid }));
  return (
    <p className="m-0 flex flex-wrap items-center gap-x-3">
      <span>
        Searched as a whole the day starts at <strong>{at(searched.startMin)}</strong> and calls{' '}
        {counted(searched.calls, 'time', 'times')}; pie by pie at <strong>{at(asLate.startMin)}</strong>,{' '}
        {counted(asLate.calls, 'time', 'times')}.{' '}
        <Because>
          one pie after the other, each is as late as its oven and hands allow, and the first of them waits for the
          rest; all at once they go between each other
        </Because>
      </span>
      <Press quiet onClick={() => put(is ? undefined : 'searched')}>
        {is ? 'Lay it pie by pie' : 'Lay it as a whole'}
      </Press>
    </p>
  );
}
