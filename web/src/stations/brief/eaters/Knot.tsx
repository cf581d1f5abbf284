import type { Answer } from '@crustallum/core/plan/eaters/answers';

/** What stands on a strand at somebody's place, about (0, 0): swollen, a piece apart with its mark, cut through, or not known. */
export function Knot({
  answer,
  mark,
  colour,
  upright = false,
}: {
  answer: Answer;
  mark: string;
  colour: string;
  upright?: boolean;
}) {
  if (answer === 'may')
    return (
      <path
        d="M-19 0C-9-1-8-8 0-8S9-1 19 0C9 1 8 8 0 8S-9 1-19 0z"
        fill={colour}
        transform={upright ? 'rotate(90)' : undefined}
      />
    );
  if (answer === 'not')
    return (
      <g fill={colour} transform={upright ? 'rotate(90)' : undefined}>
        <path d="M-26 0C-20-1-19-4-15-4S-12-2-12 0-13 4-15 4-20 1-26 0z" />
        <path d="M26 0C20-1 19-4 15-4S12-2 12 0 13 4 15 4 20 1 26 0z" />
      </g>
    );
  return (
    <g>
      <rect
        x="-14"
        y="-11"
        width="28"
        height="22"
        rx="4"
        fill="var(--color-flour)"
        stroke={answer === 'pieces' ? colour : 'var(--color-ink)'}
        strokeWidth="2.500"
        strokeDasharray={answer === 'pieces' ? undefined : '3 3'}
      />
      <text y="5" textAnchor="middle" className="b" style={{ fontSize: 14 }}>
        {answer === 'pieces' ? mark : '?'}
      </text>
    </g>
  );
}
