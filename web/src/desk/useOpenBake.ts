import { useEffect } from 'react';
import type { BakeHead } from '@crustallum/core/contracts/bake';
import { useBakeQuery, useBakesQuery, useKitchenQuery } from '../api/api';
import { desk } from './desk';
import { useAppDispatch, useAppSelector } from './store';
import { takeUpBake } from './takeUpBake';

const graceMs = 12 * 3_600_000;

/** The bake to open when the address names none: the soonest still to come (or just over), else the latest. */
export function currentBake(bakes: readonly BakeHead[], now: number): BakeHead | undefined {
  const at = (b: BakeHead) => new Date(b.serveAt).getTime();
  const ahead = bakes.filter((b) => at(b) > now - graceMs).sort((a, b) => at(a) - at(b));
  return ahead[0] ?? [...bakes].sort((a, b) => at(b) - at(a))[0];
}

/** Puts the addressed bake (or the current one) and the kitchen on the desk. */
export function useOpenBake(bakeId: string | undefined): { missing: boolean } {
  const dispatch = useAppDispatch();
  const open = useAppSelector((s) => s.desk.bakeId);
  const { data: bakes } = useBakesQuery(undefined, { refetchOnReconnect: true });
  const wanted = bakeId ?? open ?? (bakes && currentBake(bakes, Date.now())?.id);
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
