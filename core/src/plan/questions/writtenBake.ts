import { carried, type Carried } from '../../oven/carried';
import type { BakeSpec } from '../../oven/bakeInput';
import { WrittenPageInput } from '../../contracts/writtenPage';
import { Nested } from '../../quantities/rules';
import { planItem } from '../item';
import { ProgrammeInput } from './programme';

/** What the model `plan.writtenBake` takes: an item, and what was written for one like it. */
export class WrittenBakeInput extends ProgrammeInput {
  @Nested(() => WrittenPageInput) page!: WrittenPageInput;
}

/** Page and simulation within so many times of one another can both be right (estimate). */
const sameTimes = 1.5;

export interface WrittenBake {
  carried: Carried;
  /** What was written against our minutes for the same; null where ours is never ready. */
  factor: number | null;
  /** `fits` where it can be meant; `short` and `long` where it is far from what such a pie takes. */
  judged: 'fits' | 'short' | 'long' | 'unknown';
  /** Whole minutes here by that page, never before the middle is safe; null where it cannot be said. */
  hereMin: number | null;
  /** Ours for this pie, as the station says, and when its middle is safe. */
  oursMin: number | null;
  safeMin: number | null;
}

/** As this pie, but of the size, heat and trays that were written, alone in an oven as hot as its dial says. */
function asWritten(spec: BakeSpec, page: WrittenPageInput): BakeSpec {
  const { shape } = spec;
  const across = shape.kind === 'disc' ? shape.dMm : Math.max(shape.wMm, shape.lMm);
  const by = (page.acrossMm ?? across) / across;
  const { beside: _, ...alone } = spec;
  const trays = page.trays ?? spec.load?.trays ?? 1;
  return {
    ...alone,
    shape:
      shape.kind === 'disc'
        ? { kind: 'disc', dMm: shape.dMm * by }
        : { kind: 'rect', wMm: shape.wMm * by, lMm: shape.lMm * by },
    filling: { ...spec.filling, depthMm: page.depthMm ?? spec.filling.depthMm },
    ...(trays === (spec.load?.trays ?? 1) ? {} : { load: { ...spec.load, trays } }),
    tents: undefined,
    oven: {
      mode: page.mode,
      steps: [{ fromMin: 0, setC: page.ovenC }],
      rack: spec.oven.rack,
      offsetC: 0,
      heaterW: spec.oven.heaterW,
    },
  };
}

/**
 * A written heat and time carried over to this pie, in this dish, oven and company: the page's minutes over our minutes for what it
 * says, times our minutes for what is here. Judged where the two are far apart. An estimate; the safe middle is never undercut.
 */
export function writtenBake({ item, kitchen, company, page }: WrittenBakeInput): WrittenBake {
  const ours = { ...item, oven: { ...item.oven, ownMin: undefined } };
  const { spec, bake, minutes } = planItem(ours, kitchen, company ?? null).oven;
  const over = carried(asWritten(spec, page), spec);
  const factor = over.fromMin === null ? null : page.minutes / over.fromMin;
  const judged = factor === null ? 'unknown' : factor > sameTimes ? 'long' : factor < 1 / sameTimes ? 'short' : 'fits';
  const hereMin =
    factor === null || over.toMin === null || bake.safeMin === null
      ? null
      : Math.ceil(Math.max(factor * over.toMin, bake.safeMin));
  return { carried: over, factor, judged, hereMin, oursMin: minutes, safeMin: bake.safeMin };
}
