import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { clock, momentAt, served } from '../../wording/numbers';
import { stepWord } from '../../wording/steps';
import { colour, packed } from './packed';

const width = 366;
const lanes = { hot: [50, 104], hands: [108, 268], cold: [272, width] } as const;
/** Least height of a step of the hands, so that its word can be read. */
const wordPx = 19;
const pxAMinute = 0.9;
/** A stretch in which nobody has a hand in it is pleated to this share of its length. */
const pleat = 0.35;
/** And to no more than this, however many days it lasts. */
const longestWaitPx = 110;

const laneOf = (s: TimedStep): keyof typeof lanes =>
  s.kind === 'oven' || s.kind === 'stand' ? 'hot' : s.cook ? 'hands' : 'cold';

/** px down the page of each moment at which something begins or ends: waiting is pleated, a worded step keeps its word's height. */
function fall(steps: readonly TimedStep[]): Map<number, number> {
  const moments = [...new Set(steps.flatMap((s) => [s.startMin, s.startMin + s.minutes]))].sort((a, b) => a - b);
  const down = new Map<number, number>();
  let y = 34;
  moments.forEach((m, i) => {
    down.set(m, y);
    const to = moments[i + 1];
    if (to === undefined) return;
    const worked = steps.some((s) => s.cook && s.startMin <= m && s.startMin + s.minutes >= to);
    const begins = steps.some((s) => s.cook && s.startMin === m);
    y += Math.max(
      begins ? wordPx : 3,
      worked ? (to - m) * pxAMinute : Math.min(longestWaitPx, (to - m) * pxAMinute * pleat),
    );
  });
  return down;
}

/** The day on a phone: time goes down, hot is left, cold is right, the hands in between, the table a slice at the foot. */
export function UprightClock({ steps: all, serveAt }: { steps: readonly TimedStep[]; serveAt: string }) {
  const steps = all.filter((s) => s.kind !== 'tend');
  const down = fall(steps);
  const at = (m: number) => down.get(m) ?? 34;
  const foot = Math.max(...down.values()) + 10;
  const across = new Map(
    (Object.keys(lanes) as (keyof typeof lanes)[]).map((key) => [key, packed(steps.filter((s) => laneOf(s) === key))]),
  );
  const rows = new Map([...across.values()].flatMap((p) => p.row));
  const said = new Set<number>();
  return (
    <div style={{ padding: '0 12px' }}>
      <svg
        width={width}
        height={foot + 40}
        role="img"
        aria-label="The day from above down: oven, hands and cold; the list below says it in words"
      >
        <rect
          x={lanes.hot[0] - 2}
          y="26"
          width={lanes.hot[1] - lanes.hot[0] + 4}
          height={foot - 26}
          fill="var(--color-fire-2)"
        />
        <rect
          x={lanes.cold[0] - 2}
          y="26"
          width={lanes.cold[1] - lanes.cold[0] + 2}
          height={foot - 26}
          fill="var(--color-winter-2)"
        />
        {(
          [
            ['oven', lanes.hot],
            ['hands', lanes.hands],
            ['cold', lanes.cold],
          ] as const
        ).map(([word, [from, to]]) => (
          <text key={word} x={(from + to) / 2} y="16" textAnchor="middle" className="b">
            {word}
          </text>
        ))}
        {steps.map((s) => {
          const lane = laneOf(s);
          const [from, to] = lanes[lane];
          const count = across.get(lane)?.rows ?? 1;
          const wide = (to - from) / count;
          const x = from + (rows.get(`${s.itemIndex}:${s.id}`) ?? 0) * wide;
          const [top, bottom] = [at(s.startMin), at(s.startMin + s.minutes)];
          const word = stepWord(s).toLowerCase();
          const open = s.strand !== 'pastry';
          const ink = s.strand === 'clearing' ? 'var(--color-ink-2)' : colour(s.itemIndex);
          const last = [...said].at(-1) ?? -99;
          const timed = s.cook && top - last > 18;
          if (timed) said.add(top);
          return (
            <g key={`${s.itemIndex}${s.id}`}>
              {timed && (
                <text x="0" y={top + 14} className="q">
                  {clock(momentAt(serveAt, s.startMin))}
                </text>
              )}
              <rect
                x={x + 1}
                y={top + 0.5}
                width={Math.max(4, wide - 2)}
                height={Math.max(3, bottom - top - 1)}
                rx="7"
                fill={open ? 'var(--color-flour)' : ink}
                stroke={ink}
                strokeWidth="2"
              />
              {wide > word.length * 7.6 + 6 && bottom - top >= wordPx - 1 && (
                <text
                  x={x + wide / 2}
                  y={(top + bottom) / 2 + 5}
                  textAnchor="middle"
                  style={{ fill: open ? colour(s.itemIndex) : 'var(--color-on-strand)', fontWeight: 640 }}
                >
                  {word}
                </text>
              )}
            </g>
          );
        })}
        <rect x="0" y={foot} width={width} height="7" fill="var(--color-ink)" />
        <text x="0" y={foot + 28} className="b">
          {clock(served(serveAt))} at the table
        </text>
        <text x={width} y={foot + 28} textAnchor="end" className="q">
          filled: pastry, open: filling
        </text>
      </svg>
    </div>
  );
}
