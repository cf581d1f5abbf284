import { heatedWords } from '../wording/filling';
import { plain, weight } from '../wording/numbers';
import type { PartAtBench, RunPlan } from './run';

const grams = (g: number): string => `${weight(g, g < 20 ? 1 : 0)}`;
const list = (parts: readonly PartAtBench[]): string =>
  parts.map((p) => `${grams(p.grams)} ${p.name.toLowerCase()}`).join(', ');

/** What goes into the pot together, in turn: by the bowl while it is made ready, by the minute while it cooks. */
export function PotOrder({
  parts,
  pot,
  pace,
  minute,
}: {
  parts: readonly PartAtBench[];
  pot: NonNullable<RunPlan['items'][number]['pot']>;
  /** This cook's minutes for one of the pot's. */
  pace: number;
  /** Since the pot was begun; null while it is not, undefined while it is only made ready. */
  minute: number | null | undefined;
}) {
  const turns = [...new Set(parts.map((p) => p.entersMin ?? 0))].sort((a, b) => a - b);
  const of = (turn: number) => parts.filter((p) => (p.entersMin ?? 0) === turn);
  if (minute === undefined)
    return (
      <ol className="pot-turns" aria-label="Bowls">
        {turns.map((turn, n) => (
          <li key={turn}>
            <strong>{turns.length > 1 ? `Bowl ${n + 1}` : 'One bowl'}</strong> {list(of(turn))}
          </li>
        ))}
      </ol>
    );
  const now = minute === null ? undefined : turns.findLast((t) => t * pace <= minute);
  const heatedAt = (turn: number | undefined) => {
    const stage = turn === undefined ? undefined : pot.stages.findLast((s) => s.fromMin <= turn);
    return stage ? heatedWords(stage) : '';
  };
  return (
    <ol className="pot-turns" aria-label="Into the pot">
      {turns.map((turn, n) => {
        const last = turn >= pot.minutes;
        const heated = heatedAt(turn);
        const left = turn * pace - (minute ?? 0);
        return (
          <li key={turn} className={turn === now ? 'here' : undefined} aria-current={turn === now ? 'step' : undefined}>
            <strong>
              {turn === now
                ? 'Now'
                : last
                  ? 'Off the heat'
                  : left > 0
                    ? minute === null
                      ? `After ${plain(turn * pace, 0)} min`
                      : `In ${plain(Math.max(1, left), 0)} min`
                    : 'In it'}
            </strong>{' '}
            {list(of(turn))}
            {heated !== heatedAt(turns[n - 1]) && !last && <span className="quiet-ink">; it {heated}</span>}
          </li>
        );
      })}
    </ol>
  );
}
