import type { FoundRests } from '../stations/lamination/station';
import type { Step } from '../steps/codes';
import type { ColdLine } from './line';
import type { Problem } from '../problem';

export interface PastryDay extends FoundRests {
  steps: Step[];
  line: ColdLine;
  problems: Problem[];
  lots: number;
}
