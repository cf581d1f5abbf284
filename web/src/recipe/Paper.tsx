import type { ReadRecipe } from '@crustallum/core/recipes/readRecipe';
import { useMemo, type ReactNode, type RefObject } from 'react';

interface Span {
  from: number;
  to: number;
  kind: 'understood' | 'open' | 'doubtful';
}

/** A book of recipes is read whole, but only so much of it is laid out. */
const mostShown = 300;

/** The words as they came: understood ones underlined, open ones dotted, doubtful ones with a thick line. */
export function Paper({ read, lines }: { read: ReadRecipe; lines: RefObject<Map<number, HTMLElement>> }) {
  const spans = useMemo(() => spansOf(read), [read]);
  return (
    <div className="paper">
      {read.lines.slice(0, mostShown).map((line, n) => (
        <p
          key={n}
          className={`m-0 ${line.kind === 'title' || line.kind === 'heading' ? 'b' : ''}`}
          ref={(e) => {
            if (e) lines.current.set(n, e);
            else lines.current.delete(n);
          }}
        >
          {marked(line.text, spans.get(n) ?? [])}
        </p>
      ))}
      {read.lines.length > mostShown && (
        <p className="m-0 quiet-ink">and {read.lines.length - mostShown} lines more, read but not shown</p>
      )}
    </div>
  );
}

/** What is marked in each line, in order, none over another. */
function spansOf(read: ReadRecipe): Map<number, Span[]> {
  const doubtful = new Set(read.alarms.flatMap((a) => (a.about.amount === undefined ? [] : [a.about.amount])));
  const facts = new Set(read.alarms.map((a) => (a.about.fact ? `${a.line} ${a.about.fact}` : '')));
  const byLine = new Map<number, Span[]>();
  const put = (line: number, span: Span) => byLine.set(line, [...(byLine.get(line) ?? []), span]);
  read.amounts.forEach((a, i) =>
    put(a.place.line, { ...a.place, kind: doubtful.has(i) ? 'doubtful' : a.id === null ? 'open' : 'understood' }),
  );
  for (const f of read.facts)
    put(f.place.line, { ...f.place, kind: facts.has(`${f.place.line} ${f.kind}`) ? 'doubtful' : 'understood' });
  for (const [line, all] of byLine) {
    const sorted = all.sort((a, b) => a.from - b.from);
    byLine.set(
      line,
      sorted.filter((s, i) => !sorted.slice(0, i).some((t) => t.to > s.from)),
    );
  }
  return byLine;
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
