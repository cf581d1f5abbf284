import { eggContents, eggOptions, type EggOption, type EggSize } from '../../dough/eggs';
import type { CutPlan } from '../stations/cut/station';
import { isClosedBefore } from '../closedBefore';
import { brushedWith, washGramsPerM2 } from '../../sealing/wash';
import { blindOf } from '../stations/oven/programme';
import type { SealResult } from '../stations/seal/result';
import type { FillingPlan } from '../stations/filling/station';
import type { DoughPlan } from '../stations/dough/station';
import type { ItemInput } from '../../contracts/item';
import type { KitchenInput } from '../../contracts/kitchen';

export type EggUse = 'dough' | 'filling' | 'glue' | 'case' | 'wash';

export interface EggLedger {
  size: EggSize;
  /** Who takes how much of what, g. */
  uses: { use: EggUse; part: 'whole' | 'yolk' | 'white'; grams: number }[];
  /** Eggs to crack for all of it. */
  eggs: number;
  /** What is left in the bowl of them, g. */
  left: { beatenG: number; yolkG: number; whiteG: number };
  /** Ways to come to the dough's egg; empty when none goes in or it comes out whole. */
  options: EggOption[];
}

/** Egg along a seam, g per m (estimate). */
const glueGramsPerM = 1.2;

/** Bottom and sides of a case against its top (estimate). */
const caseArea = 1.4;

/** What is brushed on all pies, g. */
export const brushedG = (seal: SealResult): number => (seal.washMm2 / 1e6) * washGramsPerM2;

/** One egg for everything: dough, filling, glue and wash in one account, so that none is cracked for a brushful. */
export function eggLedger(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  seal: SealResult,
  dough: DoughPlan,
  filling: FillingPlan,
): EggLedger {
  const size = kitchen.eggSize ?? 'M';
  const uses: EggLedger['uses'] = [];
  const put = (use: EggUse, part: EggLedger['uses'][number]['part'], grams: number) => {
    if (grams > 0.5) uses.push({ use, part, grams });
  };
  const before = isClosedBefore(item);
  for (const p of before ? [] : (dough.facts?.parts ?? [])) {
    if (p.id === 'egg') put('dough', 'whole', p.grams);
    if (p.id === 'yolk') put('dough', 'yolk', p.grams);
    if (p.id === 'eggWhite') put('dough', 'white', p.grams);
  }
  for (const i of before ? [] : item.filling.ingredients)
    if (/\begg(s)?\b/i.test(i.name))
      put(
        'filling',
        /yolk/i.test(i.name) ? 'yolk' : /white/i.test(i.name) ? 'white' : 'whole',
        (filling.totalG * i.gramsPer100) / 100,
      );
  if (!before && item.seal.glue === 'egg') put('glue', 'whole', (seal.gluedMm / 1000) * glueGramsPerM);
  if (!before && blindOf(item)?.sealed)
    put('case', 'whole', (cut.pieces * cut.planAreaMm2 * caseArea * washGramsPerM2) / 1e6);
  const wash = brushedG(seal);
  const partOf = { egg: 'whole', yolk: 'yolk', eggWhite: 'white' } as const;
  for (const [id, share] of brushedWith[item.seal.wash])
    if (id in partOf) put('wash', partOf[id as keyof typeof partOf], wash * share);
  const { yolkG, whiteG } = eggContents[size];
  const sum = (part: string) => uses.filter((u) => u.part === part).reduce((total, u) => total + u.grams, 0);
  const whole = Math.ceil(sum('whole') / (yolkG + whiteG) - 1e-9);
  const [yolks, whites] = [Math.ceil(sum('yolk') / yolkG - 1e-9), Math.ceil(sum('white') / whiteG - 1e-9)];
  const apart = Math.max(yolks, whites);
  const doughEgg = dough.facts?.parts.find((p) => p.id === 'egg')?.grams ?? 0;
  const splits =
    !before &&
    doughEgg > 1 &&
    doughEgg < 2000 &&
    Math.abs(doughEgg / (yolkG + whiteG) - Math.round(doughEgg / (yolkG + whiteG))) > 0.02;
  return {
    size,
    uses,
    eggs: whole + apart,
    left: {
      beatenG: whole * (yolkG + whiteG) - sum('whole'),
      yolkG: apart * yolkG - sum('yolk'),
      whiteG: apart * whiteG - sum('white'),
    },
    options: splits ? eggOptions(doughEgg, size) : [],
  };
}
