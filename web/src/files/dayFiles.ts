import type { BakePlanResult } from '@crustallum/core/plan/bake';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { createEvents, type DateArray, type EventAttributes } from 'ics';
import type { TakenOut } from '@crustallum/core/plan/needs/takingOut';
import type { ToBuy } from '@crustallum/core/plan/needs/shopping';
import { takenOutWords, toBuyText } from '../wording/shopping';
import { callOf, stepWord } from '../wording/steps';
import { clock, dayOf, momentAt, span } from '../wording/numbers';

/** What the files of a day are made of. */
export interface DayFile {
  bakeId: string;
  title: string;
  plan: BakePlanResult;
  items: readonly { id: string; title: string; fat: string }[];
  /** What is to be bought, and what is taken out of the cold before the work. */
  buy: readonly ToBuy[];
  out: readonly TakenOut[];
}

/** A calendar reminds so many minutes before a step of hands, and at once when a wait is over. */
const remindMin = 5;

/** Steps of one cook, with what needs nobody; of everybody where none is named. */
export const stepsFor = (plan: BakePlanResult, cook: string | null): TimedStep[] =>
  plan.clock.steps.filter((s) => s.minutes > 0 && (cook === null || s.cook === cook || s.cook === null));

const parts = (d: Date): DateArray => [d.getFullYear(), d.getMonth() + 1, d.getDate(), d.getHours(), d.getMinutes()];

/**
 * The day as an iCalendar file: one event a step, in the house's own time, with an alarm; the id of a step is its own, so that
 * the file read in again moves what is there instead of doubling it. Throws what the writer says of an event it cannot write.
 */
export function dayCalendar({ bakeId, title, plan, items, out }: DayFile, cook: string | null): string {
  const event = (id: string, startMin: number, minutes: number, more: Partial<EventAttributes>): EventAttributes => ({
    uid: `${bakeId}-${id.replace(/\W+/g, '-')}@crustallum`,
    calName: title,
    productId: 'crustallum',
    start: parts(momentAt(plan.clock.serveAt, startMin)),
    startInputType: 'local',
    startOutputType: 'local',
    end: parts(momentAt(plan.clock.serveAt, startMin + Math.max(1, minutes))),
    endInputType: 'local',
    endOutputType: 'local',
    ...more,
  });
  const alarm = (description: string, minutes: number): Pick<EventAttributes, 'alarms'> => ({
    alarms: [{ action: 'display', description, trigger: { before: true, minutes } }],
  });
  const taken = out.map((o): EventAttributes => {
    const words = takenOutWords(o);
    const of = items[o.itemIndex];
    return event(`${of?.id ?? o.itemIndex}-out-${o.name}-${o.to}`, o.atMin, 1, {
      title: `Take out: ${of?.title ?? ''}`,
      description: words,
      categories: ['nobody'],
      ...alarm(words, 0),
    });
  });
  const events = stepsFor(plan, cook).map((s): EventAttributes => {
    const item = items[s.itemIndex];
    const call = callOf(s, item?.title ?? '', item?.fat ?? 'butter');
    return event(`${item?.id ?? s.itemIndex}-${s.id}`, s.startMin, s.minutes, {
      title: `${stepWord(s)}: ${item?.title ?? ''}${s.cook ? ` (${s.cook})` : ''}`,
      description: [call.how, call.caution ? `Take care: ${call.caution}` : ''].filter(Boolean).join('\n'),
      categories: [s.cook ?? 'nobody'],
      ...alarm(call.call, s.cook ? remindMin : 0),
    });
  });
  const { error, value } = createEvents([...taken, ...events]);
  if (error || !value) throw error ?? new Error('no event to write');
  return value;
}

/** A line of the day's list. */
export interface DayRow {
  at: string;
  step: string;
  pie: string;
  cook: string | null;
  lasts: string;
}

/** The list of the day for the door of the fridge, by day: what is taken out stands among the steps. */
export function dayRows({ plan, items, out }: DayFile, cook: string | null): { day: string; rows: DayRow[] }[] {
  const days: { day: string; rows: DayRow[] }[] = [];
  const moments = [
    ...out.map((o) => ({ min: o.atMin, step: 'Take out', pie: takenOutWords(o), cook: null, lasts: '' })),
    ...stepsFor(plan, cook).map((s) => ({
      min: s.startMin,
      step: stepWord(s),
      pie: items[s.itemIndex]?.title ?? '',
      cook: s.cook,
      lasts: span(s.minutes),
    })),
  ].sort((a, b) => a.min - b.min);
  for (const { min, ...row } of moments) {
    const at = momentAt(plan.clock.serveAt, min);
    const day = dayOf(at);
    if (days.at(-1)?.day !== day) days.push({ day, rows: [] });
    days.at(-1)?.rows.push({ at: clock(at), ...row });
  }
  return days;
}

export const tableLine = ({ plan: { clock: c } }: DayFile): string =>
  `At the table ${dayOf(momentAt(c.serveAt, 0))}, ${clock(momentAt(c.serveAt, 0))}`;

/** The day in words: by day, each step with its hour, its cook and how long it takes. */
export function dayText(file: DayFile, cook: string | null): string {
  const lines = [file.title, tableLine(file), ...(cook ? [`For ${cook}`] : [])];
  for (const { day, rows } of dayRows(file, cook)) {
    lines.push('', day);
    for (const r of rows)
      lines.push(`${r.at}  ${r.step}, ${r.pie}${r.cook ? `, ${r.cook}` : ''}${r.lasts ? `  (${r.lasts})` : ''}`);
  }
  const bought = file.buy.length ? ['', toBuyText(file.buy, file.plan.clock.serveAt).trimEnd()] : [];
  return `${[...lines, ...bought].join('\r\n')}\r\n`;
}
