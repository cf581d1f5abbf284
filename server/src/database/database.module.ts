import { Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import type Database from 'better-sqlite3';
import { Bake } from '../bakes/bake.entity';
import { Item } from '../bakes/item.entity';
import { Run, RunEvent } from '../bench/run.entity';
import { Kitchen } from '../kitchen/kitchen.entity';
import { LarderDraw, LarderItem } from '../larder/larderItem.entity';
import { Device } from '../pairing/device.entity';
import { LogRow } from '../log/log.entity';
import { Tool } from '../tools/tool.entity';
import { migrations } from './migrations/index';

export const entities = [Bake, Item, Kitchen, Tool, LarderItem, LarderDraw, Run, RunEvent, LogRow, Device];

/** The SQLite file: write-ahead log, full synchronous, foreign keys on, real migrations. */
@Module({})
export class StorageModule {
  static at(file: string): DynamicModule {
    return {
      module: StorageModule,
      imports: [
        TypeOrmModule.forRoot({
          type: 'better-sqlite3',
          database: file,
          entities,
          migrations,
          migrationsRun: true,
          synchronize: false,
          prepareDatabase: (db: Database.Database) => {
            db.pragma('journal_mode = WAL');
            db.pragma('synchronous = FULL');
            db.pragma('foreign_keys = ON');
            db.pragma('busy_timeout = 5000');
          },
        }),
      ],
    };
  }
}
