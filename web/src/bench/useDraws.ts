import { partName, type FormulaPart } from '@crustallum/core/dough/formula';
import { flourIds } from '@crustallum/core/ingredients/table';
import { useEffect, useRef, useState } from 'react';
import type { DrawInput, LarderThing } from '@crustallum/core/contracts/larder';
import { useDrawLarderMutation, useLarderQuery, useUndoDrawMutation } from '../api/api';
import type { BenchEvent, BenchRun, BenchState } from './run';
import { actualParts, weighingOf } from './weighing';

const keptKey = (runId: string) => `crustallum.draws.${runId}`;
/** By step: the id under which its weighing is drawn, and whether the larder has it. The id outlives a lost answer. */
type Kept = Record<string, { id: string; drawn: boolean }>;
const keptOf = (runId: string): Kept => {
  const kept = JSON.parse(localStorage.getItem(keptKey(runId)) ?? '{}') as Record<string, string | Kept[string]>;
  // before, only the id was kept
  return Object.fromEntries(
    Object.entries(kept).map(([step, of]) => [step, typeof of === 'string' ? { id: of, drawn: true } : of]),
  );
};
const keep = (runId: string, step: number, of: Kept[string] | null) => {
  const { [step]: _, ...others } = keptOf(runId);
  localStorage.setItem(keptKey(runId), JSON.stringify(of ? { ...others, [step]: of } : others));
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

const tryAgainMs = 10_000;

/**
 * Stock goes down when a dough has been weighed, and comes back when the cook steps back over it. Each weighing keeps its id
 * until the larder has answered: sent again after a lost answer, it is drawn once.
 */
export function useDraws(run: BenchRun, state: BenchState, events: readonly BenchEvent[]): void {
  const { data: larder } = useLarderQuery();
  const [draw] = useDrawLarderMutation();
  const [undo] = useUndoDrawMutation();
  const [tries, setTries] = useState(0);
  const asking = useRef(new Set<number>());
  useEffect(() => {
    if (!larder) return;
    let again: ReturnType<typeof setTimeout> | undefined;
    const ask = (step: number, sent: Promise<{ error?: unknown }>, done: (error: unknown) => void) => {
      asking.current.add(step);
      void sent.then(({ error }) => {
        asking.current.delete(step);
        done(error);
        if (error !== undefined && !refusedForGood(error)) again = setTimeout(() => setTries((n) => n + 1), tryAgainMs);
      });
    };
    run.plan.steps.forEach((step, i) => {
      const item = run.plan.items[step.itemIndex];
      if (step.code !== 'weigh' || !item?.parts || asking.current.has(i)) return;
      const known = keptOf(run.id)[i];
      if (i < state.index && !known?.drawn) {
        const takes = takesOf(actualParts(item, weighingOf(events, step.itemIndex)), larder);
        if (takes.length === 0) return;
        const id = known?.id ?? crypto.randomUUID();
        keep(run.id, i, { id, drawn: false });
        ask(i, draw({ id, takes }), (error) => {
          if (error === undefined) keep(run.id, i, { id, drawn: true });
          else if (refusedForGood(error)) keep(run.id, i, null);
        });
      } else if (i >= state.index && known) {
        ask(i, undo(known.id), (error) => {
          // a weighing the larder never had has nothing to put back
          if (error === undefined || refusedForGood(error)) keep(run.id, i, null);
        });
      }
    });
    return () => clearTimeout(again);
  }, [larder, run, state.index, events, draw, undo, tries]);
}
