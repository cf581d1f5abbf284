import type { ItemInput } from '@crustallum/core/contracts/item';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import { planItem } from '@crustallum/core/plan/item';
import { plainKitchen } from '@crustallum/core/plan/starters';
import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A step made longer was kept by its place in the day (`turns3`); now by what it is (`turns:1`), whatever comes before it. */
export class StepsByName1764000400000 implements MigrationInterface {
  name = 'StepsByName1764000400000';

  async up(q: QueryRunner): Promise<void> {
    const [kept] = (await q.query('SELECT document FROM kitchens LIMIT 1')) as { document: string }[];
    const kitchen = kept ? (JSON.parse(kept.document) as KitchenInput) : plainKitchen;
    await renamed(q, (item) => {
      const steps = planItem({ ...item, clock: { ...item.clock, longer: [] } }, kitchen).steps.filter(
        (s) => s.strand === 'pastry' && s.code !== 'bake' && s.code !== 'stand',
      );
      return new Map(steps.map((s, i) => [`${s.code}${i + 1}`, s.id]));
    });
  }

  /** The places of before are not known any more: steps are as long as they were reckoned. */
  async down(q: QueryRunner): Promise<void> {
    await renamed(q, () => new Map());
  }
}

async function renamed(q: QueryRunner, names: (item: ItemInput) => Map<string, string>): Promise<void> {
  const rows = (await q.query('SELECT id, document FROM items')) as { id: string; document: string }[];
  for (const { id, document } of rows) {
    const item = JSON.parse(document) as ItemInput;
    if (!item.clock.longer?.length) continue;
    const to = names(item);
    const longer = item.clock.longer.flatMap((l) => {
      const stepId = to.get(l.stepId);
      return stepId ? [{ ...l, stepId }] : [];
    });
    const changed: ItemInput = { ...item, clock: { ...item.clock, longer } };
    await q.query('UPDATE items SET document = ? WHERE id = ?', [JSON.stringify(changed), id]);
  }
}
