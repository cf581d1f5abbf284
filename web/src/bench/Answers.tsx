import type { ReactNode } from 'react';

interface Props<Answer extends string> {
  label: string;
  answers: readonly Answer[];
  chosen: string | null | undefined;
  show: (answer: Answer) => ReactNode;
  onTake: (answer: Answer) => void;
  className?: string;
}

/** What is felt or seen, in a few answers of which one stands. */
export const Answers = <Answer extends string>({
  label,
  answers,
  chosen,
  show,
  onTake,
  className = 'feels',
}: Props<Answer>) => (
  <div role="radiogroup" aria-label={label} className={className}>
    {answers.map((a) => (
      <button
        key={a}
        type="button"
        role="radio"
        aria-checked={chosen === a}
        className={`press ${chosen === a ? '' : 'quiet'} bench-side`}
        onClick={() => onTake(a)}
      >
        {show(a)}
      </button>
    ))}
  </div>
);
