import { mealOfNow } from '@crustallum/core/contracts/oldMeal';
import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Who eats was kept as eight fixed needs of mouths; now as what each must not meet, in the allergens' and their own words. */
export class Eaters1764000500000 implements MigrationInterface {
  name = 'Eaters1764000500000';

  async up(q: QueryRunner): Promise<void> {
    const rows = (await q.query('SELECT id, meal FROM bakes')) as { id: string; meal: string }[];
    for (const { id, meal } of rows)
      await q.query('UPDATE bakes SET meal = ? WHERE id = ?', [
        JSON.stringify(mealOfNow(JSON.parse(meal) as Parameters<typeof mealOfNow>[0])),
        id,
      ]);
  }

  /** The needs of before cannot say what is said now: names stay, and what they must not meet is asked again. */
  async down(q: QueryRunner): Promise<void> {
    const rows = (await q.query('SELECT id, meal FROM bakes')) as { id: string; meal: string }[];
    for (const { id, meal } of rows) {
      const { eaters = [], ...rest } = JSON.parse(meal) as { eaters?: { name: string }[] };
      const mouths = eaters.map(({ name }) => ({ name, needs: [] }));
      await q.query('UPDATE bakes SET meal = ? WHERE id = ?', [JSON.stringify({ ...rest, mouths }), id]);
    }
  }
}
