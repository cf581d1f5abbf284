import 'reflect-metadata';
import { benches } from '@crustallum/core/cold/environments';
import { eggSizes } from '@crustallum/core/dough/eggs';
import { numberRules } from '@crustallum/core/quantities/rules';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { X } from 'lucide-react';
import { useEffect } from 'react';
import { useForm } from 'react-hook-form';
import { useChangeKitchenMutation, useKitchenQuery } from '../api/api';
import { Press } from '../design/ui/Press';
import { Cooks } from './Cooks';
import { NumberField } from '../design/ui/NumberField';
import { benchWords } from '../wording/words';
import { fridgeKinds, KitchenInput, usualHobRings } from '@crustallum/core/contracts/kitchen';
import { usualMixers, usualScales } from '@crustallum/core/clock/places';

const rules = numberRules(KitchenInput);
const numbers = [
  ['roomC', 'Kitchen'],
  ['fridgeC', 'Fridge'],
  ['freezerC', 'Freezer'],
  ['porchC', 'Cold porch'],
  ['tapC', 'Tap water'],
  ['humidityPct', 'Damp of the air'],
  ['benchC', 'Bench, if colder than the room'],
  ['benchLengthMm', 'Bench, long'],
  ['benchWidthMm', 'Bench, deep'],
  ['benchPlaces', 'Cooks who have room at it at once'],
  ['pinMm', 'Rolling pin'],
  ['ovenShelves', 'Oven shelves'],
  ['ovenOffsetC', 'Oven stands off its dial by'],
  ['ovenW', 'Oven heats with'],
  ['hobRings', 'Rings of the hob'],
  ['pots', 'Pots and pans for fillings'],
  ['scales', 'Scales'],
  ['mixers', 'Mixing machines'],
  ['fridgeTrays', 'Trays that lie flat in the fridge'],
  ['freezerTrays', 'Trays that lie flat in the freezer'],
  ['pace', 'Your pace against ours'],
  ['flourLimitG', 'Flour your machine or bowl takes'],
] as const;
const eggWords = { S: 'small', M: 'medium', L: 'large', XL: 'very large' } as const;
const fridgeWords = { fridge: 'still air', fridgeFan: 'with a fan' } as const;
const picks = [
  ['bench', 'Bench is of', Object.keys(benches).map((b) => [b, benchWords[b] ?? b] as const)],
  ['eggSize', 'Its eggs', eggSizes.map((k) => [k, eggWords[k]] as const)],
  ['fridgeKind', 'Its fridge', fridgeKinds.map((k) => [k, fridgeWords[k]] as const)],
] as const;
/** May be left open; and what they begin with when they are said. */
const startingAt: Partial<Record<(typeof numbers)[number][0], number>> = {
  flourLimitG: 500,
  benchC: 12,
  benchPlaces: 1,
  hobRings: usualHobRings,
  pots: 2,
  scales: usualScales,
  mixers: usualMixers,
  fridgeTrays: 2,
  freezerTrays: 1,
};

/** The kitchen as the engine needs it; the same class that the server and the models check says what is allowed. */
export default function KitchenForm() {
  const { data } = useKitchenQuery();
  const [change, { isLoading, isSuccess, error }] = useChangeKitchenMutation();
  const { register, handleSubmit, reset, formState, watch, setValue } = useForm<KitchenInput>({
    resolver: classValidatorResolver(KitchenInput, { validator: { whitelist: true } }),
    mode: 'onChange',
  });
  useEffect(() => {
    // what may be left empty stands as null, so that an untouched form is not taken for a changed one
    if (data)
      reset({
        eggSize: 'M',
        flourLimitG: null,
        benchPlaces: null,
        hobRings: null,
        pots: null,
        scales: null,
        mixers: null,
        fridgeTrays: null,
        freezerTrays: null,
        ...data.document,
      });
  }, [data, reset]);
  if (!data) return <p className="working">Reading the kitchen</p>;
  const stale = (error as { status?: unknown } | undefined)?.status === 409;
  return (
    <form
      onSubmit={(e) => void handleSubmit((document) => change({ version: data.version, document }))(e)}
      style={{ maxWidth: 660 }}
      noValidate
    >
      <h2 className="sign mt-0">The kitchen</h2>
      <div className="grid gap-x-6" style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(200px, 1fr))' }}>
        {numbers.map(([name, label]) => {
          const rule = rules[name];
          const value = watch(name);
          if (!rule) return null;
          const set = (to: number | null) => setValue(name, to as never, { shouldDirty: true, shouldValidate: true });
          const none = value === null || value === undefined;
          return (
            <div key={name} className="py-1">
              <label htmlFor={name} className="quiet-ink" style={{ fontSize: 16 }}>
                {label}
              </label>
              <div className="flex items-center gap-2">
                {none ? (
                  <button
                    type="button"
                    className="press quiet w-full"
                    style={{ minHeight: 44 }}
                    onClick={() => set(startingAt[name] ?? rule.min)}
                  >
                    as it comes: say it
                  </button>
                ) : (
                  <NumberField id={name} label={label} value={value} rule={rule} unit={rule.unit} onChange={set} />
                )}
                {!none && name in startingAt && (
                  <button
                    type="button"
                    className="key"
                    aria-label={`${label}: leave it open`}
                    onClick={() => set(null)}
                  >
                    <X size={18} />
                  </button>
                )}
              </div>
            </div>
          );
        })}
        {picks.map(([name, label, options]) => (
          <div key={name} className="py-1">
            <label htmlFor={name} className="quiet-ink" style={{ fontSize: 16 }}>
              {label}
            </label>
            <select id={name} className="text-field" {...register(name)}>
              {options.map(([value, word]) => (
                <option key={value} value={value}>
                  {word}
                </option>
              ))}
            </select>
          </div>
        ))}
      </div>
      <Cooks
        cooks={watch('cooks') ?? []}
        hours={watch('hours') ?? []}
        does={watch('does') ?? []}
        onChange={({ cooks, hours, does }) => {
          setValue('cooks', cooks, { shouldDirty: true, shouldValidate: true });
          setValue('hours', hours, { shouldDirty: true });
          setValue('does', does, { shouldDirty: true });
        }}
      />
      {error && (
        <p className="problem">
          {stale
            ? 'It was changed elsewhere meanwhile; the newer state is shown when you open this again.'
            : 'It was not kept: the server did not answer. What you typed stays here.'}
        </p>
      )}
      <Press type="submit" className="mt-3" disabled={isLoading || !formState.isDirty}>
        {isSuccess && !formState.isDirty ? 'The kitchen is kept' : 'Keep the kitchen so'}
      </Press>
    </form>
  );
}
