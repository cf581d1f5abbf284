import { closingCodes, type TimedStep } from '@crustallum/core/plan/steps/codes';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { ItemSign } from '../../design/drawings/signs';
import { useAppSelector } from '../../desk/store';
import { useNow } from '../../desk/useNow';
import { useWidth } from '../../design/ui/useWidth';
import { clock, degrees, heat, momentAt, served, shortDay, span } from '../../wording/numbers';
import { hasNoPlay, laterWords, namesIn } from '../../wording/play';
import { stepWord } from '../../wording/steps';
import { ClockList } from './ClockList';
import { canBeHeld, stepByMin } from './held';
import type { DayInHand } from './useDayInHand';
import { colour, dayAxis, packed, withLens } from './packed';
import { lensTopPx, useLens } from './useLens';
import { WhatIsShown } from './WhatIsShown';
import { LensFrame } from './LensFrame';

interface Lane {
  key: string;
  name: string;
  note: string;
  y: number;
}

/** A name as it fits before the strands. */
const shortName = (name: string): string => (name.length > 14 ? `${name.slice(0, 13)}…` : name);

/** The lane of an item that is folded to one line. */
const lineOf = (itemIndex: number): string => `item:${itemIndex}`;

function laneOf(s: TimedStep, lanes: readonly Lane[]): Lane | undefined {
  const line = s.strand === 'clearing' ? undefined : lanes.find((l) => l.key === lineOf(s.itemIndex));
  if (line) return line;
  const key =
    s.kind === 'oven'
      ? Number(s.values['second'])
        ? 'oven2'
        : 'oven'
      : s.kind === 'stand' || s.values['place'] === 'room'
        ? 'stand'
        : s.cook
          ? `cook:${s.cook}`
          : s.strand === 'filling'
            ? 'cool'
            : 'cold';
  return lanes.find((l) => l.key === key);
}

/** A finger or pointer this little away from where it came down has taken nothing anywhere, px. */
const heldStillPx = 4;

/**
 * Up is hot, down is cold, the hands in between; each pie is dough pulled thin between the places it goes. A step is taken in
 * hand by a press or by its key, and along the day by pointer or arrows. A step that cannot be later has an end stop, one that can
 * trails its play; what clashes is ringed.
 */
export function Strands({ hand, clashing }: { hand: DayInHand; clashing: ReadonlySet<string> }) {
  const now = useNow(60_000);
  const [lifted, lift] = useState<number | null>(null);
  const [kept, keep] = useState<number | null>(null);
  // one stop of the tab key for all steps: arrows go from one to the next
  const [stop, setStop] = useState<string | null>(null);
  const drag = useRef<{ key: string; fromX: number; x: number } | null>(null);
  const { plan, meal, items, kitchen } = useAppSelector((s) => s.desk);
  const [ref, width] = useWidth<HTMLDivElement>(1240);
  const [hidden, hide] = useState<ReadonlySet<string>>(new Set());
  const [folded, fold] = useState<ReadonlySet<number>>(new Set());
  const lens = useLens(plan?.clock.steps ?? [], clashing);
  const { from: lensFrom, to: lensTo } = lens.at ?? {};
  const drawn = useMemo(() => {
    if (!plan || !meal || !kitchen) return null;
    const { steps: all } = plan.clock;
    const own = all.filter((s) => s.kind !== 'tend' && !folded.has(s.itemIndex));
    const tends = all.filter((s) => s.kind === 'tend' && !folded.has(s.itemIndex));
    const from = plan.clock.startMin - 12;
    const w = Math.max(760, width);
    const whole = dayAxis(all, from);
    const axis =
      lensFrom === undefined || lensTo === undefined ? whole : withLens(whole, { from: lensFrom, to: lensTo });
    const x = (m: number) => 130 + axis.share(m) * (w - 130 - 150);
    const second = (s: TimedStep) => Number(s.values['second']) > 0;
    const shelves = packed(own.filter((s) => s.kind === 'oven' && !second(s)));
    const shelves2 = packed(own.filter((s) => s.kind === 'oven' && second(s)));
    const cold = packed(own.filter((s) => s.kind === 'cold' && s.strand === 'pastry'));
    const cooling = packed(own.filter((s) => s.kind === 'cold' && s.strand === 'filling'));
    const lanes: Lane[] = [];
    const every: [key: string, name: string][] = [];
    let y = 44;
    const add = (key: string, name: string, note: string, rows: number, rowPx = 35) => {
      every.push([key, name]);
      if (hidden.has(key)) return;
      lanes.push({ key, name, note, y });
      y += Math.max(1, rows) * rowPx;
    };
    add('oven', 'Oven', heatsNoted(plan.clock.ovenRuns.filter((r) => r.oven === 0).map((r) => r.setC)), shelves.rows);
    if (shelves2.rows) add('oven2', 'Second oven', '', shelves2.rows);
    add('stand', 'Rack', '', 1);
    const warm = y;
    y += 14;
    for (const cook of kitchen.cooks) add(`cook:${cook}`, cook, '', 1);
    const hands = y;
    y += 14;
    add('cold', 'Fridge', degrees(kitchen.fridgeC, 0), cold.rows);
    add('cool', 'Cooling', '', cooling.rows);
    const places = every.length;
    const lined = [...folded].filter((i) => i < items.length).sort((a, b) => a - b);
    if (lined.length) y += 10;
    for (const i of lined) add(lineOf(i), shortName(items[i]?.document.title ?? ''), '', 1, 24);
    const steps = all.filter((s) => s.kind !== 'tend' && laneOf(s, lanes) !== undefined);
    const rowOf = new Map([...shelves.row, ...shelves2.row, ...cold.row, ...cooling.row]);
    return {
      steps,
      tends,
      all,
      places: every.slice(0, places),
      from,
      w,
      x,
      minuteAt: (px: number) => axis.minuteAt((px - 130) / (w - 130 - 150)),
      lanes,
      warm,
      hands,
      height: y + 8,
      rowOf,
      serveAt: meal.serveAt,
      folds: axis.folds,
    };
  }, [plan, meal, kitchen, items, width, lensFrom, lensTo, hidden, folded]);
  if (!drawn) return null;
  const { steps, tends, all, places, from, w, x, minuteAt, lanes, warm, hands, height, rowOf, serveAt, folds } = drawn;
  const place = (s: TimedStep) => {
    const lane = laneOf(s, lanes);
    const row = rowOf.get(`${s.itemIndex}:${s.id}`) ?? 0;
    const inLine = lane?.key === lineOf(s.itemIndex);
    const y = inLine ? lane.y - 7 : (lane?.y ?? 0) + row * 35 + (s.kind === 'stand' ? s.itemIndex * 9 : 0);
    return { x: x(s.startMin), y, width: Math.max(6, x(s.startMin + s.minutes) - x(s.startMin)), inLine };
  };
  const top = lens.at ? lensTopPx : 0;
  const titles = items.map((i) => i.document.title);
  const only = kept ?? lifted;
  const shown = (index: number) => (items.length > 1 && only !== null && only !== index ? 0.22 : 1);
  const nowMin = (now.getTime() - served(serveAt).getTime()) / 60_000;
  const isHeld = (s: TimedStep) =>
    items[s.itemIndex]?.document.clock.pins?.some((p) => p.stepId === s.id && p.at !== undefined) ?? false;
  const holdable = steps.filter(canBeHeld).map((s) => keyOf(s));
  const tabStop = stop !== null && holdable.includes(stop) ? stop : holdable[0];
  const handles = (s: TimedStep) => {
    if (!canBeHeld(s)) return {};
    const key = keyOf(s);
    return {
      role: 'button',
      tabIndex: key === tabStop ? 0 : -1,
      'aria-pressed': hand.step !== null && keyOf(hand.step) === key,
      'aria-label': `${stepWord(s)}, ${items[s.itemIndex]?.document.title}, ${clock(momentAt(serveAt, s.startMin))}${isHeld(s) ? ', held' : ''}`,
      className: 'strand-step',
      onPointerEnter: () => lift(s.itemIndex),
      onPointerLeave: () => lift(null),
      onFocus: () => {
        lift(s.itemIndex);
        setStop(key);
      },
      onBlur: () => lift(null),
      onPointerDown: (e: PointerEvent<SVGGElement>) => {
        if (e.button !== 0) return;
        e.currentTarget.setPointerCapture(e.pointerId);
        drag.current = { key, fromX: e.clientX, x: x(s.startMin) };
        hand.take(s);
      },
      onPointerMove: (e: PointerEvent<SVGGElement>) => {
        const d = drag.current;
        if (d?.key !== key || Math.abs(e.clientX - d.fromX) < heldStillPx) return;
        hand.takeTo(minuteAt(d.x + e.clientX - d.fromX));
      },
      onPointerUp: () => {
        drag.current = null;
        if (hand.toMin !== null) hand.hold(s, hand.toMin);
      },
      onPointerCancel: () => {
        drag.current = null;
        hand.takeTo(null);
      },
      onKeyDown: (e: KeyboardEvent<SVGGElement>) => {
        const mine = hand.step !== null && keyOf(hand.step) === key;
        const by = e.key === 'ArrowLeft' ? -stepByMin : e.key === 'ArrowRight' ? stepByMin : 0;
        if (by && mine) hand.takeTo((hand.toMin ?? s.startMin) + by);
        else if (by) neighbour(e.currentTarget, by)?.focus();
        else if (e.key === 'Enter' || e.key === ' ')
          if (mine && hand.toMin !== null) hand.hold(s, hand.toMin);
          else hand.take(s);
        else if (e.key === 'Escape' && mine) hand.putDown();
        else return;
        e.preventDefault();
        e.stopPropagation();
      },
    };
  };
  const minuteOf = (d: Date) => (d.getTime() - served(serveAt).getTime()) / 60_000;
  // whole hours; half ones too where it is looked at closer; as many as there is room for
  const hours = Array.from({ length: Math.ceil(-from / 30) + 2 }, (_, i) => {
    const at = new Date(served(serveAt).getTime());
    at.setMinutes(0, 0, 0);
    return new Date(at.getTime() - i * 1_800_000);
  })
    .filter((d) => {
      const m = minuteOf(d);
      const close = lens.at !== null && m > lens.at.from && m < lens.at.to;
      return m > from && (d.getMinutes() === 0 || close) && !folds.some((f) => m > f.from + 20 && m < f.to - 20);
    })
    .reduce<Date[]>((kept, d) => {
      const last = kept.at(-1);
      return last && x(minuteOf(last)) - x(minuteOf(d)) < leastHourPx ? kept : [...kept, d];
    }, []);
  const otherDay = (d: Date) => d.toDateString() !== served(serveAt).toDateString();
  return (
    <div ref={ref} style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Strands of the day">
      <svg
        width={w}
        height={height + top}
        role="group"
        aria-label="Each pie's way between hands, cold and oven; a list follows for readers"
      >
        <g transform={`translate(0 ${top})`}>
          <rect x="0" y="28" width={w} height={warm - 24} fill="var(--color-fire-2)" />
          <rect x="0" y={hands + 6} width={w} height={height - hands} fill="var(--color-winter-2)" />
          {hours.map((d) => {
            const px = x(minuteOf(d));
            return (
              <g key={d.getTime()}>
                <text x={px} y="20" textAnchor="middle" className="q">
                  {otherDay(d) ? `${shortDay(d)} ${clock(d)}` : clock(d)}
                </text>
                <line x1={px} x2={px} y1="28" y2={height} stroke="var(--color-hair)" strokeDasharray="2 6" />
              </g>
            );
          })}
          {folds.map((f) => (
            <g key={f.from}>
              <rect
                x={x(f.from)}
                y="28"
                width={x(f.to) - x(f.from)}
                height={height - 28}
                fill="url(#fill-metal)"
                fillOpacity="0.5"
              />
              <text x={(x(f.from) + x(f.to)) / 2} y={height - 6} textAnchor="middle" className="b">
                {span(f.to - f.from)}
              </text>
            </g>
          ))}
          {lanes.map((l) => (
            <g key={l.key}>
              <text x="20" y={l.y + 18} className="b">
                {l.name}
              </text>
              <text x="20" y={l.y + 35} className="q">
                {l.note}
              </text>
            </g>
          ))}
          {(meal?.away ?? []).map((a, i) => {
            const lane = lanes.find((l) => l.key === `cook:${a.cook}`);
            const at = (m: string) => x(Math.min(0, Math.max(from, minutesTo(serveAt, m))));
            const [left, right] = [at(a.from), at(a.to)];
            return lane && right > left ? (
              <rect key={i} x={left} y={lane.y + 2} width={right - left} height="32" fill="url(#fill-metal)">
                <title>{`${a.cook} is away`}</title>
              </rect>
            ) : null;
          })}
          {items.map((_, index) => (
            <path
              key={index}
              d={
                folded.has(index)
                  ? ''
                  : necks(steps.filter((s) => s.itemIndex === index && s.strand === 'pastry').map(place))
              }
              fill="none"
              stroke={colour(index)}
              strokeWidth="2.500"
              opacity={shown(index)}
            />
          ))}
          {items.map((_, index) => {
            const filling = steps.filter((s) => s.itemIndex === index && s.strand === 'filling');
            const closing = steps.find((s) => s.itemIndex === index && closingCodes.includes(s.code));
            return (
              <path
                key={index}
                d={
                  folded.has(index)
                    ? ''
                    : necks([...filling, ...(closing && filling.length ? [closing] : [])].map(place))
                }
                fill="none"
                stroke={colour(index)}
                strokeWidth="1.600"
                opacity={shown(index)}
                strokeDasharray="5 3"
              />
            );
          })}
          {steps.map((s) => {
            const p = place(s);
            const open = s.strand !== 'pastry';
            const thin = s.kind === 'stand' || p.inLine;
            const waits = s.kind === 'cold' || s.kind === 'stand';
            const ink = s.strand === 'clearing' ? 'var(--color-ink-2)' : colour(s.itemIndex);
            const word = stepWord(s).toLowerCase();
            const room = p.width > word.length * 8 + 8;
            const play = hand.plays.get(keyOf(s));
            const end = p.x + p.width;
            return (
              <g key={`${s.itemIndex}${s.id}`} opacity={shown(s.itemIndex)} {...handles(s)}>
                <title>{`${items[s.itemIndex]?.document.title}: ${word}, ${clock(momentAt(serveAt, s.startMin))}, ${span(s.minutes)}${play ? `; ${laterWords(play, namesIn(all, titles, s.itemIndex))}` : ''}`}</title>
                {play && !hasNoPlay(play) && !thin && (
                  <path
                    d={`M${end - 2} ${p.y + 30}H${Math.min(x(0), x(s.startMin + s.minutes + play.laterMin))}v-8`}
                    fill="none"
                    stroke={colour(s.itemIndex)}
                    strokeWidth="2"
                  />
                )}
                <rect
                  className="bar"
                  x={p.x}
                  y={p.y + (p.inLine ? (waits ? 16 : 11) : thin ? 6 : 4)}
                  width={p.width}
                  height={p.inLine ? (waits ? 5 : 15) : thin ? 8 : 28}
                  rx={Math.min(14, p.width / 2)}
                  fill={open ? 'var(--color-flour)' : ink}
                  stroke={ink}
                  strokeWidth="2.500"
                  strokeDasharray={s.code === 'preheat' ? '4 4' : undefined}
                />
                {play && hasNoPlay(play) && !thin && p.width > 10 && (
                  <line
                    x1={end - 2}
                    x2={end - 2}
                    y1={p.y + 10}
                    y2={p.y + 26}
                    stroke="var(--color-ink)"
                    strokeWidth="4"
                    strokeLinecap="round"
                  />
                )}
                {/* a bar of few minutes is taken by more than its width */}
                {canBeHeld(s) && p.width < leastPx && (
                  <rect x={p.x - (leastPx - p.width) / 2} y={p.y} width={leastPx} height="35" fill="transparent" />
                )}
                {isHeld(s) && (
                  <circle
                    cx={p.x + 9}
                    cy={p.y + 18}
                    r="5"
                    fill="var(--color-flour)"
                    stroke="var(--color-ink)"
                    strokeWidth="2.5"
                  />
                )}
                {room && !thin && (
                  <text
                    x={p.x + p.width / 2}
                    y={p.y + 23}
                    textAnchor="middle"
                    style={{ fill: open ? ink : 'var(--color-on-strand)', fontWeight: 640 }}
                  >
                    {word}
                  </text>
                )}
              </g>
            );
          })}
          {steps.map((s) => {
            const to = hand.moved.get(keyOf(s));
            if (to === undefined) return null;
            const p = place(s);
            const inHand = hand.step !== null && keyOf(hand.step) === keyOf(s);
            return (
              <g key={`${s.itemIndex}${s.id}`} pointerEvents="none">
                <rect
                  x={x(to)}
                  y={p.y + 4}
                  width={Math.max(6, x(to + s.minutes) - x(to))}
                  height={28}
                  rx={Math.min(14, p.width / 2)}
                  fill={inHand ? 'var(--color-flour)' : 'none'}
                  fillOpacity="0.7"
                  stroke="var(--color-ink)"
                  strokeWidth={inHand ? 3 : 2}
                  strokeDasharray="4 4"
                />
                {inHand && (
                  <text x={x(to)} y={p.y - 2} className="b">
                    {clock(momentAt(serveAt, to))}
                  </text>
                )}
              </g>
            );
          })}
          {steps
            .filter((s) => clashing.has(keyOf(s)))
            .map((s, i) => {
              const p = place(s);
              return (
                <g key={`${s.itemIndex}${s.id}`} pointerEvents="none">
                  <rect
                    x={p.x - 4}
                    y={p.y}
                    width={p.width + 8}
                    height="36"
                    rx="8"
                    fill="none"
                    stroke="var(--color-rhubarb)"
                    strokeWidth="3"
                    strokeDasharray="6 4"
                  />
                  {i === 0 && (
                    <g>
                      <circle
                        cx={p.x - 4}
                        cy={p.y + 18}
                        r="10"
                        fill="var(--color-flour)"
                        stroke="var(--color-ink)"
                        strokeWidth="2.5"
                      />
                      <text x={p.x - 4} y={p.y + 23} textAnchor="middle" className="b">
                        !
                      </text>
                    </g>
                  )}
                </g>
              );
            })}
          {tends.map((s) => {
            // a moment's work at what is in the oven: a nick in its bar
            const of = steps.find((b) => b.itemIndex === s.itemIndex && b.id === s.during?.stepId);
            if (!of) return null;
            return (
              <g key={`${s.itemIndex}${s.id}`}>
                <title>{`${stepWord(s)}, ${clock(momentAt(serveAt, s.startMin))}`}</title>
                <line
                  x1={x(s.startMin)}
                  x2={x(s.startMin)}
                  y1={place(of).y + 1}
                  y2={place(of).y + 10}
                  stroke="var(--color-ink)"
                  strokeWidth="3"
                />
              </g>
            );
          })}
          {nowMin > from && nowMin < 0 && (
            <g>
              <line x1={x(nowMin)} x2={x(nowMin)} y1="26" y2={height} stroke="var(--color-rhubarb)" strokeWidth="3" />
              <text x={x(nowMin) + 5} y={height - 6} className="b">
                now
              </text>
            </g>
          )}
          <rect x={w - 146} y="26" width="7" height={height - 26} fill="var(--color-ink)" />
          <text x={w - 130} y="48" className="b" style={{ fontSize: 22 }}>
            {clock(served(serveAt))}
          </text>
          {items.map((i, index) => (
            <g key={i.id} transform={`translate(${w - 130} ${70 + index * 58})`}>
              <foreignObject width="126" height="56">
                <button
                  type="button"
                  className="strand-name"
                  aria-pressed={kept === index}
                  title={kept === index ? 'show all of them' : 'show its way alone'}
                  onClick={() => keep(kept === index ? null : index)}
                  style={{ color: colour(index) }}
                >
                  <ItemSign sign={i.document.sign} size={20} /> {i.document.title}
                </button>
              </foreignObject>
            </g>
          ))}
          {hand.plays.size > 0 && (
            <text x={w - 130} y={height - 42} className="q">
              end stop: no play
            </text>
          )}
          <text x={w - 130} y={height - 24} className="q">
            filled: pastry
          </text>
          <text x={w - 130} y={height - 6} className="q">
            open: filling
          </text>
          {lens.at && <LensFrame lens={lens} x={x} left={130} right={x(0)} height={height} />}
        </g>
      </svg>
      <WhatIsShown
        places={places}
        pies={items.map((i, index) => ({ name: i.document.title, colour: colour(index) }))}
        hidden={hidden}
        folded={folded}
        onHide={hide}
        onFold={fold}
      />
      <div className="visually-hidden">
        <ClockList steps={all} serveAt={serveAt} titles={titles} hand={null} plays={hand.plays} clashing={clashing} />
      </div>
    </div>
  );
}

/** The step before or after one, as they are drawn. */
function neighbour(step: SVGGElement, by: number): SVGGElement | undefined {
  const all = [...(step.ownerSVGElement?.querySelectorAll<SVGGElement>('.strand-step') ?? [])];
  return all[all.indexOf(step) + Math.sign(by)];
}

const minutesTo = (serveAt: string, moment: string): number =>
  (served(moment).getTime() - served(serveAt).getTime()) / 60_000;

/** The heats of an oven, each where there are two, from least to most where there are more. */
function heatsNoted(all: readonly number[]): string {
  const heats = [...new Set(all)];
  return heats.length > 2
    ? `${heat(Math.min(...heats))} to ${heat(Math.max(...heats))}`
    : heats.map((c) => heat(c)).join(', ');
}

/** Hours stand no nearer than this, px. */
const leastHourPx = 52;

/** What can be taken in hand is at least so wide for a finger, px. */
const leastPx = 24;

function necks(places: readonly { x: number; y: number; width: number }[]): string {
  return places
    .slice(1)
    .map((to, i) => {
      const from = places[i] as { x: number; y: number; width: number };
      const [x1, y1, x2, y2] = [from.x + from.width - 3, from.y + 18, to.x + 3, to.y + 18];
      const bend = Math.max(8, Math.min(26, Math.abs(x2 - x1) / 2 + 8));
      return `M${x1.toFixed(1)} ${y1}C${(x1 + bend).toFixed(1)} ${y1} ${(x2 - bend).toFixed(1)} ${y2} ${x2.toFixed(1)} ${y2}`;
    })
    .join('');
}
