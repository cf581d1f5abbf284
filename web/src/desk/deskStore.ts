import Dexie, { type EntityTable } from 'dexie';
import type { BakePlanResult } from '@crustallum/core/plan/bake';
import { mealOfNow } from '@crustallum/core/contracts/oldMeal';
import type { Draft } from './draft';

/** The last plan of a bake on this device: shown at once on opening, until it is worked out anew. */
export interface KeptPlan {
  bakeId: string;
  /** What it was worked out from, as text: a plan of other items is not shown. */
  itemIds: string;
  /** The build that worked it out: another one may write its plans otherwise. */
  build: string;
  plan: BakePlanResult;
}

/** The desk's own store on the device: changes the server has not had, and the last plans. */
class DeskStore extends Dexie {
  drafts!: EntityTable<Draft & { tab: string }, 'id'>;
  plans!: EntityTable<KeptPlan, 'bakeId'>;

  constructor() {
    super('crustallum-desk');
    this.version(1).stores({ drafts: 'id, bakeId', plans: 'bakeId' });
    // drafts left by a build that knew needs as eight words
    this.version(2).upgrade((old) =>
      old
        .table<Draft>('drafts')
        .toCollection()
        .modify((draft) => {
          if (draft.kind === 'meal') draft.meal = mealOfNow(draft.meal);
        }),
    );
  }
}

export const deskStore = new DeskStore();
