import type { ClashKind } from '@crustallum/core/clock/planner/explain';
import type { DayChoice, DayChoices, ClashMember } from '@crustallum/core/plan/questions/dayChoices';
import type { DayOfWay } from '@crustallum/core/plan/questions/ovenOfDay';
import type { OtherWay, OtherWayKind } from '@crustallum/core/plan/questions/otherWays';
import { changeItem } from '../../desk/changes';
import { desk } from '../../desk/desk';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { Press } from '../../design/ui/Press';
import { clock, clockOn, dayOf, heat, localMoment, momentAt, served, span } from '../../wording/numbers';
import { stepWords } from '../../wording/steps';
import { list } from '../../wording/eaters';
import type { Asked } from '../_shared/useQuestion';
import { withoutPin } from './held';
import { OvenStrip } from './OvenStrip';

const kindWords: Record<ClashKind, string> = {
  'food-safety': 'Something would be out of the cold too long.',
  'oven-temperature': 'Their heats do not go together in one oven, and each may stand only so long.',
  'oven-shelves': 'More trays want the oven at once than there are shelves.',
  calendar: 'Nobody is there when it has to be done.',
  capacity: 'One pot, ring, place at the bench or in the cold is wanted twice at once.',
  hands: 'More hands are wanted at once than there are.',
  time: 'From the first step to the table it takes longer than there is.',
  lags: 'What has to follow at once, and what has to wait, do not go together.',
};

const otherWayWords: Record<Exclude<OtherWayKind, 'oneHeat'>, string> = {
  thinnerPackets: 'packets half as thick, or in two halves',
  restsInFreezer: 'rests in the freezer',
  cooledOnTrays: 'fillings cooled on trays',
  cooledInIce: 'fillings cooled in ice water',
};

/** A way out as it is offered: what it is called, what it asks for, its day, and what taking it does; null where it is not ours to do. */
interface Way {
  key: string;
  name: string;
  words: string;
  lateMin: number;
  day: DayOfWay;
  take: (() => void) | null;
}

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
  const when = (d: Date) => (d.toDateString() === table.toDateString() ? clock(d) : `${dayOf(d)}, ${clock(d)}`);
  const serveAt = (c: { lateMin: number }) => {
    if (c.lateMin > 0) dispatch(desk.actions.mealChanged({ ...meal, serveAt: localMoment(at(c)) }));
  };
  const ways: Way[] = [
    ...value.loosen.map((l): Way => ({
      key: l.steps.map((s) => s.stepId).join(),
      name:
        l.steps.length > 1
          ? 'Let all go that you hold'
          : `Let ${l.steps.map((s) => `${s.code ? stepWords[s.code].toLowerCase() : 'it'} of ${title(s.itemIndex)}`).join('')} go`,
      words: 'it is laid where it goes',
      lateMin: 0,
      day: l,
      take: () => letGo(l.steps),
    })),
    ...value.others.map((w): Way => ({
      key: `${w.kinds.join()} ${w.pies.map((p) => p.itemIndex).join()}`,
      name: otherWayName(w),
      words: `${w.pies.length < items.length ? `for ${list(w.pies.map((p) => title(p.itemIndex)))}, ` : ''}every bake and rest worked out anew`,
      lateMin: w.lateMin,
      day: w,
      take: () => {
        for (const { itemIndex, changes } of w.pies) {
          const item = items[itemIndex];
          if (item) void dispatch(changeItem(item.id, changes));
        }
        serveAt(w);
      },
    })),
    ...value.choices.map((c): Way => ({
      key: `${c.kind} ${c.itemIndex} ${c.cook} ${c.unheld ?? false} ${c.minutes}`,
      ...choiceWords(c, title, when(at(c))),
      lateMin: c.lateMin,
      day: c,
      take:
        c.lateMin > 0 && (c.kind === 'serve-later' || c.kind === 'wait-longer')
          ? () => {
              if (c.unheld) letGo(allHeld);
              serveAt(c);
            }
          : null,
    })),
  ].sort((a, b) => Number(b.take !== null) - Number(a.take !== null) || a.lateMin - b.lateMin);
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
      {ways.length === 0 && <p className="m-0">Fewer pies, or another day: nothing smaller was found that helps.</p>}
      <ul className="ways-out">
        {ways.map((w) => (
          <li key={w.key}>
            <div className="flex items-start justify-between gap-2" style={{ minHeight: 52 }}>
              <strong>{w.name}</strong>
              {w.take && (
                <Press
                  quiet
                  className="whitespace-nowrap"
                  disabled={asking}
                  onClick={w.take}
                  aria-label={`${w.name}: take this`}
                >
                  Take this
                </Press>
              )}
            </div>
            <OvenStrip bakes={w.day.bakes} serveAt={meal.serveAt} tableMin={w.lateMin} title={title} />
            <p className="m-0">
              <strong>{w.lateMin > 0 ? `${when(at(w))} at the table` : 'On time'}</strong>, the first step at{' '}
              {clockOn(momentAt(meal.serveAt, w.day.startMin), table)}: {w.words}.
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What is done another way, by name. */
const otherWayName = ({ kinds, pies }: OtherWay): string => {
  const words = list(
    kinds.map((k) => (k === 'oneHeat' ? `one heat, ${heat(Number(pies[0]?.changes['oven.setC']))}` : otherWayWords[k])),
  );
  return words.charAt(0).toUpperCase() + words.slice(1);
};

const ownWords: Partial<Record<ClashMember['what'], string>> = {
  hob: 'the rings of the hob',
  bench: 'the room at the bench',
  scale: 'the scale',
  mixer: 'the mixing machine',
  pots: 'the pots, and washing them between',
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
        return [];
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
  const stand = [...new Set(members.flatMap((m) => (m.what === 'stands' ? [title(m.itemIndex)] : [])))];
  if (stand.length) said.push(`${list(stand)} may stand only so long before the table`);
  // a chain of steps is told by its ends
  const orders = said.filter((w) => w.includes(' right after '));
  const rest = said.filter((w) => !orders.includes(w));
  const told = orders.length > mostOrders ? [`${orders.length} steps that follow one another at once`] : orders;
  return [...new Set([...told, ...rest])];
}
const mostOrders = 3;

/** A way out that is another table, another's hours or another kitchen: its name, and what it asks for. */
function choiceWords(c: DayChoice, title: (index: number) => string, at: string): Pick<Way, 'name' | 'words'> {
  const unheld = c.unheld ? 'with nothing held, ' : '';
  const whose = c.itemIndex === null ? 'all' : title(c.itemIndex);
  switch (c.kind) {
    case 'serve-later':
      return { name: `Serve at ${at}`, words: `${unheld}everything as it is: the earliest it can be` };
    case 'wait-longer':
      return {
        name: c.lateMin > 0 ? `Serve at ${at}, and let them stand longer` : `Let ${whose} stand longer`,
        words: `${unheld}${whose} may stand ${span(c.minutes)} longer before the table, and ${c.itemIndex === null ? 'are' : 'is'} the cooler`,
      };
    case 'be-there':
      return { name: `${c.cook} there all day`, words: `${unheld}the hours of the kitchen say otherwise` };
    case 'leave-out':
      return { name: `Without ${whose}`, words: `${unheld}the rest can be` };
    case 'second-oven':
      return { name: 'With a second oven', words: `${unheld}each at its own heat` };
    case 'another-cook':
      return { name: 'One more pair of hands', words: `${unheld}somebody who can do what there is to do` };
  }
}
