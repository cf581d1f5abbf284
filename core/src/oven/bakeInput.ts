import type { CrustType, FillType, Support, Underlay, VesselMaterial, Wash } from './tables';

export type OvenMode = 'conv' | 'fan';
export type RackPosition = 'low' | 'middle' | 'high';

/** The oven from a minute on; fan and shelf stay as they were where nothing is said, the grill is on for this step only. */
export interface OvenStep {
  fromMin: number;
  setC: number;
  mode?: OvenMode | undefined;
  rack?: RackPosition | undefined;
  grill?: boolean | undefined;
}

/** Something else in the oven: how much of it, its surface, how cold it went in, and from when to when, minutes of this bake. */
export interface Beside {
  kg: number;
  areaM2: number;
  startC: number;
  /** Before nothing (negative) where it was in already. */
  fromMin: number;
  toMin: number;
}

/** How an oven is built, where it is not an ordinary electric one of 65 litres. */
export interface OvenBuild {
  litres?: number | undefined;
  burns?: 'electric' | 'gas' | undefined;
  /** Its air carries so many times the heat an ordinary oven's does: a small one with a strong fan. */
  airflow?: number | undefined;
  /** It can let steam in. */
  steams?: boolean | undefined;
}

/** One product in one oven. Millimetres, °C, minutes; the plan outline is taken at mid height. */
export interface BakeSpec {
  shape: { kind: 'disc'; dMm: number } | { kind: 'rect'; wMm: number; lMm: number };
  /** null: an open pie; its filling meets the oven's air. */
  top: { type: CrustType; tMm: number; waterToDry?: number } | null;
  /** null: a lid only, which needs a vessel. */
  base: {
    type: CrustType;
    tMm: number;
    waterToDry?: number;
    blind?: boolean;
    waterLeft?: number;
    sealed?: boolean;
  } | null;
  /** A case baked before it is filled, under weights for so long; its filling counts for nothing. */
  empty?: { weightsMin: number };
  filling: {
    type: FillType;
    depthMm: number;
    startC: number;
    gapMm?: number;
    diceMm?: number;
    coreTargetC?: number;
    boilingRiseC?: number;
    sinceFilledMin?: number;
    waitC?: number;
  };
  vessel: { material: VesselMaterial; tMm?: number; startC?: number; loose?: boolean } | null;
  support: Support;
  supportPreheated?: boolean;
  /** What lies between it and the tray; paper where nothing is said. */
  under?: Underlay;
  load?: { pieces?: number; gapMm?: number; trays?: number };
  /** What else is in the oven meanwhile. */
  beside?: Beside[];
  oven: {
    mode: OvenMode;
    steps: OvenStep[];
    rack?: RackPosition;
    offsetC?: number;
    preheated?: boolean;
    doorOpenMin?: number[];
    doorOpenS?: number;
    loadDoorS?: number;
    heaterW?: number;
    build?: OvenBuild;
    /** Steam is let in for the first so many minutes. */
    steamMin?: number;
    altitudeM?: number;
  };
  wash?: Wash;
  /** Browning at which the lid counts as ready; 1.65 where nothing is said. */
  readyBrowning?: number;
  sugarPct?: number;
  milkSolidsPct?: number;
  crustStartC?: number;
  tents?: [number, number][];
}
