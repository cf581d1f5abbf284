import { displacement, solidFatDensity } from '@crustallum/core/dough/displacement';
import { partName, type TrueRatios } from '@crustallum/core/dough/formula';
import { overPour, underWeigh } from '@crustallum/core/dough/weighing';
import { ownCup, tableCup } from '@crustallum/core/ingredients/cup';
import { ingredientOf } from '@crustallum/core/ingredients/table';
import { inEighths } from '@crustallum/core/quantities/amounts/writeAmount';
import { useEffect, useState } from 'react';
import { inOtherUnit } from '@crustallum/core/devices/failings';
import { DeviceWords } from '../devices/DeviceWords';
import { scale } from '../devices/scale';
import { useLarderQuery } from '../api/api';
import { cupsBeside } from '../wording/cups';
import { NumberField } from '../design/ui/NumberField';
import { plain, weight, weightParts } from '../wording/numbers';
import type { RunPlan, Say } from './run';
import { actualParts, toAdd, tolerance, toTakeOut, type Weighing } from './weighing';

interface Props {
  item: RunPlan['items'][number];
  itemIndex: number;
  now: Weighing;
  say: Say;
}
const gramRule = { min: 0, max: 50_000, unit: 'g', integer: false };
const grams = (g: number) => weight(g, Math.abs(g) < 20 ? 1 : 0);

const useReading = (): number => {
  const [reading, setReading] = useState(0);
  useEffect(() => scale.subscribe(setReading), []);
  return reading;
};

/** What is on the scale: which ingredient, its reading, and how much more of it is wanted. */
export function ScaleReading({ item, itemIndex, now, say }: Props) {
  const parts = item.parts ?? [];
  const reading = useReading();
  const part = parts[now.weighed.length];
  if (!part)
    return (
      <>
        <div className="bench-label">all is weighed</div>
        <div className="bench-far">{grams(actualParts(item, now).reduce((sum, p) => sum + p.grams, 0))}</div>
      </>
    );
  const target = part.grams * now.factor;
  const name = partName(part);
  const off = reading - target;
  const doubt = reading > 0.05 ? inOtherUnit('scale', reading, target) : null;
  const onScale = weightParts(reading, target < 20 ? 1 : 0);
  return (
    <>
      <div className="bench-label">
        {name}, {now.weighed.length + 1} of {parts.length}
      </div>
      <div className="bench-far" role="status" aria-label={`On the scale ${grams(reading)}`}>
        {onScale.number}
        <small> {onScale.unit}</small>
      </div>
      <p className="m-0" style={{ fontSize: 26, fontWeight: 640 }}>
        {Math.abs(off) <= tolerance(target) ? 'right' : off > 0 ? `${grams(off)} over` : `${grams(-off)} more`}{' '}
        <span style={{ fontWeight: 460, fontSize: 20 }}>
          to {grams(target)}
          {cupsBeside(part.id, target)}
          {Math.abs(now.factor - 1) > 0.001 ? `, all of it × ${plain(now.factor, 2)}` : ''}
        </span>
      </p>
      <DeviceWords device="scale" doubt={doubt} write={grams} />
      {off <= tolerance(target) && doubt === null && (
        <button
          type="button"
          className="press bench-side"
          disabled={reading < 0.05}
          onClick={() => kept(say, itemIndex, part.id, reading)}
        >
          {name} is in
        </button>
      )}
    </>
  );
}

const kept = (say: Props['say'], itemIndex: number, id: string, g: number, factor?: number): void => {
  void say('weighed', { itemIndex, id, grams: Math.round(g * 10) / 10, ...(factor ? { factor } : {}) });
  scale.tare();
};

/** Beside the reading: what is in and what is to come, the ways out of too much, the scale's stand-in, and what to do without one. */
export function WeighOut({ item, itemIndex, now, say }: Props) {
  const parts = item.parts ?? [];
  const reading = useReading();
  const part = parts[now.weighed.length];
  const add = toAdd(parts, now);
  const out = toTakeOut(parts, now);
  const target = (part?.grams ?? 0) * now.factor;
  const called = (id: string) => partName(parts.find((p) => p.id === id) ?? { id }).toLowerCase();
  const off = reading - target;
  return (
    <div className="weigh-out">
      {part && off > tolerance(target) && (
        <Over
          parts={parts}
          id={part.id}
          factor={now.factor}
          reading={reading}
          onBack={() => scale.put(-off)}
          onScale={(f) => kept(say, itemIndex, part.id, reading, f)}
          onLeave={() => kept(say, itemIndex, part.id, reading)}
        />
      )}
      {part && reading > 0.05 && off < -tolerance(target) && (
        <Under
          key={part.id}
          parts={parts}
          id={part.id}
          factor={now.factor}
          reading={reading}
          onScale={(f) => kept(say, itemIndex, part.id, reading, f)}
          onLeave={() => kept(say, itemIndex, part.id, reading)}
        />
      )}
      <ol className="plain-list" aria-label="What goes in">
        {parts.map((p, i) => (
          <li key={p.id} className={i === now.weighed.length ? 'here' : ''}>
            <span>{partName(p)}</span>
            <span>{now.weighed[i] ? `${grams(now.weighed[i].grams)} in` : grams(p.grams * now.factor)}</span>
          </li>
        ))}
      </ol>
      {add.length > 0 && (
        <p className="m-0">
          <strong>Add to what is in:</strong> {add.map((a) => `${grams(a.grams)} ${called(a.id)}`).join(', ')}.
        </p>
      )}
      {out.length > 0 && (
        <p className="m-0">
          <strong>Take out of what is in:</strong> {out.map((a) => `${grams(a.grams)} ${called(a.id)}`).join(', ')}.
        </p>
      )}
      {part && (
        <>
          <div className="bench-row" role="group" aria-label="The stand-in for a scale">
            {[100, 10, 1].map((g) => (
              <button key={g} type="button" className="press quiet bench-side" onClick={() => scale.put(g)}>
                +{g}
              </button>
            ))}
            <button type="button" className="press quiet bench-side" onClick={() => scale.put(target - reading)}>
              to it
            </button>
            <button type="button" className="press quiet bench-side" onClick={() => scale.tare()}>
              Tare
            </button>
          </div>
          <div className="flex flex-wrap items-baseline gap-2">
            a stand-in for your scale; or as yours reads
            <NumberField
              label={`${partName(part)} as your scale reads`}
              value={reading}
              rule={gramRule}
              unit="g"
              places={1}
              onChange={(g) => scale.typed(g)}
            />
          </div>
          <Without id={part.id} grams={target} />
        </>
      )}
      {now.weighed.length > 0 && (
        <button
          type="button"
          className="press quiet bench-side"
          onClick={() => void say('weighed', { itemIndex, undo: true })}
        >
          Weigh {called(now.weighed.at(-1)?.id ?? '')} again
        </button>
      )}
    </div>
  );
}

/** There is no more of it: less of it all is made, or it goes on as it is and is seen for what it becomes. */
function Under({
  parts,
  id,
  factor,
  reading,
  onScale,
  onLeave,
}: Pick<Parameters<typeof Over>[0], 'parts' | 'id' | 'factor' | 'reading' | 'onScale' | 'onLeave'>) {
  const [said, setSaid] = useState(false);
  if (!said)
    return (
      <button type="button" className="press quiet bench-side" onClick={() => setSaid(true)}>
        There is no more of it
      </button>
    );
  const now = underWeigh(
    parts.map((p) => ({ ...p, grams: p.grams * factor })),
    id,
    reading,
  );
  const takeOut = now.scaleDown.takeOutG.map((p) => `${grams(p.grams)} ${partName(p).toLowerCase()}`);
  return (
    <div role="group" aria-label="Too little is there" className="grid gap-2">
      <button type="button" className="press bench-side" onClick={() => onScale(now.scaleDown.factor)}>
        Make it all × {plain(now.scaleDown.factor, 2)}: {grams(now.scaleDown.totalG)}
        {takeOut.length ? `, ${takeOut.join(', ')} taken out while it lies dry` : ''}
      </button>
      <button type="button" className="press quiet bench-side" onClick={onLeave}>
        Go on so{movedWords(now.accept)}
      </button>
    </div>
  );
}

/** What a ratio becomes when an amount is left as it is. */
function movedWords({ before, after }: { before: TrueRatios; after: TrueRatios }): string {
  const moved = (['fat', 'water', 'salt'] as const)
    .filter((r) => Math.abs(after.toFlour[r] - before.toFlour[r]) > 0.05)
    .map((r) => `${r} ${plain(before.toFlour[r], 1)} → ${plain(after.toFlour[r], 1)}`);
  return moved.length ? `: ${moved.join(', ')} to 100 of flour` : '';
}

/** Too much is in: take it out, let the rest follow, or leave it and see what it becomes. */
function Over({
  parts,
  id,
  factor,
  reading,
  onBack,
  onScale,
  onLeave,
}: {
  parts: NonNullable<Props['item']['parts']>;
  id: string;
  factor: number;
  reading: number;
  onBack: () => void;
  onScale: (factor: number) => void;
  onLeave: () => void;
}) {
  const now = overPour(
    parts.map((p) => ({ ...p, grams: p.grams * factor })),
    id,
    reading,
  );
  return (
    <div role="group" aria-label="Too much is in" className="grid gap-2">
      <button type="button" className="press bench-side" onClick={onBack}>
        Put {grams(now.overG)} back
      </button>
      <button type="button" className="press quiet bench-side" onClick={() => onScale(now.scaleUp.factor)}>
        Make it all × {plain(now.scaleUp.factor, 2)}: {grams(now.scaleUp.totalG)}
      </button>
      <button type="button" className="press quiet bench-side" onClick={onLeave}>
        Leave it{movedWords(now.accept)}
      </button>
    </div>
  );
}

/** Without a scale: cups (this cook's own, if weighed), and for solid fat the water it pushes up. */
function Without({ id, grams: g }: { id: string; grams: number }) {
  const { data: larder = [] } = useLarderQuery();
  const known = ingredientOf(id);
  if (!known) return null;
  const flour = known.group === 'flour';
  const own = larder.find((t) => t.ingredient === id && t.cupsG?.length)?.cupsG;
  const cup = own ? ownCup(own, flour) : tableCup(known.bulkGPerMl, flour, 'metric');
  const cups = g / cup.meanG;
  const ml = cups * 250;
  const spoons =
    cups >= 0.25
      ? `${inEighths(cups)} cups${own ? ' of yours' : ' of 250 ml'}`
      : ml >= 15
        ? `${inEighths(ml / 15)} tablespoons`
        : `${inEighths(ml / 5)} teaspoons`;
  const start = Math.max(100, Math.ceil(g / 200) * 100);
  const water = id in solidFatDensity ? displacement(id, g, start, start + 2 * g + 200) : null;
  return (
    <details style={{ fontSize: 20 }}>
      <summary style={{ minHeight: 44 }}>Without a scale</summary>
      <p className="m-0">
        {spoons}, give or take {grams((g * cup.spreadG) / cup.meanG)}.
        {water &&
          ` Or water to ${plain(start, 0)} ml, the fat pushed under: it stands at ${plain(water.endMl, 0)} ml when all is in.`}
      </p>
    </details>
  );
}
