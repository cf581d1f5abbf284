import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import { plainKitchen } from '@crustallum/core/plan/starters';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { DocumentStore } from '../database/documentStore';
import { Kitchen } from './kitchen.entity';

const onlyKitchen = 'kitchen';

@Injectable()
export class KitchenService {
  private readonly store: DocumentStore<Kitchen>;
  constructor(@InjectRepository(Kitchen) private readonly rows: Repository<Kitchen>) {
    this.store = new DocumentStore(rows, 'kitchen');
  }

  /** The one kitchen of this data file; a plain one until the cook has described their own. */
  async get(): Promise<Kitchen> {
    const known = await this.rows.findOne({ where: { id: onlyKitchen } });
    return known ?? this.store.create({ id: onlyKitchen, document: plainKitchen });
  }

  async change(version: number, document: KitchenInput): Promise<Kitchen> {
    await this.get();
    return this.store.change(onlyKitchen, version, { document });
  }
}
