import type { ReadRecipe } from '@crustallum/core/recipes/readRecipe';
import type { ReactNode, RefObject } from 'react';

interface Span {
  from: number;
  to: number;
  kind: 'understood' | 'open' | 'doubtful';
}

/** The words as they came: understood ones underlined, open ones dotted, doubtful ones with a thick line. */
export function Paper({ read, lines }: { read: ReadRecipe; lines: RefObject<Map<number, HTMLElement>> }) {
  return (
    <div className="paper">
      {read.lines.map((line, n) => (
        <p
          key={n}
          className={`m-0 ${line.kind === 'title' || line.kind === 'heading' ? 'b' : ''}`}
          ref={(e) => {
            if (e) lines.current.set(n, e);
            else lines.current.delete(n);
          }}
        >
          {marked(line.text, spansOf(read, n))}
        </p>
      ))}
    </div>
  );
}

function spansOf(read: ReadRecipe, line: number): Span[] {
  const doubtful = new Set(
    read.alarms.filter((a) => a.line === line).flatMap((a) => (a.about.amount === undefined ? [] : [a.about.amount])),
  );
  const facts = new Set(
    read.alarms.filter((a) => a.line === line).flatMap((a) => (a.about.fact ? [a.about.fact] : [])),
  );
  const all: Span[] = [
    ...read.amounts.flatMap((a, i) =>
      a.place.line === line
        ? [
            {
              ...a.place,
              kind: doubtful.has(i)
                ? ('doubtful' as const)
                : a.id === null
                  ? ('open' as const)
                  : ('understood' as const),
            },
          ]
        : [],
    ),
    ...read.facts.flatMap((f) =>
      f.place.line === line
        ? [{ ...f.place, kind: facts.has(f.kind) ? ('doubtful' as const) : ('understood' as const) }]
        : [],
    ),
  ].sort((a, b) => a.from - b.from);
  return all.filter((s, i) => !all.slice(0, i).some((t) => t.to > s.from));
}

function marked(text: string, spans: readonly Span[]): ReactNode[] {
  const out: ReactNode[] = [];
  let at = 0;
  for (const s of spans) {
    if (s.from > at) out.push(text.slice(at, s.from));
    out.push(
      <span key={s.from} className={s.kind}>
        {text.slice(s.from, s.to)}
      </span>,
    );
    at = s.to;
  }
  out.push(text.slice(at));
  return out;
}
