import { partName, type FormulaPart } from '@crustallum/core/dough/formula';
import { flourIds } from '@crustallum/core/ingredients/table';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { useEffect, useRef, useState } from 'react';
import type { DrawInput, LarderThing } from '@crustallum/core/contracts/larder';
import { useDrawLarderMutation, useLarderQuery, useUndoDrawMutation } from '../api/api';
import type { BenchRun, BenchState } from './run';
import { device } from './screen';
import { actualParts, weighingOf } from './weighing';

const keptKey = (runId: string) => `crustallum.draws.${runId}`;
/** By step: the press that ended its weighing, under whose id it is drawn, and whether the larder has it, or would not. */
type Kept = Record<string, { id: string; drawn: boolean }>;
const keptOf = ({ id, plan }: BenchRun): Kept => {
  const kept = JSON.parse(localStorage.getItem(keptKey(id)) ?? '{}') as Record<string, string | Kept[string]>;
  // before, steps went by their place, and only the id was kept
  return Object.fromEntries(
    Object.entries(kept).map(([step, of]) => {
      const placed = /^\d+$/.test(step) ? plan.steps[Number(step)] : undefined;
      return [placed ? keyOf(placed) : step, typeof of === 'string' ? { id: of, drawn: true } : of];
    }),
  );
};
const keep = (run: BenchRun, step: string, of: Kept[string] | null) => {
  const { [step]: _, ...others } = keptOf(run);
  localStorage.setItem(keptKey(run.id), JSON.stringify(of ? { ...others, [step]: of } : others));
};
/** Refused for good, so that nothing was drawn; a lost answer or a failing server leaves that open. */
const refusedForGood = (error: unknown): boolean => {
  const status = (error as { status?: unknown }).status;
  return typeof status === 'number' && status >= 400 && status < 500;
};

/** What weighed parts take from the things of the larder: by what they are, then by name; flour from any flour. */
export function takesOf(parts: readonly FormulaPart[], larder: readonly LarderThing[]): DrawInput['takes'] {
  const left = new Map(larder.map((t) => [t.id, t.grams]));
  const takes: DrawInput['takes'] = [];
  for (const part of parts.filter((p) => p.id !== 'water' && p.grams > 0)) {
    const named = (t: LarderThing) => t.name.toLowerCase().split(',')[0] === partName(part).toLowerCase();
    const flour = flourIds.includes(part.id);
    const fits = larder
      .filter((t) => t.ingredient === part.id || named(t) || (flour && flourIds.includes(t.ingredient ?? '')))
      .sort((a, b) => Number(b.ingredient === part.id) - Number(a.ingredient === part.id));
    let wanted = part.grams;
    for (const t of fits) {
      const grams = Math.min(wanted, left.get(t.id) ?? 0);
      if (grams <= 0) continue;
      takes.push({ larderId: t.id, grams: Math.round(grams * 10) / 10 });
      left.set(t.id, (left.get(t.id) ?? 0) - grams);
      wanted -= grams;
    }
  }
  return takes;
}

/** Pies closed on another day are taken as they were put away, by their whole name. */
export function closedTakes(
  { name, grams }: { name: string; grams: number },
  larder: readonly LarderThing[],
): DrawInput['takes'] {
  let wanted = grams;
  return larder
    .filter((t) => t.name === name)
    .flatMap((t) => {
      const taken = Math.min(wanted, t.grams);
      wanted -= taken;
      return taken > 0 ? [{ larderId: t.id, grams: Math.round(taken * 10) / 10 }] : [];
    });
}

const tryAgainMs = 10_000;

/**
 * Stock goes down when a dough has been weighed or pies closed on another day went into the oven, and comes back when that is taken back. It is drawn by the screen that pressed,
 * under the id of that press: sent again after a lost answer, it is drawn once.
 */
export function useDraws(run: BenchRun, { now }: BenchState): void {
  const { data: larder } = useLarderQuery();
  const [draw] = useDrawLarderMutation();
  const [undo] = useUndoDrawMutation();
  const [tries, setTries] = useState(0);
  const asking = useRef(new Set<string>());
  useEffect(() => {
    if (!larder) return;
    let again: ReturnType<typeof setTimeout> | undefined;
    const ask = (step: string, last: boolean, sent: Promise<{ error?: unknown }>, done: (error: unknown) => void) => {
      asking.current.add(step);
      void sent.then(({ error }) => {
        asking.current.delete(step);
        done(error);
        const lost = error !== undefined && !refusedForGood(error);
        // what was put back may be drawn anew; what could not be said is said again
        if (lost || !last) again = setTimeout(() => setTries((n) => n + 1), lost ? tryAgainMs : 0);
      });
    };
    for (const [key, { step, done }] of now.steps) {
      const item = run.plan.items[step.itemIndex];
      const closed = step.code === 'bake' && item ? item.closed : undefined;
      if (!item || asking.current.has(key) || !(closed || (step.code === 'weigh' && item.parts))) continue;
      const known = keptOf(run)[key];
      if (known && known.id !== done?.event) {
        ask(key, false, undo(known.id), (error) => {
          // a weighing the larder never had has nothing to put back
          if (error === undefined || refusedForGood(error)) keep(run, key, null);
        });
      } else if (done && !known?.drawn && (known || done.device === device())) {
        const takes = closed
          ? closedTakes(closed, larder)
          : takesOf(actualParts(item, weighingOf(now.events, step.itemIndex)), larder);
        if (takes.length === 0) continue;
        keep(run, key, { id: done.event, drawn: false });
        ask(key, true, draw({ id: done.event, takes }), (error) => {
          // what the larder would not have is not asked again
          if (error === undefined || refusedForGood(error)) keep(run, key, { id: done.event, drawn: true });
        });
      }
    }
    return () => clearTimeout(again);
  }, [larder, run, now, draw, undo, tries]);
}
