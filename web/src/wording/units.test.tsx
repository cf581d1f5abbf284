import { forms } from '@crustallum/core/plan/formNames';
import { formItem } from '@crustallum/core/plan/forms';
import type { Figure } from '@crustallum/core/plan/figure';
import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterMeal } from '@crustallum/core/plan/starters';
import { fireEvent, screen, within } from '@testing-library/react';
import { FakeServer, heading, open } from '../testing/household';
import { typedNumber } from '../design/ui/typedNumber';
import { cupsBeside } from './cups';
import { fieldUnit, rangeWords } from './fieldUnit';
import { actWords } from './folds';
import { clock, dayOf, degrees, degreesApart, fromTo, heat, long, shown, sides, thin, weight } from './numbers';
import { problemWords } from './problems';
import { reasonWords } from './reasons';
import { callOf } from './steps';
import { guessedUnits, metricUnits, setUnits } from './units';

const american = guessedUnits('en-US');
afterEach(() => setUnits(metricUnits));

/** What only a metric cook would read. */
const metric = /\d (?:cm|mm|g|kg|°C)\b(?! (?:a|of liquid))/;
/** Nothing in a kitchen stands between 1 and 31 °F but a freezer: such a number was left in °C. */
const celsius = /(?<![\d.−])(?:[1-9]|[12]\d|3[01])(?:\.\d+)?°/;

describe('quantities by the cook’s own scales', () => {
  it('are metric until something else is said', () =>
    expect([long(120), thin(3), weight(340), heat(200), degrees(14.3)]).toEqual([
      '12.0 cm',
      '3.0 mm',
      '340 g',
      '200 °C',
      '14.3°',
    ]));
  it('are inches, ounces and °F for who said so, and hours and dates by their order', () => {
    setUnits(american);
    expect([long(120), sides([320, 220], 0), thin(3), weight(340), heat(200), degrees(14.3)]).toEqual([
      '4 3/4 in',
      '12 5/8 × 8 11/16 in',
      '1/8 in',
      '12 oz',
      '390 °F',
      '58°',
    ]);
    expect(clock(new Date(2026, 11, 12, 18, 30))).toBe('6:30 pm');
    expect(dayOf(new Date(2026, 11, 12))).toBe('Saturday December 12');
  });
  it('of an oven may be gas marks, of a dough never', () => {
    setUnits({ ...metricUnits, heat: 'gas' });
    expect([heat(200), degrees(14.3), shown({ value: 200, unit: '°C' }).value]).toEqual(['gas 6', '14.3°', '6']);
  });
});

describe('what is said of every pie', () => {
  it.each(forms)('%s: reasons, warnings and bench calls have nothing metric left', (form) => {
    setUnits(american);
    const item = formItem(form, 8, 'You');
    const plan = planBake({ meal: starterMeal('2036-12-12T18:30', 8, 'Supper'), items: [item], kitchen: plainKitchen });
    const [p] = plan.items;
    if (!p) throw new Error('no plan');
    const rooms = [p.dough, p.lamination, p.filling, p.cut, p.seal, p.oven] as unknown as {
      figures: Record<string, Figure>;
    }[];
    const figures = rooms.flatMap((r) => Object.values(r.figures).filter((f): f is Figure => Boolean(f?.reason)));
    const said = [
      ...figures.map((f) => reasonWords(f.reason)),
      ...p.problems.map((problem) => problemWords(problem)),
      ...plan.clock.steps.map((s) => {
        const { call, how } = callOf(s, item.title, item.dough.fat);
        return `${call} ${how}`;
      }),
    ];
    expect(said.length).toBeGreaterThan(20);
    expect(said.filter((words) => metric.test(words))).toEqual([]);
    expect(said.filter((words) => celsius.test(words))).toEqual([]);
  });
});

describe('cups', () => {
  it('stand beside grams for who wants them, and never in their place', () => {
    expect(cupsBeside('flour', 250)).toBe('');
    setUnits({ ...metricUnits, mass: 'cups' });
    expect(weight(250)).toBe('250 g');
    expect(cupsBeside('flour', 250)).toMatch(/^ \(.* cups?\)$/);
    expect(cupsBeside(null, 250)).toBe('');
  });
});

describe('degrees', () => {
  it('apart are no degrees of a scale, and those of a turn are none at all', () => {
    setUnits(american);
    expect(degreesApart(10)).toBe('18°');
    expect(fromTo(8, 16)).toBe('46–61°');
    expect(actWords({ act: 'base', leaves: 3, overlapMm: 0, turnDeg: 90 })).toContain('turned 90°');
  });
  it('no kitchen has are still written: a probe may say anything', () => expect(degrees(4000, 0)).toBe('4000°'));
});

describe('a field', () => {
  it('shows inches, takes a bare number as inches, and understands the others', () => {
    setUnits(american);
    const field = fieldUnit('cm', 12);
    expect([field.unit, field.write(12)]).toEqual(['in', '4 3/4']);
    expect(typedNumber('4 3/4', 'cm', field.read)).toBeCloseTo(12.065, 6);
    expect(typedNumber('12 cm', 'cm', field.read)).toBeCloseTo(12, 6);
    expect(rangeWords({ min: 5, max: 40, unit: '°C', integer: false })).toBe('41 to 104 °F');
  });
  it('steps along the marks of its own ruler, up and down again', () => {
    setUnits(american);
    const { next, write } = fieldUnit('cm', 12);
    const up = next(12, 0.1);
    expect(write(up)).toBe('4 3/4');
    expect(next(next(up, 0.1), -0.1)).toBeCloseTo(up, 6);
    expect(next(up, 0.1)).toBeGreaterThan(up);
  });
});

describe('the choice of units', () => {
  it('stands in the kitchen, and is kept on this device', async () => {
    new FakeServer().plan(['handPies', 'shortcrust']);
    open('/larder?show=kitchen');
    const heats = await screen.findByRole('radiogroup', { name: 'Heat in' }, { timeout: 5000 });
    fireEvent.click(within(heats).getByRole('radio', { name: '°F' }));
    expect(JSON.parse(localStorage.getItem('crustallum.units') ?? '{}')).toMatchObject({ heat: 'F', length: 'mm' });
    open('/bakes/bake1/bake1item1/oven', { keep: true });
    await heading('Oven');
    expect((await screen.findAllByText('°F')).length).toBeGreaterThan(0);
  });
});
