import type { TimedStep } from '@crustallum/core/plan/steps/codes';

/** Pieces worked through one by one: done, in hand, still to come. */
export function Pieces({ step, done }: { step: TimedStep | undefined; done: number }) {
  if (!step || step.pieces < 2 || step.pieces > 60) return <div className="bench-no-pieces" />;
  return (
    <svg
      className="bench-pieces"
      width="100%"
      height="34"
      viewBox={`0 0 ${Math.max(560, step.pieces * 30)} 34`}
      preserveAspectRatio="xMinYMid meet"
      role="img"
      aria-label={`${done} of ${step.pieces} done`}
    >
      {Array.from({ length: step.pieces }, (_, i) => (
        <path
          key={i}
          d={`M${i * 30 + 5} 4h18l5 24h-28z`}
          fill={i < done ? 'var(--color-ink)' : i === done ? 'var(--color-lantern)' : 'var(--color-flour)'}
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
      ))}
    </svg>
  );
}
