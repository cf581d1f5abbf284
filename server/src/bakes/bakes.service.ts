import { mostItems } from '@crustallum/core/contracts/most';
import { BadRequestException, Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { BakeHead, ChangeItemInput } from '@crustallum/core/contracts/bake';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { DataSource, IsNull, Repository } from 'typeorm';
import { randomUUID } from 'node:crypto';
import { DocumentStore } from '../database/documentStore';
import { Bake } from './bake.entity';
import { Item } from './item.entity';
import type { MealInput } from '@crustallum/core/contracts/meal';

export interface BakeView extends Bake {
  items: Item[];
}

@Injectable()
export class BakesService {
  private readonly bakes: DocumentStore<Bake>;
  private readonly items: DocumentStore<Item>;

  constructor(
    @InjectRepository(Bake) private readonly bakeRows: Repository<Bake>,
    @InjectRepository(Item) private readonly itemRows: Repository<Item>,
    private readonly source: DataSource,
  ) {
    this.bakes = new DocumentStore(bakeRows, 'bake');
    this.items = new DocumentStore(itemRows, 'item');
  }

  /** Newest serving first: what tells them apart, without their meals and items. */
  list(limit = 60): Promise<BakeHead[]> {
    return this.bakeRows.find({
      select: { id: true, version: true, title: true, serveAt: true },
      where: { removedAt: IsNull() },
      order: { serveAt: 'DESC' },
      take: limit,
    });
  }

  async view(id: string): Promise<BakeView> {
    const bake = await this.bakes.get(id);
    return { ...bake, items: await this.itemsOf(id) };
  }

  private itemsOf(bakeId: string): Promise<Item[]> {
    return this.itemRows.find({ where: { bakeId, removedAt: IsNull() }, order: { position: 'ASC' } });
  }

  async create(meal: MealInput, documents: ItemInput[]): Promise<BakeView> {
    const id = randomUUID();
    await this.source.transaction(async (manager) => {
      await manager.save(
        manager.create(Bake, {
          id,
          title: meal.title,
          serveAt: meal.serveAt,
          meal,
          createdAt: new Date().toISOString(),
          removedAt: null,
        }),
      );
      for (const [position, document] of documents.entries())
        await manager.save(manager.create(Item, fresh(id, position, document)));
    });
    return this.view(id);
  }

  async changeMeal(id: string, version: number, meal: MealInput): Promise<BakeView> {
    await this.bakes.change(id, version, { meal, title: meal.title, serveAt: meal.serveAt });
    return this.view(id);
  }

  async addItem(bakeId: string, document: ItemInput): Promise<Item> {
    await this.bakes.get(bakeId);
    await this.refuseOneMore(bakeId);
    const { max } = (await this.itemRows
      .createQueryBuilder('i')
      .select('MAX(i.position)', 'max')
      .where({ bakeId })
      .getRawOne<{ max: number | null }>()) ?? { max: null };
    return this.itemRows.save(this.itemRows.create(fresh(bakeId, (max ?? -1) + 1, document)));
  }

  /** A day of more items could not be planned: it is refused when the item comes, not afterwards. */
  private async refuseOneMore(bakeId: string): Promise<void> {
    const there = (await this.itemsOf(bakeId)).length;
    if (there >= mostItems)
      throw new BadRequestException({
        errors: [{ field: 'items', code: 'too_many', value: there + 1, allowed: { max: mostItems } }],
      });
  }

  changeItem(id: string, dto: ChangeItemInput): Promise<Item> {
    return this.items.change(id, dto.version, {
      document: dto.document,
      title: dto.document.title,
      settled: dto.settled,
      undone: dto.undone ?? [],
    });
  }

  removeItem = (id: string): Promise<Item> => this.items.remove(id);
  async restoreItem(id: string): Promise<Item> {
    const { bakeId, removedAt } = await this.items.get(id, true);
    if (removedAt) await this.refuseOneMore(bakeId);
    return this.items.restore(id);
  }
  remove = (id: string): Promise<Bake> => this.bakes.remove(id);
  restore = (id: string): Promise<Bake> => this.bakes.restore(id);
}

const fresh = (bakeId: string, position: number, document: ItemInput) => ({
  id: randomUUID(),
  bakeId,
  position,
  title: document.title,
  document,
  settled: [],
  undone: [],
  removedAt: null,
});
