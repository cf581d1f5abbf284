import * as bake from '@crustallum/core/contracts/bake';
import * as day from '@crustallum/core/contracts/day';
import { AskCodeInput, EnterInput, PairedDevice } from '@crustallum/core/contracts/device';
import { ChangeKitchenInput, StoredKitchen } from '@crustallum/core/contracts/kitchen';
import { ChangeLarderInput, DrawInput, LarderInput, LarderThing } from '@crustallum/core/contracts/larder';
import { ChangeEntryInput, LogEntry, NewEntryInput } from '@crustallum/core/contracts/log';
import { NewRunInput, RunEventsInput, StoredRun } from '@crustallum/core/contracts/run';
import { FailingsInput } from '@crustallum/core/devices/failings';
import { ChangeToolInput, StoredTool, ToolInput } from '@crustallum/core/contracts/tool';
import { schemaOf } from '@crustallum/core/quantities/schema';
import type { OpenAPIObject } from '@nestjs/swagger';
import { ReadOvenThermometerDto } from '../ovenThermometer/ovenThermometer.dto';
import { ReadProbeDto } from '../probe/probe.dto';

/** What the routes take and answer. */
const documents = [
  bake.NewBakeInput,
  bake.ChangeMealInput,
  bake.NewItemInput,
  bake.ChangeItemInput,
  bake.BakeHead,
  bake.BakeName,
  day.Day,
  day.DayPie,
  day.DayEntry,
  bake.StoredBake,
  bake.StoredItem,
  ChangeKitchenInput,
  StoredKitchen,
  LarderInput,
  ChangeLarderInput,
  LarderThing,
  DrawInput,
  NewRunInput,
  FailingsInput,
  RunEventsInput,
  StoredRun,
  NewEntryInput,
  ChangeEntryInput,
  LogEntry,
  ToolInput,
  ChangeToolInput,
  StoredTool,
  AskCodeInput,
  EnterInput,
  PairedDevice,
  ReadProbeDto,
  ReadOvenThermometerDto,
];

/** The description of the server with every document as its own rules state it: nothing is written twice. */
export function described(document: OpenAPIObject): OpenAPIObject {
  const schemas = { ...document.components?.schemas };
  for (const one of documents) schemas[one.name] = schemaOf(one) as (typeof schemas)[string];
  return { ...document, components: { ...document.components, schemas } };
}
