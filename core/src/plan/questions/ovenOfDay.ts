import type { DayPlan, Instance } from '../../clock/planner/instance';

/** One bake of a day that was laid, minutes from its table as it stands now. */
export interface BakeInDay {
  itemIndex: number;
  fromMin: number;
  toMin: number;
  setC: number;
  /** In the second oven. */
  second: boolean;
}

/** A day that was solved, as a way out shows it: when it begins, and its oven. */
export interface DayOfWay {
  startMin: number;
  bakes: BakeInDay[];
}

/** When a solved day begins and what its oven does, minutes from the table as it stood when it was asked. */
export function dayOfWay(day: Instance, plan: DayPlan): DayOfWay {
  const at = day.serve.at;
  const bakes = plan.batches.flatMap(({ oven, temp, steps }) =>
    steps.map((id): BakeInDay => {
      const { start, end } = plan.steps[id];
      return {
        itemIndex: Number(id.slice(0, id.indexOf('/'))),
        fromMin: start - at,
        toMin: end - at,
        setC: temp,
        second: oven !== day.ovens[0]?.id,
      };
    }),
  );
  return { startMin: Math.min(...Object.values(plan.steps).map((s) => s.start)) - at, bakes };
}
