import { Minus, Plus } from 'lucide-react';
import { Slider } from 'radix-ui';
import type { ReactNode } from 'react';
import { clock } from '../../wording/numbers';
import { useWidth } from './useWidth';

/** The hours a table is laid at, and how finely. */
const [firstHour, lastHour] = [6, 24];
const quarter = 15;

export interface RopeOnRuler {
  name: string;
  /** Minutes before the table its first work begins; shown as far as this day goes. */
  minutes: number;
  ink: string;
}

interface Props {
  value: Date;
  ropes?: readonly RopeOnRuler[];
  onChange: (moment: Date) => void;
  children?: ReactNode;
}

/** One ruler of hours with the table on it; each pie is a rope from its first work to the table. */
export function HourRuler({ value, ropes = [], onChange }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(620);
  const minutes = value.getHours() * 60 + value.getMinutes();
  const span = (lastHour - firstHour) * 60;
  const x = (m: number) => Math.max(0, Math.min(1, (m - firstHour * 60) / span)) * width;
  const set = (m: number) => {
    const next = new Date(value);
    next.setHours(0, Math.max(0, Math.min(lastHour * 60 - quarter, m)), 0, 0);
    onChange(next);
  };
  const high = 26 * ropes.length;
  return (
    <div className="hour-ruler">
      <button
        type="button"
        className="key"
        aria-label="a quarter of an hour earlier"
        onClick={() => set(minutes - quarter)}
      >
        <Minus size={20} />
      </button>
      <div ref={ref} style={{ minWidth: 0, flex: 1 }}>
        {ropes.length > 0 && (
          <svg width={width} height={high} aria-hidden="true">
            {ropes.map((r, i) => {
              const [x0, y0, x1] = [x(minutes - r.minutes), 14 + i * 26, x(minutes)];
              return (
                <g key={r.name}>
                  <path
                    d={`M${x0} ${y0}C${x0 + (x1 - x0) * 0.5} ${y0 + 18} ${x0 + (x1 - x0) * 0.8} ${y0 + 10} ${x1} ${high}`}
                    fill="none"
                    stroke={r.ink}
                    strokeWidth="4"
                  />
                  <circle cx={x0} cy={y0} r="6" fill="var(--color-flour)" stroke={r.ink} strokeWidth="3" />
                  <text
                    x={x0 > 150 ? x0 - 12 : x0 + 12}
                    y={y0 + 5}
                    textAnchor={x0 > 150 ? 'end' : 'start'}
                    className="b"
                    style={{ paintOrder: 'stroke', stroke: 'var(--color-flour)', strokeWidth: 4 }}
                  >
                    {r.name}
                  </text>
                </g>
              );
            })}
          </svg>
        )}
        <Slider.Root
          className="relative flex h-11 touch-none items-center"
          min={firstHour * 60}
          max={lastHour * 60 - quarter}
          step={quarter}
          value={[Math.max(firstHour * 60, Math.min(lastHour * 60 - quarter, minutes))]}
          onValueChange={([m]) => m !== undefined && set(m)}
        >
          <Slider.Track className="relative h-full w-full">
            <svg className="absolute inset-0 h-full w-full" aria-hidden="true">
              <line x1="0" x2="100%" y1="12" y2="12" stroke="var(--color-ink)" strokeWidth="2" />
              {Array.from({ length: (lastHour - firstHour) * 2 + 1 }, (_, i) => (
                <line
                  key={i}
                  x1={`${(100 * i) / ((lastHour - firstHour) * 2)}%`}
                  x2={`${(100 * i) / ((lastHour - firstHour) * 2)}%`}
                  y1="12"
                  y2={i % 4 === 0 ? 24 : 18}
                  stroke="var(--color-ink)"
                />
              ))}
              {Array.from({ length: (lastHour - firstHour) / 2 + 1 }, (_, i) => firstHour + 2 * i).map(
                (hour, i, all) => (
                  <text
                    key={hour}
                    x={`${(100 * (hour - firstHour)) / (lastHour - firstHour)}%`}
                    y="40"
                    textAnchor={i === 0 ? 'start' : i === all.length - 1 ? 'end' : 'middle'}
                    style={{ fontSize: 15 }}
                  >
                    {hour}
                  </text>
                ),
              )}
            </svg>
          </Slider.Track>
          <Slider.Thumb aria-label="hour at the table" aria-valuetext={clock(value)} className="block h-11 w-7">
            <svg width="28" height="44" viewBox="0 0 28 44" aria-hidden="true">
              <path d="M14 2l7 8v14H7V10z" fill="var(--color-ink)" />
            </svg>
          </Slider.Thumb>
        </Slider.Root>
      </div>
      <button
        type="button"
        className="key"
        aria-label="a quarter of an hour later"
        onClick={() => set(minutes + quarter)}
      >
        <Plus size={20} />
      </button>
    </div>
  );
}
