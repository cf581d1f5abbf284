import type { ClashKind } from '@crustallum/core/clock/planner/explain';
import type { DayChoice, DayChoices, ClashMember } from '@crustallum/core/plan/questions/dayChoices';
import type { OtherWayKind } from '@crustallum/core/plan/questions/otherWays';
import { changeItem } from '../../desk/changes';
import { desk } from '../../desk/desk';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { Press } from '../../design/ui/Press';
import { clock, dayOf, localMoment, served, span } from '../../wording/numbers';
import { stepWords } from '../../wording/steps';
import { list } from '../../wording/eaters';
import type { Asked } from '../_shared/useQuestion';
import { withoutPin } from './held';

const kindWords: Record<ClashKind, string> = {
  'food-safety': 'Something would be out of the cold too long.',
  'oven-temperature': 'Their heats do not go together in one oven, and each may stand only so long.',
  'oven-shelves': 'More trays want the oven at once than there are shelves.',
  calendar: 'Nobody is there when it has to be done.',
  capacity: 'One pot, ring or place in the cold is wanted twice at once.',
  hands: 'More hands are wanted at once than there are.',
  time: 'From the first step to the table it takes longer than there is.',
  lags: 'What has to follow at once, and what has to wait, do not go together.',
};

const otherWayWords: Record<OtherWayKind, string> = {
  restsInFreezer: 'rests in the freezer',
  cooledOnTrays: 'fillings cooled on trays',
  cooledInIce: 'fillings cooled in ice water',
};

/** Why the day cannot be as it is, in the cook's words, and the ways out: each was planned and checked before it is offered. */
export function InTheWay({ choices: { value, asking, late } }: { choices: Asked<DayChoices> }) {
  const { meal, items } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  if (!meal) return null;
  if (!value)
    return (
      <p className="working m-0">{late ? 'It took too long to search for a way out.' : 'Searching for a way out'}</p>
    );
  if (value.status === 'fits' || value.status === 'tooLong') return null;
  const letGo = (steps: readonly { itemIndex: number; stepId: string }[]) => {
    for (const [index, { id, document }] of items.entries()) {
      const gone = steps.filter((s) => s.itemIndex === index);
      const left = gone.reduce((pins, { stepId }) => withoutPin(pins, stepId), document.clock.pins);
      if (gone.length) void dispatch(changeItem(id, { 'clock.pins': left }));
    }
  };
  const allHeld = items.flatMap((i, itemIndex) =>
    (i.document.clock.pins ?? []).map(({ stepId }) => ({ itemIndex, stepId })),
  );
  const title = (index: number) => items[index]?.document.title ?? '';
  const table = served(meal.serveAt);
  const at = (c: { lateMin: number }) => new Date(table.getTime() + c.lateMin * 60_000);
  const later =
    value.choices.find((c) => c.kind === 'serve-later') ??
    value.choices.find((c) => c.kind === 'wait-longer' && c.lateMin > 0);
  const others = value.choices.filter((c) => c !== later || c.kind === 'wait-longer');
  const when = (d: Date) => (d.toDateString() === table.toDateString() ? clock(d) : `${dayOf(d)}, ${clock(d)}`);
  return (
    <section aria-label="What stands in the way" aria-busy={asking} className="in-the-way">
      <p className="m-0">
        <strong>
          {value.clash?.members.some((m) => m.what === 'held')
            ? 'What you hold does not go with the rest of the day.'
            : value.clash
              ? kindWords[value.clash.kind]
              : 'No plan was found for it; that none exists is not proved.'}
        </strong>
        {value.clash &&
          value.clash.items.length > 0 &&
          ` It is ${value.clash.items.length > 1 ? 'between' : 'about'} ${list(value.clash.items.map(title))}.`}
      </p>
      {value.clash && <p className="quiet-ink m-0">{membersInWords(value.clash.members, title).join('; ')}.</p>}
      <div className="mt-1 flex flex-wrap items-center gap-3">
        {later && (
          <Press
            quiet
            disabled={asking}
            onClick={() => {
              if (later.unheld) letGo(allHeld);
              dispatch(desk.actions.mealChanged({ ...meal, serveAt: localMoment(at(later)) }));
            }}
          >
            Serve at {when(at(later))}
            {later.kind === 'serve-later' ? ': it can be' : ', and let them stand longer'}
            {later.unheld ? ', with nothing held' : ''}
          </Press>
        )}
        {value.loosen.map((steps, i) => (
          <Press key={i} quiet disabled={asking} onClick={() => letGo(steps)}>
            {steps.length > 1
              ? 'Let all go that you hold'
              : `Let ${steps.map((s) => `${s.code ? stepWords[s.code].toLowerCase() : 'it'} of ${title(s.itemIndex)}`).join('')} go`}
          </Press>
        ))}
        {value.others.map((w) => (
          <Press
            key={w.lateMin}
            quiet
            disabled={asking}
            onClick={() => {
              for (const { itemIndex, changes } of w.pies) {
                const item = items[itemIndex];
                if (item) void dispatch(changeItem(item.id, changes));
              }
              if (w.lateMin > 0) dispatch(desk.actions.mealChanged({ ...meal, serveAt: localMoment(at(w)) }));
            }}
          >
            {`With ${list(w.kinds.map((k) => otherWayWords[k]))}`}
            {w.pies.length < items.length && ` of ${list(w.pies.map((p) => title(p.itemIndex)))}`}
            {w.lateMin > 0 ? ` at ${when(at(w))}` : ' on time'}
          </Press>
        ))}
        {others.map((c, i) => (
          <span key={i}>
            {c.unheld ? 'With nothing held: ' : ''}
            {choiceWords(c, title, at(c).getTime() === table.getTime() ? null : when(at(c)))}
          </span>
        ))}
        {value.choices.length + value.loosen.length + value.others.length === 0 && (
          <span>Fewer pies, or another day: nothing smaller was found that helps.</span>
        )}
      </div>
    </section>
  );
}

const ownWords: Partial<Record<ClashMember['what'], string>> = {
  hob: 'the rings of the hob',
  fan: 'the fan on for one and off for the other',
  room: 'the room in fridge or freezer',
  shelves: 'the shelves of the oven',
  hands: 'one pair of hands for one full task',
  heats: 'heats that are further apart than a bake bears',
  hours: 'the hours the cooks are there',
  begin: 'nothing can begin sooner',
  table: 'the time at the table',
};

/** Members of a clash, each once, as they are called. */
function membersInWords(members: readonly ClashMember[], title: (index: number) => string): string[] {
  const said = members.flatMap((m): string[] => {
    switch (m.what) {
      case 'order':
        return m.from && m.to
          ? [
              `${title(m.from.itemIndex)}: ${stepWords[m.to.code].toLowerCase()} right after ${stepWords[m.from.code].toLowerCase()}`,
            ]
          : [];
      case 'stands':
        return [`${title(m.itemIndex)} may stand only so long before the table`];
      case 'held':
        return [`${stepWords[m.step.code].toLowerCase()} of ${title(m.step.itemIndex)}, where you hold it`];
      case 'pot':
        return [`one pot at a time for ${m.cook}`];
      default: {
        const word = ownWords[m.what];
        return word ? [word] : [];
      }
    }
  });
  // a chain of steps is told by its ends
  const orders = said.filter((w) => w.includes(' right after '));
  const rest = said.filter((w) => !orders.includes(w));
  const told = orders.length > mostOrders ? [`${orders.length} steps that follow one another at once`] : orders;
  return [...new Set([...told, ...rest])];
}
const mostOrders = 3;

function choiceWords(c: DayChoice, title: (index: number) => string, at: string | null): string {
  const when = at ? `, at ${at}` : ', on time';
  switch (c.kind) {
    case 'wait-longer':
      return c.itemIndex === null
        ? `If all may stand ${span(c.minutes)} longer, it can be${when}.`
        : `If ${title(c.itemIndex)} may stand ${span(c.minutes)} longer, it can be${when}.`;
    case 'be-there':
      return `With ${c.cook} there all day it can be${when}.`;
    case 'leave-out':
      return `Without ${title(c.itemIndex ?? 0)} the rest can be${when}.`;
    case 'second-oven':
      return `With a second oven it can be${when}.`;
    case 'another-cook':
      return `With one more pair of hands it can be${when}.`;
    default:
      return '';
  }
}
