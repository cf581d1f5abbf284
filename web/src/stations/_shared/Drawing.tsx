import type { CSSProperties, ReactNode } from 'react';
import { useNarrow, usePhone, useWidth } from '../../design/ui/useWidth';

interface Props {
  w: number;
  h: number;
  label: string;
  children: ReactNode;
  /** Held measures and other things laid over the drawing, in its own px. */
  over?: ReactNode;
  /** Drawn over it and taken in hand, in its own px: pieces, edges. Kept on every width. */
  live?: ReactNode;
  /** Alone on its sheet: also kept within the height that is left. */
  alone?: boolean;
  /** On a phone: the windows [x, y, w, h] of the drawing that stand one under the other, none wider than 366. */
  windows?: readonly (readonly [number, number, number, number])[];
  /** What is laid over stays on narrow screens: it has no field of its own among the rules. */
  overAlways?: boolean;
}

const laidOver = (width: number, height: number): CSSProperties => ({
  position: 'absolute',
  width,
  height,
  pointerEvents: 'none',
});

/** A technical drawing: at its own size where there is room, scaled down to no less than 0.86, then it scrolls. Phones get drawings of 366 px. */
export function Drawing({ w, h, label, children, over, live, alone = false, windows, overAlways = false }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(w);
  const narrow = useNarrow();
  const phone = usePhone();
  const room = alone && !narrow ? (Math.max(800, window.innerHeight) - 240) / h : 1.25;
  const scale = Math.max(0.86, Math.min(1.25, width / w, room));
  if (phone && windows)
    return (
      <>
        {windows.map(([x, y, wide, high], i) => (
          <div key={`${x} ${y}`} style={{ position: 'relative', width: wide, height: high, overflow: 'hidden' }}>
            <svg
              width={wide}
              height={high}
              viewBox={`${x} ${y} ${wide} ${high}`}
              role="img"
              aria-label={i === 0 ? label : undefined}
              aria-hidden={i > 0 || undefined}
            >
              {children}
            </svg>
            {over && overAlways && (
              <div style={{ ...laidOver(w, h), left: -x, top: -y }} className="[&>*]:pointer-events-auto">
                {over}
              </div>
            )}
          </div>
        ))}
      </>
    );
  return (
    <div
      ref={ref}
      tabIndex={width < w * scale - 1 ? 0 : undefined}
      role={width < w * scale - 1 ? 'region' : undefined}
      aria-label={width < w * scale - 1 ? label : undefined}
    >
      <div style={{ position: 'relative', width: w * scale, height: h * scale }}>
        <svg width={w * scale} height={h * scale} viewBox={`0 0 ${w} ${h}`} role="img" aria-label={label}>
          {children}
        </svg>
        {live && (
          <svg
            width={w * scale}
            height={h * scale}
            viewBox={`0 0 ${w} ${h}`}
            style={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}
            className="[&>*]:pointer-events-auto"
          >
            {live}
          </svg>
        )}
        {over && (!narrow || overAlways) && (
          <div
            style={{ ...laidOver(w, h), inset: 0, transform: `scale(${scale})`, transformOrigin: '0 0' }}
            className="[&>*]:pointer-events-auto"
          >
            {over}
          </div>
        )}
      </div>
    </div>
  );
}
