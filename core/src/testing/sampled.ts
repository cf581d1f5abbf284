/** Whether wide sweeps go all the way: `npm run sweeps` (part of the benchmarks) does, `npm test` takes a sample of the same. */
const whole = process.env['CRUSTALLUM_WHOLE'] === '1';

/** Runs of a property: all of them, or the first so many of the same. */
export const runs = (all: number, sample: number): number => (whole ? all : sample);

/** Of a list that is swept: all, or every so-manyth from the first on. */
export const someOf = <T>(all: readonly T[], every: number): readonly T[] =>
  whole ? all : all.filter((_, i) => i % every === 0);
