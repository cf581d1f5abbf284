import { ConflictException, NotFoundException } from '@nestjs/common';
import { randomUUID } from 'node:crypto';
import { IsNull, type DeepPartial, type FindOptionsWhere, type Repository } from 'typeorm';
import type { Versioned } from './versioned';

/** Reads and writes versioned documents; a stale write is refused with the current state. */
export class DocumentStore<Row extends Versioned> {
  constructor(
    private readonly rows: Repository<Row>,
    private readonly name: string,
  ) {}

  list(where: FindOptionsWhere<Row> = {}): Promise<Row[]> {
    return this.rows.find({ where: { ...where, removedAt: IsNull() } as FindOptionsWhere<Row> });
  }

  async get(id: string, evenRemoved = false): Promise<Row> {
    const row = await this.rows.findOne({ where: { id } as FindOptionsWhere<Row> });
    if (!row || (row.removedAt && !evenRemoved)) {
      throw new NotFoundException({
        errors: [{ field: 'id', code: 'not_found', value: id, allowed: `the id of a ${this.name}` }],
      });
    }
    return row;
  }

  create(values: DeepPartial<Row>): Promise<Row> {
    return this.rows.save(this.rows.create({ id: randomUUID(), removedAt: null, ...values } as DeepPartial<Row>));
  }

  /** Writes only if the caller has seen the current version. */
  change(id: string, version: number, values: DeepPartial<Row>): Promise<Row> {
    return this.rows.manager.transaction(async (manager) => {
      const rows = manager.getRepository<Row>(this.rows.target);
      const row = await rows.findOne({ where: { id } as FindOptionsWhere<Row> });
      if (!row || row.removedAt)
        throw new NotFoundException({
          errors: [{ field: 'id', code: 'not_found', value: id, allowed: `the id of a ${this.name}` }],
        });
      if (row.version !== version) {
        throw new ConflictException({
          errors: [{ field: 'version', code: 'stale', value: version, allowed: row.version }],
          current: row,
        });
      }
      return rows.save(Object.assign(row, values));
    });
  }

  async remove(id: string): Promise<Row> {
    const row = await this.get(id);
    return this.rows.save(Object.assign(row, { removedAt: new Date().toISOString() }));
  }

  async restore(id: string): Promise<Row> {
    const row = await this.get(id, true);
    return this.rows.save(Object.assign(row, { removedAt: null }));
  }
}
