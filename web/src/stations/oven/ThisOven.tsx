import { KitchenInput, SecondOvenInput } from '@crustallum/core/contracts/kitchen';
import { mostOvenReadings } from '@crustallum/core/contracts/most';
import { breadDoses, ovenPlaces } from '@crustallum/core/oven/breadSlices';
import { ovenOffset, settledMin, type OvenReading } from '@crustallum/core/oven/thermometer';
import { numberRule } from '@crustallum/core/quantities/rules';
import { OvenReadingInput } from '@crustallum/core/oven/inputs';
import { X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useChangeKitchenMutation, useKitchenQuery } from '../../api/api';
import { inOtherUnit } from '@crustallum/core/devices/failings';
import { DeviceWords } from '../../devices/DeviceWords';
import { useDevice } from '../../devices/ofThisKitchen';
import { ovenThermometer } from '../../devices/ovenThermometer';
import { Because } from '../../design/ui/Because';
import { NumberField } from '../../design/ui/NumberField';
import { Pick } from '../../design/ui/Pick';
import { Press } from '../../design/ui/Press';
import { crustColour } from '../../design/drawings/browned';
import { usePhone } from '../../design/ui/useWidth';
import { counted, degreesApart, heat, plain } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { OvenBuild } from './OvenBuild';

const readingRule = (name: string) => numberRule(OvenReadingInput, name);
const breads = ['pale', 'straw', 'gold', 'deep brown', 'too dark'] as const;
const placeWords = [
  'back left',
  'back',
  'back right',
  'left',
  'middle',
  'right',
  'front left',
  'front',
  'front right',
] as const;
const allGold = Array.from({ length: 9 }, () => 2);
/** Minutes between two readings over a heating cycle. */
const everyMin = 4;
const firstMin = settledMin + everyMin;

/** What this oven is like: off its dial by how much, how far it swings, where it is hot; kept with the kitchen. */
export default function ThisOven({ setC }: { setC: number }) {
  const { data } = useKitchenQuery();
  const [put, { isLoading, error }] = useChangeKitchenMutation();
  const [reading, setReading] = useState<OvenReading>({ setC, measuredC: setC, sinceOnMin: firstMin });
  const [doubt, setDoubt] = useState<number | null>(null);
  const { showsOther } = useDevice('ovenThermometer');
  useEffect(() => setDoubt(null), [showsOther]);
  if (!data) return <p className="working">Reading the kitchen</p>;
  const kitchen = data.document;
  const readings = kitchen.ovenReadings ?? [];
  const change = (part: Partial<KitchenInput>) =>
    void put({ version: data.version, document: { ...kitchen, ...part } });
  const keep = (one: OvenReading) => {
    change({ ovenReadings: [...readings, one].slice(-mostOvenReadings) });
    setReading({ ...one, sinceOnMin: Math.min(600, (one.sinceOnMin ?? firstMin) + everyMin) });
  };
  const read = async () => {
    const asked = { setC: reading.setC, sinceOnMin: reading.sinceOnMin ?? firstMin };
    const measuredC = await ovenThermometer.read(asked);
    const other = measuredC === null ? null : inOtherUnit('ovenThermometer', measuredC, asked.setC);
    setDoubt(other);
    if (measuredC !== null && other === null) keep({ ...asked, measuredC });
    else setReading({ ...reading, sinceOnMin: asked.sinceOnMin + 1 });
  };
  const found = ovenOffset(readings);
  const offset = Math.round(found.offsetC);
  return (
    <div aria-busy={isLoading} className="flex flex-wrap gap-x-6 gap-y-3" style={{ maxWidth: 700 }}>
      <section aria-label="The thermometer in the oven" style={{ width: 316 }}>
        <Readings readings={readings} offsetC={found.n >= 3 ? found.offsetC : null} spreadC={found.spreadC} />
        <div className="flex flex-wrap items-end gap-x-3 gap-y-1">
          {(
            [
              ['setC', 'Dial at', '°C'],
              ['sinceOnMin', 'on for', 'min'],
              ['measuredC', 'it shows', '°C'],
            ] as const
          ).map(([name, label, unit]) => (
            <label key={name} className="grid">
              <span className="quiet-ink">{label}</span>
              <NumberField
                id={`oven-${name}`}
                label={label}
                value={reading[name] ?? firstMin}
                rule={readingRule(name)}
                unit={unit}
                onChange={(v) => setReading({ ...reading, [name]: v })}
              />
            </label>
          ))}
          <Press quiet onClick={() => keep(reading)}>
            Keep it
          </Press>
          <Press quiet onClick={() => void read()}>
            Read the stand-in
          </Press>
        </div>
        <DeviceWords device="ovenThermometer" doubt={doubt} write={(c) => heat(c)} />
        <p className="m-0 mt-2">
          {found.confidence === 'none' ? (
            <>
              {readings.length === 0 ? 'Nothing read yet: ' : `${counted(found.n, 'reading', 'readings')} count: `}
              hang a thermometer in the middle of the empty oven, and read it three times or more after it has been on
              for twenty minutes, a few minutes apart: an oven swings.
            </>
          ) : (
            <>
              <strong>
                {offset === 0
                  ? 'It is what its dial says'
                  : `It is ${degreesApart(Math.abs(offset))} ${offset > 0 ? 'hotter' : 'cooler'} than its dial`}
              </strong>
              , swinging about {degreesApart(Math.round(found.spreadC))}{' '}
              <Because>
                the middle of {counted(found.n, 'reading', 'readings')} taken after twenty minutes, so that one slip
                does not count;{' '}
                {found.confidence === 'good' ? 'enough of them and close together' : 'a few more make it surer'}
              </Because>
              {found.suspicious &&
                ' So far off that the thermometer, or the place it hangs in, is to be doubted first.'}
            </>
          )}
        </p>
        {found.confidence !== 'none' && Math.abs(offset - kitchen.ovenOffsetC) >= 1 && (
          <p className="m-0 mt-1">
            Plans now count with {signed(kitchen.ovenOffsetC)}.{' '}
            <button type="button" className="in-words" onClick={() => change({ ovenOffsetC: offset })}>
              Count with {signed(offset)}
            </button>
          </p>
        )}
        {readings.length > 0 && (
          <button
            type="button"
            className="in-words"
            aria-label="Take the last reading out"
            onClick={() => change({ ovenReadings: readings.slice(0, -1) })}
          >
            <X size={14} className="inline" aria-hidden="true" /> take the last reading out
          </button>
        )}
      </section>
      <Bread slices={kitchen.breadSlices ?? null} onSlices={(breadSlices) => change({ breadSlices })} />
      <section aria-label="In the oven" style={{ width: 316 }}>
        <Pick
          label="A plate to bake on"
          value={kitchen.ovenPlate ?? 'none'}
          options={[
            ['none', 'none'],
            ['stone', 'stone'],
            ['steel', 'steel'],
          ]}
          onChange={(word) => change({ ovenPlate: word === 'none' ? null : word })}
        />
        <OvenBuild id="oven" build={kitchen.ovenBuild} onBuild={(ovenBuild) => change({ ovenBuild })} />
        <SecondOven oven={kitchen.secondOven ?? null} onOven={(secondOven) => change({ secondOven })} />
        <div className="flex items-center justify-between gap-3 py-1">
          <label htmlFor="altitude" className="quiet-ink">
            The house lies at
          </label>
          <NumberField
            id="altitude"
            label="The house lies at"
            value={kitchen.altitudeM ?? 0}
            rule={numberRule(KitchenInput, 'altitudeM')}
            unit="m"
            onChange={(altitudeM) => change({ altitudeM })}
          />
        </div>
      </section>
      {error && (
        <p className="problem">It was not kept: the server did not answer, or the kitchen was changed elsewhere.</p>
      )}
    </div>
  );
}

const signed = (k: number): string =>
  k === 0 ? 'the dial as it is' : `${k > 0 ? '+' : '−'}${degreesApart(Math.abs(k))}`;

/** Every reading against its dial, by the minutes since the oven was switched on. */
function Readings({
  readings,
  offsetC,
  spreadC,
}: {
  readings: readonly OvenReading[];
  offsetC: number | null;
  spreadC: number;
}) {
  const phone = usePhone();
  const w = phone ? 366 : 316;
  const [left, top, high] = [52, 10, 110];
  const diffs = readings.map((r) => r.measuredC - r.setC);
  const [low, hot] = [Math.min(-20, ...diffs.filter((d) => d > -60)) - 4, Math.max(20, ...diffs) + 4];
  const end = Math.max(60, ...readings.map((r) => r.sinceOnMin ?? 0)) + 4;
  const x = (m: number) => left + (m / end) * (w - left - 12);
  const y = (k: number) => top + ((hot - Math.max(low, k)) / (hot - low)) * high;
  return (
    <Drawing
      w={w}
      h={top + high + 34}
      label={
        readings.length
          ? `${counted(readings.length, 'reading', 'readings')} against the dial, from ${degreesApart(Math.min(...diffs))} to ${degreesApart(Math.max(...diffs))}`
          : 'No readings yet'
      }
    >
      {offsetC !== null && (
        <rect
          x={left}
          y={y(offsetC + Math.max(1, spreadC))}
          width={w - left - 12}
          height={Math.max(3, y(offsetC - Math.max(1, spreadC)) - y(offsetC + Math.max(1, spreadC)))}
          fill="var(--color-fire)"
        />
      )}
      <line x1={left} x2={w - 12} y1={y(0)} y2={y(0)} stroke="var(--color-ink)" strokeWidth="2" />
      <text x={left - 6} y={y(0) + 5} textAnchor="end">
        dial
      </text>
      {[-20, 20].map((k) => (
        <text key={k} x={left - 6} y={y(k) + 5} textAnchor="end" className="q">
          {k > 0 ? '+' : '−'}
          {degreesApart(Math.abs(k))}
        </text>
      ))}
      <line
        x1={x(settledMin)}
        x2={x(settledMin)}
        y1={top}
        y2={top + high}
        stroke="var(--color-hair)"
        strokeDasharray="3 4"
      />
      <text x={x(settledMin) - 6} y={top + 12} textAnchor="end" className="q">
        heating
      </text>
      {readings.map((r, i) => (
        <circle
          key={i}
          cx={x(r.sinceOnMin ?? end - 4)}
          cy={y(r.measuredC - r.setC)}
          r="5"
          fill={(r.sinceOnMin ?? Infinity) >= settledMin ? 'var(--color-crust)' : 'var(--color-flour)'}
          stroke="var(--color-ink)"
          strokeWidth="1.500"
        />
      ))}
      <line x1={left} x2={w - 12} y1={top + high} y2={top + high} stroke="var(--color-ink)" />
      {Array.from({ length: Math.floor(end / 20) + 1 }, (_, i) => i * 20).map((m) => (
        <text key={m} x={x(m)} y={top + high + 20} textAnchor="middle" className="q">
          {plain(m, 0)}
          {m === 0 ? ' min' : ''}
        </text>
      ))}
    </Drawing>
  );
}

/** Nine slices of bread on one tray, from above: each pressed until it is as brown as it came out. */
function Bread({ slices, onSlices }: { slices: number[] | null; onSlices: (slices: number[] | null) => void }) {
  if (!slices)
    return (
      <section aria-label="Where it is hot" style={{ width: 316 }}>
        <p className="m-0">
          <strong>Where it is hot</strong>: nine slices of bread on one tray, middle shelf, until some are gold.
        </p>
        <Press quiet onClick={() => onSlices(allGold)}>
          I have toasted nine
        </Press>
      </section>
    );
  const places = ovenPlaces(slices);
  return (
    <section aria-label="Where it is hot" style={{ width: 316 }}>
      <p className="m-0">
        <strong>Where it is hot</strong>, the tray from above, the door below: press each until it is as it came out.
      </p>
      <div className="bread" role="group" aria-label="Nine slices">
        {slices.map((s, i) => (
          <button
            key={i}
            type="button"
            aria-label={`${placeWords[i]}: ${breads[s]}. Make it browner.`}
            style={{ background: crustColour(breadDoses[s] ?? 1) }}
            onClick={() => onSlices(slices.map((o, j) => (j === i ? (o + 1) % breads.length : o)))}
          >
            <span>{breads[s]}</span>
            <b>{offsetWord(places.offsetsK[i] ?? 0)}</b>
          </button>
        ))}
      </div>
      <p className="m-0 mt-1">
        {places.uneven ? (
          <>
            <strong>
              The {placeWords[places.hottest]} is about {degreesApart(Math.round(places.spreadK))} hotter than the{' '}
              {placeWords[places.coolest]}
            </strong>
            : trays are turned round a little past half time, and the palest put there last.
          </>
        ) : (
          <strong>Even: nothing has to be turned round.</strong>
        )}{' '}
        <Because>
          how much faster each browned, told as degrees by the same rate that browns a crust; a rough estimate
        </Because>{' '}
        <button type="button" className="in-words" onClick={() => onSlices(null)}>
          Forget the slices
        </button>
      </p>
    </section>
  );
}

const offsetWord = (k: number): string =>
  Math.abs(k) < 3 ? '' : `${k > 0 ? '+' : '−'}${degreesApart(Math.round(Math.abs(k)))}`;

const secondRules = (name: keyof SecondOvenInput) => numberRule(SecondOvenInput, name);
/** A small oven as they are mostly built. */
const usualSecond: SecondOvenInput = { shelves: 1, offsetC: 0, heaterW: 1500 };

/** Another oven of the kitchen: said once, then every pie may go into it. */
function SecondOven({
  oven,
  onOven,
}: {
  oven: SecondOvenInput | null;
  onOven: (oven: SecondOvenInput | null) => void;
}) {
  if (!oven)
    return (
      <Press quiet onClick={() => onOven(usualSecond)}>
        There is a second oven
      </Press>
    );
  return (
    <fieldset className="m-0 border-0 p-0">
      <legend className="quiet-ink p-0">The second oven</legend>
      {(
        [
          ['shelves', 'Its shelves', ''],
          ['offsetC', 'Stands off its dial by', 'K'],
          ['heaterW', 'Heats with', 'W'],
        ] as const
      ).map(([name, label, unit]) => (
        <div key={name} className="flex items-center justify-between gap-3 py-1">
          <label htmlFor={`second-${name}`} className="quiet-ink">
            {label}
          </label>
          <NumberField
            id={`second-${name}`}
            label={label}
            value={oven[name]}
            rule={secondRules(name)}
            unit={unit}
            onChange={(v) => onOven({ ...oven, [name]: v })}
          />
        </div>
      ))}
      <OvenBuild id="second" build={oven.build} onBuild={(build) => onOven({ ...oven, build })} />
      <button type="button" className="in-words" onClick={() => onOven(null)}>
        There is none
      </button>
    </fieldset>
  );
}
