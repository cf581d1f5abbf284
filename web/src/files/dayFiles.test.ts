import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
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
