import { spoonsOf } from '@crustallum/core/filling/spoons';
import { closingCodes, type Step } from '@crustallum/core/plan/steps/codes';
import { spoonWords } from '../wording/filling';
import { weight } from '../wording/numbers';
import { PotOrder } from './PotOrder';
import type { PartAtBench, RunPlan } from './run';

const closing = new Set<string>([...closingCodes, 'assembleLeaves']);

const grams = (g: number): string => `${weight(g, g < 20 ? 1 : 0)}`;

/** What goes into the pot in its order, and into each pie when it is filled: part by part where it is laid in raw or in layers, else as one. */
export function FillingParts({
  item: { fillingParts: parts = [], mixedEachG, mixedEachMl, pot },
  step,
  minute,
}: {
  item: Pick<RunPlan['items'][number], 'fillingParts' | 'mixedEachG' | 'mixedEachMl' | 'pot'>;
  step: Pick<Step, 'code' | 'minutes'>;
  /** Since the step was begun; null while it is not. */
  minute: number | null;
}) {
  if (parts.length === 0) return null;
  const { code } = step;
  const atPot = code === 'cookFilling' || code === 'prepareFilling';
  if (atPot && pot)
    return (
      <PotOrder
        parts={parts}
        pot={pot}
        pace={step.minutes / Math.max(1, pot.minutes)}
        minute={code === 'cookFilling' ? minute : undefined}
      />
    );
  if (code !== 'cookFilling' && !closing.has(code)) return null;
  const each = (p: PartAtBench) =>
    `${grams(p.eachG)} ${p.name.toLowerCase()}${p.saltEachG ? ` with ${grams(p.saltEachG)} salt` : ''}`;
  return (
    <p className="m-0" style={{ fontSize: 20 }}>
      <strong>{code === 'cookFilling' ? 'In all:' : 'In each:'}</strong>{' '}
      {code === 'cookFilling'
        ? parts.map((p) => `${grams(p.grams)} ${p.name.toLowerCase()}`).join(', ')
        : mixedEachG === undefined
          ? parts.map(each).join(', ')
          : `${grams(mixedEachG)} of filling${mixedEachMl ? `: ${spoonWords(spoonsOf(mixedEachMl))}` : ''}`}
    </p>
  );
}
