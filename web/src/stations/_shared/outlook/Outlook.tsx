import { remedyNames, whatIfs, type WhatIfName } from '@crustallum/core/plan/questions/changes';
import type { Remedy, Remedies } from '@crustallum/core/plan/questions/remedies';
import type { WhatIf } from '@crustallum/core/plan/questions/whatIf';
import { useEffect, useState } from 'react';
import { useItem } from '../../../desk/useItem';
import { askedLine } from '../../../desk/lines';
import { useAppDispatch, useAppSelector } from '../../../desk/store';
import { question } from '../../../workers/question';
import { plain } from '../../../wording/numbers';
import { inHandWords, moreWords, repairWords, whatIfWords } from '../../../wording/outlook';
import { stepWords } from '../../../wording/steps';
import { useTake } from './useTake';

/** How the day would go otherwise, one question a line; and where it cannot hold, what would mend it. */
export function Outlook() {
  return (
    <div className="outlook">
      <WaysOut />
      <WhatIfs />
    </div>
  );
}

interface Known<T> {
  name: string;
  value: T | null;
  late: boolean;
}

/** Asks one question after the other, each shown as soon as it is answered; anew when the item or kitchen changes. */
function useInTurn<T>(model: string, questions: readonly (readonly [name: string, input: object])[]): Known<T>[] {
  const [known, setKnown] = useState<Known<T>[]>([]);
  const key = JSON.stringify(questions);
  useEffect(() => {
    let current = true;
    setKnown([]);
    const timer = setTimeout(() => {
      void (async () => {
        for (const [name, input] of JSON.parse(key) as [string, object][]) {
          const answer = await question(model, input);
          if (!current) return;
          const value = answer?.ok ? (answer.value as T) : null;
          setKnown((all) => [...all, { name, value, late: answer === null }]);
        }
      })();
    }, 300);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [model, key]);
  return known;
}

/** Only where the plan cannot hold: at which step and by how much, and the ways out, worked out one after the other. */
export function WaysOut() {
  const { item, plan } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const take = useTake();
  const left = plan?.line.inHandMin ?? 0;
  const fails = plan?.line.medium === 'fat' && left < 0;
  const asked = useInTurn<Remedies>(
    'plan.remedies',
    fails && item && kitchen ? remedyNames.map((only) => [only, { item: item.document, kitchen, only }] as const) : [],
  );
  if (!fails || !plan) return null;
  const tight = plan.steps.find((s) => s.id === plan.line.tightestStepId);
  const found = asked.flatMap((a) => a.value?.remedies ?? []).sort(cheapestFirst);
  const open = asked.length < remedyNames.length;
  return (
    <section aria-label="Ways out">
      <h2 className="sign">
        {tight ? stepWords[tight.code] : ''} goes {plain(-left, 0)} min past the band
      </h2>
      <ul className="plain-list" aria-busy={open}>
        {found.map((r) => (
          <li key={r.name}>
            <span>
              <strong>{repairWords(r)}</strong>
              <br />
              <span className="quiet-ink">
                {plain(r.hereMin, 0)} min in hand there, {moreWords(r.moreMin)}
                {r.inHandMin < 0 ? `; elsewhere still ${plain(-r.inHandMin, 0)} min past it` : ''}
              </span>
            </span>
            <button
              type="button"
              className="press quiet"
              aria-label={`Do so: ${repairWords(r)}`}
              onClick={() => take(r.changes)}
            >
              Do so
            </button>
          </li>
        ))}
        {!open && found.length === 0 && (
          <li>No single change mends it: make fewer, or choose a day with a cooler kitchen.</li>
        )}
        {open && <li className="quiet-ink">Working out what would help</li>}
        {asked.some((a) => a.late) && <li className="quiet-ink">One of them took too long and was left out.</li>}
      </ul>
    </section>
  );
}

const cheapestFirst = (a: Remedy, b: Remedy): number =>
  Number(b.inHandMin >= 0) - Number(a.inHandMin >= 0) || a.moreMin - b.moreMin;

function WhatIfs() {
  const { item } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const dotted = useAppSelector((s) => s.askedLine.now);
  const dispatch = useAppDispatch();
  const take = useTake();
  const all = item && kitchen ? Object.entries(whatIfs(item.document, kitchen)) : [];
  const asked = useInTurn<WhatIf>(
    'plan.whatIf',
    item && kitchen ? all.map(([name, changes]) => [name, { item: item.document, kitchen, changes }] as const) : [],
  );
  if (!item || !kitchen) return null;
  const show = (words: string, line: WhatIf['line']) =>
    dispatch(
      dotted?.words === words ? askedLine.actions.gone() : askedLine.actions.shown({ itemId: item.id, words, line }),
    );
  return (
    <section aria-label="What if">
      <h2 className="sign">If it were otherwise</h2>
      <ul className="plain-list" aria-busy={asked.length < all.length}>
        {all.map(([name, changes], i) => {
          const words = whatIfWords(name as WhatIfName, changes);
          const answer = asked[i];
          return (
            <li key={name}>
              <span>
                <strong>{words}</strong>
                <br />
                <span className="quiet-ink">
                  {answer?.value
                    ? `${inHandWords(answer.value.inHandMin)}${answer.value.tightest ? ` at ${stepWords[answer.value.tightest as keyof typeof stepWords].toLowerCase()}` : ''}; ${moreWords(answer.value.moreMin)}`
                    : answer
                      ? answer.late
                        ? 'it took too long and was given up'
                        : 'it cannot be made so'
                      : 'working it out'}
                </span>
              </span>
              {answer?.value && (
                <span className="flex gap-2">
                  <button
                    type="button"
                    className="press quiet"
                    aria-label={`Dot it in: ${words}`}
                    aria-pressed={dotted?.words === words}
                    onClick={() => answer.value && show(words, answer.value.line)}
                  >
                    Dot it in
                  </button>
                  {name !== 'warmKitchen' && (
                    <button
                      type="button"
                      className="press quiet"
                      aria-label={`Do so: ${words}`}
                      onClick={() => take(changes)}
                    >
                      Do so
                    </button>
                  )}
                </span>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
