import { hasNeed, type EaterInput } from '@crustallum/core/contracts/eater';
import type { DishAnswer } from '@crustallum/core/plan/eaters/answers';
import type { Meeting } from '@crustallum/core/plan/eaters/meets';
import type { MendAnswer } from '@crustallum/core/plan/eaters/mends';
import type { StoredItem } from '@crustallum/core/contracts/bake';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useLarderQuery } from '../../../api/api';
import { changeItem } from '../../../desk/changes';
import { labelsOf } from '../../../desk/houseLabels';
import { useAppDispatch, useAppSelector } from '../../../desk/store';
import { Because } from '../../../design/ui/Because';
import { ItemSign } from '../../../design/drawings/signs';
import {
  answerWords,
  apartWords,
  list,
  meetsWords,
  mendCost,
  mendWords,
  needsOf,
  noMendWords,
} from '../../../wording/eaters';
import { useQuestion } from '../../_shared/useQuestion';
import { mayEat } from './counts';
import { LabelSlip } from './LabelSlip';

/** One person's column: what they may eat, and for each other dish what stands in the way, where, and the press that mends it. */
export function Chosen({ index, eater, onName }: { index: number; eater: EaterInput | undefined; onName: () => void }) {
  const { plan, meal, items, kitchen } = useAppSelector((s) => s.desk);
  const { data: larder } = useLarderQuery();
  const [label, setLabel] = useState<Meeting | null>(null);
  const answers = plan?.who.eaters[index]?.dishes;
  const open = answers?.some((a) => !mayEat(a.answer)) ?? false;
  const question = useMemo(
    () =>
      open && meal && kitchen
        ? {
            items: items.map((i) => i.document),
            eaters: meal.eaters.slice(0, meal.mouthCount),
            eater: index,
            kitchen,
            labels: labelsOf(larder ?? []),
          }
        : null,
    [open, meal, kitchen, items, index, larder],
  );
  const mends = useQuestion<(MendAnswer | null)[]>('plan.eaterMends', question);
  if (!eater || !plan) return null;
  const dishes = items.map((item, i) => ({ item, i, answer: answers?.[i] ?? { answer: 'may' as const, meets: [] } }));
  const may = dishes.filter((d) => mayEat(d.answer.answer)).length;
  const whole = dishes.filter((d) => d.answer.answer === 'may').map((d) => d.item.document.title);
  // only the cheapest is in ink
  const costs = (mends.value ?? []).flatMap((m, i) => (m?.mend ? [[m.mend.bakeMinMore ?? 99, i] as const] : []));
  const cheapest = costs.sort(([a], [b]) => Math.abs(a) - Math.abs(b))[0]?.[1];
  return (
    <>
      <div className="flex items-baseline gap-3">
        <h2 className="sign m-0" style={{ fontSize: 32 }}>
          {eater.name}
        </h2>
        <span className="flex-1" style={{ fontSize: 16 }}>
          {needsOf(eater).join(', ')}
        </span>
        <button
          type="button"
          className="key"
          style={{ width: 'auto', padding: '0 6px', textDecoration: 'underline 2px' }}
          onClick={onName}
        >
          change
        </button>
      </div>
      <p className="m-0" style={{ fontSize: 17 }}>
        {!hasNeed(eater)
          ? 'eats everything'
          : may === items.length
            ? 'may eat of everything'
            : may === 0
              ? `may eat nothing of the day as it stands`
              : `may eat ${may} of ${items.length} as they stand`}
      </p>
      {hasNeed(eater) && whole.length > 0 && whole.length < items.length && (
        <p className="m-0 quiet-ink" style={{ fontSize: 16 }}>
          {list(whole)}: may eat
        </p>
      )}
      {dishes
        .filter((d) => d.answer.answer !== 'may')
        .map(({ item, i, answer }) => (
          <Dish
            key={item.id}
            item={item}
            index={i}
            eater={eater}
            answer={answer}
            mend={mends.value?.[i] ?? null}
            asking={mends.asking}
            ink={i === cheapest}
            onLabel={setLabel}
          />
        ))}
      {hasNeed(eater) && (
        <p className="whatif" style={{ fontSize: 15 }}>
          By what the table and the labels say: traces, boards, brushes and hands are yours to mind. Follow your local
          food-safety rules.
        </p>
      )}
      {label && <LabelSlip meeting={label} eater={eater} onClose={() => setLabel(null)} />}
    </>
  );
}

function Dish({
  item,
  index,
  eater,
  answer,
  mend,
  asking,
  ink,
  onLabel,
}: {
  item: StoredItem;
  index: number;
  eater: EaterInput;
  answer: DishAnswer;
  mend: MendAnswer | null;
  asking: boolean;
  ink: boolean;
  onLabel: (meeting: Meeting) => void;
}) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { plan, bakeId } = useAppSelector((s) => s.desk);
  const apart = plan?.who.apart.find((a) => a.itemIndex === index && a.eaters.includes(eater.name));
  const unread = answer.meets.find((m) => m.against.kind === 'unread' || m.against.kind === 'unknown');
  const unsaid = answer.meets.some((m) => m.against.kind === 'unsaid');
  const change = (changes: Record<string, unknown>) => void dispatch(changeItem(item.id, changes));
  const said = mend?.mend ? mendWords(mend.mend, eater.name) : null;
  return (
    <section
      style={{ borderTop: '1px solid var(--color-hair)', padding: '10px 0 6px' }}
      aria-label={item.document.title}
    >
      <div className="flex gap-3">
        <ItemSign sign={item.document.sign} size={26} />
        <p className="m-0" style={{ fontSize: 17 }}>
          <strong>{answerWords(eater.name, answer)}</strong>
          {answer.answer === 'pieces' && apart ? apartWords(apart) : meetsWords(answer.meets)}
        </p>
      </div>
      {answer.answer === 'pieces' && (
        <>
          <Because>the pastry, its glue and its wash are free of it</Because>
          <button
            type="button"
            className="press quiet mt-1 w-full"
            style={{ minHeight: 44 }}
            onClick={() => change({ 'brief.allAlike': true })}
          >
            Make all alike
          </button>
        </>
      )}
      {said && mend?.mend && (
        <>
          <button
            type="button"
            className={`press ${ink ? '' : 'quiet'} mt-1 w-full text-left`}
            style={{ minHeight: 48 }}
            onClick={() => change(mend.mend?.changes ?? {})}
          >
            <span>
              <strong>{said.what}:</strong> {said.then}
            </span>
          </button>
          <Because>{mendCost(mend.mend)}</Because>
        </>
      )}
      {answer.answer !== 'pieces' && mend?.because && <Because>{noMendWords[mend.because]}</Because>}
      {asking && !mend && answer.answer !== 'pieces' && <p className="working m-0">Looking for what would mend it</p>}
      {answer.answer !== 'pieces' && unread && (
        <button
          type="button"
          className="press quiet mt-1 w-full text-left"
          style={{ minHeight: 44 }}
          onClick={() => onLabel(unread)}
        >
          <span>
            <strong>Read the label of {unread.name.toLowerCase()}:</strong> press what it names
          </span>
        </button>
      )}
      {unsaid && (
        <button
          type="button"
          className="press quiet mt-1 w-full"
          style={{ minHeight: 44 }}
          onClick={() => void navigate(`/bakes/${bakeId}/${item.id}/filling`)}
        >
          Say what is in it
        </button>
      )}
      {item.document.brief.allAlike && (
        <button
          type="button"
          className="press quiet mt-1 w-full"
          style={{ minHeight: 44 }}
          onClick={() => change({ 'brief.allAlike': false })}
        >
          Let pieces be filled apart
        </button>
      )}
    </section>
  );
}
