import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { Measure } from '../design/drawings/Measure';
import { long, plain, sides, thin } from '../wording/numbers';

/** The thing in hand, from the step's own numbers: the sheet to roll, or the piece to fill. */
export function StepDrawing({ step }: { step: TimedStep }) {
  const n = (key: string) => Number(step.values[key] ?? 0);
  if (step.code === 'turns' || step.code === 'rollOut') {
    const [l, w] = step.code === 'turns' ? [n('length'), n('width')] : [n('l'), n('w')];
    if (!(l > 0 && w > 0)) return null;
    const px = Math.min(420 / l, 170 / w);
    const fold = n('fold');
    return (
      <svg
        width="520"
        height={w * px + 60}
        viewBox={`0 0 520 ${w * px + 60}`}
        role="img"
        aria-label={`A sheet of ${sides([l, w], 0)}`}
        style={{ maxWidth: '100%' }}
      >
        <rect
          x="10"
          y="36"
          width={l * px}
          height={w * px}
          fill="url(#fill-dough)"
          stroke="var(--color-ink)"
          strokeWidth="3"
        />
        {fold > 0 &&
          Array.from({ length: fold - 1 }, (_, i) => (
            <line
              key={i}
              x1={10 + (l * px * (i + 1)) / fold}
              x2={10 + (l * px * (i + 1)) / fold}
              y1="36"
              y2={36 + w * px}
              stroke="var(--color-ink)"
              strokeWidth="2"
              strokeDasharray="10 6"
            />
          ))}
        <Measure x1={10} x2={10 + l * px} y1={18} y2={18} text={`${long(l, 0)}`} />
        <Measure x1={26 + l * px} x2={26 + l * px} y1={36} y2={36 + w * px} />
        <text x={38 + l * px} y={42 + (w * px) / 2} style={{ fontSize: 20 }} className="b">
          {plain(w / 10, 0)}
        </text>
      </svg>
    );
  }
  if (step.code === 'fillSeal' || step.code === 'lidSeal') {
    const rim = Math.max(20, n('rim') * 4);
    return (
      <svg
        width="520"
        height="170"
        viewBox="0 0 520 170"
        role="img"
        aria-label={`Leave ${thin(n('rim'), 0)} of rim bare`}
        style={{ maxWidth: '100%' }}
      >
        <path
          d={`M${30 + rim} 110C${90 + rim} 20 ${410 - rim} 20 ${470 - rim} 110Z`}
          fill="url(#fill-filling)"
          stroke="var(--color-ink)"
          strokeWidth="3"
        />
        <rect
          x="30"
          y="110"
          width="440"
          height="18"
          fill="url(#fill-dough)"
          stroke="var(--color-ink)"
          strokeWidth="3"
        />
        <line x1="10" x2="490" y1="131" y2="131" stroke="var(--color-ink)" strokeWidth="6" />
        <Measure x1={30} x2={30 + rim} y1={152} y2={152} />
        <text x={44 + rim} y="160" style={{ fontSize: 20 }} className="b">
          leave {thin(n('rim'), 0)} bare
        </text>
      </svg>
    );
  }
  return null;
}
