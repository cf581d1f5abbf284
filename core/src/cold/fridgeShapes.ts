import { scaledSurroundings } from './calibrateEnvironment';
import { environment, type Surroundings } from './environments';
import type { GridCells, Shape } from './grid';
import type { Material } from './material';
import { simulate } from './simulate';
import { within } from '../quantities/refusal';

export const fridgeShapeNames = ['disc', 'slab', 'log', 'block', 'ball'] as const;
export type FridgeShapeName = (typeof fridgeShapeNames)[number];

/** One shape of the same dough, chilled until its mean is where it can be rolled. */
export interface FridgeShape {
  name: FridgeShapeName;
  /** What it measures, mm: thickness (or diameter) first. */
  mm: number[];
  /** Minutes until its mean is at the target; null if not within twelve hours; and the slow and fast run. */
  minutes: number | null;
  range: [number, number] | null;
  /** At that moment: its surface and its middle, °C; the wider apart, the more unevenly it rolls. */
  surfaceC: number;
  middleC: number;
  /** In the freezer instead: minutes, and whether its rim has frozen by then. */
  freezerMin: number | null;
  rimFrozen: boolean;
  /** Out of the fridge after a night, at the fridge's temperature: minutes on the bench until it can be rolled. */
  temperMin: number | null;
}

const longestMin = 720;
/** Proportions of a block (length : width : height) and of a log, and the slab's width to its length: estimates of what hands make. */
const blockSides = [3, 2, 1] as const;
const logLengths = 4;
const slabSides = 1.5;

/** The shapes of a mass of dough; disc and slab pressed to `thicknessM`, the others as hands make them. */
export function shapesOf(
  volumeM3: number,
  thicknessM: number,
): Record<FridgeShapeName, { shape: Shape; cells: GridCells; mm: number[] }> {
  const disc = Math.sqrt(volumeM3 / (Math.PI * thicknessM));
  const width = Math.sqrt(volumeM3 / (slabSides * thicknessM));
  const unit = Math.cbrt(volumeM3 / (blockSides[0] * blockSides[1] * blockSides[2]));
  const ball = Math.cbrt((3 * volumeM3) / (4 * Math.PI));
  const log = Math.cbrt(volumeM3 / (2 * Math.PI * logLengths));
  const mm = (...m: number[]) => m.map((v) => v * 1000);
  return {
    disc: { shape: { kind: 'disc', radiusM: disc, thicknessM }, cells: { nx: 6, nz: 8 }, mm: mm(thicknessM, 2 * disc) },
    slab: {
      shape: { kind: 'block', lengthM: slabSides * width, widthM: width, thicknessM },
      cells: { nx: 4, ny: 4, nz: 8 },
      mm: mm(thicknessM, width, slabSides * width),
    },
    log: {
      shape: { kind: 'log', radiusM: log, lengthM: 2 * logLengths * log },
      cells: { nx: 6, nz: 8 },
      mm: mm(2 * log, 2 * logLengths * log),
    },
    block: {
      shape: {
        kind: 'block',
        lengthM: blockSides[0] * unit,
        widthM: blockSides[1] * unit,
        thicknessM: blockSides[2] * unit,
      },
      cells: { nx: 4, ny: 4, nz: 8 },
      mm: mm(blockSides[2] * unit, blockSides[1] * unit, blockSides[0] * unit),
    },
    ball: { shape: { kind: 'ball', radiusM: ball }, cells: { nx: 12 }, mm: mm(2 * ball) },
  };
}

export interface FridgeShapesOptions {
  material: Material;
  /** °C at which its water begins to freeze; null where it has none to freeze. */
  freezesC: number | null;
  massKg: number;
  thicknessM: number;
  startC: number;
  targetC: number;
  fridge: Surroundings;
  fridgeC: number;
  freezerC: number;
  roomC: number;
}

/**
 * The same dough as disc, slab, log, block and ball: minutes in the fridge to the rolling temperature (surface coefficients
 * × 0.8 and 1.25 give the range), how evenly, and the two short cuts: the freezer, with its risk of a frozen rim, and a night
 * in the fridge with minutes on the bench after it.
 */
export function fridgeShapes(o: FridgeShapesOptions): FridgeShape[] {
  const volume = within(o.massKg, 0.01, 20, 'massKg') / o.material.densityKgM3;
  const shapes = shapesOf(volume, within(o.thicknessM, 0.003, 0.2, 'thicknessM'));
  within(o.targetC, -5, 40, 'targetC');
  const log = (around: Surroundings): Surroundings => ({ ...around, top: around.side, bottom: around.side });
  const freezer = environment('freezer', { airC: o.freezerC, wrap: 'film' });
  const room = environment('room', { airC: o.roomC, wrap: 'film' });
  return fridgeShapeNames.map((name) => {
    const { shape, cells, mm } = shapes[name];
    const run = (around: Surroundings, startC: number, value: number, dir: 'below' | 'above') =>
      simulate({
        material: o.material,
        shape,
        cells,
        startC,
        toleranceK: 0.1,
        phases: [{ minutes: longestMin, around: name === 'log' ? log(around) : around }],
        until: { metric: 'mean', value, dir, stop: true },
      });
    const main = run(o.fridge, o.startC, o.targetC, 'below');
    const [slow, fast] = [0.8, 1.25].map(
      (f) => run(scaledSurroundings(o.fridge, f), o.startC, o.targetC, 'below').crossedAtMin,
    );
    const frozen = run(freezer, o.startC, o.targetC, 'below');
    const warmed = run(room, o.fridgeC, o.targetC, 'above');
    return {
      name,
      mm,
      minutes: main.crossedAtMin,
      range: typeof slow === 'number' && typeof fast === 'number' ? [fast, slow] : null,
      surfaceC: Math.min(main.final.coldest, main.final.mean),
      middleC: Math.max(main.final.centre, main.final.mean),
      freezerMin: frozen.crossedAtMin,
      rimFrozen: o.freezesC !== null && frozen.final.coldest < o.freezesC,
      temperMin: warmed.crossedAtMin,
    };
  });
}
