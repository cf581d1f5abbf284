import { isByMachine } from '../../cold/mixing';
import { benchMinutes, mixingPace } from '../steps/minutes';
import { lockIn, rubbedShare } from '../stations/lamination/turns';
import { lumpsWarm } from './thermal';
import { stepId, type Timeline } from './timeline';

/** Pieces of fat in a rubbed-in dough as they are weighed, mm (estimate). */
const rubbedLumpMm = 15;

/** Ways of mixing that work a dough until it stretches. */
const worked = new Set<string>(['knead', 'processorDough', 'mixerHook']);

/** Weighing, while the fat warms, and mixing or rubbing in. A block, or fat to spread, stays where it is until it is wanted. */
export function weighAndMix(line: Timeline): void {
  const { kitchen, item, dough } = line;
  const laminated = item.dough.pastry === 'roughPuff';
  const apart = laminated && lockIn(item.folds) !== 'lumps';
  const lump = apart ? 0 : laminated ? item.folds.lumpMm : rubbedLumpMm;
  const still = (minutes: number) => ({ at: [0, minutes], value: [line.temperature, line.temperature] });
  const { flourG, fatG, waterG, iceG, saltG } = dough.masses;
  const rubbedG = laminated ? fatG * rubbedShare(item.folds) : 0;
  const weighing = stepId('weigh', 'bowl');
  const weigh = line.step(weighing, 'bench', line.asSet(weighing, benchMinutes.weigh * kitchen.pace), {
    values: {
      flour: flourG,
      fat: fatG,
      rubbed: rubbedG,
      lump,
      fatC: item.dough.fatC,
      kept: apart ? lockIn(item.folds) : 'lumps',
    },
  });
  line.stretch(
    weigh,
    apart
      ? still(weigh.minutes)
      : lumpsWarm({ fat: item.dough.fat, lumpMm: lump, startC: item.dough.fatC, minutes: weigh.minutes, kitchen }),
    null,
  );
  const { method, fat } = item.dough;
  // oil and a dough that is worked until it stretches are not rubbed in
  const code = laminated || fat === 'oil' || worked.has(method) ? 'mix' : 'rubIn';
  const mixing = stepId(code, 'bowl');
  const mix = line.step(
    mixing,
    'bench',
    line.asSet(
      mixing,
      (worked.has(method) ? benchMinutes.knead : benchMinutes[code] * (mixingPace[method] ?? 1)) * kitchen.pace,
    ),
    {
      values: {
        rubbed: rubbedG,
        water: waterG,
        waterC: dough.waterC ?? kitchen.tapC,
        ice: iceG,
        salt: saltG,
        outC: dough.outOfBowlC,
        band: dough.band ? 1 : 0,
        worked: worked.has(method) ? 1 : 0,
        machine: isByMachine(method) ? 1 : 0,
      },
    },
  );
  line.stretch(
    mix,
    apart ? still(mix.minutes) : { at: [0, mix.minutes], value: [line.temperature, dough.outOfBowlC] },
    null,
  );
}
