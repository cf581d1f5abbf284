import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { IsNull, Repository } from 'typeorm';
import { DocumentStore } from '../database/documentStore';
import { LogRow } from './log.entity';

@Injectable()
export class LogService extends DocumentStore<LogRow> {
  constructor(@InjectRepository(LogRow) private readonly entries: Repository<LogRow>) {
    super(entries, 'log entry');
  }

  newestFirst(limit = 200): Promise<LogRow[]> {
    return this.entries.find({ where: { removedAt: IsNull() }, order: { date: 'DESC' }, take: limit });
  }
}
