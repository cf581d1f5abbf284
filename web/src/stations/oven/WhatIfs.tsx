import type { ItemInput } from '@crustallum/core/contracts/item';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import type { OvenChange, OvenWhatIf } from '@crustallum/core/plan/questions/ovenWhatIf';
import type { OvenPlan } from '@crustallum/core/plan/stations/oven/station';
import { useItem } from '../../desk/useItem';
import { colourWords } from '../../wording/oven';
import { degreesApart, plain, span } from '../../wording/numbers';
import { useQuestion } from '../_shared/useQuestion';

/** What each change is called, and the inputs it is; none where it is no press. */
const changes = (item: ItemInput): Record<OvenChange, [string, Record<string, unknown> | null]> => {
  const { oven } = item;
  const heated = (by: number) => ({
    'oven.setC': oven.setC + by,
    ...(oven.then ? { 'oven.then': oven.then.map((h) => ({ ...h, setC: h.setC + by })) } : {}),
  });
  return {
    fan: [oven.mode === 'fan' ? 'the fan off' : 'the fan on', { 'oven.mode': oven.mode === 'fan' ? 'conv' : 'fan' }],
    lowShelf: ['the low shelf', { 'oven.rack': 'low' }],
    highShelf: ['the high shelf', { 'oven.rack': 'high' }],
    steel: ['on hot steel', { 'oven.support': 'steel' }],
    cooler: [`${degreesApart(20)} less`, heated(-20)],
    hotter: [`${degreesApart(20)} more`, heated(20)],
    tin: ['a bright tin', { 'cut.vesselMaterial': 'tin' }],
    frozen: ['from the freezer', { 'oven.from': 'freezer' }],
  };
};

/** The bake with one thing otherwise: minutes, base, lid; each is one press. */
export function WhatIfs({ oven, item, kitchen }: { oven: OvenPlan; item: ItemInput; kitchen: KitchenInput }) {
  const { change } = useItem();
  const { company } = oven;
  const { value, asking } = useQuestion<OvenWhatIf[]>('plan.ovenWhatIf', {
    item,
    kitchen,
    company,
  });
  if (!value) return <p className="working">Baking it otherwise</p>;
  const words = changes(item);
  const based = oven.spec.base !== null;
  return (
    <section aria-label="What if" aria-busy={asking} className="mt-3" style={{ maxWidth: 660 }}>
      <table className="what-ifs">
        <thead>
          <tr>
            <th scope="col">With</th>
            <th scope="col">out at</th>
            {based && <th scope="col">base dry</th>}
            {oven.spec.top && <th scope="col">lid</th>}
            <th scope="col">
              <span className="visually-hidden">Take it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {value.map((w) => {
            const [word, inputs] = words[w.change];
            return (
              <tr key={w.change}>
                <th scope="row">{word}</th>
                <td>
                  {w.minutes === null ? (
                    'never'
                  ) : (
                    <>
                      {span(w.minutes)} <span className="quiet-ink">{apart(w.moreMin)}</span>
                    </>
                  )}
                </td>
                {based && <td>{w.baseDryMin === null ? '–' : plain(w.baseDryMin, 0)}</td>}
                {oven.spec.top && <td>{w.lid ? colourWords[w.lid] : '–'}</td>}
                <td>
                  {inputs && (
                    <button
                      type="button"
                      className="in-words"
                      aria-label={`Take it: ${word}`}
                      onClick={() => change(inputs)}
                    >
                      take
                    </button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

const apart = (min: number | null): string =>
  min === null || Math.abs(min) < 0.5 ? 'the same' : `${min > 0 ? '+' : '−'}${plain(Math.abs(min), 0)}`;
