import type { ItemPlan } from '@crustallum/core/plan/item';
import { glosses, washGramsPerM2, type WashColour } from '@crustallum/core/sealing/wash';
import { useItem } from '../../desk/useItem';
import { brown, crustColour } from '../../design/drawings/browned';
import { Because } from '../../design/ui/Because';
import { area, counted, plain, span, weight } from '../../wording/numbers';
import { glossWords } from '../../wording/seal';
import { fields } from '../_shared/fields';

const words = new Map(fields.wash.options);

/** The colour each wash would come to in this bake, what is brushed on, and the eggs to their last gram. */
export function WashView({ plan, bakeMin }: { plan: ItemPlan; bakeMin: number | null }) {
  const { item, change } = useItem();
  if (!item) return null;
  const { colours, washG } = plan.seal;
  const { eggs, uses, left } = plan.eggs;
  const now = item.document.seal.wash;
  const eachMm2 = plan.seal.brushedMm2 / Math.max(1, plan.cut.pieces);
  const byColour = [...colours].sort((a, b) => a.dose - b.dose);
  return (
    <>
      {byColour.length > 0 && (
        <section aria-label="The colour to come">
          <p className="m-0">
            <strong>The colour to come</strong>
            {bakeMin === null ? '' : `, ${span(bakeMin)} in this oven`}{' '}
            <Because>browning under this wash, times what each browns against it; streaks are gloss</Because>
          </p>
          <ul className="washes">
            {byColour.map((c) => (
              <li key={c.wash}>
                <button type="button" aria-pressed={c.wash === now} onClick={() => change({ 'seal.wash': c.wash })}>
                  <Patch colour={c} />
                  <strong>{words.get(c.wash) ?? c.wash}</strong>
                  <span>{c.goldMin === null ? 'no gold yet' : `gold ${plain(c.goldMin, 0)} min`}</span>
                  <span>
                    {c.level}, {glossWords[c.gloss]}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section className="mt-3" aria-label="Wash and eggs">
        <p className="m-0">
          <strong>{washG > 0 ? `${weight(washG)} to brush on` : 'Nothing is brushed on'}</strong>
          {washG > 0 && (
            <>
              {' '}
              <Because>
                {counted(plan.cut.pieces, 'pie', 'pies')} of {area(eachMm2)}, a thin coat takes{' '}
                {weight((washGramsPerM2 * eachMm2) / 1e6, 1)} of each
                {(item.document.seal.coats ?? 1) > 1 ? ', a second half as much' : ''}
              </Because>
            </>
          )}
        </p>
        {uses.length > 0 && (
          <p className="m-0 mt-1">
            <strong>{counted(eggs, 'egg', 'eggs')}</strong>{' '}
            {uses.map((u) => `${weight(u.grams, 0)} ${partWords[u.part]} for the ${u.use}`).join(', ')}; left over{' '}
            {leftOver(left)}. Raw egg on brush and bowl: wash them hot, keep the rest covered in the cold and use it
            within a day.
          </p>
        )}
      </section>
    </>
  );
}

const partWords = { whole: 'beaten', yolk: 'of yolk', white: 'of white' } as const;
function leftOver({ beatenG, yolkG, whiteG }: ItemPlan['eggs']['left']): string {
  const said = [
    ...(beatenG >= 1 ? [`${weight(beatenG)} beaten`] : []),
    ...(yolkG >= 1 ? [`${weight(yolkG)} yolk`] : []),
    ...(whiteG >= 1 ? [`${weight(whiteG)} white`] : []),
  ];
  return said.join(', ') || 'nothing';
}

/** A piece of crust: darker and more closely hatched the browner, streaked the glossier. */
function Patch({ colour }: { colour: WashColour }) {
  const b = brown(colour.dose);
  const streaks = glosses.indexOf(colour.gloss) * 2;
  return (
    <svg width="64" height="42" viewBox="0 0 72 52" preserveAspectRatio="none" aria-hidden="true">
      <rect
        x="2"
        y="2"
        width="68"
        height="48"
        rx="6"
        fill={crustColour(colour.dose)}
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      {Array.from({ length: Math.round(14 * b) }, (_, i) => (
        <line
          key={i}
          x1={6 + (i * 60) / Math.max(1, Math.round(14 * b))}
          x2={12 + (i * 60) / Math.max(1, Math.round(14 * b))}
          y1="46"
          y2="30"
          stroke="var(--color-crust-ink)"
        />
      ))}
      {Array.from({ length: streaks }, (_, i) => (
        <path
          key={i}
          d={`M${10 + i * 5} ${14 + i * 4}q18 -8 ${34 - i * 3} -2`}
          fill="none"
          stroke="#fff"
          strokeWidth="2.5"
          strokeLinecap="round"
        />
      ))}
    </svg>
  );
}
