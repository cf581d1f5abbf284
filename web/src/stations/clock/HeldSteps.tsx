import type { unheld } from '@crustallum/core/plan/questions/sideBySide';
import { changeItem } from '../../desk/changes';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { Press } from '../../design/ui/Press';
import { clockOn, momentAt, served, span } from '../../wording/numbers';
import { stepWord } from '../../wording/steps';
import { useQuestion } from '../_shared/useQuestion';
import type { DayInHand } from './useDayInHand';

/** Everything the cook holds of this day, each let go by a press; and the day as it would be without, ours beside theirs. */
export function HeldSteps({ hand }: { hand: DayInHand }) {
  const { plan, meal, items, kitchen } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  const holding = items.filter((i) => i.document.clock.pins?.length);
  const { value } = useQuestion<ReturnType<typeof unheld>>(
    'plan.unheld',
    holding.length && meal && kitchen ? { meal, items: items.map((i) => i.document), kitchen } : null,
  );
  if (!plan || !meal || !holding.length) return null;
  const table = served(meal.serveAt);
  const at = (minute: number) => clockOn(momentAt(meal.serveAt, minute), table);
  const held = items.flatMap(({ document }, itemIndex) =>
    (document.clock.pins ?? []).map((pin) => {
      const step = plan.clock.steps.find((s) => s.itemIndex === itemIndex && s.id === pin.stepId);
      const called = step ? stepWord(step).toLowerCase() : 'a step that is no more';
      const when = pin.at ? ` at ${clockOn(new Date(pin.at), table)}` : '';
      return { pin, itemIndex, words: `${called} of ${document.title}${when}${pin.cook ? `, ${pin.cook}` : ''}` };
    }),
  );
  const { asHeld, ours } = value ?? {};
  return (
    <section aria-label="What you hold">
      <ul className="plain-list flex flex-wrap items-center gap-x-4 gap-y-1" aria-label="Held by you">
        <li>Held by you:</li>
        {held.map(({ pin, itemIndex, words }) => (
          <li key={`${itemIndex}/${pin.stepId}`}>
            {words}{' '}
            <button
              type="button"
              className="press quiet"
              aria-label={`let ${words} go`}
              onClick={() => hand.letGo(itemIndex, pin.stepId)}
            >
              let go
            </button>
          </li>
        ))}
      </ul>
      {asHeld && ours && (
        <p className="m-0 flex flex-wrap items-center gap-x-3">
          <span>
            As you hold it the day starts at <strong>{at(asHeld.startMin)}</strong>
            {asHeld.firstBakeMin === null ? '' : `, first bake ${at(asHeld.firstBakeMin)}`}; with nothing held at{' '}
            <strong>{at(ours.startMin)}</strong>
            {ours.firstBakeMin === null ? '' : `, first bake ${at(ours.firstBakeMin)}`}.{' '}
            {handsWords(asHeld.hands, ours.hands)}
          </span>
          <Press
            quiet
            onClick={() => {
              for (const { id } of holding) void dispatch(changeItem(id, { 'clock.pins': undefined }));
            }}
          >
            Hold nothing
          </Press>
        </p>
      )}
    </section>
  );
}

/** Whose hands have more or less to do as it is held, in a sentence. */
function handsWords(
  held: readonly { cook: string; minutes: number }[],
  ours: readonly { cook: string; minutes: number }[],
): string {
  const said = held.flatMap(({ cook, minutes }) => {
    const by = minutes - (ours.find((h) => h.cook === cook)?.minutes ?? 0);
    return Math.abs(by) < 1 ? [] : [`${cook} has ${span(Math.abs(by))} ${by > 0 ? 'more' : 'less'} to do`];
  });
  return said.length ? `${said.join(', ')}.` : '';
}
