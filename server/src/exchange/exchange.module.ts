import { planBake } from '@crustallum/core/plan/bake';
import { validated } from '@crustallum/core/quantities/validate';
import { Injectable, Module } from '@nestjs/common';
import { BakesModule } from '../bakes/bakes.module';
import { BakesService } from '../bakes/bakes.service';
import { KitchenModule, KitchenService } from '../kitchen/kitchen.module';
import { LarderItemDto } from '../larder/larder.dto';
import { LarderModule, LarderService } from '../larder/larder.module';
import { LogAnswersDto } from '../log/log.dto';
import { LogModule, LogService } from '../log/log.module';
import { ToolDto } from '../tools/tool.dto';
import { ToolsModule, ToolsService } from '../tools/tools.module';
import { BakeInput } from '@crustallum/core/plan/inputs';

/** A whole household as data: what the demo is written in. */
export interface HouseholdFile {
  kitchen: unknown;
  bake: { meal: unknown; items: unknown[] };
  tools: unknown[];
  larder: unknown[];
  earlierEntries: ({ date: string; title: string; roomC: number; expectedMm: number; pieces: number } & Record<
    string,
    unknown
  >)[];
}

/** Imports a household into an empty data file, through the same validation and services as the routes. */
@Injectable()
export class ImportService {
  constructor(
    private readonly bakes: BakesService,
    private readonly kitchen: KitchenService,
    private readonly tools: ToolsService,
    private readonly larder: LarderService,
    private readonly log: LogService,
  ) {}

  async isEmpty(): Promise<boolean> {
    return (await this.bakes.list(1)).length === 0;
  }

  async household(file: HouseholdFile): Promise<void> {
    const { meal, items, kitchen } = validated(BakeInput, { ...file.bake, kitchen: file.kitchen });
    planBake({ meal, items, kitchen });
    const { version } = await this.kitchen.get();
    await this.kitchen.change(version, kitchen);
    for (const tool of file.tools) {
      const document = validated(ToolDto, tool);
      await this.tools.create({ name: document.name, document });
    }
    for (const thing of file.larder) await this.larder.create({ ...validated(LarderItemDto, thing) });
    for (const { date, title, roomC, expectedMm, pieces, ...answers } of file.earlierEntries) {
      await this.log.create({
        bakeId: null,
        runId: null,
        date,
        title,
        answers: validated(LogAnswersDto, answers),
        snapshot: { roomC, expectedMm, pieces, pastry: 'roughPuff' },
      });
    }
    await this.bakes.create(meal, items);
  }
}

@Module({ imports: [BakesModule, KitchenModule, ToolsModule, LarderModule, LogModule], providers: [ImportService] })
export class ExchangeModule {}
