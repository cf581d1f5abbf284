import { RefusedInput, within } from '../quantities/refusal';

export const cutterPolicies = ['compensate', 'larger', 'keep', 'stretch'] as const;
export type CutterPolicy = (typeof cutterPolicies)[number];

export interface CutterChoice {
  cutter: number;
  roll: number;
  /** Along the last roll; across it where it shrinks otherwise. */
  finD: number;
  finT: number;
  /** What the cut shape is stretched by against the wanted one, along and across. */
  stretch: [number, number];
  finAcross: number;
}

/**
 * Which cutter and roll thickness give a finished piece of D × t when a cut piece shrinks by `shrinkPct` along the last roll
 * and `acrossPct` across it (mm). A round cutter stays round: it keeps the area, and the finished piece is an oval.
 */
export function cutterFor(o: {
  policy: CutterPolicy;
  D: number;
  t: number;
  shrinkPct: number;
  acrossPct?: number;
  /** Pieces cut by the wheel, or round a pattern, are stretched each way by what that way shrinks. */
  bothWays?: boolean;
  cutterOnHand?: number;
  cutters?: readonly number[];
}): CutterChoice {
  const { policy, D, t } = o;
  const along = 1 - within(o.shrinkPct, 0, 40, 'shrinkPct') / 100;
  const across = 1 - within(o.acrossPct ?? o.shrinkPct, 0, 40, 'acrossPct') / 100;
  const area = along * across;
  const kept = along === across ? along : Math.sqrt(area);
  const made = (cutter: number, roll: number, finT: number, stretch: [number, number]): CutterChoice => ({
    cutter,
    roll,
    finD: D * stretch[0] * along,
    finT,
    stretch,
    finAcross: D * stretch[1] * across,
  });
  switch (policy) {
    case 'compensate':
    case 'larger': {
      const stretch: [number, number] = o.bothWays ? [1 / along, 1 / across] : [1 / kept, 1 / kept];
      const ideal =
        policy === 'compensate' ? made(D / kept, t * area, t, stretch) : made(D / kept, t, t / area, stretch);
      const own = o.cutters?.filter((c) => c >= ideal.cutter - 1e-9).sort((a, b) => a - b)[0];
      if (own === undefined) return ideal;
      const roll = (ideal.roll * ideal.cutter * ideal.cutter) / (own * own);
      return made(own, roll, roll / area, [own / D, own / D]);
    }
    case 'keep':
      return made(D, t, t / area, [1, 1]);
    case 'stretch': {
      const cutter = within(o.cutterOnHand, 5, 1000, 'cutterOnHand');
      return { cutter, roll: t * (D / cutter) ** 2, finD: D, finT: t, stretch: [cutter / D, cutter / D], finAcross: D };
    }
    default:
      throw new RefusedInput({ field: 'policy', code: 'unknown_policy', value: policy, allowed: cutterPolicies });
  }
}
