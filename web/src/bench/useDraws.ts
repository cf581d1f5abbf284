import { partName, type FormulaPart } from '@crustallum/core/dough/formula';
import { flourIds } from '@crustallum/core/ingredients/table';
import { useEffect } from 'react';
import { useDrawLarderMutation, useLarderQuery, useUndoDrawMutation, type Draw, type LarderThing } from '../api/api';
import type { BenchEvent, BenchRun, BenchState } from './run';
import { actualParts, weighingOf } from './weighing';

const keptKey = (runId: string) => `crustallum.draws.${runId}`;
type Kept = Record<string, string>;
const keptOf = (runId: string): Kept => JSON.parse(localStorage.getItem(keptKey(runId)) ?? '{}') as Kept;
const keep = (runId: string, kept: Kept) => localStorage.setItem(keptKey(runId), JSON.stringify(kept));

/** What weighed parts take from the things of the larder: by what they are, then by name; flour from any flour. */
export function takesOf(parts: readonly FormulaPart[], larder: readonly LarderThing[]): Draw['takes'] {
  const left = new Map(larder.map((t) => [t.id, t.grams]));
  const takes: Draw['takes'] = [];
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

/** Stock goes down when a dough has been weighed, and comes back when the cook steps back over it. */
export function useDraws(run: BenchRun, state: BenchState, events: readonly BenchEvent[]): void {
  const { data: larder } = useLarderQuery();
  const [draw] = useDrawLarderMutation();
  const [undo] = useUndoDrawMutation();
  useEffect(() => {
    if (!larder) return;
    run.plan.steps.forEach((step, i) => {
      const item = run.plan.items[step.itemIndex];
      if (step.code !== 'weigh' || !item?.parts) return;
      const kept = keptOf(run.id);
      const known = kept[i];
      if (i < state.index && !known) {
        const takes = takesOf(actualParts(item, weighingOf(events, step.itemIndex)), larder);
        if (takes.length === 0) return;
        const id = crypto.randomUUID();
        keep(run.id, { ...kept, [i]: id });
        void draw({ id, takes }).then((answer) => {
          // not taken: forgotten, so that it is tried again
          if (answer.error)
            keep(run.id, Object.fromEntries(Object.entries(keptOf(run.id)).filter(([k]) => k !== String(i))));
        });
      } else if (i >= state.index && known) {
        void undo(known).then((answer) => {
          if (!answer.error)
            keep(run.id, Object.fromEntries(Object.entries(keptOf(run.id)).filter(([k]) => k !== String(i))));
        });
      }
    });
  }, [larder, run, state.index, events, draw, undo]);
}
