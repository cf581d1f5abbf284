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

/** A day that was, and how it came out. */
type EarlierEntry = {
  date: string;
  title: string;
  roomC: number;
  expectedMm: number;
  pieces: number;
  people: number;
  made: unknown[];
} & Record<string, unknown>;

/** A whole household as data: what the demo is written in. */
export interface HouseholdFile {
  kitchen: unknown;
  bake: { meal: unknown; items: unknown[] };
  tools: unknown[];
  larder: unknown[];
  earlierEntries: EarlierEntry[];
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
    for (const { date, title, roomC, expectedMm, pieces, people, made, ...answers } of file.earlierEntries) {
      const was = validated(BakeInput, {
        meal: { title, serveAt: `${date}T18:30`, mouthCount: people, eaters: [] },
        items: made,
        kitchen: file.kitchen,
      });
      const { id } = await this.bakes.create(was.meal, was.items);
      await this.log.create({
        bakeId: id,
        runId: null,
        date,
        title,
        answers: validated(LogAnswersInput, answers),
        snapshot: { roomC, expectedMm, pieces, pastry: was.items[0]?.dough.pastry },
      });
    }
    await this.bakes.create(meal, items);
  }
}
