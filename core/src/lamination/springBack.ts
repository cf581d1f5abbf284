import { rowOf, within } from '../quantities/refusal';

/** Estimates: elastic response and relaxation time (minutes at 20 °C) of each dough. */
export const springDoughs = {
  shortcrust: { beta: 0.03, tau20: 20 },
  sweet: { beta: 0.015, tau20: 20 },
  puff: { beta: 0.06, tau20: 25 },
  roughPuff: { beta: 0.055, tau20: 25 },
  yeasted: { beta: 0.085, tau20: 15 },
  hotWater: { beta: 0.02, tau20: 15 },
  filo: { beta: 0.1, tau20: 30 },
} as const;
export type SpringDough = keyof typeof springDoughs;

export type SpringEvent = { roll: number; turn?: boolean; rework?: boolean } | { rest: number; restC?: number };

const relaxation = (tau20: number, t = 20): number => tau20 * Math.exp(0.02 * (20 - t));

export interface SpringBack {
  strain: number;
  /** Share of its length the sheet loses if it is cut now. */
  shrink: number;
  /** Minutes of rest until the shrink is down to the target; 0 if it is. */
  restMin: number | null;
}

/** Stored strain after rolls (thickness ratio ≥ 1) and rests (minutes), the shrink it means, and the rest still owed. Estimates throughout. */
export function springBack(o: {
  dough: string;
  events: readonly SpringEvent[];
  targetShrink?: number;
  restC?: number;
  scale?: number;
  tau20?: number;
}): SpringBack {
  const { beta, tau20: tableTau } = rowOf<{ beta: number; tau20: number }>(springDoughs, o.dough, 'dough');
  const tau20 = o.tau20 ?? tableTau;
  let strain = 0;
  let worked = 0;
  o.events.forEach((event, i) => {
    if ('roll' in event) {
      strain += (o.scale ?? 1) * beta * (1 + 0.1 * worked) * Math.log(within(event.roll, 1, 200, `events.${i}.roll`));
      if (event.turn || event.rework) worked++;
    } else strain *= Math.exp(-within(event.rest, 0, 20_160, `events.${i}.rest`) / relaxation(tau20, event.restC));
  });
  const target =
    o.targetShrink === undefined ? null : -Math.log(1 - within(o.targetShrink, 0.001, 0.5, 'targetShrink'));
  const restMin =
    target === null ? null : strain <= target ? 0 : relaxation(tau20, o.restC) * Math.log(strain / target);
  return { strain, shrink: 1 - Math.exp(-strain), restMin };
}

/** This cook's multiple of the spring-back, from rolled-to and went-back-to lengths: a log-normal prior (sd 0.4) met by measurements (sd 0.25). */
export function calibrateSpring(measurements: readonly { predictedStrain: number; measuredShrink: number }[]): {
  scale: number;
  used: number;
} {
  const usable = measurements.filter((m) => m.measuredShrink > 0 && m.measuredShrink < 0.6 && m.predictedStrain > 0);
  const evidence = usable.reduce(
    (sum, m) => sum + Math.log(-Math.log(1 - m.measuredShrink) / m.predictedStrain) / 0.0625,
    0,
  );
  return { scale: Math.exp(evidence / (1 / 0.16 + usable.length / 0.0625)), used: usable.length };
}

/** Relaxation time from two shrinks of one sheet after two rests (minutes); null if it did not relax. */
export function calibrateRelaxation(t1: number, s1: number, t2: number, s2: number): { tauMin: number | null } {
  const e1 = -Math.log(1 - within(s1, 0.0001, 0.6, 's1'));
  const e2 = -Math.log(1 - within(s2, 0.0001, 0.6, 's2'));
  within(t2, t1 + 0.01, 20_160, 't2');
  return { tauMin: e1 <= e2 ? null : Math.max(5, Math.min(120, (t2 - t1) / Math.log(e1 / e2))) };
}
