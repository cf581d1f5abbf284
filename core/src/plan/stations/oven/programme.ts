import type { ItemInput } from '../../../contracts/item';
import type { ItemOvenInput } from '../../../contracts/oven';
import type { OvenStep } from '../../../oven/bakeInput';

/**
 * The heats of a bake in order, the first from the beginning; of two at one minute the later written stands.
 * @example heatsOf({ setC: 220, then: [{ fromMin: 20, setC: 180 }] }) // [ { fromMin: 0, setC: 220 }, { fromMin: 20, setC: 180 } ]
 */
export function heatsOf(oven: Pick<ItemOvenInput, 'setC' | 'then'>): OvenStep[] {
  const after = new Map((oven.then ?? []).map((h) => [h.fromMin, h]));
  return [
    { fromMin: 0, setC: oven.setC },
    ...[...after.values()]
      .map(({ fromMin, setC, mode, rack, grill }) => ({
        fromMin,
        setC,
        ...(mode ? { mode } : {}),
        ...(rack ? { rack } : {}),
        ...(grill ? { grill } : {}),
      }))
      .sort((a, b) => a.fromMin - b.fromMin),
  ];
}

/**
 * Heats as one word of a reason or a step: `0:210 15:175`, with what else changes then: `40:220:grill:high`.
 * @example heatsWord([{ fromMin: 0, setC: 220 }, { fromMin: 20, setC: 180 }]) // '0:220 20:180'
 */
export const heatsWord = (heats: readonly OvenStep[]): string =>
  heats
    .map((h) => [h.fromMin, h.setC, h.grill ? 'grill' : h.mode, h.rack].filter((w) => w !== undefined).join(':'))
    .join(' ');

/** How a pie is covered in the oven: a lattice is baked as the lid its strips are, an open pie without one. */
export const isOpen = (item: ItemInput): boolean => item.product === 'dishPie' && item.cut.lid === 'none';

/** Whether a case can be baked before it is filled: there is a base, in a dish that holds it up. */
export const canBakeBlind = (item: ItemInput): boolean => item.product === 'dishPie';

/** A case baked blind as it usually is. */
export const usualCase = { setC: 190, weightsMin: 15, bareMin: 8, sealed: true } as const;

/** The blind bake of an item; null where there is none. */
export const blindOf = (item: ItemInput): ItemOvenInput['blind'] =>
  canBakeBlind(item) ? (item.oven.blind ?? null) : null;

/** Of a piece nothing covers that is filled with what is poured in: its base has to be drier. */
export const isPoured = (item: ItemInput): boolean => isOpen(item) && item.filling.type === 'custard';
