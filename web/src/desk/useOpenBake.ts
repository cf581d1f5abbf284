import { useEffect } from 'react';
import type { BakeHead } from '@crustallum/core/contracts/bake';
import { dayStanding, type DayStanding } from '@crustallum/core/contracts/dayStanding';
import { useBakeQuery, useBakesQuery, useKitchenQuery } from '../api/api';
import { desk } from './desk';
import { useAppDispatch, useAppSelector } from './store';
import { takeUpBake } from './takeUpBake';

/** The bake to open when the address names none: one at the bench, else the soonest to come, else the last not written down; none when all are done. */
export function currentBake(bakes: readonly BakeHead[], now: number): BakeHead | undefined {
  const at = (b: BakeHead) => new Date(b.serveAt).getTime();
  const soonest = [...bakes].sort((a, b) => at(a) - at(b));
  const are = (standing: DayStanding) => soonest.filter((b) => dayStanding(b, now) === standing);
  return are('running')[0] ?? are('planned')[0] ?? are('unwritten').at(-1);
}

/** Puts the addressed bake (or the current one) and the kitchen on the desk. */
export function useOpenBake(bakeId: string | undefined): { missing: boolean } {
  const dispatch = useAppDispatch();
  const open = useAppSelector((s) => s.desk.bakeId);
  const { data: bakes } = useBakesQuery(undefined, { refetchOnReconnect: true });
  // a day that is written down makes room for the next
  const openHead = bakes?.find((b) => b.id === open);
  const done = openHead !== undefined && dayStanding(openHead, Date.now()) === 'done';
  const wanted = bakeId ?? (done ? undefined : open) ?? (bakes && currentBake(bakes, Date.now())?.id);
  const { data: bake, error } = useBakeQuery(wanted ?? '', { skip: !wanted });
  const { data: kitchen } = useKitchenQuery();
  useEffect(() => {
    if (!bake) return;
    let current = true;
    void dispatch(takeUpBake(bake, () => current));
    return () => {
      current = false;
    };
  }, [bake, dispatch]);
  useEffect(() => {
    if (kitchen) dispatch(desk.actions.kitchenKnown(kitchen.document));
  }, [kitchen, dispatch]);
  const status = (error as { status?: unknown } | undefined)?.status;
  const gone = status === 404 || status === 400;
  useEffect(() => {
    if (gone && !bakeId && open) dispatch(desk.actions.bakeClosed());
  }, [gone, bakeId, open, dispatch]);
  return { missing: gone && bakeId !== undefined };
}
