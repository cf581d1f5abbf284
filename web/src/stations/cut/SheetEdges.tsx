import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { long } from '../../wording/numbers';
import type { Frame } from './frame';

interface Sides {
  length: number;
  width: number;
}

const stepMm = 5;
const rounded = (mm: number): number => Math.max(60, Math.min(2000, Math.round(mm / stepMm) * stepMm));

/** The far edges of a sheet, drawn out or in: by pointer, or by arrows of half a centimetre. Nothing is settled before it is let go. */
export function SheetEdges({
  frame,
  sides: now,
  onDrag,
  onLetGo,
}: {
  frame: Frame;
  /** As they are set, which the drawing may not have caught up with. */
  sides: Sides;
  /** While it is drawn: sides as drawn, mm; null when it is let go. */
  onDrag: (sides: Sides | null) => void;
  onLetGo: (sides: Sides) => void;
}) {
  const [drag, setDrag] = useState<{ side: 'length' | 'width'; from: number; mm: number } | null>(null);
  const scaleOf = (e: PointerEvent<SVGGElement>): number => {
    const matrix = e.currentTarget.ownerSVGElement?.getScreenCTM?.();
    return (matrix?.a ?? 1) * frame.px;
  };
  const edge = (side: 'length' | 'width', x: number, y: number, label: string) => {
    const along = side === 'length';
    const mm = drag?.side === side ? drag.mm : now[side];
    const at = along ? x + (mm - frame.w) * frame.px : x;
    const up = along ? y : y + (mm - frame.h) * frame.px;
    const key = (e: KeyboardEvent) => {
      const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[e.key];
      if (!by) return;
      e.preventDefault();
      e.stopPropagation();
      onLetGo({ ...now, [side]: rounded(now[side] + by * stepMm) });
    };
    return (
      <g
        role="slider"
        tabIndex={0}
        aria-label={label}
        aria-valuenow={Math.round(mm)}
        aria-valuemin={60}
        aria-valuemax={2000}
        aria-valuetext={`${long(mm)}`}
        style={{ cursor: along ? 'ew-resize' : 'ns-resize', touchAction: 'none' }}
        onKeyDown={key}
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture?.(e.pointerId);
          setDrag({ side, from: along ? e.clientX : e.clientY, mm: now[side] });
        }}
        onPointerMove={(e) => {
          if (drag?.side !== side) return;
          const by = ((along ? e.clientX : e.clientY) - drag.from) / scaleOf(e);
          const to = rounded(now[side] + by);
          if (to === drag.mm) return;
          setDrag({ ...drag, mm: to });
          onDrag({ ...now, [side]: to });
        }}
        onPointerUp={() => {
          if (drag && drag.mm !== now[side]) onLetGo({ ...now, [side]: drag.mm });
          setDrag(null);
          onDrag(null);
        }}
        onPointerCancel={() => {
          setDrag(null);
          onDrag(null);
        }}
      >
        <rect x={at - 22} y={up - 22} width="44" height="44" fill="transparent" />
        <path
          d={
            along
              ? `M${at - 4} ${up - 14}v28M${at + 4} ${up - 14}v28`
              : `M${at - 14} ${up - 4}h28M${at - 14} ${up + 4}h28`
          }
          stroke="var(--color-ink)"
          strokeWidth="3"
          strokeLinecap="round"
        />
      </g>
    );
  };
  return (
    <>
      {edge('length', frame.x0 + frame.w * frame.px, frame.y0 + (frame.h * frame.px) / 2, 'Length of the sheet')}
      {edge('width', frame.x0 + (frame.w * frame.px) / 2, frame.y0 + frame.h * frame.px, 'Width of the sheet')}
    </>
  );
}
