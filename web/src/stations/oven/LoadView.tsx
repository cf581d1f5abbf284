import type { ItemPlan } from '@crustallum/core/plan/item';
import type { LoadThing, OvenDay, OvenLoad } from '@crustallum/core/plan/questions/ovenLoad';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { ItemSign } from '../../design/drawings/signs';
import { changeItem } from '../../desk/changes';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { Because } from '../../design/ui/Because';
import { Press } from '../../design/ui/Press';
import { usePhone } from '../../design/ui/useWidth';
import { clock, counted, degrees, heat, momentAt, plain, span, weight } from '../../wording/numbers';
import { colour } from '../clock/packed';
import { Drawing } from '../_shared/Drawing';
import { useQuestion } from '../_shared/useQuestion';

const ovenW = 300;
const ovenH = 190;
const shelfY = { high: 62, middle: 112, low: 160 } as const;
const shelfWord = { low: 'low', middle: 'middle', high: 'high' } as const;

interface Shown {
  title: string;
  document: ItemInput;
  plan: ItemPlan;
}

/** The one oven from the front, load by load, who may share it, and its air with every opening of the door. */
export function LoadView() {
  const { bakeId, meal, items, kitchen, plan } = useAppSelector((s) => s.desk);
  const phone = usePhone();
  const dispatch = useAppDispatch();
  const input = meal && kitchen && bakeId ? { meal, items: items.map((i) => i.document), kitchen } : null;
  const { value, late, asking } = useQuestion<OvenDay>('plan.ovenLoad', input);
  if (!meal || !plan || !kitchen) return null;
  // every pie of the usual oven; each change is taken back at its own pie
  const allAt = (setC: number) => {
    for (const i of items)
      if (!(kitchen.secondOven && i.document.oven.inSecond))
        void dispatch(changeItem(i.id, { 'oven.setC': setC, 'oven.then': undefined }));
  };
  if (!value)
    return (
      <p className="working">{late ? 'It took too long to work out; what stands, stands.' : 'Loading the oven'}</p>
    );
  const shown = items.map((i, n): Shown | null => {
    const its = plan.items[n];
    return its ? { title: i.document.title, document: i.document, plan: its } : null;
  });
  const at = (minute: number) => clock(momentAt(meal.serveAt, minute));
  return (
    <div aria-busy={asking}>
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        {value.loads.map((load, n) => (
          <Load key={n} load={load} n={n} of={value.loads.length} shown={shown} at={at} />
        ))}
      </div>
      <p className="quiet-ink m-0" style={{ fontSize: 15 }}>
        From the front, {counted(kitchen.ovenShelves, 'shelf', 'shelves')} in use;{' '}
        {plain(
          value.loads.reduce((sum, l) => sum + l.things.length, 0),
          0,
        )}{' '}
        trays and dishes in {counted(value.loads.length, 'load', 'loads')}.
      </p>
      <Trace day={value} shown={shown} at={at} phone={phone} />
      <Suits day={value} shown={shown} phone={phone} />
      <ul className="plain-list m-0" style={{ maxWidth: 660 }}>
        {value.suits.map((s, i) => {
          const its = shown[i];
          if (!its || !s) return null;
          const more = s.minutes !== null && s.aloneMin !== null ? s.minutes - s.aloneMin : 0;
          return more >= 1 ? (
            <li key={i}>
              <b>{its.title}</b>: {span(s.minutes ?? 0)} in company, alone {span(s.aloneMin ?? 0)}{' '}
              <Because>
                {its.plan.oven.company?.beside
                  .map((b) => `${weight(1000 * b.kg)} beside it, at ${degrees(b.startC, 0)} when it goes in`)
                  .join(', ')}
                ; the shelves hide one another from the walls, and each opening of the door lets the air out
              </Because>
            </li>
          ) : null;
        })}
        {value.loads.flatMap((load) =>
          load.things
            .filter((t) => t.rack !== t.wanted)
            .map((t, i) => (
              <li key={`${load.inMin} ${i}`}>
                <b>{shown[t.itemIndex]?.title}</b>: the {shelfWord[t.wanted]} shelf is taken; a tray of it stands on the{' '}
                {shelfWord[t.rack]} one, and they change places half way.
              </li>
            )),
        )}
      </ul>
      {value.loads.some((l) => l.over > 0) && (
        <p className="problem">
          More trays than shelves: {plain(Math.max(...value.loads.map((l) => l.over)), 0)} stand before the door. Bake
          them in two loads, or say in the kitchen how many shelves there are.
        </p>
      )}
      {value.oneHeatC !== null && (
        <div className="mt-2">
          <Press quiet onClick={() => allAt(value.oneHeatC ?? 0)}>
            All at {heat(value.oneHeatC)}: one load
          </Press>
        </div>
      )}
    </div>
  );
}

/** One load from the front: what stands on which shelf, with its mass and its hours. */
function Load({
  load,
  n,
  of,
  shown,
  at,
}: {
  load: OvenLoad;
  n: number;
  of: number;
  shown: readonly (Shown | null)[];
  at: (minute: number) => string;
}) {
  const name = `${of === 1 ? 'The oven' : `Load ${n + 1}`}${load.oven ? ', second oven' : ''}`;
  return (
    <Drawing
      w={ovenW + 20}
      h={ovenH + 34}
      label={`${name} at ${heat(load.setC)}, ${at(load.inMin)} to ${at(load.outMin)}: ${load.things
        .map((t) => `${shown[t.itemIndex]?.title ?? ''} on the ${shelfWord[t.rack]} shelf, ${weight(1000 * t.kg)}`)
        .join('; ')}`}
    >
      <text x="4" y="18" className="b">
        {name}, {heat(load.setC)}
      </text>
      <text x={ovenW} y="18" textAnchor="end" className="q">
        {at(load.inMin)} to {at(load.outMin)}
      </text>
      <g transform="translate(0 28)">
        <rect
          x="1"
          y="1"
          width={ovenW}
          height={ovenH}
          fill="url(#fill-metal)"
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
        <rect
          x="14"
          y="13"
          width={ovenW - 26}
          height={ovenH - 24}
          fill="var(--color-fire-2)"
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
        {(['high', 'middle', 'low'] as const).map((s) => (
          <line
            key={s}
            x1="14"
            x2={ovenW - 12}
            y1={shelfY[s]}
            y2={shelfY[s]}
            stroke="var(--color-ink)"
            strokeDasharray="2 6"
          />
        ))}
        {load.things.map((t, i) => (
          <Thing
            key={i}
            thing={t}
            shown={shown[t.itemIndex] ?? null}
            same={load.things.slice(0, i).filter((o) => o.rack === t.rack).length}
            at={at}
          />
        ))}
      </g>
    </Drawing>
  );
}

/** A tray of pieces or a dish on its shelf, in the item's own colour, with its sign's name beside. */
function Thing({
  thing,
  shown,
  same,
  at,
}: {
  thing: LoadThing;
  shown: Shown | null;
  same: number;
  at: (minute: number) => string;
}) {
  if (!shown) return null;
  const y = shelfY[thing.rack];
  const ink = colour(thing.itemIndex);
  const { spec } = shown.plan.oven;
  const hand = shown.document.product === 'handPies';
  const count = hand ? Math.min(6, thing.pieces) : 1;
  const across = spec.shape.kind === 'disc' ? spec.shape.dMm : spec.shape.lMm;
  // 440 mm of shelf over the drawn width
  const px = (ovenW - 60) / 440;
  const w = Math.min(hand ? (ovenW - 70) / count - 6 : ovenW - 60, Math.max(20, across * px));
  const high = Math.max(12, Math.min(22, spec.filling.depthMm * px));
  const left = 24 + same * 30;
  return (
    <g>
      <line x1="18" x2={ovenW - 16} y1={y} y2={y} stroke="var(--color-ink)" strokeWidth="3" />
      {Array.from({ length: count }, (_, i) => {
        const x = hand ? left + i * (w + 6) : (ovenW - w) / 2;
        return (
          <path
            key={i}
            d={`M${x} ${y - 2}l3 ${-high}${spec.top ? `q${w / 2 - 3} ${-high * 0.35} ${w - 6} 0` : `h${w - 6}`}l3 ${high}z`}
            fill="url(#fill-crust)"
            stroke={ink}
            strokeWidth="2.500"
          />
        );
      })}
      <text x={ovenW / 2} y={y + 16} textAnchor="middle" className="halo-fire" style={{ fontSize: 15 }}>
        {hand ? `${thing.pieces} ${shown.title}` : shown.title}, {weight(1000 * thing.kg)}
        {`, ${at(thing.inMin)}`}
      </text>
    </g>
  );
}

/** The air of the oven, what is in it as bars, and every opening of its door. */
function Trace({
  day,
  shown,
  at,
  phone,
}: {
  day: OvenDay;
  shown: readonly (Shown | null)[];
  at: (minute: number) => string;
  phone: boolean;
}) {
  const { trace, loads } = day;
  const first = trace[0];
  const last = trace.at(-1);
  if (!first || !last) return null;
  const things = [...new Map(loads.flatMap((l) => l.things).map((t) => [t.itemIndex, t])).values()];
  const w = phone ? 366 : 660;
  const [left, right] = [46, 10];
  const top = 14;
  const high = 70;
  const airs = trace.map((t) => t.airC);
  const [low, hot] = [Math.min(...airs), Math.max(...airs, ...trace.map((t) => t.setC)) + 5];
  const x = (m: number) => left + ((m - first.tMin) / (last.tMin - first.tMin)) * (w - left - right);
  const y = (c: number) => top + high - ((c - low) / Math.max(1, hot - low)) * high;
  const bars = top + high + 12;
  const h = bars + things.length * 26 + 26;
  const every = last.tMin - first.tMin > 150 || phone ? 60 : 30;
  const hours = Array.from({ length: Math.floor((last.tMin - first.tMin) / every) + 2 }, (_, i) => {
    const from = Math.ceil(first.tMin / every) * every;
    return from + i * every;
  }).filter((m) => m <= last.tMin - 8);
  return (
    <Drawing
      w={w}
      h={h}
      label={`The oven’s air from ${at(first.tMin)} to ${at(last.tMin)}, between ${degrees(low, 0)} and ${degrees(hot - 5, 0)}: ${things
        .map((t) => `${shown[t.itemIndex]?.title ?? ''} in at ${at(t.inMin)}, out at ${at(t.outMin)}`)
        .join('; ')}`}
    >
      {[...new Set(trace.map((t) => t.setC))].map((c) => (
        <g key={c}>
          <line x1={left} x2={w - right} y1={y(c)} y2={y(c)} stroke="var(--color-hair)" />
          <text x={left - 6} y={y(c) + 5} textAnchor="end" className="q">
            {degrees(c, 0)}
          </text>
        </g>
      ))}
      <path
        d={trace.map((t, i) => `${i ? 'L' : 'M'}${x(t.tMin).toFixed(1)} ${y(t.airC).toFixed(1)}`).join('')}
        fill="none"
        stroke="var(--color-lantern-ink)"
        strokeWidth="2.500"
        strokeDasharray="2 4"
      />
      {things.map((t, i) => {
        const wide = x(t.outMin) - x(t.inMin);
        const word = `${shown[t.itemIndex]?.title ?? ''}, ${plain(t.outMin - t.inMin, 0)}`;
        const fits = wide > word.length * 8.2;
        return (
          <g key={t.itemIndex}>
            <line
              x1={x(t.inMin)}
              x2={x(t.inMin)}
              y1={top}
              y2={bars + i * 26}
              stroke="var(--color-ink)"
              strokeDasharray="2 4"
            />
            <line
              x1={x(t.outMin)}
              x2={x(t.outMin)}
              y1={top}
              y2={bars + i * 26}
              stroke="var(--color-ink)"
              strokeDasharray="2 4"
            />
            <rect x={x(t.inMin)} y={bars + i * 26} width={wide} height="22" rx="11" fill={colour(t.itemIndex)} />
            <text
              x={fits ? (x(t.inMin) + x(t.outMin)) / 2 : x(t.inMin) > w / 2 ? x(t.inMin) - 6 : x(t.outMin) + 6}
              y={bars + i * 26 + 16}
              textAnchor={fits ? 'middle' : x(t.inMin) > w / 2 ? 'end' : 'start'}
              style={{ fill: fits ? 'var(--color-on-strand)' : 'var(--color-ink)' }}
              className="b"
            >
              {word}
            </text>
          </g>
        );
      })}
      <line x1={left} x2={w - right} y1={h - 22} y2={h - 22} stroke="var(--color-ink)" strokeWidth="2" />
      {hours.map((m) => (
        <text key={m} x={x(m)} y={h - 5} textAnchor="middle" className="q">
          {at(m)}
        </text>
      ))}
    </Drawing>
  );
}

/** Heats that suit each item as strokes on one ruler: where they overlap, they may share. */
function Suits({ day, shown, phone }: { day: OvenDay; shown: readonly (Shown | null)[]; phone: boolean }) {
  const known = day.suits.flatMap((s, i) => (s && shown[i] ? [{ ...s, i, its: shown[i] }] : []));
  if (!known.length) return null;
  const [low, high] = [Math.min(...known.map((s) => s.lowC)) - 5, Math.max(...known.map((s) => s.highC)) + 5];
  const w = phone ? 366 : 660;
  const left = phone ? 120 : 190;
  const x = (c: number) => left + ((c - low) / (high - low)) * (w - left - 50);
  const row = 30;
  return (
    <section aria-label="Which heats suit whom" className="mt-2">
      <p className="m-0">
        <strong>Which heats suit whom</strong>{' '}
        <Because>
          each baked alone at heats up to 30° to either side: the lid near what is liked, the base dry, the middle safe
        </Because>
      </p>
      <Drawing
        w={w}
        h={known.length * row + 26}
        label={known
          .map((s) => `${s.its.title}: ${heat(s.lowC)} to ${heat(s.highC)}, set to ${heat(s.setC)}`)
          .join('; ')}
      >
        {known.map((s, n) => {
          const y = n * row + 16;
          return (
            <g key={s.i}>
              <svg x="0" y={y - 11} width="22" height="22">
                <ItemSign sign={s.its.document.sign} size={22} colour={colour(s.i)} />
              </svg>
              <text x="28" y={y + 5}>
                {s.its.title.length > (phone ? 11 : 19) ? `${s.its.title.slice(0, phone ? 10 : 18)}…` : s.its.title}
              </text>
              <line x1={x(s.lowC)} x2={x(s.highC)} y1={y} y2={y} stroke={colour(s.i)} strokeWidth="7" />
              {[s.lowC, s.highC].map((c) => (
                <line key={c} x1={x(c)} x2={x(c)} y1={y - 9} y2={y + 9} stroke={colour(s.i)} strokeWidth="3" />
              ))}
              <circle
                cx={x(s.setC)}
                cy={y}
                r="6"
                fill="var(--color-flour)"
                stroke="var(--color-ink)"
                strokeWidth="2.500"
              />
            </g>
          );
        })}
        {Array.from({ length: Math.floor((high - low) / 10) + 1 }, (_, i) => Math.ceil(low / 10) * 10 + i * 10)
          .filter((c) => c <= high && (!phone || c % 20 === 0))
          .map((c) => (
            <text key={c} x={x(c)} y={known.length * row + 20} textAnchor="middle" className="q">
              {degrees(c, 0)}
            </text>
          ))}
      </Drawing>
    </section>
  );
}
