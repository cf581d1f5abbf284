import type { EggOption } from '@crustallum/core/dough/eggs';
import type { EggLedger } from '@crustallum/core/plan/needs/eggs';
import { useItem } from '../../desk/useItem';
import { plain, weight } from '../../wording/numbers';

const useWords = { dough: 'dough', filling: 'filling', glue: 'glue', case: 'baked case', wash: 'wash' } as const;
const partWords = { whole: 'egg', yolk: 'yolk', white: 'white' } as const;
const restWords = { none: '', wash: 'a wash', nextDough: 'the next dough', freezer: 'the freezer' } as const;

const cracked = (o: EggOption): string => {
  const parts = [
    o.whole ? `${o.whole} whole` : '',
    o.yolks ? `${o.yolks} ${o.yolks === 1 ? 'yolk' : 'yolks'}` : '',
    o.whites ? `${o.whites} ${o.whites === 1 ? 'white' : 'whites'}` : '',
  ].filter(Boolean);
  return o.kind === 'weighed' ? `${o.eggs} beaten, ${weight(o.usedG)} weighed` : parts.join(' + ');
};

/** One account of egg for dough, filling, glue and wash; and the ways out when the dough's egg does not divide. */
export function Eggs({ ledger }: { ledger: EggLedger }) {
  const { item, change } = useItem();
  const others = item?.document.dough.others ?? [];
  const pct = others.find((o) => o.ingredient === 'egg')?.toFlourPct ?? 0;
  const wanted = ledger.uses.find((u) => u.use === 'dough' && u.part === 'whole')?.grams ?? 0;
  if (ledger.uses.length === 0) return null;
  const beaten = ledger.options.find((o) => o.kind === 'weighed')?.eggs ?? 1;
  const left = ledger.left.beatenG + ledger.left.yolkG + ledger.left.whiteG;
  // the whole dough follows the eggs: everything else keeps its ratio, the dough is that much larger or smaller
  const take = (o: EggOption) =>
    o.kind === 'fewer' || o.kind === 'more'
      ? change({ 'dough.askBy': 'factor', 'dough.askValue': Math.round(o.factor * 1000) / 1000 })
      : change({
          'dough.others': [
            ...others.filter((x) => !['egg', 'yolk', 'eggWhite'].includes(x.ingredient)),
            ...splitOf(o, wanted > 0 ? pct / wanted : 0),
          ],
        });
  return (
    <div className="pt-2">
      <h2 className="sign">Eggs</h2>
      <p className="m-0">
        <strong>{ledger.eggs} to crack</strong>:{' '}
        {ledger.uses.map((u) => `${weight(u.grams)} ${partWords[u.part]} for ${useWords[u.use]}`).join(', ')}
        {left > 1 ? `; ${weight(left)} left` : ''}.
      </p>
      {ledger.options.length > 0 && (
        <>
          <p className="m-0">
            The dough’s {weight(wanted)} is not a whole number of eggs. Beat {beaten} and weigh it, or:
          </p>
          <ul className="plain-list">
            {ledger.options
              .filter((o) => o.kind !== 'weighed')
              .map((o) => (
                <li key={`${o.kind}${o.eggs}${o.yolks}${o.whites}`}>
                  <button type="button" className="press quiet w-full" onClick={() => take(o)}>
                    <span>
                      {cracked(o)}
                      {o.kind === 'fewer' || o.kind === 'more'
                        ? `: all the dough × ${plain(o.factor, 2)}`
                        : o.kind === 'split'
                          ? `: ${weight(o.offByG)} off`
                          : ''}
                      {o.rest.use !== 'none' ? `, rest for ${restWords[o.rest.use]}` : ''}
                    </span>
                  </button>
                </li>
              ))}
          </ul>
        </>
      )}
    </div>
  );
}

/** A split in per cent of flour; weighed is the egg as it was. */
function splitOf(o: EggOption, pctPerGram: number): { ingredient: string; toFlourPct: number }[] {
  const tenth = (g: number) => Math.round(g * pctPerGram * 10) / 10;
  const single = (n: number, whole: number) => (n > 0 ? tenth(whole) : 0);
  if (o.kind === 'weighed') return [{ ingredient: 'egg', toFlourPct: tenth(o.usedG) }];
  const spare = o.usedG;
  const perEgg = o.eggs > 0 ? (o.usedG + o.rest.beatenG + o.rest.yolkG + o.rest.whiteG) / o.eggs : 0;
  const wholeG = o.whole * perEgg;
  return [
    { ingredient: 'egg', toFlourPct: tenth(wholeG) },
    { ingredient: 'yolk', toFlourPct: single(o.yolks, spare - wholeG) },
    { ingredient: 'eggWhite', toFlourPct: single(o.whites, spare - wholeG) },
  ].filter((x) => x.toFlourPct > 0);
}
