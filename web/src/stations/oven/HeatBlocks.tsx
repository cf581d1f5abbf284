import type { ItemInput } from '@crustallum/core/contracts/item';
import type { Programme } from '@crustallum/core/oven/programme';
import { heatsOf } from '@crustallum/core/plan/stations/oven/programme';
import { Slider } from 'radix-ui';
import { useItem } from '../../desk/useItem';
import { degrees, heat, plain } from '../../wording/numbers';
import { turnedWords } from '../../wording/oven';
import { Drawing } from '../_shared/Drawing';
import { at, type Axis } from './Strips';

const high = 74;
const ground = high + 14;

/** Heat as height under the minute axis: the cook's own blocks, their borders and foil dragged; another programme dotted. */
export function HeatBlocks({
  axis,
  item,
  outMin: ready,
  other,
}: {
  axis: Axis;
  item: ItemInput;
  /** Null where it is never ready: it stays in to the end of the axis. */
  outMin: number | null;
  other: Programme | null;
}) {
  const { change } = useItem();
  const heats = heatsOf(item.oven);
  const all = [...heats, ...(other?.steps ?? [])].map((h) => h.setC);
  const [low, top] = [Math.min(...all) - 30, Math.max(...all) + 10];
  const y = (c: number) => ground - (high * (c - low)) / (top - low);
  const end = axis.endMin;
  const outMin = ready ?? end;
  const then = item.oven.then ?? [];
  const tent = item.oven.tentFromMin;
  const width = axis.left + axis.long + 20;
  const setThen = (n: number, fromMin: number) =>
    change({ 'oven.then': then.map((h, i) => (i === n ? { ...h, fromMin: Math.max(1, fromMin) } : h)) });
  const steps = (list: readonly { fromMin: number; setC: number }[], to: number) =>
    list
      .map((h, i) => {
        const next = Math.min(to, list[i + 1]?.fromMin ?? to);
        return `${i ? 'L' : 'M'}${at(axis, h.fromMin)} ${y(h.setC)}L${at(axis, next)} ${y(h.setC)}`;
      })
      .join('');
  return (
    <Drawing
      w={width}
      h={ground + 34}
      label={`The heat as you set it: ${heats.map((h) => `${h.fromMin ? `from ${h.fromMin} min ` : ''}${heat(h.setC)}`).join(', ')}${tent === undefined ? '' : `, foil from ${tent} min`}; ${ready === null ? 'never ready' : `out at ${plain(ready, 0)}`}`}
      overAlways
      over={
        <>
          {then.map((h, n) => (
            <Border
              key={n}
              axis={axis}
              value={h.fromMin}
              label={`Heat ${n + 2} begins`}
              word={`at ${h.fromMin}`}
              onChange={(m) => setThen(n, m)}
            />
          ))}
          {tent !== undefined && (
            <Border
              axis={axis}
              value={tent}
              label="Foil goes on"
              word={`foil ${tent}`}
              onChange={(m) => change({ 'oven.tentFromMin': Math.max(1, m) })}
            />
          )}
        </>
      }
    >
      {heats.map((h, i) => {
        const to = Math.min(outMin, heats[i + 1]?.fromMin ?? outMin);
        if (to <= h.fromMin) return null;
        return (
          <g key={h.fromMin}>
            <rect
              x={at(axis, h.fromMin)}
              y={y(h.setC)}
              width={at(axis, to) - at(axis, h.fromMin)}
              height={ground - y(h.setC)}
              fill={i === 0 ? 'var(--color-fire)' : 'var(--color-fire-2)'}
              stroke="var(--color-ink)"
              strokeWidth="2"
            />
            <text x={at(axis, h.fromMin) + 8} y={y(h.setC) + 20} className="b">
              {degrees(h.setC, 0)}
            </text>
            {(h.grill || h.mode || h.rack) && (
              <text x={at(axis, h.fromMin) + 8} y={y(h.setC) + 38}>
                {[h.grill ? 'grill' : h.mode, h.rack].flatMap((w) => (w ? [turnedWords[w] ?? w] : [])).join(', ')}
              </text>
            )}
          </g>
        );
      })}
      {tent !== undefined && tent < outMin && (
        <rect
          x={at(axis, tent)}
          y={y(heats.at(-1)?.setC ?? low) - 12}
          width={at(axis, Math.min(outMin, Math.max(tent, item.oven.tentToMin ?? outMin))) - at(axis, tent)}
          height="12"
          fill="url(#fill-metal)"
          stroke="var(--color-ink)"
        />
      )}
      {other && (
        <path
          d={steps(other.steps, end - 2)}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="2.500"
          strokeDasharray="3 5"
        />
      )}
      <line
        x1={axis.left}
        x2={axis.left + axis.long}
        y1={ground}
        y2={ground}
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      <line x1={at(axis, outMin)} x2={at(axis, outMin)} y1="4" y2={ground} stroke="var(--color-ink)" strokeWidth="5" />
      <text
        x={at(axis, outMin) + (at(axis, outMin) > axis.left + axis.long - 70 ? -8 : 8)}
        y="16"
        textAnchor={at(axis, outMin) > axis.left + axis.long - 70 ? 'end' : 'start'}
        className="b"
      >
        {ready === null ? 'never ready' : `out ${plain(outMin, 0)}`}
      </text>
      {axis.left > 60 && (
        <>
          <text x="104" y="20" textAnchor="end">
            heat <tspan className="q">mine</tspan>
          </text>
          {other && (
            <text x="104" y="42" textAnchor="end" className="q">
              proposed ···
            </text>
          )}
        </>
      )}
    </Drawing>
  );
}

/** A border between two blocks, taken in hand. */
function Border({
  axis,
  value,
  label,
  word,
  onChange,
}: {
  axis: Axis;
  value: number;
  label: string;
  word: string;
  onChange: (minute: number) => void;
}) {
  return (
    <Slider.Root
      className="absolute flex h-11 touch-none items-center"
      style={{ left: axis.left - 34, width: axis.long + 68, top: ground - 22, pointerEvents: 'none' }}
      min={0}
      max={Math.floor(axis.endMin)}
      step={1}
      value={[Math.min(Math.floor(axis.endMin), value)]}
      onValueChange={([m]) => m !== undefined && onChange(m)}
    >
      <Slider.Track className="relative h-full w-full" />
      <Slider.Thumb
        className="border-held"
        style={{ pointerEvents: 'auto' }}
        aria-label={label}
        aria-valuetext={`${value} min`}
      >
        {word}
      </Slider.Thumb>
    </Slider.Root>
  );
}
