import type { CorrectionInput, FromRecipe } from '@crustallum/core/plan/fromRecipe';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import type { Difference } from '@crustallum/core/plan/differences';
import type { MeasureSystem } from '@crustallum/core/quantities/amounts/units';
import type { PageRecipe } from '@crustallum/core/recipes/apart';
import type { ReadRecipe } from '@crustallum/core/recipes/readRecipe';
import { useEffect, useState } from 'react';
import { secondPlanner } from '../workers/planner';

export type Correction = CorrectionInput;

interface Reading {
  read: ReadRecipe | null;
  made: FromRecipe | null;
  working: boolean;
  /** The text is longer than anything that is read. */
  tooLong: boolean;
}

const longest = 1_100_000;
const readAfterMs = 150;
const nothing: Reading = { read: null, made: null, working: false, tooLong: false };

/** A text read in the worker, with what the cook put right; the page never waits for it. */
export function useReading(
  text: string,
  system: MeasureSystem | null,
  corrections: readonly Correction[],
  mouths: number,
  cook: string,
  kitchen: KitchenInput | undefined,
  ours: readonly Difference[],
): Reading {
  const [reading, setReading] = useState<Reading>(nothing);
  useEffect(() => {
    if (text.trim() === '') {
      setReading(nothing);
      return;
    }
    if (text.length > longest) {
      setReading({ ...nothing, tooLong: true });
      return;
    }
    let current = true;
    setReading((now) => ({ ...now, working: true, tooLong: false }));
    const timer = setTimeout(() => {
      void readAndMake({ text, system, corrections, mouths, cook, kitchen, ours }).then((found) => {
        if (current && found) setReading({ ...found, working: false, tooLong: false });
      });
    }, readAfterMs);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [text, system, corrections, mouths, cook, kitchen, ours]);
  return reading;
}

interface Page {
  text: string;
  system: MeasureSystem | null;
  corrections: readonly Correction[];
  mouths: number;
  cook: string;
  kitchen: KitchenInput | undefined;
  ours: readonly Difference[];
}

/** A recipe read in the worker, and the item it makes; null where it cannot be read at all. */
export async function readAndMake({
  corrections,
  kitchen,
  ...page
}: Page): Promise<Pick<Reading, 'read' | 'made'> | null> {
  const answer = await secondPlanner().compute('recipes.read', { text: page.text, system: page.system });
  if (!answer.ok) return null;
  const read = answer.value as ReadRecipe;
  const whole = [...suggested(read, corrections), ...corrections];
  const item = await secondPlanner().compute('plan.fromRecipe', {
    ...page,
    corrections: whole,
    ...(kitchen ? { kitchen } : {}),
  });
  return { read, made: item.ok ? (item.value as FromRecipe) : null };
}

/** The recipes on a page: more than one is asked about. */
export function useRecipesOn(text: string): readonly PageRecipe[] {
  const [found, setFound] = useState<{ of: string; recipes: readonly PageRecipe[] }>({ of: '', recipes: [] });
  useEffect(() => {
    if (text.trim() === '' || text.length > longest) return;
    let current = true;
    const timer = setTimeout(() => {
      void secondPlanner()
        .compute('recipes.apart', { text })
        .then((answer) => {
          if (current && answer.ok) setFound({ of: text, recipes: answer.value as PageRecipe[] });
        });
    }, readAfterMs);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [text]);
  return found.of === text ? found.recipes : none;
}
const none: readonly PageRecipe[] = [];

/** Doubts come already corrected: the first way out of each is in, unless the cook chose another. */
export function suggested(read: ReadRecipe, corrections: readonly Correction[]): Correction[] {
  return read.alarms.flatMap((alarm): Correction[] => {
    const { about } = alarm;
    if (about.amount === undefined && about.fact === undefined) return [];
    const chosen = corrections.some((c) =>
      about.amount !== undefined ? c.amount === about.amount : c.fact === about.fact,
    );
    return chosen ? [] : [{ ...about, value: alarm.options[0]?.value ?? null }];
  });
}
