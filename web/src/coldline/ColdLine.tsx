import type { ColdLine as Line, Stretch } from '@crustallum/core/plan/coldLine/line';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { onLine } from './onLine';
import { line as path } from 'd3-shape';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { memo, useId, useMemo, useState } from 'react';
import { Because } from '../design/ui/Because';
import { useNarrow, usePhone, useWidth } from '../design/ui/useWidth';
import { clock, degrees, plain, span } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import {
  aroundFocus,
  ghostPieces,
  layStretches,
  lineScale,
  linePieces,
  readingsPath,
  valueAt,
  xAt,
  type Measured,
} from './layout';
import { Raised, type Live } from './Raised';
import { Readings } from './Readings';
import { needles, sweat } from './textures';

interface Props {
  line: Line | null;
  /** The item's own steps with their minutes before the table. */
  steps: readonly TimedStep[];
  serveAt: string | null;
  /** Step codes that belong to the open station; their words stand in a chalk chip. */
  here?: readonly string[];
  /** Or just one step, by its id. */
  hereStep?: string;
  /** At the bench: the step in hand, the minutes it has run, and the value reckoned now where it has run over. */
  live?: Live | null;
  reading?: React.ReactNode;
  height?: number;
  /** A line that is only asked about, in dots over this one. */
  asked?: { words: string; line: Line } | null;
  /** What a probe read, in its steps. */
  measured?: readonly Measured[];
  onLonger?: (stepId: string, byMinutes: number) => void;
  onReset?: (() => void) | undefined;
}

const nowhere: readonly string[] = [];
const noReadings: readonly Measured[] = [];

const draw = path<[number, number]>();

/** The cold of a pie as one line through the degrees its fat can be worked in; for filo the damp of the next leaf. */
export const ColdLine = memo(function ColdLine({
  line,
  steps,
  serveAt,
  here = nowhere,
  hereStep,
  live,
  reading,
  height = 152,
  asked,
  measured = noReadings,
  onLonger,
  onReset,
}: Props) {
  const [ref, boxWidth] = useWidth<HTMLDivElement>(1000);
  const [raised, setRaised] = useState(false);
  const narrow = useNarrow();
  const phone = usePhone();
  const id = useId();
  // the strip's height on a phone counts the reading above it: 104 at rest, 132 at the bench
  const tall = raised ? 420 : phone ? (live === undefined ? 76 : 100) : narrow ? 136 : height;
  const width = Math.max(220, boxWidth - (narrow ? 64 : 104));
  const plot = tall - (phone && !raised ? 26 : 46);
  const held = useMemo(() => new Map(steps.map((s) => [s.id, s.minutes])), [steps]);
  const laid = useMemo(() => {
    if (!line) return [];
    const tightest = line.tightestStepId;
    const inFocus = (s: Stretch) =>
      hereStep ? s.stepId === hereStep : here.length ? here.includes(s.code) : s.stepId === tightest;
    return layStretches(phone && !raised ? aroundFocus(line, inFocus) : line, width, held);
  }, [line, width, held, phone, raised, here, hereStep]);
  const scale = useMemo(() => (line ? lineScale(line, plot) : null), [line, plot]);
  const sweatPath = useMemo(() => sweat(width, scale?.bandTop ?? 0), [width, scale?.bandTop]);
  const needlePath = useMemo(
    () => needles(width, scale?.bandBottom ?? 0, plot - (scale?.bandBottom ?? 0)),
    [width, plot, scale?.bandBottom],
  );
  const points = useMemo(() => (scale ? linePieces(laid, scale) : []), [laid, scale]);
  const full = raised && !phone;
  const leaf = line?.medium === 'leaf';
  const name = leaf ? 'The Damp Line' : 'The Cold Line';
  if (!line || !scale || !serveAt) return <EmptyLine height={height} />;
  const d = points.map((piece) => draw(piece) ?? '').join('');
  const startOf = (stepId: string) => steps.find((s) => s.id === stepId);
  const tight = laid.find((s) => s.stepId === line.tightestStepId);
  const tightX =
    tight && line.inHandMin !== null
      ? xAt(tight, Math.max(0, Math.min(tight.minutes, tight.leavesBandAt ?? tight.minutes)))
      : null;
  const now = live ? laid.find((s) => s.stepId === live.stepId) : undefined;
  const nowX = now && live ? xAt(now, live.minutes) : null;
  const nowValue = now && live ? (live.value ?? valueAt(now, live.minutes)) : null;
  const bandFill = leaf ? 'var(--color-leaf-lit)' : `url(#band${id})`;
  const clips = [
    ['above', 0, scale.bandTop, leaf ? 'var(--color-water-lit)' : 'var(--color-rhubarb-lit)'],
    [
      'in',
      scale.bandTop,
      scale.bandBottom - scale.bandTop,
      line.free ? 'var(--color-chalk)' : 'var(--color-on-butter)',
    ],
    ['below', scale.bandBottom, plot - scale.bandBottom, leaf ? 'var(--color-chalk)' : 'var(--color-frost-lit)'],
  ] as const;
  const tightStep = line.tightestStepId ? startOf(line.tightestStepId) : undefined;
  return (
    <figure
      className={`cold ${full ? 'full' : ''}`}
      aria-label={name}
      style={{ minHeight: narrow || full ? undefined : tall }}
    >
      <div className="reading">
        <div style={{ color: 'var(--color-chalk-2)', fontWeight: 520 }}>{name}</div>
        {full
          ? null
          : (reading ??
            (line.inHandMin === null ? (
              <div style={{ fontSize: 18 }}>{line.free ? 'oil: nothing has to stay cold' : 'nothing is tight'}</div>
            ) : (
              <>
                <div>
                  <b style={line.inHandMin < 0 ? { color: 'var(--color-rhubarb-lit)' } : undefined}>
                    {plain(Math.abs(line.inHandMin), 0)}
                  </b>{' '}
                  <span style={{ fontSize: 18 }}>{line.inHandMin < 0 ? 'min past the band' : 'min in hand'}</span>
                </div>
                <div className="detail">
                  at the tightest, {tightStep ? stepWord(tightStep).toLowerCase() : ''},{' '}
                  <Because>
                    {leaf
                      ? 'a bare leaf dries'
                      : `it warms from ${degrees(tight?.value[0] ?? 0, 1)} to ${degrees(tight?.value[tight.value.length - 1] ?? 0, 1)} there`}
                  </Because>
                </div>
              </>
            )))}
      </div>
      <div ref={ref} style={{ position: 'relative', minWidth: 0 }}>
        {full && (
          <Raised
            line={line}
            steps={steps}
            serveAt={serveAt}
            asked={asked}
            live={live}
            measured={measured}
            onLonger={onLonger}
            onReset={onReset}
          />
        )}
        <svg
          style={full ? { display: 'none' } : undefined}
          width={boxWidth}
          height={full ? 0 : tall}
          role="img"
          aria-labelledby={`t${id}`}
        >
          <title id={`t${id}`}>
            {line.free
              ? `${name}: nothing has to stay cold`
              : `${name}: ${onLine(line.band.low, line.medium)} to ${onLine(line.band.high, line.medium)} works`}
          </title>
          <defs>
            <linearGradient id={`band${id}`} x1="0" x2="0" y1="0" y2="1">
              <stop offset="0" stopColor="#f3b53a" />
              <stop offset="1" stopColor="#f8de86" />
            </linearGradient>
            <linearGradient id={`pleat${id}`} x1="0" x2="1" y1="0" y2="0">
              <stop offset="0" stopColor="#0e2630" stopOpacity="0.5" />
              <stop offset="0.75" stopColor="#0e2630" stopOpacity="0.12" />
              <stop offset="1" stopColor="#0e2630" stopOpacity="0.25" />
            </linearGradient>
            {nowX !== null && (
              <>
                <clipPath id={`past${id}`}>
                  <rect x="0" y="0" width={nowX} height={plot} />
                </clipPath>
                <clipPath id={`ahead${id}`}>
                  <rect x={nowX} y="0" width={Math.max(0, width - nowX)} height={plot} />
                </clipPath>
              </>
            )}
            {clips.map(([side, y, h]) => (
              <clipPath key={side} id={`${side}${id}`}>
                <rect x="0" y={y} width={width} height={Math.max(0, h)} />
              </clipPath>
            ))}
          </defs>
          <g>
            {!line.free && (
              <>
                <path
                  d={sweatPath}
                  fill={leaf ? 'var(--color-water-lit)' : 'var(--color-rhubarb-lit)'}
                  opacity="0.75"
                />
                <path
                  d={needlePath}
                  stroke={leaf ? 'var(--color-chalk-2)' : 'var(--color-frost-lit)'}
                  opacity="0.45"
                  fill="none"
                />
                <rect x="0" y={scale.bandTop} width={width} height={scale.bandBottom - scale.bandTop} fill={bandFill} />
              </>
            )}
            {laid
              .filter((s) => s.kind === 'cold')
              .map((s) => (
                <g key={s.stepId}>
                  <rect x={s.x} y="0" width={s.width} height={plot} fill="#9fd0e8" opacity="0.18" />
                  <rect
                    x={s.x}
                    y={scale.bandTop}
                    width={s.width}
                    height={scale.bandBottom - scale.bandTop}
                    fill={`url(#pleat${id})`}
                  />
                  <path d={`M${s.x} 0V${plot}M${s.x + s.width} 0V${plot}`} stroke="#9fd0e8" opacity="0.5" />
                </g>
              ))}
            {laid
              .filter((s) => s.low && s.high)
              .map((s) => {
                const end = s.at[s.at.length - 1] || 1;
                const edge = (values: number[]) =>
                  values.map((v, i): [number, number] => [s.x + (s.width * (s.at[i] as number)) / end, scale.y(v)]);
                return (
                  <path
                    key={s.stepId}
                    d={draw([...edge(s.low ?? []), ...edge(s.high ?? []).reverse()]) ?? ''}
                    fill="#b9cbd0"
                    opacity={raised ? 0.45 : 0.25}
                  />
                );
              })}
            {clips.map(([side, , , stroke]) => (
              <g key={side} clipPath={`url(#${side}${id})`}>
                {nowX === null ? (
                  <path className="line" d={d} fill="none" stroke={stroke} strokeWidth="3.6" strokeLinejoin="round" />
                ) : (
                  <>
                    <path
                      d={d}
                      fill="none"
                      stroke={stroke}
                      strokeWidth="6"
                      strokeLinejoin="round"
                      clipPath={`url(#past${id})`}
                    />
                    <path
                      d={d}
                      fill="none"
                      stroke={stroke}
                      strokeWidth="5"
                      strokeLinecap="round"
                      strokeDasharray="0.1 9"
                      clipPath={`url(#ahead${id})`}
                    />
                  </>
                )}
              </g>
            ))}
            {asked &&
              ghostPieces(laid, asked.line, scale).map((p, i) => (
                <path
                  key={i}
                  d={draw(p) ?? ''}
                  fill="none"
                  stroke="#ffffff"
                  strokeWidth="3.5"
                  strokeLinecap="round"
                  strokeDasharray="0.1 6"
                />
              ))}
            <Readings d={readingsPath(laid, measured, scale)} size={8} />
            {laid
              .filter((s) => s.workableFrom !== null && s.code !== 'cut' && s.minutes > 0)
              .map((s) => {
                const x = xAt(s, s.workableFrom ?? 0);
                return (
                  <path key={s.stepId} d={`M${x - 5} ${scale.bandBottom + 9}h10l-5-9z`} fill="var(--color-chalk)" />
                );
              })}
            <line x1="0" x2={width} y1={plot} y2={plot} stroke="var(--color-chalk-2)" />
            {laid.map((s) => {
              const step = startOf(s.stepId);
              const last = s.width > 38;
              return (
                <g key={s.stepId}>
                  {s.kind === 'bench' && (
                    <line x1={s.x} x2={s.x} y1={plot - 6} y2={plot + 8} stroke="var(--color-chalk)" strokeWidth="2" />
                  )}
                  {s.kind === 'bench' && last && step && (
                    <StepLabel
                      x={s.x + 4}
                      y={plot + 20}
                      word={stepWord(step)}
                      time={clock(new Date(new Date(serveAt).getTime() + step.startMin * 60_000))}
                      room={s.width}
                      here={hereStep ? s.stepId === hereStep : here.includes(s.code)}
                    />
                  )}
                  {s.kind === 'cold' && s.width > 30 && (
                    <text
                      x={s.x + s.width - 6}
                      y={plot + 20}
                      textAnchor="end"
                      style={{ fill: 'var(--color-frost-lit)' }}
                    >
                      {s.minutes < 100 ? `${Math.round(s.minutes)}′` : `${(s.minutes / 60).toFixed(1)} h`}
                    </text>
                  )}
                </g>
              );
            })}
            {tightX !== null && tight && (
              <g
                transform={`translate(${Math.min(width - 8, tightX)} ${Math.max(10, scale.y(valueAt(tight, Math.min(tight.minutes, tight.leavesBandAt ?? tight.minutes))))})`}
              >
                <circle r="9.500" fill="#ffffff" stroke="var(--color-sea)" strokeWidth="2" />
                <text textAnchor="middle" y="5" style={{ fill: '#0f262f', fontWeight: 800 }}>
                  !
                </text>
              </g>
            )}
            {nowX !== null && nowValue !== null && (
              <g>
                <line x1={nowX} x2={nowX} y1="0" y2={plot + 6} stroke="var(--color-lantern)" strokeWidth="2" />
                <circle
                  cx={nowX}
                  cy={scale.y(nowValue)}
                  r="9"
                  fill="var(--color-lantern)"
                  stroke="var(--color-sea)"
                  strokeWidth="2"
                />
              </g>
            )}
            {!line.free && (
              <g transform={`translate(${width + 8} 0)`}>
                <text
                  y={scale.bandTop + 5}
                  style={{ fill: leaf ? 'var(--color-water-lit)' : 'var(--color-rhubarb-lit)', fontWeight: 640 }}
                >
                  {onLine(line.band.high, line.medium)}
                </text>
                {tall > 110 && (
                  <text
                    y={(scale.bandTop + scale.bandBottom) / 2 + 5}
                    style={{ fill: leaf ? 'var(--color-leaf-lit)' : 'var(--color-butter)' }}
                  >
                    {leaf ? 'bends' : 'works'}
                  </text>
                )}
                <text
                  y={scale.bandBottom + 6}
                  style={{ fill: leaf ? 'var(--color-chalk)' : 'var(--color-frost-lit)', fontWeight: 640 }}
                >
                  {onLine(line.band.low, line.medium)}
                </text>
              </g>
            )}
          </g>
        </svg>
        <ol className="visually-hidden">
          {laid.map((s) => {
            const step = startOf(s.stepId);
            return (
              <li key={s.stepId}>
                {step ? stepWord(step) : s.code}, {s.kind === 'cold' ? 'in the cold' : 'at the bench'} {span(s.minutes)}
                , from {onLine(s.value[0] ?? 0, line.medium, 1)} to {onLine(s.value.at(-1) ?? 0, line.medium, 1)}
                {s.leavesBandAt !== null ? `, ${plain(s.leavesBandAt - s.minutes, 0)} minutes in hand` : ''}
              </li>
            );
          })}
        </ol>
      </div>
      <button
        type="button"
        className="raise"
        data-raise
        aria-label={raised ? `Lower ${name}` : `Raise ${name}`}
        aria-expanded={raised}
        onClick={() => setRaised(!raised)}
      >
        {raised ? <ChevronDown size={26} /> : <ChevronUp size={26} />}
      </button>
    </figure>
  );
});

function StepLabel({
  x,
  y,
  word,
  time,
  room,
  here,
}: {
  x: number;
  y: number;
  word: string;
  time: string;
  room: number;
  here: boolean;
}) {
  const wide = word.length * 8.2 + 8;
  const fits = wide < room + 22;
  if (!fits && room < 44) return null;
  return (
    <g>
      {here && fits && <rect x={x - 3} y={y - 15} width={wide} height={20} fill="var(--color-chalk)" rx="2" />}
      {fits && (
        <text x={x} y={y} className="b" style={here ? { fill: '#0f262f' } : undefined}>
          {word}
        </text>
      )}
      <text x={x} y={y + 19} className="cq">
        {time}
      </text>
    </g>
  );
}

function EmptyLine({ height }: { height: number }) {
  const [ref, width] = useWidth<HTMLDivElement>(1000);
  const w = Math.max(280, width - 64);
  return (
    <figure className="cold" aria-label="The Cold Line" style={{ minHeight: height }}>
      <div className="reading">
        <div style={{ color: 'var(--color-chalk-2)', fontWeight: 520 }}>The Cold Line</div>
        <div style={{ fontSize: 20, lineHeight: 1.15, fontWeight: 600, margin: '6px 0' }}>nothing to keep cold yet</div>
        <div style={{ color: 'var(--color-chalk-2)' }}>your pie’s line will run through the yellow</div>
      </div>
      <div ref={ref}>
        <svg width={w} height={height} aria-hidden="true">
          <path d={sweat(w, 34)} fill="var(--color-rhubarb-lit)" opacity="0.7" />
          <path d={needles(w, 70, 34)} stroke="var(--color-frost-lit)" opacity="0.45" fill="none" />
          <rect y="34" width={w} height="36" fill="var(--color-butter)" />
          <text x="14" y="58" style={{ fill: '#0f262f', fontWeight: 560 }}>
            fat can be worked between these two lines; warmer it smears, colder it cracks
          </text>
        </svg>
      </div>
    </figure>
  );
}
