import { asks, fromLarder, type Ask } from '@crustallum/core/dough/ask';
import { flourIds, nameOf } from '@crustallum/core/ingredients/table';
import { partsOf, type DoughFacts } from '@crustallum/core/plan/stations/dough/formula';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { Minus, Plus, X } from 'lucide-react';
import { useState } from 'react';
import { useRule } from '../../design/ui/rules';
import type { LarderThing } from '@crustallum/core/contracts/larder';
import { useLarderQuery } from '../../api/api';
import { Choice } from '../../design/ui/Choice';
import { IngredientFinder } from '../../design/ui/IngredientFinder';
import { NumberField } from '../../design/ui/NumberField';
import { Pick } from '../../design/ui/Pick';
import { allergenWords, dietWords } from '../../wording/dough';
import { plain, weight } from '../../wording/numbers';
import { Eggs } from './Eggs';
import { useDough } from './useDough';

const askWords: Record<Ask, string> = { pieces: 'pieces', flour: 'flour', dough: 'dough', factor: 'times' };
const flours = flourIds.map((id) => [id, nameOf(id)] as const);

/** A thing whose packet was read: it goes in as it is, not as the table has it. */
const hasPacket = (t: LarderThing): boolean => t.label !== null && t.label !== undefined;

/** What goes into the bowl: flours, the fat's packet, anything else, and what its size is asked from. */
export function Bowl({ plan, facts }: { plan: ItemPlan; facts: DoughFacts }) {
  const d = useDough();
  const rules = {
    second: useRule('dough.secondFlourPct'),
    fat: useRule('dough.fatLabelPct'),
    salt: useRule('dough.fatSaltPct'),
    other: { min: 0, max: 120, unit: '%', integer: false },
    ask: useRule('dough.askValue'),
  };
  const { data: larder = [] } = useLarderQuery();
  const { dough } = d;
  if (!dough) return null;
  const gramsOf = (id: string) => facts.parts.find((p) => p.id === id)?.grams ?? 0;
  const fatSaid = facts.ratios.sources.fat.find((s) => s.id === dough.fat);
  return (
    <div className="bowl" style={{ maxWidth: 680 }}>
      <section aria-label="Flour">
        <h2 className="sign">Flour</h2>
        <Choice label="Mostly" value={dough.flour ?? 'flour'} options={flours} onChange={d.flour} />
        <Choice
          label="And some"
          value={dough.secondFlour ?? 'wholemeal'}
          options={flours.filter(([id]) => id !== (dough.flour ?? 'flour'))}
          onChange={(secondFlour) => d.take({ secondFlour, secondFlourPct: dough.secondFlourPct || 30 })}
        />
        <div className="lab">
          <span className="quiet-ink">of the flour</span>
          <NumberField
            label="Share of the second flour"
            value={dough.secondFlourPct ?? 0}
            rule={rules.second}
            unit="%"
            onChange={(secondFlourPct) => d.take({ secondFlourPct })}
          />
        </div>
        {facts.ratios.proteinPct < 8 && (
          <p className="m-0">
            <strong>Little gluten:</strong> it will not stretch and cracks when folded. Roll it between sheets, patch
            it, and keep laminating for wheat.
          </p>
        )}
        {facts.learntWaterPct !== null && (
          <>
            <p className="m-0">
              By feel this flour took {plain(100 * facts.flourFactor, 0)} % of the water planned (
              {facts.flourTimes === 1 ? 'once' : `${facts.flourTimes} times`}).
            </p>
            <button
              type="button"
              className="press quiet"
              onClick={() => d.take({ waterToFlourPct: facts.learntWaterPct ?? 0, waterFactor: facts.flourFactor })}
            >
              Plan {plain(facts.learntWaterPct, 1)} % water
            </button>
          </>
        )}
        <h2 className="sign">The fat’s packet says</h2>
        <div className="lab">
          <span className="quiet-ink">fat</span>
          <NumberField
            label="Fat on its packet"
            value={
              dough.fatLabelPct ?? Math.round((1000 * (fatSaid?.grams ?? 0)) / Math.max(1, gramsOf(dough.fat))) / 10
            }
            rule={rules.fat}
            unit="%"
            places={1}
            onChange={(fatLabelPct) => d.take({ fatLabelPct })}
          />
        </div>
        <div className="lab">
          <span className="quiet-ink">salt</span>
          <NumberField
            label="Salt on its packet"
            value={dough.fatSaltPct ?? 0}
            rule={rules.salt}
            unit="%"
            places={1}
            onChange={(fatSaltPct) => d.take({ fatSaltPct })}
          />
        </div>
      </section>
      <section aria-label="Also in it">
        <h2 className="sign">Also in it</h2>
        <ul className="plain-list">
          {(dough.others ?? []).map((o) => (
            <li key={o.ingredient}>
              <div className="other">
                <span>
                  {o.name ?? nameOf(o.ingredient)} <span className="quiet-ink">{weight(gramsOf(o.ingredient))}</span>
                </span>
                <button
                  type="button"
                  className="key"
                  aria-label={`Leave out ${o.name ?? nameOf(o.ingredient)}`}
                  onClick={() => d.other(o.ingredient, null)}
                >
                  <X size={20} />
                </button>
              </div>
              <div className="other">
                <button
                  type="button"
                  className="key"
                  aria-label={`less: ${o.name ?? nameOf(o.ingredient)}`}
                  onClick={() => d.other(o.ingredient, Math.max(0, o.toFlourPct - 1))}
                >
                  <Minus size={20} />
                </button>
                <NumberField
                  label={`${o.name ?? nameOf(o.ingredient)} to flour`}
                  value={o.toFlourPct}
                  rule={rules.other}
                  unit="%"
                  onChange={(v) => d.other(o.ingredient, v)}
                />
                <button
                  type="button"
                  className="key"
                  aria-label={`more: ${o.name ?? nameOf(o.ingredient)}`}
                  onClick={() => d.other(o.ingredient, Math.min(120, o.toFlourPct + 1))}
                >
                  <Plus size={20} />
                </button>
              </div>
            </li>
          ))}
          {(dough.others ?? []).length === 0 && <li className="quiet-ink">Nothing else.</li>}
        </ul>
        {(dough.others ?? []).length < 12 && (
          <IngredientFinder
            label="Put in something else"
            onChoose={(id) => d.other(id, 5)}
            own={{
              things: larder.filter(hasPacket),
              onChoose: (t) => d.other(t.ingredient ?? 'own', 5, { name: t.name, label: t.label ?? {} }),
            }}
          />
        )}
        <div className="flex flex-wrap gap-2">
          {dough.waterToFlourPct > 5 && (
            <button type="button" className="press quiet" onClick={() => d.liquid('milk')}>
              Milk for the water
            </button>
          )}
          {!(dough.others ?? []).some((o) => o.ingredient === 'vinegar') && (
            <button type="button" className="press quiet" onClick={() => d.other('vinegar', 2)}>
              A little vinegar
            </button>
          )}
        </div>
        {(dough.others ?? []).some((o) => /vinegar|lemonJuice/i.test(o.ingredient)) && (
          <p className="m-0 quiet-ink">Acid’s effect on a dough is small and disputed; it does no harm.</p>
        )}
        <Eggs ledger={plan.eggs} />
        <Eaters facts={facts} />
      </section>
      <section aria-label="How much">
        <h2 className="sign">How much</h2>
        <Pick
          label="Asked from"
          value={dough.askBy ?? 'pieces'}
          options={asks.map((a) => [a, askWords[a]] as const)}
          onChange={(askBy) =>
            d.take({
              askBy,
              askValue:
                askBy === 'flour'
                  ? Math.round(facts.ratios.flourG)
                  : askBy === 'dough'
                    ? Math.round(facts.ratios.totalG)
                    : 1,
            })
          }
        />
        {dough.askBy && dough.askBy !== 'pieces' && (
          <div className="lab">
            <span className="quiet-ink">
              {dough.askBy === 'factor' ? 'as much as the pieces need' : `grams of ${dough.askBy}`}
            </span>
            <NumberField
              label={`How much ${askWords[dough.askBy]}`}
              value={dough.askValue ?? 1}
              rule={rules.ask}
              unit={dough.askBy === 'factor' ? '×' : 'g'}
              places={dough.askBy === 'factor' ? 2 : 0}
              onChange={(askValue) => d.take({ askValue })}
            />
          </div>
        )}
        {Math.abs(plan.dough.surplusG) > 20 && (
          <p className="m-0">
            {plan.dough.surplusG > 0
              ? `${weight(plan.dough.surplusG)} more than the pieces take: leaves, twists, or the next dough.`
              : `${weight(-plan.dough.surplusG)} less than the pieces take.`}
          </p>
        )}
        <FromLarder />
        <Pick
          label={`For ${d.mouths} people that eat`}
          value=""
          options={[
            ['light', 'a little'],
            ['usual', 'as usual'],
            ['hungry', 'a lot'],
          ]}
          onChange={(a) => a && d.appetite(a)}
        />
        {facts.loads.loads > 1 && (
          <div>
            <strong>In {facts.loads.loads} equal loads</strong>{' '}
            <span className="quiet-ink">for your machine, each</span>
            <ul className="plain-list">
              {facts.loads.each.map((l) => (
                <li key={l.name}>
                  {weight(l.grams, l.grams < 20 ? 1 : 0)} {l.name.toLowerCase()}
                </li>
              ))}
            </ul>
          </div>
        )}
      </section>
    </div>
  );
}

/** The most of it that the larder allows, and what limits it. */
function FromLarder() {
  const d = useDough();
  const { data = [] } = useLarderQuery();
  const [said, setSaid] = useState('');
  const ask = () => {
    if (!d.dough) return;
    const have = new Map<string, number>();
    for (const t of data) if (t.ingredient) have.set(t.ingredient, (have.get(t.ingredient) ?? 0) + t.grams);
    const parts = partsOf(d.dough);
    // any wheat flour of the larder will do where the very one is not there
    for (const p of parts)
      if (flourIds.includes(p.id) && !have.has(p.id))
        have.set(p.id, Math.max(0, ...flourIds.map((id) => have.get(id) ?? 0)));
    try {
      const most = fromLarder(parts, have);
      d.take({ askBy: 'flour', askValue: Math.max(1, Math.floor(100 * most.factor)) });
      setSaid(
        `All ${weight(most.limiting.haveG)} of ${nameOf(most.limiting.id).toLowerCase()} go in; it runs out first.`,
      );
    } catch {
      const none = parts.find((p) => p.id !== 'water' && !(have.get(p.id) ?? 0));
      setSaid(`The larder has no ${nameOf(none?.id ?? 'flour').toLowerCase()}.`);
    }
  };
  return (
    <div>
      <button type="button" className="press quiet w-full" onClick={ask}>
        All the larder allows
      </button>
      <p className="m-0" role="status">
        {said}
      </p>
    </div>
  );
}

/** Who may eat the dough. The labels in the cook's hand come before any table. */
function Eaters({ facts }: { facts: DoughFacts }) {
  return (
    <div className="pt-2">
      <strong>Has in it: </strong>
      {facts.allergens.length
        ? facts.allergens
            .map((a) => `${allergenWords[a.allergen] ?? a.allergen} (${a.from.join(', ').toLowerCase()})`)
            .join('; ')
        : 'none of the fourteen allergens'}
      .<br />
      <span className="quiet-ink">
        {facts.diets.length ? `Suits: ${facts.diets.map((x) => dietWords[x]).join(', ')}. ` : ''}
        By the table; your packets’ labels and warnings come first.
      </span>
    </div>
  );
}
