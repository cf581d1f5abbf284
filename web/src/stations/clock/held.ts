import type { Reach } from '@crustallum/core/clock/play';
import type { PinInput } from '@crustallum/core/contracts/clock';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { keyOf } from '@crustallum/core/plan/steps/key';

/** Minutes a press of a key takes a step by, and the minutes of an hour it stops at in hand. */
export const stepByMin = 5;

/** Steps that can be taken in hand: what is done, waited for or baked; not what goes on beside another, nor the stand. */
export const canBeHeld = (s: TimedStep): boolean =>
  s.during === undefined && s.kind !== 'tend' && s.code !== 'preheat' && s.code !== 'stand' && s.code !== 'clearBench';

/** Pins with one more, or one changed: what is not said of it stays as it was. */
export function withPin(pins: readonly PinInput[] | undefined, pin: PinInput): PinInput[] {
  const before = pins?.find((p) => p.stepId === pin.stepId);
  return [...(pins ?? []).filter((p) => p !== before), { ...before, ...pin }];
}

export const withoutPin = (pins: readonly PinInput[] | undefined, stepId: string): PinInput[] | undefined => {
  const left = (pins ?? []).filter((p) => p.stepId !== stepId);
  return left.length ? left : undefined;
};

/** A minute a step in hand is taken to: within its reach, and on a fifth minute of the hour where the reach allows. */
export function within(reach: Reach | null, minute: number, tableMinute: number): number {
  const onFive = Math.round((minute + tableMinute) / stepByMin) * stepByMin - tableMinute;
  const [from, to] = [reach?.fromMin ?? -Infinity, Math.min(0, reach?.toMin ?? 0)];
  return Math.max(from, Math.min(to, onFive));
}

/** Where everything that is tied to a step in hand begins when that begins at `toMin`: what need not move stays. */
export function movedWith(
  steps: readonly TimedStep[],
  inHand: string,
  toMin: number,
  reach: Reach | null,
): Map<string, number> {
  const ties = new Map(reach?.ties.map((t) => [t.step, t]));
  const moved = new Map([[inHand, toMin]]);
  for (const s of steps) {
    const tie = ties.get(keyOf(s));
    if (!tie) continue;
    const first = tie.notBefore === null ? -Infinity : toMin + tie.notBefore;
    const last = tie.notAfter === null ? Infinity : toMin + tie.notAfter;
    const at = Math.max(first, Math.min(last, s.startMin));
    if (Math.abs(at - s.startMin) >= 1) moved.set(keyOf(s), at);
  }
  return moved;
}
