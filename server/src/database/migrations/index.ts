import { FirstTables1764000000000 } from './1764000000000-firstTables';
import { Removable1764000100000 } from './1764000100000-removable';
import { LarderDetails1764000200000 } from './1764000200000-larderDetails';
import { EventsInOrder1764000300000 } from './1764000300000-eventsInOrder';
import { StepsByName1764000400000 } from './1764000400000-stepsByName';
import { Eaters1764000500000 } from './1764000500000-eaters';
import { EventsOfSeveralDevices1764000600000 } from './1764000600000-eventsOfSeveralDevices';
import { PairedDevices1764000700000 } from './1764000700000-pairedDevices';

/** Every change of the data file's shape, in order. */
export const migrations = [
  FirstTables1764000000000,
  Removable1764000100000,
  LarderDetails1764000200000,
  EventsInOrder1764000300000,
  StepsByName1764000400000,
  Eaters1764000500000,
  EventsOfSeveralDevices1764000600000,
  PairedDevices1764000700000,
];
