import { potHeats, potLids, type Pot, type PotStage } from '@crustallum/core/filling/pot';
import type { FillingResult } from '@crustallum/core/plan/stations/filling/result';
import { useItem } from '../../desk/useItem';
import { NumberField } from '../../design/ui/NumberField';
import { useRule } from '../../design/ui/rules';
import { usePhone } from '../../design/ui/useWidth';
import { potHeatWords, potLidWords } from '../../wording/filling';
import { plain, weight } from '../../wording/numbers';
import { fields, type NumberFieldDef } from '../_shared/fields';
import { HeldValue } from '../_shared/Held';
import { PotStrand } from './PotStrand';
import { TwoPots } from './TwoPots';

const entersDef: NumberFieldDef = {
  kind: 'rule',
  path: 'filling.ingredients.entersMin',
  label: 'Goes in after',
  unit: 'min',
  step: 1,
  from: 0,
  to: 120,
};

/** One pot: what goes in and what is left of it, in which order, how it is heated meanwhile. */
export function ThePot({ f, pot }: { f: FillingResult; pot: Pot }) {
  const phone = usePhone();
  const { item, change } = useItem();
  const rule = useRule('filling.ingredients.entersMin');
  if (!item) return null;
  const { filling } = item.document;
  const list = filling.ingredients;
  const enter = (places: readonly number[], entersMin: number | undefined) =>
    change({ 'filling.ingredients': list.map((i, at) => (places.includes(at) ? { ...i, entersMin } : i)) });
  const heats = filling.pot ?? [];
  const heated = (stage: PotStage, part: Partial<Pick<PotStage, 'heat' | 'lid'>>) => {
    const { fromMin } = stage;
    const there = heats.find((h) => h.fromMin === fromMin);
    const next = [...heats.filter((h) => h !== there), { ...there, fromMin, ...part }];
    change({ 'filling.pot': next.sort((a, b) => a.fromMin - b.fromMin) });
  };
  const own = heats.length > 0 || list.some((i) => i.entersMin !== undefined);
  const asUsual = () =>
    change({
      'filling.pot': undefined,
      'filling.ingredients': list.map((i) => ({ ...i, entersMin: undefined })),
    });
  const row = (at: number) => (
    <li key={at} className="pot-part">
      <span>
        {f.parts[at]?.name} <b>{weight(f.parts[at]?.grams ?? 0)}</b>
      </span>
      <NumberField
        label={`${f.parts[at]?.name} goes in after`}
        value={pot.entersMin[at] ?? 0}
        rule={{ ...rule, max: Math.min(rule.max, filling.cookMinutes) }}
        unit="min"
        ours={list[at]?.entersMin === undefined}
        onChange={(m) => enter([at], m)}
      />
    </li>
  );
  return (
    <section aria-label="The pot" style={{ maxWidth: 660 }}>
      <TwoPots f={f} pot={pot} />
      <PotStrand
        pot={pot}
        minutes={filling.cookMinutes}
        names={f.parts.map((p) => p.name)}
        over={(xOf) => (
          <>
            {pot.stages
              .filter((s) => s.fromMin > 0 && s.parts.length > 0)
              .map((s, n) => (
                <HeldValue
                  key={n}
                  def={entersDef}
                  x={xOf(s.fromMin)}
                  y={118}
                  value={s.fromMin}
                  take={(m) => enter(s.parts, Math.min(m, filling.cookMinutes))}
                />
              ))}
            <HeldValue
              def={fields.cookMinutes}
              x={xOf(filling.cookMinutes)}
              y={118}
              value={filling.cookMinutes}
              take={(m) => change({ 'filling.cookMinutes': m })}
            />
          </>
        )}
      />
      <ol className="plain-list pot-order">
        {pot.stages.map((s) => (
          <li key={s.fromMin}>
            <div className="pot-stage">
              <strong>{s.fromMin === 0 ? 'First' : `After ${plain(s.fromMin, 0)} min`}</strong>
              <select
                className="text-field"
                aria-label={`After ${s.fromMin} min it`}
                value={s.heat}
                onChange={(e) => heated(s, { heat: e.target.value as PotStage['heat'] })}
              >
                {potHeats.map((h) => (
                  <option key={h} value={h}>
                    {potHeatWords[h]}
                  </option>
                ))}
              </select>
              <select
                className="text-field"
                aria-label={`Lid after ${s.fromMin} min`}
                value={s.lid}
                onChange={(e) => heated(s, { lid: e.target.value as PotStage['lid'] })}
              >
                {potLids.map((l) => (
                  <option key={l} value={l}>
                    {potLidWords[l]}
                  </option>
                ))}
              </select>
              {!phone && <span className="quiet-ink">{plain(s.minutes, 0)} min so</span>}
            </div>
            <ul className="plain-list">{s.parts.map(row)}</ul>
          </li>
        ))}
        {pot.last.length > 0 && (
          <li>
            <strong>Off the heat</strong>
            <ul className="plain-list">{pot.last.map(row)}</ul>
          </li>
        )}
      </ol>
      {own && (
        <button type="button" className="press quiet" onClick={asUsual}>
          In the usual order
        </button>
      )}
      <p className="quiet-ink" style={{ fontSize: 15 }}>
        What goes in together is cut into one bowl. What comes late cooks in the heat of the rest; roots are tender at
        the end.{f.sauce ? ` ${weight(f.sauce.steamG)} go in steam.` : ''}
      </p>
    </section>
  );
}
