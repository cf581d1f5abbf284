import { useCallback } from 'react';
import { useParams } from 'react-router';
import type { StoredItem } from '@crustallum/core/contracts/bake';
import { readPath } from '@crustallum/core/plan/path';
import { changeItem } from './changes';
import { useAppDispatch, useAppSelector } from './store';

/** The item the address names, or the first of the bake. */
export const inHand = (items: readonly StoredItem[], itemId: string | undefined): number =>
  Math.max(
    0,
    items.findIndex((i) => i.id === itemId),
  );

interface Input {
  known: boolean;
  value: unknown;
  /** Whether it stands in the way of the plan. */
  clash: boolean;
  take: (value: unknown) => void;
}

/** One input of the item in hand. What uses it is drawn again only when this input changes, not with every plan. */
export function useInput(path: string): Input {
  const { itemId } = useParams();
  const dispatch = useAppDispatch();
  const id = useAppSelector((s) => s.desk.items[inHand(s.desk.items, itemId)]?.id);
  const value = useAppSelector((s) => {
    const item = s.desk.items[inHand(s.desk.items, itemId)];
    return item && readPath(item.document, path);
  });
  const clash = useAppSelector(
    (s) =>
      s.desk.plan?.items[inHand(s.desk.items, itemId)]?.problems.some(
        (p) => p.weight === 'stop' && p.fields.includes(path),
      ) ?? false,
  );
  const take = useCallback(
    (to: unknown) => {
      if (id) void dispatch(changeItem(id, { [path]: to }));
    },
    [dispatch, id, path],
  );
  return { known: id !== undefined, value, clash, take };
}
