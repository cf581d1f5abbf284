import { lying, places, type Lying, type Place } from '@crustallum/core/bench/places';
import type { RunNow } from '@crustallum/core/bench/reduce';
import { ItemSign } from '../design/drawings/signs';
import { clockOn, plain, span } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import type { BenchRun } from './run';
import type { Running } from './Timers';

const placeWords: Record<Place, string> = {
  oven: 'Oven',
  hob: 'Hob',
  rack: 'Rack',
  bench: 'Bench',
  room: 'Room',
  porch: 'Porch',
  iceBath: 'Ice bath',
  fridge: 'Fridge',
  freezer: 'Freezer',
};
const hot = new Set<Place>(['oven', 'hob']);
const cold = new Set<Place>(['porch', 'iceBath', 'fridge', 'freezer']);

/** To scale up to here; what is later stands beyond it, min. */
const scaleMin = 30;
/** The share of the track that is to scale. */
const scaleShare = 0.72;

/** Things by place, hot above, cold below; in a place what is ready first stands above. */
function rowsOf(now: RunNow): Lying[] {
  return lying(now)
    .filter((l) => l.by.step.code !== 'stand' || l.place === 'rack')
    .sort(
      (a, b) => places.indexOf(a.place) - places.indexOf(b.place) || (a.readyAt ?? Infinity) - (b.readyAt ?? Infinity),
    );
}

/**
 * What waits, and where: every thing stands as many minutes from the bench's edge as it has to wait, so that what is nearest is
 * next. Nothing is begun by its being ready.
 */
export function Shelves({
  run,
  now,
  atMs,
  timers,
  out,
}: {
  run: BenchRun;
  now: RunNow;
  atMs: number;
  timers: readonly Running[];
  /** Null where nothing is pressed. */
  out: ((timer: Running) => void) | null;
}) {
  const rows = rowsOf(now);
  const own = timers.filter((t) => !now.steps.has(t.id));
  // an oven that heats holds nothing yet, and is waited for
  const heating = timers.filter((t) => now.steps.get(t.id)?.step.code === 'preheat');
  return (
    <section className="shelves" aria-label="What waits, and where">
      <h2 className="shelf-title">What waits, and where</h2>
      <div className="shelf-head" aria-hidden="true">
        <span />
        <span className="shelf-ruler">
          <span>later</span>
          <span style={{ right: `${scaleShare * 100}%` }}>30 min</span>
          <span style={{ right: `${(scaleShare * 100) / 2}%` }}>15</span>
          <span style={{ right: 0 }}>now</span>
        </span>
        <span />
      </div>
      {rows.length + own.length + heating.length === 0 && <p className="shelf-empty">Nothing waits anywhere yet.</p>}
      <ul className="plain-list" aria-label="What waits">
        {heating.map((t) => (
          <TimerRow key={t.id} timer={t} place="Oven" tone="warm-place" atMs={atMs} out={out} stopWord="Hot" />
        ))}
        {rows.map((l) => {
          const item = run.plan.items[l.itemIndex];
          const waiting = timers.find((t) => t.id === l.by.key);
          const minutes = l.readyAt === null ? null : (l.readyAt - atMs) / 60_000;
          const word = stepWord(l.by.step).toLowerCase();
          return (
            <Row
              key={`${l.itemIndex} ${l.strand}`}
              place={placeWords[l.place]}
              tone={hot.has(l.place) ? 'warm-place' : cold.has(l.place) ? 'cold-place' : ''}
              minutes={minutes}
              words={`${l.by.done ? `after: ${word}` : word}, ${item?.document.title}${l.strand === 'filling' ? ', filling' : ''}`}
              since={minutes === null ? (handsOn(l) ?? `${span((atMs - l.since) / 60_000)} there`) : undefined}
              sign={item && <ItemSign sign={item.document.sign} size={30} />}
              stop={waiting && out ? () => out(waiting) : undefined}
              stopWord="Out"
            />
          );
        })}
        {own.map((t) => (
          <TimerRow key={t.id} timer={t} place="Timer" tone="" atMs={atMs} out={out} stopWord={t.stopWord ?? 'Over'} />
        ))}
      </ul>
      <p className="shelf-table">
        The table at <strong>{clockOn(new Date(now.plan.serveAt), new Date(atMs))}</strong>
      </p>
    </section>
  );
}

/** A timer of which no thing stands anywhere. */
const TimerRow = ({
  timer,
  atMs,
  out,
  ...row
}: {
  timer: Running;
  atMs: number;
  out: ((timer: Running) => void) | null;
  place: string;
  tone: string;
  stopWord: string;
}) => (
  <Row
    {...row}
    minutes={(timer.endsAt - atMs) / 60_000}
    words={timer.words}
    stop={out ? () => out(timer) : undefined}
  />
);

/** Whose hands are at it; nobody’s where it only lies there. */
const handsOn = ({ by }: Lying): string | null =>
  by.begun && !by.done && by.parked === null && !by.cold ? `in ${by.cook}’s hands` : null;

function Row({
  place,
  tone,
  minutes,
  words,
  since,
  sign,
  stop,
  stopWord,
}: {
  place: string;
  tone: string;
  /** Null where it waits for hands. */
  minutes: number | null;
  words: string;
  since?: string | undefined;
  sign?: React.ReactNode;
  stop?: (() => void) | undefined;
  stopWord: string;
}) {
  const far =
    minutes === null ? 0 : minutes > scaleMin ? scaleShare + 0.16 : (Math.max(0, minutes) / scaleMin) * scaleShare;
  const figure =
    minutes === null
      ? null
      : minutes >= 0.5
        ? `${plain(Math.ceil(minutes), 0)}`
        : minutes > -1
          ? 'ready'
          : `${plain(-minutes, 0)} over`;
  const said = (
    <span className="shelf-words">
      {figure && <strong className={minutes !== null && minutes < 0.5 ? 'due' : ''}>{figure}</strong>}
      <span>
        {figure ? (minutes !== null && minutes >= 0.5 ? ' min, ' : ', ') : ''}
        {words}
        {since ? `, ${since}` : ''}
      </span>
    </span>
  );
  const thing = <span className={`shelf-thing ${minutes !== null && minutes < 0.5 ? 'due' : ''}`}>{sign}</span>;
  return (
    <li className={`shelf ${tone}`}>
      <span className="shelf-place">{place}</span>
      <span className="shelf-track">
        <span className="shelf-stand" style={far > 0.45 ? { left: `${(1 - far) * 100}%` } : { right: `${far * 100}%` }}>
          {far > 0.45 ? thing : said}
          {far > 0.45 ? said : thing}
        </span>
      </span>
      {stop ? (
        <button type="button" className="press quiet shelf-out" onClick={stop} aria-label={`${stopWord}: ${words}`}>
          {stopWord}
        </button>
      ) : (
        <span />
      )}
    </li>
  );
}
