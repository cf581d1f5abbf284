import { desk } from '../desk/desk';
import { useAppDispatch, useAppSelector } from '../desk/store';
import { clock, dayOf, served } from '../wording/numbers';
import { useRunOf } from './useRunOf';

/** The table as it was set at the bench, where that is another than the day's: said, and taken over by a press. */
export function TableAtBench() {
  const { bakeId, meal } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  const { tableAt } = useRunOf(bakeId);
  if (!meal || !tableAt) return null;
  const [there, here] = [served(tableAt), served(meal.serveAt)];
  if (there.getTime() === here.getTime()) return null;
  const day = there.toDateString() === here.toDateString() ? '' : `${dayOf(there)}, `;
  return (
    <p className="m-0" role="status">
      At the bench the table stands at{' '}
      <strong>
        {day}
        {clock(there)}
      </strong>
      ; here at {clock(here)}.{' '}
      <button
        type="button"
        className="press quiet"
        onClick={() => dispatch(desk.actions.mealChanged({ ...meal, serveAt: tableAt }))}
      >
        {clock(there)} here too
      </button>
    </p>
  );
}
