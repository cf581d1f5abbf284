import type { ReactNode } from 'react';
import { useMedia, useWidth } from '../ui/useWidth';

interface Props {
  w: number;
  h: number;
  label: string;
  children: ReactNode;
  /** Held measures and other things laid over the drawing, in its own px. */
  over?: ReactNode;
  /** Alone on its sheet: also kept within the height that is left. */
  alone?: boolean;
}

/** A technical drawing: at its own size where there is room, scaled down to no less than 0.82, then it scrolls. */
export function Drawing({ w, h, label, children, over, alone = false }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(w);
  const narrow = useMedia('(max-width: 899px)');
  const room = alone && !narrow ? (Math.max(800, window.innerHeight) - 240) / h : 1.25;
  const scale = Math.max(narrow ? 0.82 : 0.86, Math.min(1.25, width / w, room));
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
        {over && !narrow && (
          <div
            style={{
              position: 'absolute',
              inset: 0,
              width: w,
              height: h,
              transform: `scale(${scale})`,
              transformOrigin: '0 0',
              pointerEvents: 'none',
            }}
            className="[&>*]:pointer-events-auto"
          >
            {over}
          </div>
        )}
      </div>
    </div>
  );
}
