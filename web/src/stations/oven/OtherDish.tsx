import type { ItemInput } from '@crustallum/core/contracts/item';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import { vesselMaterials, type VesselMaterial } from '@crustallum/core/oven/tables';
import type { OtherBake } from '@crustallum/core/plan/questions/otherBake';
import type { OvenPlan } from '@crustallum/core/plan/stations/oven/station';
import { useState } from 'react';
import { useToolsQuery } from '../../api/api';
import { useItem } from '../../desk/useItem';
import { Because } from '../../design/ui/Because';
import { Press } from '../../design/ui/Press';
import { materialWords } from '../../wording/oven';
import { span } from '../../wording/numbers';
import { problemWords } from '../../wording/problems';
import { Unanswered } from '../_shared/Unanswered';
import { useQuestion } from '../_shared/useQuestion';
import { Carried } from './Carried';
import { TwoBakes } from './TwoBakes';

/** One of another material, or a dish of the cook's own. */
type Choice = { name: string; cut: Partial<ItemInput['cut']> };

/** The same pie in two dishes beside one another, each baked; where the minutes between them come from; and the press that takes it. */
export function OtherDish({ oven, item, kitchen }: { oven: OvenPlan; item: ItemInput; kitchen: KitchenInput }) {
  const { change } = useItem();
  const { data: tools = [] } = useToolsQuery();
  const [chosen, setChosen] = useState('');
  const { cut } = item;
  const material = cut.vesselMaterial ?? 'tin';
  const choices: Choice[] = [
    ...tools.flatMap(({ name, document: d }) =>
      d.kind === 'dish' && d.vessel && name !== cut.vesselName
        ? [{ name, cut: { vessel: d.vessel, vesselName: name, vesselMaterial: d.material } }]
        : [],
    ),
    ...(Object.keys(vesselMaterials) as VesselMaterial[])
      .filter((m) => m !== material)
      .map((m) => ({ name: `the same of ${materialWords[m]}`, cut: { vesselMaterial: m } })),
  ];
  const choice = choices.find((c) => c.name === chosen) ?? choices[0];
  const asked = useQuestion<OtherBake>(
    'plan.otherBake',
    choice ? { item, kitchen, company: oven.company, other: { ...item, cut: { ...cut, ...choice.cut } } } : null,
  );
  const { value, asking } = asked;
  if (!choice) return null;
  const mine = cut.vesselName ?? `mine, ${materialWords[material]}`;
  const take = () => change(Object.fromEntries(Object.entries(choice.cut).map(([field, to]) => [`cut.${field}`, to])));
  return (
    <section aria-label="Another dish" aria-busy={asking} style={{ maxWidth: 660 }}>
      <label className="flex flex-wrap items-center gap-2">
        <span className="quiet-ink">beside it</span>
        <select
          className="text-field"
          style={{ width: 'auto' }}
          value={choice.name}
          onChange={(e) => setChosen(e.target.value)}
        >
          {choices.map((c) => (
            <option key={c.name}>{c.name}</option>
          ))}
        </select>
      </label>
      <Unanswered asked={asked} working="Baking it in that" />
      {value && (
        <>
          <TwoBakes
            ways={[
              { name: 'this', spec: oven.spec, bake: oven.bake, minutes: oven.minutes },
              { name: 'other', spec: value.spec, bake: value.bake, minutes: value.minutes },
            ]}
          />
          <p className="m-0">
            In {mine} <strong>{outWord(oven.minutes)}</strong>; in {choice.name}{' '}
            <strong>{outWord(value.minutes)}</strong>.{' '}
            <Because>
              both are the stations’ own bakes, with what this kitchen has taught; the rows below are the simulation’s
              alone
            </Because>
          </p>
          <Carried of={value.carried} from="In this" to="In the other" />
          {value.stops.map((p, n) => (
            <p key={n} className="problem m-0">
              {problemWords(p)}
            </p>
          ))}
          <div className="mt-2">
            <Press quiet onClick={take}>
              Bake it in {choice.name}
            </Press>
          </div>
        </>
      )}
    </section>
  );
}

const outWord = (minutes: number | null): string => (minutes === null ? 'never ready' : `out at ${span(minutes)}`);
