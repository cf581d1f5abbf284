import type { CorrectionInput, FromRecipe } from '@crustallum/core/plan/fromRecipe';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import type { Difference } from '@crustallum/core/plan/differences';
import type { MeasureSystem } from '@crustallum/core/quantities/amounts/units';
import type { PageRecipe } from '@crustallum/core/recipes/apart';
import type { ReadRecipe } from '@crustallum/core/recipes/readRecipe';
import { useEffect, useState } from 'react';
import { question } from '../workers/question';

export type Correction = CorrectionInput;

interface Reading {
  read: ReadRecipe | null;
  made: FromRecipe | null;
  working: boolean;
  /** It was not answered: nothing is understood of it yet, or not of what was put right last. */
  unanswered: boolean;
  /** The text is longer than anything that is read. */
  tooLong: boolean;
}

const longest = 1_100_000;
const readAfterMs = 150;
const nothing: Reading = { read: null, made: null, working: false, unanswered: false, tooLong: false };

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
    const taken = new AbortController();
    setReading((now) => ({ ...now, working: true, unanswered: false, tooLong: false }));
    const timer = setTimeout(() => {
      void readAndMake({ text, system, corrections, mouths, cook, kitchen, ours }, taken.signal).then((found) => {
        if (!taken.signal.aborted) setReading((now) => ({ ...now, ...found, working: false, unanswered: !found }));
      });
    }, readAfterMs);
    return () => {
      taken.abort();
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

/** A recipe read in the worker, and the item it makes; null where it was not answered, or was taken back. */
export async function readAndMake(
  { corrections, kitchen, ...page }: Page,
  signal?: AbortSignal,
): Promise<Pick<Reading, 'read' | 'made'> | null> {
  const answer = await question('recipes.read', { text: page.text, system: page.system }, signal);
  if (!answer?.ok) return null;
  const read = answer.value as ReadRecipe;
  const whole = [...suggested(read, corrections), ...corrections];
  const item = await question(
    'plan.fromRecipe',
    { ...page, corrections: whole, ...(kitchen ? { kitchen } : {}) },
    signal,
  );
  return item && { read, made: item.ok ? (item.value as FromRecipe) : null };
}

/** The recipes on a page: more than one is asked about. */
export function useRecipesOn(text: string): readonly PageRecipe[] {
  const [found, setFound] = useState<{ of: string; recipes: readonly PageRecipe[] }>({ of: '', recipes: [] });
  useEffect(() => {
    if (text.trim() === '' || text.length > longest) return;
    const taken = new AbortController();
    const timer = setTimeout(() => {
      void question('recipes.apart', { text }, taken.signal).then((answer) => {
        if (answer?.ok) setFound({ of: text, recipes: answer.value as PageRecipe[] });
      });
    }, readAfterMs);
    return () => {
      taken.abort();
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
