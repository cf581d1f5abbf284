import type { NumberRule } from '@crustallum/core/quantities/rules';
import { Slider } from 'radix-ui';
import { Minus, Plus } from 'lucide-react';
import { memo, useId } from 'react';
import { keysOn } from './letterKeys';
import { fieldUnit } from '../../wording/fieldUnit';
import { NumberField } from './NumberField';

interface Props {
  label: string;
  value: number;
  rule: NumberRule;
  step: number;
  unit: string;
  /** The stretch of the ruler worth having, in stored units. */
  good?: readonly [number, number];
  ink?: string;
  scale?: number;
  places?: number;
  /** Ends of the ruler where the full range is too wide to slide on. */
  from?: number;
  to?: number;
  clash?: boolean;
  /** What stands is ours until the cook says so. */
  ours?: boolean;
  /** Nothing is answered yet: the weight stands white, with this word beside the name. */
  unanswered?: string;
  onChange: (value: number) => void;
}

const ticks = 20;

/** A length of ruler with a weight on it, − and + at its ends and the value typed above. */
export const Rule = memo(function Rule({
  label,
  value,
  rule,
  step,
  unit,
  good,
  ink = 'var(--color-butter)',
  scale,
  places,
  from,
  to,
  clash,
  onChange,
  ours,
  unanswered,
}: Props) {
  const id = useId();
  const [low, high] = [Math.max(rule.min, from ?? rule.min), Math.min(rule.max, to ?? rule.max)];
  const share = (v: number) => `${(100 * (Math.max(low, Math.min(high, v)) - low)) / (high - low)}%`;
  const { next } = fieldUnit(unit, value * (scale ?? 1));
  /** So many steps on, on the marks of the cook's own ruler. */
  const stepped = (by: number) => next(value * (scale ?? 1), by * (scale ?? 1)) / (scale ?? 1);
  const take = (v: number) => onChange(Number(Math.max(rule.min, Math.min(rule.max, v)).toFixed(6)));
  return (
    <div className={`rule ${clash ? 'clash' : ''}`}>
      <div className="lab">
        <label htmlFor={id}>
          {label}
          {unanswered && <em className="unsaid"> {unanswered}</em>}
          {clash && <strong className="clash-word"> clash</strong>}
        </label>
        <NumberField
          id={id}
          label={label}
          value={value}
          rule={rule}
          unit={unit}
          scale={scale}
          places={places}
          ours={ours || unanswered !== undefined}
          onChange={onChange}
        />
      </div>
      <button
        type="button"
        className="key"
        aria-label={`less: ${label}`}
        disabled={value <= rule.min}
        onClick={() => take(stepped(-step))}
      >
        <Minus size={22} />
      </button>
      <Slider.Root
        className="relative flex h-11 touch-none items-center"
        min={low}
        max={high}
        step={step}
        value={[Math.max(low, Math.min(high, value))]}
        onValueChange={([v]) => v !== undefined && take(v)}
        onKeyDown={(e) => {
          const way = [',', '<', ';'].includes(e.key) ? -1 : ['.', '>', ':'].includes(e.key) ? 1 : 0;
          if (!way || !keysOn()) return;
          e.preventDefault();
          take(stepped(way * step * (e.shiftKey ? 5 : 1)));
        }}
      >
        <Slider.Track className="relative h-full w-full">
          {good && (
            <span
              style={{
                position: 'absolute',
                left: share(good[0]),
                right: `calc(100% - ${share(good[1])})`,
                top: 21,
                height: 9,
                background: ink,
              }}
            />
          )}
          <svg className="absolute inset-0 h-full w-full" aria-hidden="true">
            <line x1="0" x2="100%" y1="31" y2="31" stroke="var(--color-ink)" strokeWidth="2" />
            {Array.from({ length: ticks + 1 }, (_, i) => (
              <line
                key={i}
                x1={`${(100 * i) / ticks}%`}
                x2={`${(100 * i) / ticks}%`}
                y1="31"
                y2={i % 5 === 0 ? 41 : 36}
                stroke="var(--color-ink)"
                strokeWidth="1"
              />
            ))}
          </svg>
        </Slider.Track>
        <Slider.Thumb aria-label={label} className="block h-11 w-7" style={{ marginTop: 0 }}>
          <svg width="28" height="44" viewBox="0 0 28 44" aria-hidden="true">
            <path
              d="M5 8h18v12l-6 10h-6L5 20z"
              fill={unanswered ? 'var(--color-flour)' : 'var(--color-ink)'}
              stroke="var(--color-ink)"
              strokeWidth={unanswered ? 2 : 0}
            />
          </svg>
        </Slider.Thumb>
      </Slider.Root>
      <button
        type="button"
        className="key"
        aria-label={`more: ${label}`}
        disabled={value >= rule.max}
        onClick={() => take(stepped(step))}
      >
        <Plus size={22} />
      </button>
    </div>
  );
});
