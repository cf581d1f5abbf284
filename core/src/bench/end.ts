import type { Tick } from '../plan/stations/seal/result';
import type { TimedStep } from '../plan/steps/codes';

/** What is seen to before the bench is left: of what was lit, what was raw, what is left over. */
export function endTicks(steps: readonly TimedStep[], raw: boolean): Tick[] {
  const any = (of: (s: TimedStep) => boolean) => steps.some(of);
  const codes: Tick['code'][] = [
    ...(any((s) => s.kind === 'hob') ? (['tick.ringsOff'] as const) : []),
    ...(any((s) => s.kind === 'oven') ? (['tick.ovenOff'] as const) : []),
    ...(raw ? (['tick.rawWashed'] as const) : []),
    ...(any((s) => s.strand === 'filling') ? (['tick.restCold'] as const) : []),
    ...(any((s) => s.code === 'clearBench') ? [] : (['tick.benchClear'] as const)),
  ];
  return codes.map((code) => ({ code, values: {} }));
}
