import type { WeighedThickness } from '@crustallum/core/cutting/thickness';
import { doughDensity } from '@crustallum/core/plan/stations/cut/result';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { useEffect, useState } from 'react';
import { useItem } from '../../desk/useItem';
import { scale } from '../../devices/scale';
import { Whence } from '../../design/ui/Whence';
import { area, plain, thin, weight } from '../../wording/numbers';
import { ScalePresses } from './ScalePresses';
import { Unanswered } from '../_shared/Unanswered';
import { useQuestion } from '../_shared/useQuestion';

const most = 3;

/** How thick the sheet really is, from pieces weighed: one says how thick, three how even. */
export function Thickness({ item, areaMm2 }: { item: ItemInput; areaMm2: number }) {
  const { change } = useItem();
  const [grams, setGrams] = useState<number[]>([]);
  const [reading, setReading] = useState(0);
  useEffect(() => {
    scale.tare();
    return scale.subscribe(setReading);
  }, []);
  const t = useQuestion<WeighedThickness>(
    'cutting.thickness',
    grams.length && areaMm2 > 20 ? { areaMm2, grams, rho: doughDensity[item.dough.pastry] } : null,
  );
  const made = grams.length ? t.value : null;
  const wanted = item.cut.thicknessMm;
  const eachG = (areaMm2 * wanted * doughDensity[item.dough.pastry]) / 1000;
  const real = made ? Math.round(made.meanMm * 10) / 10 : wanted;
  return (
    <section aria-label="Thickness by weighing" className="turns">
      <h2 className="sign">How thick is it really</h2>
      <p className="m-0 quiet-ink">
        Cut a piece, weigh it; three from different places show how even the sheet is. One of {area(areaMm2, 1)} at{' '}
        {thin(wanted)} weighs {weight(eachG)}.
      </p>
      {grams.length < most && (
        <ScalePresses
          reading={reading}
          expectedG={eachG}
          said={`piece ${grams.length + 1} of ${most}`}
          onKeep={() => {
            setGrams([...grams, Math.round(reading * 10) / 10]);
            scale.tare();
          }}
        />
      )}
      {grams.length > 0 && <Unanswered asked={t} working="Working it out" />}
      {made && (
        <p className="m-0" role="status">
          <strong>{thin(made.meanMm)}</strong> ({made.eachMm.map((mm) => thin(mm)).join(', ')})
          {grams.length > 1 &&
            (made.uneven
              ? `: uneven, ${plain(made.spreadPct, 0)} % from thin to thick. Roll it from the middle out, quarter turns between.`
              : `: even, ${plain(made.spreadPct, 0)} % apart.`)}
        </p>
      )}
      {made && (
        <Whence
          model="cutting.thickness"
          given={`${grams.map((g) => weight(g, 1)).join(', ')}, ${area(areaMm2, 1)}, ${plain(doughDensity[item.dough.pastry], 2)} g/cm³`}
        />
      )}
      {grams.length > 0 && (
        <div className="flex flex-wrap gap-2">
          <button type="button" className="press quiet" onClick={() => setGrams([])}>
            Weigh again
          </button>
          {made && real !== wanted && real >= 1 && real <= 10 && (
            <button type="button" className="press quiet" onClick={() => change({ 'cut.thicknessMm': real })}>
              Go on with {thin(real)}
            </button>
          )}
        </div>
      )}
    </section>
  );
}
