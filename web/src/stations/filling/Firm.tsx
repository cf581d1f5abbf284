import { drinkers, type Drinker, type Firmness } from '@crustallum/core/filling/firmness';
import type { ReactNode } from 'react';
import { useItem } from '../../desk/useItem';
import { usePhone } from '../../design/ui/useWidth';
import { firmWords } from '../../wording/filling';
import { plain, weight } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';

const drinkerWords: Record<Drinker, [name: string, listed: string]> = {
  freshCrumbs: ['fresh crumbs', 'Fresh breadcrumbs'],
  semolina: ['semolina', 'Semolina'],
  mash: ['mashed floury potato', 'Potato'],
};
const wetWith = 'Stock';

/** Whether a filling that is no sauce holds a scoop: what runs free in it, what takes that up, and what would mend it. */
export function Firm({ firm, totalG }: { firm: Firmness; totalG: number }) {
  const phone = usePhone();
  const { item, change } = useItem();
  if (!item) return null;
  const list = item.document.filling.ingredients;
  const add = (name: string, grams: number, preparation?: 'mashed') => {
    const share = (100 * grams) / Math.max(1, totalG);
    const more = { name, gramsPer100: share, ...(preparation ? { preparation } : {}) };
    change({
      'filling.ingredients': list.some((i) => i.name === name)
        ? list.map((i) => (i.name === name ? { ...i, gramsPer100: Math.min(1000, i.gramsPer100 + share) } : i))
        : [...list, more],
    });
  };
  const [w, left] = phone ? [366, 48] : [660, 68];
  const long = w - left - 8;
  const sum = (rows: Firmness['runs']) => rows.reduce((total, r) => total + r.grams, 0);
  const all = Math.max(1, sum(firm.runs), sum(firm.held));
  const bars = (rows: Firmness['runs'], y: number, fill: string): ReactNode => {
    let at = left;
    if (rows.length === 0)
      return (
        <text x={left + 10} y={y + 19} className="q">
          nothing to speak of
        </text>
      );
    return rows.map(({ name, grams }, n) => {
      const x = at;
      const px = (grams / all) * long;
      at += px;
      const word = `${name.toLowerCase()} ${weight(grams)}`;
      return (
        <g key={n}>
          <rect x={x} y={y} width={Math.max(1, px)} height="28" fill={fill} stroke="var(--color-ink)" />
          {px > word.length * 7.4 + 8 && (
            <text x={x + px / 2} y={y + 19} textAnchor="middle" style={{ fill: 'var(--color-on-butter)' }}>
              {word}
            </text>
          )}
        </g>
      );
    });
  };
  return (
    <section aria-label="How it holds together" style={{ maxWidth: 660 }}>
      <Drawing
        w={w}
        h={104}
        label={`${weight(sum(firm.runs))} run free in it, ${weight(sum(firm.held))} are taken up: ${firmWords[firm.stands]}`}
      >
        <text x={phone ? 0 : 20} y="16" className="b">
          Loose liquid: what runs free, and what takes it up
        </text>
        <text x={left - 8} y="48" textAnchor="end">
          runs
        </text>
        {bars(firm.runs, 30, 'var(--color-water)')}
        <text x={left - 8} y="86" textAnchor="end">
          held
        </text>
        {bars(firm.held, 68, 'var(--color-dough)')}
        <line x1={left} x2={left} y1="26" y2="100" stroke="var(--color-ink)" strokeWidth="2" />
      </Drawing>
      <p className="m-0">
        <b>It {firmWords[firm.stands]}</b>: {weight(Math.abs(firm.loosePer100G), 1)}{' '}
        {firm.loosePer100G < 0 ? 'more could be taken up' : 'are loose'} in 100 g. Set a spoonful on a plate: it stands,
        and leaves no wet ring.
      </p>
      {(firm.drier.length > 0 || firm.wetterG > 0) && (
        <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label="To hold a scoop">
          {firm.drier.map(({ kind, grams }) => (
            <button
              key={kind}
              type="button"
              className="press quiet"
              onClick={() => add(drinkerWords[kind][1], grams, kind === 'mash' ? 'mashed' : undefined)}
            >
              {weight(grams)} {drinkerWords[kind][0]}
            </button>
          ))}
          {firm.wetterG > 0 && (
            <button type="button" className="press quiet" onClick={() => add(wetWith, firm.wetterG)}>
              {weight(firm.wetterG)} stock, or an egg of it
            </button>
          )}
        </div>
      )}
      <p className="quiet-ink" style={{ fontSize: 15 }}>
        Fresh crumbs take up {plain(drinkers.freshCrumbs, 1)} times their weight, semolina {plain(drinkers.semolina, 1)}{' '}
        times, mash a fifth; leave it ten minutes before you judge it.
      </p>
    </section>
  );
}
