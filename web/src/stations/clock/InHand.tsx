import { Minus, Plus } from 'lucide-react';
import { useAppSelector } from '../../desk/store';
import { Because } from '../../design/ui/Because';
import { Pick } from '../../design/ui/Pick';
import { Press } from '../../design/ui/Press';
import { clockOn, momentAt, served, span } from '../../wording/numbers';
import { bindsWords, namesIn } from '../../wording/play';
import { stepWord } from '../../wording/steps';
import { stepByMin } from './held';
import type { DayInHand } from './useDayInHand';

const bordered = { border: '2px solid var(--color-ink)' };

/** The step in hand: when it is, how far it could go and what keeps it; held, given to somebody, let go. */
export function InHand({ hand }: { hand: DayInHand }) {
  const { plan, meal, items, kitchen } = useAppSelector((s) => s.desk);
  const { step, play, reach } = hand;
  if (!step || !plan || !meal || !kitchen) return null;
  const pin = items[step.itemIndex]?.document.clock.pins?.find((p) => p.stepId === step.id);
  const titles = items.map((i) => i.document.title);
  const words = namesIn(plan.clock.steps, titles, step.itemIndex);
  const table = served(meal.serveAt);
  const at = (minute: number) => clockOn(momentAt(meal.serveAt, minute), table);
  const from = hand.toMin ?? step.startMin;
  const atEnd = reach && hand.toMin !== null;
  const stops =
    atEnd && hand.toMin !== null && hand.toMin <= reach.fromMin + 0.5
      ? bindsWords(reach.fromBy, false, words)
      : atEnd && hand.toMin !== null && hand.toMin >= Math.min(0, reach.toMin) - 0.5
        ? bindsWords(reach.toBy, true, words)
        : '';
  const others = hand.moved.size - 1;
  const hands = step.cook !== null && kitchen.cooks.length > 1;
  return (
    <section aria-label="The step in hand" className="in-hand">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="m-0" style={{ fontSize: 18 }} role="status">
          <strong>
            {stepWord(step)}, {items[step.itemIndex]?.document.title}
          </strong>
          : {at(step.startMin)}
          {hand.toMin !== null && hand.toMin !== step.startMin && (
            <>
              {' '}
              to <strong>{at(hand.toMin)}</strong>
            </>
          )}
          , {span(step.minutes)}
          {step.cook ? `, ${step.cook}` : ''}
          {pin?.at ? ', held' : ''}
        </p>
        <button
          type="button"
          className="key"
          style={bordered}
          aria-label={`${stepByMin} minutes sooner`}
          onClick={() => hand.takeTo(from - stepByMin)}
        >
          <Minus size={20} />
        </button>
        <button
          type="button"
          className="key"
          style={bordered}
          aria-label={`${stepByMin} minutes later`}
          onClick={() => hand.takeTo(from + stepByMin)}
        >
          <Plus size={20} />
        </button>
        {(hand.toMin !== null || !pin?.at) && (
          <Press onClick={() => hand.hold(step, from)}>
            {hand.toMin === null ? `Hold it at ${at(step.startMin)}` : `Hold it at ${at(hand.toMin)}`}
          </Press>
        )}
        {pin && (
          <Press quiet onClick={() => hand.letGo(step.itemIndex, step.id)}>
            Let it go
          </Press>
        )}
        {hands && (
          <div style={{ minWidth: 200 }}>
            <Pick
              label="In whose hands"
              value={step.cook ?? ''}
              options={kitchen.cooks.map((c) => [c, c] as const)}
              onChange={(c) => hand.give(step, c)}
            />
          </div>
        )}
        <Press quiet onClick={hand.putDown}>
          Put it down
        </Press>
      </div>
      {stops && <p className="problem m-0">No further: {stops}.</p>}
      {others > 0 && (
        <p className="quiet-ink m-0">
          {others === 1 ? 'One step comes' : `${others} steps come`} along; the rest of the day is laid around it when
          it is held.
        </p>
      )}
      {play && !pin?.at && hand.toMin === null && (
        <p className="quiet-ink m-0">
          {play.laterMin > 0
            ? `It could be ${span(play.laterMin)} later, then ${bindsWords(play.laterBy, true, words)}`
            : `It cannot be later: ${bindsWords(play.laterBy, true, words)}`}
          .{' '}
          {play.earlierMin > 0
            ? `${span(play.earlierMin)} sooner, then ${bindsWords(play.earlierBy, false, words)}`
            : `Nor sooner: ${bindsWords(play.earlierBy, false, words)}`}
          .{' '}
          <Because>
            everything else keeps its order, and a wait lasts no longer than its dough or filling keeps. Hands are
            estimates.
          </Because>
        </p>
      )}
    </section>
  );
}
