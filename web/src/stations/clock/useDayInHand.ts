import type { DayPlay } from '@crustallum/core/plan/questions/play';
import type { PinInput } from '@crustallum/core/contracts/clock';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { useMemo, useState } from 'react';
import { changeItem } from '../../desk/changes';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { localMoment, momentAt, served } from '../../wording/numbers';
import { useQuestion } from '../_shared/useQuestion';
import { canBeHeld, movedWith, withPin, within, withoutPin } from './held';

const soonMs = 40;
/** With nothing in hand the play of the day is asked for after the day itself is drawn. */
const leisurelyMs = 400;

/** A step of the day in the cook's hand: where it could go, where it is taken to, and how it is held and let go. */
export function useDayInHand() {
  const { plan, meal, items, kitchen } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  const [hand, setHand] = useState<{ key: string; toMin: number | null } | null>(null);
  const step = hand ? (plan?.clock.steps.find((s) => keyOf(s) === hand.key && canBeHeld(s)) ?? null) : null;
  const day = meal && kitchen ? { meal, items: items.map((i) => i.document), kitchen } : null;
  const { value } = useQuestion<DayPlay>(
    'plan.play',
    day && (step ? { ...day, inHand: keyOf(step) } : day),
    step ? soonMs : leisurelyMs,
  );
  // an answer about another step says nothing of how far this one goes
  const answered = step !== null && value?.inHand === keyOf(step);
  const reach = answered ? value.reach : null;
  const plays = useMemo(() => new Map(value?.plays?.map((p) => [p.step, p])), [value]);
  const pin = (s: TimedStep, what: Omit<PinInput, 'stepId'>) => {
    const item = items[s.itemIndex];
    if (item)
      void dispatch(
        changeItem(item.id, { 'clock.pins': withPin(item.document.clock.pins, { stepId: s.id, ...what }) }),
      );
  };
  const table = meal ? served(meal.serveAt) : null;
  return {
    step,
    toMin: hand?.toMin ?? null,
    play: answered ? (plays.get(keyOf(step)) ?? null) : null,
    /** How much sooner and later every step could be, by its key; none until it is worked out. */
    plays,
    reach,
    /** Where everything begins with the step where it is taken to. */
    moved:
      step && plan && hand?.toMin != null
        ? movedWith(plan.clock.steps, keyOf(step), hand.toMin, reach)
        : new Map<string, number>(),
    take: (s: TimedStep) => setHand({ key: keyOf(s), toMin: null }),
    putDown: () => setHand(null),
    /** Takes it to a minute before the table, as far as it goes; null puts it back. */
    takeTo: (minute: number | null) =>
      setHand(
        (h) =>
          h && {
            ...h,
            toMin: minute === null || !table ? null : within(reach, minute, table.getHours() * 60 + table.getMinutes()),
          },
      ),
    /** Holds a step at the minute it was taken to, or where it stands. */
    hold: (s: TimedStep, atMin: number) => {
      if (meal) pin(s, { at: localMoment(momentAt(meal.serveAt, Math.floor(atMin + 1e-6))) });
      setHand((h) => h && { ...h, toMin: null });
    },
    give: (s: TimedStep, cook: string) => pin(s, { cook }),
    letGo: (itemIndex: number, stepId: string) => {
      const item = items[itemIndex];
      if (item) void dispatch(changeItem(item.id, { 'clock.pins': withoutPin(item.document.clock.pins, stepId) }));
    },
  };
}
export type DayInHand = ReturnType<typeof useDayInHand>;
