import { useEffect, useState, type RefObject } from 'react';
import type { Row } from './rows';

interface Leader {
  key: string;
  state: Row['state'];
  y1: number;
  y2: number;
}

const width = 56;

/** Lines from the words to what was understood of them: thin said, thick doubtful. Redrawn when either side moves. */
export function Leaders({
  rows,
  lines,
  places,
  frame,
}: {
  rows: readonly Row[];
  lines: RefObject<Map<number, HTMLElement>>;
  places: RefObject<Map<string, HTMLElement>>;
  frame: RefObject<HTMLElement | null>;
}) {
  const [drawn, setDrawn] = useState<{ height: number; leaders: Leader[] }>({ height: 0, leaders: [] });
  useEffect(() => {
    const box = frame.current;
    if (!box) return;
    const measure = () => {
      const { top, height } = box.getBoundingClientRect();
      const middle = (e: HTMLElement) => {
        const r = e.getBoundingClientRect();
        return r.top - top + Math.min(14, r.height / 2) - 4;
      };
      const leaders = rows.flatMap((row): Leader[] => {
        const from = row.line === null ? undefined : lines.current.get(row.line);
        const to = places.current.get(row.key);
        return from && to ? [{ key: row.key, state: row.state, y1: middle(from) + 12, y2: middle(to) }] : [];
      });
      setDrawn({ height: height - 8, leaders });
    };
    measure();
    const seen = new ResizeObserver(measure);
    seen.observe(box);
    return () => seen.disconnect();
  }, [rows, lines, places, frame]);
  return (
    <svg className="leaders" width={width} height={drawn.height} aria-hidden="true">
      {drawn.leaders.map((l) => (
        <path
          key={l.key}
          d={`M0 ${l.y1}H${width * 0.35}L${width * 0.7} ${l.y2}H${width}`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={l.state === 'doubtful' ? 3 : 1}
          strokeDasharray={l.state === 'unknown' ? '2 4' : undefined}
        />
      ))}
    </svg>
  );
}
