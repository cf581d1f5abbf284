import type { ItemPlan } from '@crustallum/core/plan/item';
import { useItem } from '../../desk/useItem';
import { usePhone } from '../../design/ui/useWidth';
import { Because } from '../../design/ui/Because';
import { area, plain } from '../../wording/numbers';
import { leakWords } from '../../wording/seal';
import { Drawing } from '../_shared/Drawing';
import { fixWords } from '../_shared/fixWords';

const inHundred = (index: number): string => `${plain(100 * index, 0)} in 100`;

/** What steam wants against what is open, what a leak would come of, and what one change would make of it. */
export function Steam({ seal }: { seal: ItemPlan['seal'] }) {
  const phone = usePhone();
  const { item, change } = useItem();
  const { need, wantedMm2, ventMm2, changes } = seal;
  if (!need || !item) return null;
  const [w, left] = phone ? [366, 70] : [660, 196];
  const long = w - left - (phone ? 76 : 110);
  const most = Math.max(wantedMm2, ventMm2, 1);
  const whole = need.causes.reduce((sum, c) => sum + c.weight, 0);
  const causesFrom = 122;
  return (
    <>
      <Drawing
        w={w}
        h={causesFrom + 26 + 32 * Math.max(1, need.causes.length)}
        label={`Steam wants ${area(wantedMm2)} and ${area(ventMm2)} are open; about ${inHundred(need.leakIndex)} would leak`}
      >
        <text x="0" y="16" className="b">
          Steam against open vent
        </text>
        {(
          [
            ['wants', wantedMm2, 'var(--color-frost-wash)'],
            ['open', ventMm2, 'var(--color-water)'],
          ] as const
        ).map(([word, mm2, fill], i) => {
          const wide = Math.max(2, (mm2 / most) * long);
          return (
            <g key={word} transform={`translate(0 ${28 + i * 36})`}>
              <text x={left - 10} y="19" textAnchor="end">
                {word}
              </text>
              <rect x={left} y="0" width={wide} height="26" fill={fill} stroke="var(--color-ink)" />
              <text x={left + wide + 8} y="19" className="b">
                {area(mm2)}
              </text>
            </g>
          );
        })}
        <text x="0" y={causesFrom} className="b">
          What a leak would come of
        </text>
        {need.causes.length === 0 && (
          <text x="0" y={causesFrom + 28} className="q">
            nothing in particular
          </text>
        )}
        {need.causes.map(({ cause, weight }, i) => (
          <g key={cause} transform={`translate(0 ${causesFrom + 14 + i * 32})`}>
            <text x={phone ? 0 : left - 10} y={phone ? 14 : 17} textAnchor={phone ? 'start' : 'end'}>
              {leakWords[cause]}
            </text>
            <rect
              x={phone ? 210 : left}
              y="2"
              width={Math.max(2, (weight / whole) * (phone ? 150 : long))}
              height="20"
              fill="var(--color-rhubarb-wash)"
              stroke="var(--color-ink)"
            />
          </g>
        ))}
      </Drawing>
      {changes.length > 0 && (
        <section className="mt-3" aria-label="One change">
          <p className="m-0">
            <strong>One change,</strong> from {inHundred(need.leakIndex)}:{' '}
            <Because>each alone, as reckoned now</Because>
          </p>
          <div className="mt-2 flex flex-wrap gap-2">
            {changes.map((c) => (
              <button key={c.path} type="button" className="press quiet" onClick={() => change({ [c.path]: c.to })}>
                {fixWords({ ...c, from: '' }, item.document.dough.pastry)}: {inHundred(c.leakIndex)}
              </button>
            ))}
          </div>
        </section>
      )}
    </>
  );
}
