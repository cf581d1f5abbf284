import type { Probed } from './probed';
import type { Recorded } from '../desk/lines';

/** One thing poured into a pot: planned and poured for all, and poured for 100 g of the filling. */
export interface PouredPart {
  name: string;
  plannedG: number;
  madeG: number;
  gramsPer100: number;
}

/** What a log entry keeps of its day: a dated snapshot, never worked out again. */
export interface Snapshot {
  pastry?: string;
  product?: string;
  /** Nothing lay over its filling. */
  open?: boolean;
  expectedMm?: number | null;
  roomC?: number;
  pieces?: number;
  bakeMin?: number | null;
  depthMm?: number;
  steps?: { word: string; plannedMin: number; actualMin: number | null }[];
  /** What really went in, where it was weighed or poured by feel. */
  formula?: { id: string; name?: string; plannedG: number; madeG: number }[];
  /** What its flour took of the liquid planned, once it held; and which flour. */
  took?: { flour: string; factor: number };
  /** What went into the pot by feel, of what was planned, in which filling, and whether it was as wanted then. */
  pot?: { filling: string; asWanted: boolean; parts: PouredPart[] };
  /** Who was at the table, as far as they were named. */
  people?: string[];
  /** What a probe found of bench and fridge. */
  probed?: Probed[];
  /** The Cold Line as it was worked. */
  recorded?: Recorded;
}
