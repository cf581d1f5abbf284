import type { Difference, YoursOurs as Differs } from '@crustallum/core/plan/differences';
import { Because } from '../design/ui/Because';
import { Pick } from '../design/ui/Pick';
import { degrees, heat, span, thin, weight } from '../wording/numbers';

const names: Record<Difference, string> = {
  rest: 'Rest',
  bake: 'Bake',
  filling: 'Filling in all',
  dough: 'Dough in all',
};
const becauseOf: Record<Difference, (v: Record<string, number>) => string> = {
  rest: (v) =>
    `it comes from ${degrees(v['fromC'] ?? 0)} to ${degrees(v['toC'] ?? 0)} in that, as cold as it has to be`,
  bake: (v) =>
    v['safe']
      ? `at ${heat(v['setC'] ?? 0)} the middle is hot through at ${span(v['safe'])}`
      : `at ${heat(v['setC'] ?? 0)} that is when it is done`,
  filling: (v) => `${v['pieces']} of them hold ${weight(v['eachG'] ?? 0)} each`,
  dough: (v) => `that is what ${v['pieces']} of them take at ${thin(v['t'] ?? 3)}`,
};
const written = (d: Differs, value: number): string => (d.unit === 'min' ? span(value) : weight(value));

/** Where we reckon otherwise than the page: its figure beside ours, with why, one press for each; the page's stands until then. */
export function YoursOurs({
  differs,
  onTake,
}: {
  differs: readonly Differs[];
  onTake: (what: Difference, which: Differs['taken']) => void;
}) {
  if (differs.length === 0)
    return (
      <p className="m-0">
        <strong>We reckon as you do:</strong> rest, bake and amounts stand as they are written.
      </p>
    );
  return (
    <section aria-label="Yours and ours">
      {differs.map((d) => (
        <div key={d.what}>
          <Pick
            label={names[d.what]}
            value={d.taken}
            options={[
              ['yours', `yours ${written(d, d.yours)}`],
              ['ours', `ours ${written(d, d.ours)}`],
            ]}
            onChange={(which) => onTake(d.what, which)}
          />
          <Because>{becauseOf[d.what](d.because)}</Because>
        </div>
      ))}
    </section>
  );
}
