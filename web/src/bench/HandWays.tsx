import type { RunNow, StepNow } from '@crustallum/core/bench/reduce';
import { plannedId } from '@crustallum/core/bench/split';
import { inAnotherWay } from '@crustallum/core/bench/way';
import type { HandWay } from '@crustallum/core/plan/questions/handWays';
import { readPath } from '@crustallum/core/plan/path';
import { changeItem } from '../desk/changes';
import { useAppDispatch, useAppSelector } from '../desk/store';
import { useQuestion } from '../stations/_shared/useQuestion';
import { Unanswered } from '../stations/_shared/Unanswered';
import { fields } from '../stations/_shared/fields';
import { degrees, plain, span, weight } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import type { RunPlan, Say } from './run';

/** The words of an input that is picked, as the stations have them. */
const wordOf = ({ path, value }: HandWay): string => {
  const def = path === 'dough.method' ? fields.method : fields.crimp;
  return (def.kind === 'pick' && def.options.find(([v]) => v === value)?.[1]) || value;
};

/** The water each way asks for: more motion, colder water. */
const waterOf = ({ step: { values } }: HandWay): string => {
  const ice = Number(values['ice'] ?? 0);
  return Number(values['water'] ?? 0) < 1
    ? ''
    : ` with water at ${degrees(Number(values['waterC']), 0)}${ice > 0.5 ? `, ${weight(ice)} of it ice,` : ''}`;
};

/** The step in hand with what is in the house: each way with its minutes, its warmth or its leak, and the press that does it so. */
export function HandWays({
  item,
  kitchen,
  step,
  now,
  say,
  onChosen,
}: {
  item: RunPlan['items'][number];
  kitchen: RunPlan['kitchen'];
  step: StepNow;
  now: RunNow;
  say: Say;
  onChosen: () => void;
}) {
  const asked = useQuestion<HandWay[]>('plan.handWays', {
    item: item.document,
    kitchen,
    stepId: plannedId(step.step.id),
  });
  const dispatch = useAppDispatch();
  // the pie as it is planned, where it is on this device's desk: the run has a copy of its own, and what is planned is the cook's
  const keepable = useAppSelector((s) => s.desk.items.find((i) => i.id === item.id));
  const { value } = asked;
  if (!value) return <Unanswered asked={asked} working="Working it out" />;
  if (value.length < 2) return <p className="quiet-ink m-0">There is no other way that works here.</p>;
  const planned = value.find((w) => w.planned);
  const taken = step.step.values['way'] ?? planned?.value;
  const leak = (w: HandWay) =>
    planned?.leakIndex && w.leakIndex !== null && !w.planned
      ? `, leaks ${plain(w.leakIndex / planned.leakIndex, 1)} times as likely`
      : '';
  return (
    <section aria-label="With what is in the house" style={{ fontSize: 20 }}>
      <strong>{stepWord(step.step)}, with what is in the house</strong>
      <ul className="plain-list">
        {value.map((w) => (
          <li key={w.value}>
            {wordOf(w)}: {span(w.minutes)}
            {w.outC === null ? '' : `,${waterOf(w)} comes out at ${degrees(w.outC, 1)}`}
            {leak(w)}
            {w.planned && <span className="quiet-ink">, as planned</span>}
            {w.value === taken ? (
              <>
                <strong>, as it is done</strong>
                {keepable && readPath(keepable.document, w.path) !== w.value && (
                  <button
                    type="button"
                    className="press quiet bench-side"
                    onClick={() => void dispatch(changeItem(keepable.id, { [w.path]: w.value }))}
                  >
                    Plan it so from now on
                  </button>
                )}
              </>
            ) : (
              <>
                {' '}
                <button
                  type="button"
                  className="press quiet bench-side"
                  onClick={() => {
                    void say('plan', {
                      ...inAnotherWay(now, step.key, w.step, w.value),
                      words: `${stepWord(step.step).toLowerCase()}: ${wordOf(w)}`,
                    });
                    onChosen();
                  }}
                >
                  Do it so
                </button>
              </>
            )}
          </li>
        ))}
      </ul>
      <p className="quiet-ink m-0">Minutes are estimates; the table keeps its hour until it is set anew.</p>
    </section>
  );
}
