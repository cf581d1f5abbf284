import { ChevronLeft, ChevronRight, X } from 'lucide-react';
import { lensTopPx, type Lens } from './useLens';

interface Props {
  lens: Lens;
  x: (minute: number) => number;
  /** Where the strands begin and the table stands, px. */
  left: number;
  right: number;
  height: number;
}

/** The frame of what is looked at closer, what is beside it dimmed, with presses to move it along the day and to put it away. */
export function LensFrame({ lens, x, left, right, height }: Props) {
  if (!lens.at) return null;
  const [from, to] = [x(lens.at.from), x(lens.at.to)];
  return (
    <g>
      <g pointerEvents="none" fill="var(--color-flour)" fillOpacity="0.45">
        <rect x={left} y="28" width={Math.max(0, from - left)} height={height - 28} />
        <rect x={to} y="28" width={Math.max(0, right - to)} height={height - 28} />
      </g>
      <rect
        x={from}
        y={4 - lensTopPx}
        width={to - from}
        height={height + lensTopPx - 6}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth="3"
        pointerEvents="none"
      />
      <foreignObject x={from} y={4 - lensTopPx} width={to - from} height="46">
        <div className="lens-head">
          <button type="button" className="key" aria-label="Look half an hour sooner" onClick={lens.sooner}>
            <ChevronLeft size={20} />
          </button>
          <button type="button" className="key" aria-label="Look half an hour later" onClick={lens.later}>
            <ChevronRight size={20} />
          </button>
          <strong>where it clashes</strong>
          <button type="button" className="key" aria-label="The whole day at one scale" onClick={lens.close}>
            <X size={20} />
          </button>
        </div>
      </foreignObject>
    </g>
  );
}
