import { RefusedInput, within } from '../quantities/refusal';

export const cutterPolicies = ['compensate', 'larger', 'keep', 'stretch'] as const;
export type CutterPolicy = (typeof cutterPolicies)[number];

export interface CutterChoice {
  cutter: number;
  roll: number;
  finD: number;
  finT: number;
}

/** Which cutter and roll thickness give a finished piece of D × t when a cut piece shrinks by `shrinkPct` (mm). */
export function cutterFor(o: {
  policy: CutterPolicy;
  D: number;
  t: number;
  shrinkPct: number;
  cutterOnHand?: number;
  cutters?: readonly number[];
}): CutterChoice {
  const { policy, D, t } = o;
  const s = within(o.shrinkPct, 0, 40, 'shrinkPct') / 100;
  const kept = 1 - s;
  switch (policy) {
    case 'compensate':
    case 'larger': {
      const ideal: CutterChoice =
        policy === 'compensate'
          ? { cutter: D / kept, roll: t * kept * kept, finD: D, finT: t }
          : { cutter: D / kept, roll: t, finD: D, finT: t / (kept * kept) };
      const own = o.cutters?.filter((c) => c >= ideal.cutter - 1e-9).sort((a, b) => a - b)[0];
      if (own === undefined) return ideal;
      const roll = (ideal.roll * ideal.cutter * ideal.cutter) / (own * own);
      return { cutter: own, roll, finD: own * kept, finT: roll / (kept * kept) };
    }
    case 'keep':
      return { cutter: D, roll: t, finD: D * kept, finT: t / (kept * kept) };
    case 'stretch': {
      const cutter = within(o.cutterOnHand, 5, 1000, 'cutterOnHand');
      return { cutter, roll: t * (D / cutter) ** 2, finD: D, finT: t };
    }
    default:
      throw new RefusedInput({ field: 'policy', code: 'unknown_policy', value: policy, allowed: cutterPolicies });
  }
}
