import { planBake } from '@crustallum/core/plan/bake';
import { validated } from '@crustallum/core/quantities/validate';
import { Injectable } from '@nestjs/common';
import { BakesService } from '../bakes/bakes.service';
import { KitchenService } from '../kitchen/kitchen.service';
import { LarderService } from '../larder/larder.service';
import { LogService } from '../log/log.service';
import { ToolsService } from '../tools/tools.service';
import { LarderInput } from '@crustallum/core/contracts/larder';
import { LogAnswersInput } from '@crustallum/core/contracts/log';
import { ToolInput } from '@crustallum/core/contracts/tool';
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
      const document = validated(ToolInput, tool);
      await this.tools.create({ name: document.name, document });
    }
    for (const thing of file.larder) await this.larder.create({ ...validated(LarderInput, thing) });
    for (const { date, title, roomC, expectedMm, pieces, ...answers } of file.earlierEntries) {
      await this.log.create({
        bakeId: null,
        runId: null,
        date,
        title,
        answers: validated(LogAnswersInput, answers),
        snapshot: { roomC, expectedMm, pieces, pastry: 'roughPuff' },
      });
    }
    await this.bakes.create(meal, items);
  }
}
