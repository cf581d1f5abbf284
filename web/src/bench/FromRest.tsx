import { v4 as newId } from 'uuid';
import type { FromRest as Rest, RestWay } from '@crustallum/core/plan/questions/fromRest';
import { useQuestion } from '../stations/_shared/useQuestion';
import { counted, long, span, weight } from '../wording/numbers';
import type { RunPlan, Say } from './run';

const nameOf = ({ kind, n, sizeMm }: RestWay): string =>
  kind === 'twist'
    ? counted(n, 'twist', 'twists')
    : `${counted(n, 'half-moon', 'half-moons')} from rounds of ${long(sizeMm)}`;

/** Something from the rest: small pies of what is left over, baked beside what is in; their timer is begun with a press. */
export function FromRest({
  item,
  kitchen,
  say,
  onBegun,
}: {
  item: RunPlan['items'][number];
  kitchen: RunPlan['kitchen'];
  say: Say;
  onBegun: () => void;
}) {
  const { value } = useQuestion<Rest>('plan.fromRest', { item: item.document, kitchen });
  if (!value || value.ways.length === 0) return null;
  return (
    <section aria-label="From the rest" style={{ fontSize: 20 }}>
      <strong>From the rest</strong>{' '}
      <span className="quiet-ink">
        {weight(value.doughG)} of dough{value.fillingG >= 1 ? ` and ${weight(value.fillingG)} of filling` : ''} are left
        by plan
      </span>
      <ul className="plain-list">
        {value.ways.map((way) => (
          <li key={`${way.kind}${way.sizeMm}`}>
            {nameOf(way)}
            {way.eachFillingG > 0 ? `, ${weight(way.eachFillingG)} in each` : ', brushed and strewn'}
            {way.bakeMin !== null && (
              <>
                ; about {span(Math.round(way.bakeMin))} beside what is in.{' '}
                <button
                  type="button"
                  className="press quiet bench-side"
                  onClick={() => {
                    void say('added', {
                      id: newId(),
                      words: `${nameOf(way)}: look, and probe one`,
                      minutes: Math.max(1, Math.round(way.bakeMin ?? 1)),
                    });
                    onBegun();
                  }}
                >
                  They are in: begin their timer
                </button>
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
