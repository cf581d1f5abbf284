import type { RunEventInput } from '@crustallum/core/contracts/run';
import type { ColdLine } from '@crustallum/core/plan/coldLine/line';
import type { ItemPlan } from '@crustallum/core/plan/item';
import type { Recalibrated } from '@crustallum/core/plan/questions/recalibrate';
import { useEffect, useMemo, useRef, useState } from 'react';
import { inOtherUnit } from '@crustallum/core/devices/failings';
import { useDevice } from '../devices/ofThisKitchen';
import { probe } from '../devices/probe';
import { planner } from '../workers/planner';
import type { BenchRun, Say } from './run';
import type { Warmth } from './warmth';

const readEveryMs = 20_000;
/** A reading no pastry can have: the probe lies on the stove, or is broken. */
const [leastC, mostC] = [-25, 45];

export interface Reading {
  stepId: string;
  itemIndex: number;
  minute: number;
  value: number;
}

/** What a probe read in this run, in the order it was read. */
export const readingsOf = (events: readonly RunEventInput[]): Reading[] =>
  events
    .filter((e) => e.type === 'probe' && typeof e.data['valueC'] === 'number')
    .map((e) => ({
      stepId: String(e.data['stepId']),
      itemIndex: Number(e.data['itemIndex']),
      minute: Number(e.data['minute']),
      value: Number(e.data['valueC']),
    }));

/** A run's line with the step in hand as the probe shows it, and the steps after it as they follow from that. */
export function pulledLine(line: ColdLine, stepId: string, now: Recalibrated, later: ColdLine | null): ColdLine {
  const at = line.stretches.findIndex((s) => s.stepId === stepId);
  const stretches = line.stretches.map((s, i) => {
    if (i === at) {
      // the strip draws a step as long as it was planned; what is past that is told in minutes
      const shown = Math.max(2, now.at.filter((m) => m <= s.minutes + 1e-6).length);
      const { low: _low, high: _high, ...bare } = s;
      return {
        ...bare,
        at: now.at.slice(0, shown),
        value: now.value.slice(0, shown),
        leavesBandAt: now.leavesBandAt ?? s.leavesBandAt,
      };
    }
    const next = i > at ? later?.stretches.find((l) => l.stepId === s.stepId) : undefined;
    return next ? { ...s, at: next.at, value: next.value, leavesBandAt: next.leavesBandAt } : s;
  });
  return { ...line, stretches };
}

/**
 * The probe of the step in hand: read while it is put in, its readings kept as events, and after each the forecast anew. With
 * two readings apart the rest of the run is reckoned by what they say of bench or fridge.
 */
// oxlint-disable-next-line max-lines-per-function -- one hook, one reading from asked to kept
export function useProbe(
  run: BenchRun,
  events: readonly RunEventInput[],
  itemIndex: number | undefined,
  warmth: Warmth | null,
  /** The minute of its step the piece in hand stands at, now. */
  minuteNow: () => number,
  say: Say,
) {
  const [on, setOn] = useState(false);
  const [odd, setOdd] = useState<{ shown: number; other: number | null } | null>(null);
  const [silent, setSilent] = useState(false);
  const found = useRef<Recalibrated['keeps']>(null);
  const stepId = warmth?.stretch.body ? warmth.stretch.stepId : null;
  const minute = useRef(minuteNow);
  minute.current = minuteNow;
  const expected = useRef(0);
  expected.current = warmth?.value ?? 0;
  const { showsOther } = useDevice('probe');
  const resting = warmth?.feel === 'cold';
  useEffect(() => {
    if (!on || stepId === null || itemIndex === undefined || resting) return;
    let current = true;
    const read = async () => {
      const at = Math.round(minute.current() * 100) / 100;
      const value = await probe.read({ runId: run.id, itemIndex, stepId, minute: at });
      if (!current) return;
      const other = value === null ? null : inOtherUnit('probe', value, expected.current);
      const impossible = value !== null && (value < leastC || value > mostC || other !== null);
      setOdd(impossible ? { shown: value, other } : null);
      setSilent(value === null);
      if (value !== null && !impossible) {
        const keeps = found.current;
        await say('probe', { itemIndex, stepId, minute: at, valueC: value, ...(keeps ? { keeps } : {}) });
      }
    };
    void read();
    const timer = setInterval(() => void read(), readEveryMs);
    return () => {
      current = false;
      clearInterval(timer);
    };
    // said to show another unit, it is read again at once
  }, [on, stepId, itemIndex, resting, run.id, say, showsOther]);

  const all = useMemo(() => readingsOf(events), [events]);
  const here = useMemo(
    () => all.filter((r) => r.stepId === stepId && r.itemIndex === itemIndex),
    [all, stepId, itemIndex],
  );
  const [pulled, setPulled] = useState<{ stepId: string; now: Recalibrated; later: ColdLine | null } | null>(null);
  const item = itemIndex === undefined ? undefined : run.plan.items[itemIndex];
  useEffect(() => {
    if (!stepId || !item || here.length === 0) {
      setPulled(null);
      return;
    }
    let current = true;
    void (async () => {
      const { kitchen } = run.plan;
      const answer = await planner.compute('plan.recalibrate', {
        item: item.document,
        kitchen,
        stepId,
        readings: here.map((r) => ({ minute: r.minute, valueC: r.value })),
      });
      if (!current || !answer.ok) return;
      const now = answer.value as Recalibrated;
      const rest = now.keeps
        ? await planner.compute('plan.item', {
            item: item.document,
            kitchen: { ...kitchen, [now.keeps.field]: now.keeps.value },
          })
        : null;
      if (current) setPulled({ stepId, now, later: rest?.ok ? (rest.value as ItemPlan).line : null });
    })();
    return () => {
      current = false;
    };
  }, [stepId, item, here, run.plan]);
  const line = useMemo(
    () =>
      item && pulled && pulled.stepId === stepId
        ? pulledLine(item.line, pulled.stepId, pulled.now, pulled.later)
        : null,
    [item, pulled, stepId],
  );
  found.current = line ? (pulled?.now.keeps ?? null) : null;
  const last = here[here.length - 1];
  const before = here.findLast((r) => last && last.minute - r.minute >= 3);
  return {
    on,
    toggle: () => setOn(!on),
    possible: stepId !== null,
    odd,
    silent,
    readings: all.filter((r) => r.itemIndex === itemIndex),
    last: on ? (last?.value ?? null) : null,
    /** °C a minute, over the last three minutes or more. */
    pace: last && before ? (last.value - before.value) / (last.minute - before.minute) : null,
    recalibrated: line ? pulled?.now : undefined,
    line,
  };
}

export type ProbeInHand = ReturnType<typeof useProbe>;
