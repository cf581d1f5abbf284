import { Injectable, NotFoundException } from '@nestjs/common';
import { DataSource, IsNull } from 'typeorm';
import type { DrawInput } from '@crustallum/core/contracts/larder';
import { LarderDraw, LarderItem } from './larderItem.entity';

/** Stock goes down when a bake is weighed, and comes back when the weighing is undone. */
@Injectable()
export class DrawsService {
  constructor(private readonly source: DataSource) {}

  /** Takes what there is, never below nothing; the same draw sent twice takes once. */
  draw({ id, takes }: DrawInput): Promise<LarderDraw> {
    return this.source.transaction(async (manager) => {
      const known = await manager.findOneBy(LarderDraw, { id });
      if (known) return known;
      const taken: LarderDraw['takes'] = [];
      for (const take of takes) {
        const row = await manager.findOneBy(LarderItem, { id: take.larderId, removedAt: IsNull() });
        if (!row) throw this.unknown('takes.larderId', take.larderId, 'the id of a thing in the larder');
        const grams = Math.min(row.grams, take.grams);
        taken.push({ larderId: row.id, grams });
        await manager.save(Object.assign(row, { grams: row.grams - grams }));
      }
      return manager.save(
        manager.create(LarderDraw, { id, at: new Date().toISOString(), takes: taken, undoneAt: null }),
      );
    });
  }

  /** Puts back what was taken, once. */
  undo(id: string): Promise<LarderDraw> {
    return this.source.transaction(async (manager) => {
      const draw = await manager.findOneBy(LarderDraw, { id });
      if (!draw) throw this.unknown('id', id, 'the id of a weighing');
      if (draw.undoneAt) return draw;
      for (const take of draw.takes) {
        const row = await manager.findOneBy(LarderItem, { id: take.larderId });
        if (row) await manager.save(Object.assign(row, { grams: row.grams + take.grams }));
      }
      return manager.save(Object.assign(draw, { undoneAt: new Date().toISOString() }));
    });
  }

  private unknown(field: string, value: string, allowed: string): NotFoundException {
    return new NotFoundException({ errors: [{ field, code: 'not_found', value, allowed }] });
  }
}
