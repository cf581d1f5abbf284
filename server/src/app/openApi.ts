import { schemaOf } from '@crustallum/core/quantities/schema';
import type { OpenAPIObject } from '@nestjs/swagger';
import { ChangeItemDto, ChangeMealDto, NewBakeDto, NewItemDto } from '../bakes/bakes.dto';
import { NewRunDto, RunEventDto, RunEventsDto } from '../bench/bench.dto';
import { ChangeKitchenDto } from '../kitchen/kitchen.module';
import { ChangeLarderItemDto, DrawDto, LarderItemDto, TakeDto } from '../larder/larder.dto';
import { ChangeLogEntryDto, LogAnswersDto, NewLogEntryDto } from '../log/log.dto';
import { ReadProbeDto } from '../probe/probe.module';
import { ChangeToolDto, ToolDto } from '../tools/tool.dto';

/** What the routes take. */
const bodies = [
  NewBakeDto,
  ChangeMealDto,
  NewItemDto,
  ChangeItemDto,
  ChangeKitchenDto,
  LarderItemDto,
  ChangeLarderItemDto,
  TakeDto,
  DrawDto,
  NewRunDto,
  RunEventDto,
  RunEventsDto,
  LogAnswersDto,
  NewLogEntryDto,
  ChangeLogEntryDto,
  ReadProbeDto,
  ToolDto,
  ChangeToolDto,
];

/** The description of the server with every body as its own rules state it: nothing is written twice. */
export function described(document: OpenAPIObject): OpenAPIObject {
  const schemas = { ...document.components?.schemas };
  for (const body of bodies) schemas[body.name] = schemaOf(body) as (typeof schemas)[string];
  return { ...document, components: { ...document.components, schemas } };
}
