import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { useState } from 'react';

/** Room over the strands for the lens and its presses, px. */
export const lensTopPx = 50;
/** What is looked at closer is no shorter and no longer than this, and a little more than the clash either side, min. */
const [leastMin, mostMin, besideMin] = [60, 240, 15] as const;
/** A press moves it by so much, min. */
const moveMin = 30;

export interface Lens {
  at: { from: number; to: number } | null;
  sooner: () => void;
  later: () => void;
  close: () => void;
}

/** A lens over what clashes: moved along the day by its presses, put away by another, and back with the next clash. */
export function useLens(steps: readonly TimedStep[], clashing: ReadonlySet<string>): Lens {
  const clash = [...clashing].join();
  const [moved, setMoved] = useState<{ clash: string; by: number; closed: boolean }>({
    clash: '',
    by: 0,
    closed: false,
  });
  const own = moved.clash === clash ? moved : { clash, by: 0, closed: false };
  const ringed = steps.filter((s) => clashing.has(keyOf(s)));
  const at = ringed.length && !own.closed ? around(ringed, own.by) : null;
  return {
    at,
    sooner: () => setMoved({ ...own, by: own.by - moveMin }),
    later: () => setMoved({ ...own, by: own.by + moveMin }),
    close: () => setMoved({ ...own, closed: true }),
  };
}

function around(steps: readonly TimedStep[], by: number): { from: number; to: number } {
  const first = Math.min(...steps.map((s) => s.startMin)) - besideMin;
  const last = Math.min(0, Math.max(...steps.map((s) => s.startMin + s.minutes)) + besideMin);
  const long = Math.min(mostMin, Math.max(leastMin, last - first));
  const from = Math.min(-long, first + by);
  return { from, to: from + long };
}
