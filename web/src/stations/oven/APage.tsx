import type { ItemInput } from '@crustallum/core/contracts/item';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import { WrittenPageInput } from '@crustallum/core/contracts/writtenPage';
import type { WrittenBake } from '@crustallum/core/plan/questions/writtenBake';
import type { OvenPlan } from '@crustallum/core/plan/stations/oven/station';
import { numberRule } from '@crustallum/core/quantities/rules';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import { Because } from '../../design/ui/Because';
import { NumberField } from '../../design/ui/NumberField';
import { Press } from '../../design/ui/Press';
import { heat, plain, span } from '../../wording/numbers';
import { Unanswered } from '../_shared/Unanswered';
import { useQuestion } from '../_shared/useQuestion';
import { Carried } from './Carried';

const rule = (name: keyof WrittenPageInput) => numberRule(WrittenPageInput, name);

/** Heat and minutes of a page, judged, and carried over to this pie, dish and oven; its own minutes stay one press away. */
export function APage({ oven, item, kitchen }: { oven: OvenPlan; item: ItemInput; kitchen: KitchenInput }) {
  const { change } = useItem();
  const { shape, filling, load } = oven.spec;
  const [said, setSaid] = useState<Partial<WrittenPageInput> | null>(null);
  const page = {
    ovenC: item.oven.setC,
    mode: item.oven.mode,
    minutes: item.oven.ownMin ?? Math.max(1, Math.round(oven.minutes ?? 30)),
    ...said,
  };
  // as this one, where the page says nothing else
  const size = {
    acrossMm: Math.round(shape.kind === 'disc' ? shape.dMm : Math.max(shape.wMm, shape.lMm)),
    depthMm: Math.round(filling.depthMm),
    trays: load?.trays ?? 1,
    ...said,
  };
  const asked = useQuestion<WrittenBake>(
    'plan.writtenBake',
    said ? { item, kitchen, company: oven.company, page } : null,
  );
  const { value, asking } = asked;
  const mostMin = rule('minutes').max;
  const set = (part: Partial<WrittenPageInput>) => setSaid({ ...said, ...part });
  if (!said)
    return (
      <button type="button" className="in-words" onClick={() => setSaid({})}>
        A page says other minutes, or is for another dish
      </button>
    );
  return (
    <section aria-label="What a page says" aria-busy={asking} className="mt-2" style={{ maxWidth: 660 }}>
      <span className="layer-of">
        <span className="quiet-ink">It says</span>
        <NumberField
          label="The page’s heat"
          value={page.ovenC}
          rule={rule('ovenC')}
          unit="°C"
          onChange={(ovenC) => set({ ovenC })}
        />
        <select
          className="text-field"
          style={{ width: 'auto' }}
          aria-label="The page’s air"
          value={page.mode}
          onChange={(e) => set({ mode: e.target.value as WrittenPageInput['mode'] })}
        >
          <option value="conv">no fan</option>
          <option value="fan">fan</option>
        </select>
        <span className="quiet-ink">for</span>
        <NumberField
          label="The page’s minutes"
          value={page.minutes}
          rule={rule('minutes')}
          unit="min"
          onChange={(minutes) => set({ minutes })}
        />
      </span>
      <span className="layer-of">
        <span className="quiet-ink">of one</span>
        <NumberField
          label="The page’s pie across"
          value={size.acrossMm}
          rule={rule('acrossMm')}
          unit="cm"
          scale={0.1}
          onChange={(acrossMm) => set({ acrossMm })}
        />
        <span className="quiet-ink">across,</span>
        <NumberField
          label="The page’s filling, deep"
          value={size.depthMm}
          rule={rule('depthMm')}
          unit="mm"
          onChange={(depthMm) => set({ depthMm })}
        />
        <span className="quiet-ink">deep, on</span>
        <NumberField
          label="The page’s trays"
          value={size.trays}
          rule={rule('trays')}
          unit="trays"
          onChange={(trays) => set({ trays })}
        />
      </span>
      <Unanswered asked={asked} working="Baking it as it is written" />
      {value && (
        <>
          {value.judged !== 'fits' && (
            <p className="problem m-0">
              {value.carried.fromMin === null
                ? `As it is written it is never ready by our reckoning: ${heat(page.ovenC)} may be in another scale.`
                : `${span(page.minutes)} is ${value.judged === 'long' ? 'long' : 'short'} for that: by our reckoning it takes ${span(value.carried.fromMin)}.`}
            </p>
          )}
          <Carried of={value.carried} from="As it is written, by our reckoning" to="As it is here" />
          {value.hereMin !== null && (
            <p className="m-0">
              <strong>That page comes to {span(value.hereMin)} here</strong>
              {value.oursMin === null ? '' : `; ours ${span(value.oursMin)}`}.{' '}
              <Because>
                its minutes are {plain(100 * (value.factor ?? 1), 0)} % of ours for what it says, and so they are for
                this;
                {value.safeMin === null
                  ? ''
                  : ` the middle is safe from ${span(value.safeMin)} on, and it is never sooner;`}{' '}
                an estimate
              </Because>
            </p>
          )}
          <div className="mt-2 flex flex-wrap gap-2">
            {value.hereMin !== null && value.hereMin <= mostMin && (
              <Press quiet onClick={() => change({ 'oven.ownMin': value.hereMin })}>
                Bake it {span(value.hereMin)}
              </Press>
            )}
            <button type="button" className="press quiet" onClick={() => setSaid(null)}>
              Put the page away
            </button>
          </div>
        </>
      )}
    </section>
  );
}
