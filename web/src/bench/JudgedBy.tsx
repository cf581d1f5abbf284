import type { Judged } from '../wording/judged';

/** How the step in hand should look and feel, and the two ways it goes wrong, each with what is done about it. */
export function JudgedBy({ judged: { right, short, past } }: { judged: Judged }) {
  return (
    <dl className="judged" aria-label="How to tell">
      <div>
        <dt>Right</dt>
        <dd>{right}</dd>
      </div>
      {(
        [
          ['Not yet', short],
          ['Too far', past],
        ] as const
      ).map(([word, [sign, remedy]]) => (
        <div key={word}>
          <dt>{word}</dt>
          <dd>
            {sign}: <strong>{remedy}</strong>
          </dd>
        </div>
      ))}
    </dl>
  );
}
