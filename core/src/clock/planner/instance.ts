/** A day to be planned, after the compiler: steps, bounds between them, cooks, ovens, things held. Minutes from midnight before. */
export type Point = [step: string, side: 'start' | 'end'];
export type StepKind = 'active' | 'watch' | 'passive';
export type Grade = 'physics' | 'safety' | 'quality';

export interface OvenNeed {
  temp: number;
  tol: number;
  slots: number;
  tray: number;
  /** First minutes with the door closed. */
  shut?: number;
  /** The one oven it may be in; any where none is named. */
  in?: string;
}

export interface PlannerStep {
  id: string;
  item: string;
  kind: StepKind;
  /** Can be done while a pot is watched. */
  small?: boolean;
  min: number;
  max: number;
  needs: Record<string, number>;
  oven?: OvenNeed;
  window?: { earliest?: number; latestStart?: number; latestEnd?: number };
  risk?: { want: number; weight: number };
  alts?: { id: string; min: number; max: number; needs: Record<string, number> }[];
  split?: boolean;
  /** Who may do it; anybody where nobody is named. */
  cooks?: string[];
}

export interface Lag {
  id: string;
  from: Point;
  to: Point;
  min: number | null;
  max: number | null;
  why: string;
  grade: Grade;
}

export interface Budget {
  id: string;
  max: number;
  why: string;
  legs: { from: Point; to: Point }[];
}

export interface PlannerOven {
  id: string;
  slots: number;
  tray: number;
  tMin: number;
  tMax: number;
  ambient: number;
  heat: number;
  cool: number;
  keepOn: number;
}

export interface PlannerItem {
  id: string;
  name: string;
  serve: { step: string; min: number; max: number; want: number; weight: number };
}

export interface Placed {
  start: number;
  end: number;
  cook: string | null;
  oven: string | null;
}

export interface Instance {
  schema: number;
  id: string;
  grid: number;
  horizon: [number, number];
  serve: { at: number; maxLate: number };
  goals: { lastWindow: number; lastBucket: number; staleBucket: number; spanBucket: number; sessionGap: number };
  cooks: { id: string; windows: [number, number][] }[];
  ovens: PlannerOven[];
  resources: { id: string; cap: number }[];
  items: PlannerItem[];
  steps: PlannerStep[];
  lags: Lag[];
  budgets: Budget[];
  now?: number;
  pins?: Record<string, Placed>;
  started?: Record<string, number>;
  ref?: Record<string, Placed>;
}

export interface OvenBatch {
  oven: string;
  start: number;
  end: number;
  temp: number;
  steps: string[];
  preheatFrom?: number;
}

export interface DayPlan {
  instance: string;
  serve: number;
  steps: Record<string, Placed>;
  batches: OvenBatch[];
  score: number[];
}

/** Hands a step takes at a minute, of three a cook has. */
export const attentionOf = (s: Pick<PlannerStep, 'kind' | 'small'>): number =>
  s.kind === 'passive' ? 0 : s.kind === 'watch' ? 1 : s.small ? 2 : 3;
export const attentionEach = 3;
