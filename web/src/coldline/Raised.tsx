import type { ColdLine } from '@crustallum/core/plan/coldLine/line';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { onLine } from './onLine';
import { line as path } from 'd3-shape';
import { useId, useMemo, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useWidth } from '../design/ui/useWidth';
import { clock, momentAt, plain, span } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import {
  ghostPieces,
  layStretches,
  lineScale,
  linePieces,
  readingsPath,
  valueAt,
  xAt,
  type LaidStretch,
  type Measured,
} from './layout';
import { Readings } from './Readings';
import { needles, sweat } from './textures';

export interface Live {
  stepId: string;
  minutes: number;
  value?: number | undefined;
}

interface Props {
  line: ColdLine;
  steps: readonly TimedStep[];
  serveAt: string;
  /** A line that is only asked about. */
  asked?: { words: string; line: ColdLine } | null | undefined;
  live?: Live | null | undefined;
  measured?: readonly Measured[] | undefined;
  /** Makes a step so many minutes longer than it is; none where nothing can be moved. */
  onLonger?: ((stepId: string, byMinutes: number) => void) | undefined;
  /** What has been moved goes back to as it was reckoned. */
  onReset?: (() => void) | undefined;
}

const draw = path<[number, number]>();
const [left, right, top, foot] = [66, 96, 118, 104];
const bigStep = 5;
/** What stands over a step needs this much room to its left, else it stands to the right of its line. */
const roomLeft = 72;
const roomOfWords = 132;

/** The line raised to fill the page: degrees at its side, minutes in hand over each step, knobs that move them. */
export function Raised({ line, steps, serveAt, asked, live, measured = [], onLonger, onReset }: Props) {
  const [ref, boxWidth] = useWidth<HTMLDivElement>(1200);
  const id = useId();
  const height = Math.max(420, Math.min(738, window.innerHeight - 62));
  const width = Math.max(300, boxWidth - left - right);
  const plot = height - top - foot;
  const held = useMemo(() => new Map(steps.map((s) => [s.id, s.minutes])), [steps]);
  const laid = useMemo(() => layStretches(line, width, held), [line, width, held]);
  const scale = useMemo(() => lineScale(line, plot), [line, plot]);
  const points = useMemo(() => linePieces(laid, scale), [laid, scale]);
  const dots = useMemo(() => (asked ? ghostPieces(laid, asked.line, scale) : []), [laid, asked, scale]);
  const leaf = line.medium === 'leaf';
  const d = points.map((p) => draw(p) ?? '').join('');
  const startOf = (stepId: string) => steps.find((s) => s.id === stepId);
  const timeOf = (stepId: string, more = 0) => clock(momentAt(serveAt, (startOf(stepId)?.startMin ?? 0) + more));
  const step = 2;
  const first = Math.ceil((line.band.low - (plot - scale.bandBottom) / scale.perUnit) / step) * step;
  const ticks = Array.from({ length: 24 }, (_, i) => first + i * step).filter((v) => scale.inside(v));
  const limits = [
    ['soft', line.band.soft],
    ['runs', line.band.leak],
  ] as const;
  const warm = leaf ? 'var(--color-water-lit)' : 'var(--color-rhubarb-lit)';
  const cold = leaf ? 'var(--color-chalk)' : 'var(--color-frost-lit)';
  const clips = [
    ['above', 0, scale.bandTop, warm],
    [
      'in',
      scale.bandTop,
      scale.bandBottom - scale.bandTop,
      line.free ? 'var(--color-chalk)' : 'var(--color-on-butter)',
    ],
    ['below', scale.bandBottom, plot - scale.bandBottom, cold],
  ] as const;
  const now = live ? laid.find((s) => s.stepId === live.stepId) : undefined;
  const nowX = now && live ? xAt(now, live.minutes) : null;
  return (
    <div ref={ref} className="raised" style={{ height }}>
      <svg
        width={boxWidth}
        height={height}
        role="img"
        aria-label={`${leaf ? 'The Damp Line' : 'The Cold Line'}, raised`}
      >
        <defs>
          <linearGradient id={`band${id}`} x1="0" x2="0" y1="0" y2="1">
            <stop offset="0" stopColor={leaf ? '#efe2c6' : '#f3b53a'} />
            <stop offset="1" stopColor={leaf ? '#efe2c6' : '#f8de86'} />
          </linearGradient>
          <path id={`line${id}`} className="line" d={d} fill="none" strokeWidth="6" strokeLinejoin="round" />
          {clips.map(([side, y, h]) => (
            <clipPath key={side} id={`${side}${id}`}>
              <rect x="0" y={y} width={width} height={Math.max(0, h)} />
            </clipPath>
          ))}
        </defs>
        <g transform={`translate(${left} ${top})`}>
          {!line.free && (
            <>
              <path d={sweat(width, scale.bandTop)} fill={warm} opacity="0.75" />
              <path
                d={needles(width, scale.bandBottom, plot - scale.bandBottom)}
                stroke={cold}
                opacity="0.45"
                fill="none"
              />
              <rect
                y={scale.bandTop}
                width={width}
                height={scale.bandBottom - scale.bandTop}
                fill={`url(#band${id})`}
              />
            </>
          )}
          {ticks.map((v) => (
            <g key={v}>
              <line x1="-8" x2="0" y1={scale.y(v)} y2={scale.y(v)} stroke="var(--color-chalk-2)" />
              <text x="-14" y={scale.y(v) + 5} textAnchor="end" className="cq">
                {onLine(v, line.medium)}
              </text>
            </g>
          ))}
          {limits.map(
            ([word, at]) =>
              at !== null &&
              scale.inside(at) &&
              at > line.band.high && (
                <g key={word}>
                  <line x1="0" x2={width} y1={scale.y(at)} y2={scale.y(at)} stroke={warm} strokeDasharray="10 6" />
                  <text x={width + 10} y={scale.y(at) + 5} style={{ fill: warm }}>
                    {word} {onLine(at, line.medium)}
                  </text>
                </g>
              ),
          )}
          {laid
            .filter((s) => s.kind === 'cold')
            .map((s) => (
              <rect
                key={s.stepId}
                x={s.x}
                width={s.width}
                height={plot}
                fill="#9fd0e8"
                opacity="0.18"
                stroke="#9fd0e8"
                strokeWidth="1.5"
              />
            ))}
          {laid.map((s) => (
            <Ribbon key={s.stepId} s={s} y={scale.y} />
          ))}
          {clips.map(([side, , , stroke]) => (
            <use key={side} href={`#line${id}`} clipPath={`url(#${side}${id})`} stroke={stroke} />
          ))}
          {dots.map((p, i) => (
            <g key={i} fill="none" strokeLinecap="round" strokeDasharray="0.1 9">
              <path d={draw(p) ?? ''} stroke="var(--color-sea)" strokeWidth="8" />
              <path d={draw(p) ?? ''} stroke="#ffffff" strokeWidth="5" />
            </g>
          ))}
          <Hands laid={laid} y={scale.y} medium={line.medium} tightest={line.tightestStepId} />
          {laid
            .filter((s) => s.workableFrom !== null && s.code !== 'cut' && s.workableFrom > 0 && s.minutes > 0)
            .map((s) => {
              const x = xAt(s, s.workableFrom ?? 0);
              return (
                <g key={s.stepId}>
                  <path d={`M${x - 7} ${scale.bandBottom + 13}h14l-7-12z`} fill="var(--color-chalk)" />
                  {s.width > 96 && (
                    <>
                      <text x={x + 2} y={scale.bandBottom + 36} className="b">
                        {s.code === 'turns' || s.code === 'rollOut' ? 'roll' : 'work'} from
                      </text>
                      <text x={x + 2} y={scale.bandBottom + 56} className="b">
                        {timeOf(s.stepId, s.workableFrom ?? 0)}
                      </text>
                    </>
                  )}
                </g>
              );
            })}
          <Readings d={readingsPath(laid, measured, scale)} size={10} />
          {nowX !== null && now && live && (
            <g>
              <line x1={nowX} x2={nowX} y1="0" y2={plot} stroke="var(--color-lantern)" strokeWidth="2" />
              <circle
                cx={nowX}
                cy={scale.y(live.value ?? valueAt(now, live.minutes))}
                r="10"
                fill="var(--color-lantern)"
                stroke="var(--color-sea)"
                strokeWidth="2"
              />
            </g>
          )}
          <line x1="0" x2={width} y1={plot} y2={plot} stroke="var(--color-chalk-2)" />
          {laid.map((s) => (
            <Foot key={s.stepId} s={s} step={startOf(s.stepId)} time={timeOf(s.stepId)} plot={plot} />
          ))}
          {!line.free && (
            <>
              <text x={width + 10} y={scale.bandTop - 14} style={{ fill: warm }} className="b">
                {leaf ? 'sticks' : 'smears'}
              </text>
              <text
                x={width + 10}
                y={(scale.bandTop + scale.bandBottom) / 2 + 5}
                style={{ fill: leaf ? 'var(--color-leaf-lit)' : 'var(--color-butter)' }}
                className="b"
              >
                {leaf ? 'bends' : 'works'}
              </text>
              <text x={width + 10} y={scale.bandBottom + 24} style={{ fill: cold }} className="b">
                cracks
              </text>
            </>
          )}
        </g>
      </svg>
      {onLonger &&
        laid.map((s, i) => {
          const before = laid[i - 1];
          const own = startOf(s.stepId);
          return (
            before &&
            own && (
              <Knob
                key={s.stepId}
                x={left + s.x}
                y={top + plot}
                label={`Move ${stepWord(own)}, ${timeOf(s.stepId)}`}
                minutesAPx={before.minutes / Math.max(8, before.width)}
                onMove={(by) => onLonger(before.stepId, by)}
              />
            )
          );
        })}
      <p className="raised-words">
        {onLonger ? 'Slide a knob to move a step; everything after it follows. ' : ''}
        {asked ? `White dots: the same day ${asked.words}. ` : ''}
        {onReset && (
          <button type="button" className="press quiet" onClick={onReset}>
            As it was reckoned
          </button>
        )}
      </p>
    </div>
  );
}

/** Slow and fast forecast of a stretch, as a grey ribbon. */
function Ribbon({ s, y }: { s: LaidStretch; y: (v: number) => number }) {
  if (!s.low || !s.high) return null;
  const end = s.at[s.at.length - 1] || 1;
  const edge = (values: readonly number[]) =>
    values.slice(0, s.at.length).map((v, i): [number, number] => [s.x + (s.width * (s.at[i] as number)) / end, y(v)]);
  return <path d={draw([...edge(s.low), ...edge(s.high).reverse()]) ?? ''} fill="#b9cbd0" opacity="0.5" />;
}

/** Minutes in hand at the end of every bench step that warms, where there is room to say so. */
function Hands({
  laid,
  y,
  medium,
  tightest,
}: {
  laid: readonly LaidStretch[];
  y: (v: number) => number;
  medium: ColdLine['medium'];
  tightest: string | null;
}) {
  let last = -Infinity;
  return (
    <>
      {laid
        .filter((s) => s.kind === 'bench' && s.leavesBandAt !== null && s.minutes > 0)
        .map((s) => {
          const x = s.x + s.width;
          const spare = (s.leavesBandAt as number) - s.minutes;
          const end = s.value[s.value.length - 1] ?? 0;
          const tight = s.stepId === tightest;
          if (x - last < roomOfWords && !tight) return null;
          const [soon, late] = (s.leavesRange ?? [null, null]).map((m) => (m === null ? null : m - s.minutes));
          const anchor = x < roomLeft ? 'start' : 'end';
          last = anchor === 'start' ? x + roomOfWords : x;
          const ink = spare < 3 ? 'var(--color-rhubarb-lit)' : 'var(--color-butter)';
          return (
            <g key={s.stepId}>
              <line x1={x} x2={x} y1="-14" y2={y(end)} stroke="var(--color-chalk)" />
              <circle cx={x} cy={y(end)} r="8" fill="var(--color-sea)" stroke="#ffffff" strokeWidth="2.500" />
              <text x={x} y="-62" textAnchor={anchor} className="cq">
                {onLine(end, medium, 1)} at the end
              </text>
              <text x={x} y="-24" textAnchor={anchor} className="b">
                <tspan style={{ fill: ink, fontSize: 34 }}>{plain(Math.abs(spare), 0)}</tspan>{' '}
                {spare < 0 ? 'min past it' : 'min in hand'}
              </text>
              {typeof soon === 'number' && (
                <text x={x} y="-82" textAnchor={anchor} className="cq">
                  likely {plain(soon, 0)} to {typeof late === 'number' ? plain(late, 0) : 'many'}
                </text>
              )}
            </g>
          );
        })}
    </>
  );
}

function Foot({ s, step, time, plot }: { s: LaidStretch; step: TimedStep | undefined; time: string; plot: number }) {
  const word = step ? stepWord(step) : '';
  const fits = word.length * 8.2 < s.width + 8;
  return (
    <g>
      {s.width > (s.kind === 'cold' ? 40 : 58) && (
        <text
          x={s.x + s.width / 2}
          y={plot - 14}
          textAnchor="middle"
          style={{ fill: s.kind === 'cold' ? 'var(--color-frost-lit)' : undefined }}
        >
          {s.kind === 'cold'
            ? s.minutes < 100
              ? `${Math.round(s.minutes)}′`
              : `${plain(s.minutes / 60, 1)} h`
            : span(s.minutes)}
        </text>
      )}
      {s.kind === 'bench' && fits && (
        <>
          <text x={s.x + 6} y={plot + 34} className="b">
            {word}
          </text>
          <text x={s.x + 6} y={plot + 54} className="cq">
            {time}
          </text>
        </>
      )}
    </g>
  );
}

/** A knob at a step's beginning: slid, or moved by keys, it makes the step before longer or shorter. */
function Knob({
  x,
  y,
  label,
  minutesAPx,
  onMove,
}: {
  x: number;
  y: number;
  label: string;
  minutesAPx: number;
  onMove: (byMinutes: number) => void;
}) {
  const [from, setFrom] = useState<{ px: number; done: number } | null>(null);
  const slide = (e: PointerEvent<HTMLButtonElement>) => {
    if (!from) return;
    const by = Math.round((e.clientX - from.px) * minutesAPx);
    if (by === from.done) return;
    onMove(by - from.done);
    setFrom({ ...from, done: by });
  };
  const key = (e: KeyboardEvent) => {
    const way = { ArrowRight: 1, ArrowUp: 1, '.': 1, ArrowLeft: -1, ArrowDown: -1, ',': -1 }[e.key];
    if (!way) return;
    e.preventDefault();
    e.stopPropagation();
    onMove(way * (e.shiftKey ? bigStep : 1));
  };
  return (
    <button
      type="button"
      className="knob"
      style={{ left: x - 22, top: y - 22 }}
      aria-label={label}
      aria-description="Arrow keys move it a minute, with Shift five"
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        setFrom({ px: e.clientX, done: 0 });
      }}
      onPointerMove={slide}
      onPointerUp={() => setFrom(null)}
      onPointerCancel={() => setFrom(null)}
      onKeyDown={key}
    >
      <span />
    </button>
  );
}
