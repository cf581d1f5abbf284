import type { ItemInput } from '../contracts/item';
import type { ColdLine } from './coldLine/line';
import type { CutPlan } from './stations/cut/station';
import type { FillingPlan } from './stations/filling/station';

/** Whether an item's pies lie closed in fridge or freezer since another day: this day only brushes and bakes them. */
export const isClosedBefore = ({ oven }: ItemInput): boolean => oven.closedBefore === true && oven.from !== 'room';

/** Days an item's pies have lain: what was closed on another day at least one, whatever is not said. */
export const daysLain = (item: ItemInput): number => Math.max(isClosedBefore(item) ? 1 : 0, item.oven.aheadDays ?? 0);

/** How pies that were put away raw are called in the larder. */
export const closedName = (title: string): string => `${title}, raw`.slice(0, 60);

/** One pie as it goes into the oven, g. */
export const closedPieG = ({ cut, filling }: { cut: CutPlan; filling: FillingPlan }): number =>
  (cut.doughMassG + filling.totalG) / Math.max(1, cut.pieces);

/** The line of pies that were closed on another day: there is no fat left to keep cold. */
export const lineOfClosed = (line: ColdLine): ColdLine => ({
  ...line,
  stretches: [],
  inHandMin: null,
  tightestStepId: null,
});
