import { mostItems } from '@crustallum/core/contracts/most';
import { BadRequestException, Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { BakeHead, BakeName, ChangeItemInput } from '@crustallum/core/contracts/bake';
import type { ItemInput } from '@crustallum/core/contracts/item';
import type { Day, DayPie } from '@crustallum/core/contracts/day';
import { Run } from '../bench/run.entity';
import { LogRow } from '../log/log.entity';
import { DataSource, type FindOptionsWhere, In, IsNull, type ObjectLiteral, Repository } from 'typeorm';
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
  async list(limit = 60): Promise<BakeHead[]> {
    const rows = await this.bakeRows.find({
      select: { id: true, version: true, title: true, serveAt: true },
      where: { removedAt: IsNull() },
      order: { serveAt: 'DESC' },
      take: limit,
    });
    const counts = await this.counts(rows.map((r) => r.id));
    return rows.map((r) => ({ ...r, ...counts(r.id) }));
  }

  /** Pies, entries of the log and whether a run goes on, of each of these days. */
  private async counts(ids: readonly string[]): Promise<(id: string) => Omit<BakeHead, keyof BakeName>> {
    const each = async (rows: Repository<ObjectLiteral>, where: FindOptionsWhere<ObjectLiteral>) => {
      const found = await rows
        .createQueryBuilder('r')
        .select('r.bakeId', 'bakeId')
        .addSelect('COUNT(*)', 'n')
        .where({ bakeId: In(ids), ...where })
        .groupBy('r.bakeId')
        .getRawMany<{ bakeId: string; n: number }>();
      return new Map(found.map((r) => [r.bakeId, Number(r.n)]));
    };
    const [pies, entries, runs] = [
      await each(this.itemRows, { removedAt: IsNull() }),
      await each(this.source.getRepository(LogRow), { removedAt: IsNull() }),
      await each(this.source.getRepository(Run), { finishedAt: IsNull() }),
    ];
    return (id) => ({ pies: pies.get(id) ?? 0, entries: entries.get(id) ?? 0, running: runs.has(id) });
  }

  /** Every day, newest first, put away or not: what was made, for whom, and how it came out. */
  async days(limit = 1000): Promise<Day[]> {
    const rows = await this.bakeRows.find({ order: { serveAt: 'DESC' }, take: limit });
    const ids = rows.map((r) => r.id);
    const counts = await this.counts(ids);
    const items = await this.itemRows.find({
      where: { bakeId: In(ids), removedAt: IsNull() },
      order: { position: 'ASC' },
    });
    const entries = await this.source.getRepository(LogRow).find({
      select: { id: true, bakeId: true, title: true, answers: true },
      where: { bakeId: In(ids), removedAt: IsNull() },
    });
    return rows.map(({ id, version, title, serveAt, meal, removedAt }) => ({
      id,
      version,
      title,
      serveAt,
      ...counts(id),
      people: meal.mouthCount,
      names: meal.eaters.map((e) => e.name.trim()).filter(Boolean),
      made: items.filter((i) => i.bakeId === id).map((i) => onBoard(i.document)),
      cameOut: entries.filter((e) => e.bakeId === id).map((e) => ({ id: e.id, title: e.title, answers: e.answers })),
      away: removedAt !== null,
    }));
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

/** A pie as it stands on the board of its day. */
function onBoard({ title, sign, product, brief, dough, cut, filling }: ItemInput): DayPie {
  const { vessel } = cut;
  const top = typeof vessel?.top === 'number' ? vessel.top : vessel?.top[0];
  return {
    title,
    sign,
    product,
    pastry: dough.pastry,
    pieceKind: cut.pieceKind,
    count: brief.count,
    acrossMm: product === 'handPies' ? cut.cutterMm : (top ?? cut.cutterMm),
    depthMm: vessel?.depth ?? 0,
    dishes: cut.dishes ?? 1,
    ...(cut.vesselName && product !== 'handPies' ? { dish: cut.vesselName } : {}),
    filling: filling.name,
  };
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
