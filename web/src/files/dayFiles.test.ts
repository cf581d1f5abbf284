import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { shopping } from '@crustallum/core/plan/needs/shopping';
import ICAL from 'ical.js';
import { dayCalendar, dayText, stepsFor, type DayFile } from './dayFiles';

const kitchen = { ...plainKitchen, cooks: ['Ines', 'Tobiah'] };
const items = [starterItem('dishPie', 6, 'Ines'), starterItem('filoCoil', 6, 'Tobiah')];
const plan = planBake({ meal: starterMeal('2026-12-12T18:30', 6), items, kitchen });
const day: DayFile = {
  bakeId: 'b1',
  title: 'Supper',
  plan,
  items: items.map((i, n) => ({ id: `i${n}`, title: i.title, fat: i.dough.fat })),
  buy: [],
  out: [],
};
const eventsOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as [string, never, never]).getAllSubcomponents('vevent');

describe('the day as a calendar', () => {
  const events = eventsOf(dayCalendar(day, null));
  it('read back by another hand has every step, at its hour, with an alarm', () => {
    expect(events).toHaveLength(stepsFor(plan, null).length);
    const bake = plan.clock.steps.find((s) => s.code === 'bake' && s.itemIndex === 0);
    const found = events.map((e) => new ICAL.Event(e)).find((e) => e.summary.startsWith(`Bake: ${items[0]?.title}`));
    const at = new Date(2026, 11, 12, 18, 30);
    at.setMinutes(at.getMinutes() + Math.floor(bake?.startMin ?? 0));
    expect(Math.abs((found?.startDate.toJSDate().getTime() ?? 0) - at.getTime())).toBeLessThanOrEqual(60_000);
    expect(events.every((e) => e.getAllSubcomponents('valarm').length === 1)).toBe(true);
  });
  it('keeps the ids of its steps when the table moves, and no two are alike', () => {
    const ids = events.map((e) => String(e.getFirstPropertyValue('uid')));
    expect(new Set(ids).size).toBe(ids.length);
    const later = planBake({ meal: starterMeal('2026-12-12T19:30', 6), items, kitchen });
    const moved = eventsOf(dayCalendar({ ...day, plan: later }, null)).map((e) =>
      String(e.getFirstPropertyValue('uid')),
    );
    expect([...moved].sort()).toEqual([...ids].sort());
  });
  it('of one cook has nothing the other does', () => {
    const own = stepsFor(plan, 'Ines');
    expect(own.some((s) => s.cook === 'Ines')).toBe(true);
    expect(own.some((s) => s.cook === 'Tobiah')).toBe(false);
    expect(eventsOf(dayCalendar(day, 'Ines'))).toHaveLength(own.length);
  });
  it('in words tells every step in order under its day', () => {
    const text = dayText(day, null).split('\r\n');
    expect(text[0]).toBe('Supper');
    expect(text.filter((l) => /^\d\d:\d\d {2}/.test(l))).toHaveLength(stepsFor(plan, null).length);
    expect(text.join(' ')).toContain('Saturday');
  });
});

describe('what is bought and taken out before the work', () => {
  const before: DayFile = {
    ...day,
    buy: shopping(plan.needs, [], plan.clock.steps),
    out: [
      {
        name: 'butter',
        grams: 200,
        itemIndex: 0,
        from: 'fridge',
        to: 'room',
        atMin: -600,
        useMin: -500,
        toC: 16,
        reachesC: 16,
      },
      {
        name: 'Peas',
        grams: 90,
        itemIndex: 1,
        from: 'freezer',
        to: 'fridge',
        atMin: -1400,
        useMin: -680,
        toC: null,
        reachesC: null,
      },
    ],
  };
  it('stands among the steps at its hour, the evening before under its own day, and the list to buy below', () => {
    const text = dayText(before, null).split('\r\n');
    const out = text.filter((l) => l.includes('Take out'));
    expect(out).toEqual([
      '19:10  Take out, 90 g peas from the freezer into the fridge, to thaw on a plate, low down; used only when there is no ice left in it',
      '08:30  Take out, 200 g butter out of the fridge, in pieces, to be at 16° when it is used',
    ]);
    expect(text.indexOf(out[0] ?? '')).toBeLessThan(text.findIndex((l) => l.startsWith('Saturday')));
    expect(text).toContain('To buy');
  });
  it('is in the calendar with an alarm of its own', () => {
    const events = eventsOf(dayCalendar(before, 'Ines')).map((e) => new ICAL.Event(e).summary);
    expect(events.filter((e) => e.startsWith('Take out'))).toHaveLength(2);
  });
});
