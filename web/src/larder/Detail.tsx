import { ownCup, tableCup } from '@crustallum/core/ingredients/cup';
import { fatWindow } from '@crustallum/core/cold/windows';
import { labelled, type Label } from '@crustallum/core/ingredients/label';
import { ingredientOf } from '@crustallum/core/ingredients/table';
import { Trash2, X } from 'lucide-react';
import { useState } from 'react';
import type { LarderThing } from '@crustallum/core/contracts/larder';
import { useChangeLarderMutation, useRemoveLarderMutation } from '../api/api';
import { notice } from '../desk/notices';
import { useAppDispatch } from '../desk/store';
import { Because } from '../design/ui/Because';
import { Choice } from '../design/ui/Choice';
import { IngredientFinder } from '../design/ui/IngredientFinder';
import { DayField } from '../design/ui/DayField';
import { NumberField } from '../design/ui/NumberField';
import { TextField } from '../design/ui/TextField';
import { allergenWords } from '../wording/dough';
import { fromTo, plain, shortDay, weight } from '../wording/numbers';
import { LabelBar } from './LabelBar';
import { placeWords } from './places';

const gramRule = { min: 0, max: 50_000, unit: 'g', integer: false };
const pctRule = { min: 0, max: 100, unit: '%', integer: false };
const priceRule = { min: 0, max: 1000, unit: 'a kilogram', integer: false };
const cupRule = { min: 10, max: 1000, unit: 'g', integer: false };
const labelWords: readonly (readonly [Exclude<keyof Label, 'contains' | 'traces' | 'suits' | 'without'>, string])[] = [
  ['fatPct', 'fat'],
  ['waterPct', 'water'],
  ['proteinPct', 'protein'],
  ['sugarPct', 'sugar'],
  ['saltPct', 'salt'],
];
const sureWords = {
  defined: 'Pure, by definition',
  tables: 'Usual table values',
  varies: 'Differs by make: read the label',
};

/** One thing of the larder: how much there is and is needed, what it is made of, its cup, price and date. */
export function Detail({ thing, needG }: { thing: LarderThing; needG: number | null }) {
  const [change, { error }] = useChangeLarderMutation();
  const [remove] = useRemoveLarderMutation();
  const dispatch = useAppDispatch();
  const set = (part: Partial<LarderThing>) => void change({ ...thing, ...part });
  const known = ingredientOf(thing.ingredient ?? '');
  // a thing the table does not know is what its packet says
  const row = known ?? (thing.label ? ingredientOf('own') : undefined);
  const composition = row && labelled(row.composition, thing.label ?? {});
  const window = known?.group === 'fat' ? fatWindow(known.composition.fatCurve) : null;
  const take = () => {
    void remove(thing.id);
    dispatch(
      notice.actions.said({ text: `${thing.name} is out of the larder.`, undo: { kind: 'larder', id: thing.id } }),
    );
  };
  return (
    <div className="detail">
      <h2 className="sign m-0" style={{ fontSize: 25 }}>
        {thing.name}
      </h2>
      <p className="quiet-ink m-0" style={{ fontSize: 15 }}>
        {placeWords[thing.shelf]}
        {thing.note ? `, ${thing.note}` : ''}
        {thing.bestBefore ? `; best before ${shortDay(new Date(`${thing.bestBefore}T12:00`))}` : ''}
      </p>
      <div className="flex flex-wrap items-baseline gap-2">
        <span className="quiet-ink">There is</span>{' '}
        <NumberField
          label="There is"
          value={thing.grams}
          rule={gramRule}
          unit="g"
          places={0}
          onChange={(grams) => set({ grams })}
        />
      </div>
      {needG !== null && (
        <p className="m-0">
          This day needs <strong>{weight(needG)}</strong>.
        </p>
      )}
      {error !== undefined && (
        <p className="problem m-0" role="alert">
          It was not kept: it changed elsewhere meanwhile, or the server did not answer.
        </p>
      )}
      {composition && <LabelBar composition={composition} />}
      {!known && (
        <p className="m-0 quiet-ink" style={{ fontSize: 15 }}>
          {thing.label
            ? 'By its packet; what the packet leaves unsaid counts as starch. Its allergens are on the packet only.'
            : 'The table does not know it: say what it is, or what its packet says.'}
        </p>
      )}
      {known && (
        <>
          <p className="m-0 quiet-ink" style={{ fontSize: 15 }}>
            {known.allergens.length ? `Has ${known.allergens.map((a) => allergenWords[a]).join(', ')}. ` : ''}
            {sureWords[known.sure]}.
          </p>
          {window && (
            <p className="m-0">
              Works <strong>{fromTo(window.brittleBelow, window.idealHigh)}</strong> folded,{' '}
              <strong>{fromTo(window.handLow, window.handHigh)}</strong> rubbed in.
            </p>
          )}
          <Cups thing={thing} isFlour={known.group === 'flour'} bulk={known.bulkGPerMl} set={set} />
        </>
      )}
      <details>
        <summary>Change what it says</summary>
        <TextField label="Name" value={thing.name} max={60} onChange={(name) => set({ name })} />
        <IngredientFinder
          label={known ? `Is ${known.name.toLowerCase()}; or is` : 'What it is'}
          onChoose={(ingredient) => set({ ingredient })}
        />
        <p className="m-0 quiet-ink">On its packet, in 100 g</p>
        {labelWords.map(([key, word]) => (
          <div key={key} className="flex items-baseline justify-between">
            <span>{word}</span>
            <NumberField
              label={`${word} on its packet`}
              value={thing.label?.[key] ?? 100 * ((composition as Record<string, number> | undefined)?.[word] ?? 0)}
              rule={pctRule}
              unit="%"
              places={1}
              onChange={(v) => set({ label: { ...thing.label, [key]: v } })}
            />
          </div>
        ))}
        <div className="flex items-baseline justify-between">
          <span>costs</span>
          <NumberField
            label="Price of a kilogram"
            value={thing.pricePerKg ?? 0}
            rule={priceRule}
            unit="a kg"
            places={2}
            onChange={(pricePerKg) => set({ pricePerKg })}
          />
        </div>
        <DayField label="best before" value={thing.bestBefore ?? null} onChange={(bestBefore) => set({ bestBefore })} />
        <TextField label="Note" value={thing.note} max={120} optional onChange={(note) => set({ note })} />
        <Choice
          label="Stands"
          value={thing.shelf}
          options={Object.entries(placeWords).map(([k, w]) => [k, `${k}: ${w}`] as const)}
          onChange={(shelf) => set({ shelf })}
        />
      </details>
      <button type="button" className="press quiet" style={{ minHeight: 44 }} onClick={take}>
        <Trash2 size={18} /> Take it out
      </button>
    </div>
  );
}

/** This cook's own cup of it: a few weighed, with their mean and spread; before that, the table's. */
function Cups({
  thing,
  isFlour,
  bulk,
  set,
}: {
  thing: LarderThing;
  isFlour: boolean;
  bulk: number;
  set: (part: Partial<LarderThing>) => void;
}) {
  const cups = thing.cupsG ?? [];
  const cup = cups.length ? ownCup(cups, isFlour) : tableCup(bulk, isFlour, 'metric');
  const [next, setNext] = useState(Math.round(cup.meanG));
  return (
    <div>
      <div>
        <span className="quiet-ink">{cups.length ? 'Your own cup' : 'A cup of 250 ml'}</span>{' '}
        <strong style={{ fontSize: 22 }}>{weight(cup.meanG)}</strong> ± {weight(cup.spreadG)}
      </div>
      <Because>
        {cups.length
          ? `${cups.length} weighed: ${cups.map((c) => plain(c, 0)).join(', ')}`
          : 'by the table; weigh a few of yours and it is yours'}
      </Because>
      <div className="flex flex-wrap items-center gap-2">
        <NumberField label="A cup weighed" value={next} rule={cupRule} unit="g" places={0} onChange={setNext} />
        <button
          type="button"
          className="press quiet"
          style={{ minHeight: 44, padding: '4px 12px' }}
          disabled={cups.length >= 20}
          onClick={() => set({ cupsG: [...cups, next] })}
        >
          Add this cup
        </button>
        {cups.length > 0 && (
          <button
            type="button"
            className="key"
            aria-label="Forget the last cup"
            onClick={() => set({ cupsG: cups.slice(0, -1) })}
          >
            <X size={20} />
          </button>
        )}
      </div>
    </div>
  );
}
