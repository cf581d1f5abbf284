import type { ItemPlan } from '@crustallum/core/plan/item';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import type { StoredItem } from '@crustallum/core/contracts/bake';
import { changeItem, stepItem } from './changes';
import { desk } from './desk';
import { useAppDispatch, useAppSelector } from './store';
import { inHand } from './useInput';
import type { Station } from '@crustallum/core/contracts/stations';
import type { Problem } from '@crustallum/core/plan/problem';

const none: readonly Problem[] = [];

interface ItemInHand {
  item: StoredItem | null;
  index: number;
  plan: ItemPlan | null;
  /** The item's own steps as the Clock places them. */
  steps: TimedStep[];
  problems: readonly Problem[];
  serveAt: string | null;
  change: (changes: Record<string, unknown>) => void;
  settle: (station: Station) => void;
  /** Takes the last change back, or brings it on again. */
  step: (back: boolean) => void;
  /** Whether there is a change to take back, and one to bring on again. */
  canStep: readonly [boolean, boolean];
}

/** The item the address names (or the first of the bake), its plan, and how to change it. */
export function useItem(): ItemInHand {
  const { bakeId, itemId } = useParams();
  const dispatch = useAppDispatch();
  const items = useAppSelector((s) => s.desk.items);
  const whole = useAppSelector((s) => s.desk.plan);
  const index = inHand(items, itemId);
  const id = items[index]?.id ?? '';
  const past = useAppSelector((s) => (s.history[id]?.past.length ?? 0) > 0);
  const future = useAppSelector((s) => (s.history[id]?.future.length ?? 0) > 0);
  // while the day the address names is fetched, the one before it is not shown in its place
  const open = useAppSelector((s) => s.desk.bakeId);
  const there = bakeId === undefined || open === null || bakeId === open;
  const item = there ? (items[index] ?? null) : null;
  const plan = there ? (whole?.items[index] ?? null) : null;
  const steps = useMemo(() => whole?.clock.steps.filter((s) => s.itemIndex === index) ?? [], [whole, index]);
  return {
    item,
    index,
    plan,
    steps,
    problems: plan?.problems ?? none,
    serveAt: whole?.clock.serveAt ?? null,
    change: (changes) => item && void dispatch(changeItem(item.id, changes)),
    settle: (station) => item && dispatch(desk.actions.stationSettled({ id: item.id, station })),
    step: (back) => item && void dispatch(stepItem(item.id, back)),
    canStep: [past, future],
  };
}
