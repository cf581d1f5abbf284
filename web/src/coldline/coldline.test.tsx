import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { fireEvent, render, screen } from '@testing-library/react';
import { ColdLine } from './ColdLine';
import { layStretches, linePieces, lineScale, xAt } from './layout';
import { needles, sweat } from './textures';

const meal = starterMeal('2026-12-12T18:30', 6);
const plan = planBake({
  meal,
  items: [starterItem('handPies', 6, 'You', 'roughPuff'), starterItem('filoCoil', 6, 'You')],
  kitchen: plainKitchen,
});
const line = plan.items[0]?.line as NonNullable<(typeof plan.items)[0]>['line'];
const steps = plan.clock.steps.filter((s) => s.itemIndex === 0);

describe('the line laid over a width', () => {
  const laid = layStretches(line, 946);
  it('fills it exactly, one stretch after the other', () => {
    let x = 0;
    for (const s of laid) {
      expect(s.x).toBeCloseTo(x, 6);
      x += s.width;
    }
    expect(x).toBeCloseTo(946, 6);
  });
  it('pleats the cold: an hour in the fridge takes less room than an hour at the bench', () => {
    const perMinute = (kind: string) => {
      const all = laid.filter((s) => s.kind === kind);
      return all.reduce((sum, s) => sum + s.width, 0) / all.reduce((sum, s) => sum + s.minutes, 0);
    };
    expect(perMinute('cold')).toBeLessThan(perMinute('bench'));
  });
  it('gives the band about a third of the height, warm above cold', () => {
    const scale = lineScale(line, 106);
    expect(scale.bandBottom - scale.bandTop).toBeCloseTo(106 / 3, 6);
    expect(scale.y(line.band.high + 2)).toBeLessThan(scale.bandTop);
    expect(scale.y(line.band.low - 2)).toBeGreaterThan(scale.bandBottom);
  });
  it('never leaves its box, and begins anew only where a lot is fetched from the cold', () => {
    const pieces = linePieces(laid, lineScale(line, 106));
    for (const [x, y] of pieces.flat()) {
      expect(x).toBeGreaterThanOrEqual(-1e-6);
      expect(x).toBeLessThanOrEqual(946 + 1e-6);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(106);
    }
    expect(pieces.length).toBeLessThanOrEqual(1 + (plan.items[0]?.lots ?? 1));
  });
  it('puts a minute inside its stretch', () => {
    const [first] = laid as [(typeof laid)[0]];
    expect(xAt(first, 0)).toBe(first.x);
    expect(xAt(first, 9999)).toBeCloseTo(first.x + first.width, 6);
  });
  it('draws the same texture every time', () => {
    expect(sweat(300, 40)).toBe(sweat(300, 40));
    expect(needles(300, 60, 40)).toBe(needles(300, 60, 40));
  });
});

describe('the Cold Line on the page', () => {
  it('reads every step aloud with its minutes and degrees', () => {
    render(<ColdLine line={line} steps={steps} serveAt={meal.serveAt} />);
    expect(screen.getAllByRole('listitem')).toHaveLength(line.stretches.length);
    expect(screen.getAllByRole('listitem')[0]?.textContent).toMatch(/Weigh, at the bench 10 min, from 5.0° to/);
  });
  it('can be raised and lowered', () => {
    render(<ColdLine line={line} steps={steps} serveAt={meal.serveAt} />);
    const press = screen.getByRole('button', { name: 'Raise The Cold Line' });
    fireEvent.click(press);
    expect(screen.getByRole('button', { name: 'Lower The Cold Line' }).getAttribute('aria-expanded')).toBe('true');
  });
  it('raised says what is in hand at every step, and a knob moves a step by keys', () => {
    const moved: [string, number][] = [];
    const onReset = jest.fn();
    render(
      <ColdLine
        line={line}
        steps={steps}
        serveAt={meal.serveAt}
        asked={{ words: 'in a kitchen of 26°', line }}
        onLonger={(stepId, by) => moved.push([stepId, by])}
        onReset={onReset}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Raise The Cold Line' }));
    const raised = screen.getByRole('img', { name: 'The Cold Line, raised' });
    expect(raised.textContent).toMatch(/min in hand/);
    expect(raised.textContent).toMatch(/° at the end/);
    expect(screen.getByText(/White dots: the same day in a kitchen of 26°/)).toBeTruthy();
    const [knob] = screen.getAllByRole('button', { name: /^Move Turns/ }) as [HTMLElement];
    fireEvent.keyDown(knob, { key: 'ArrowRight' });
    fireEvent.keyDown(knob, { key: 'ArrowLeft', shiftKey: true });
    fireEvent.keyDown(knob, { key: 'Enter' });
    const before = line.stretches[line.stretches.findIndex((s) => s.code === 'turns') - 1];
    expect(moved).toEqual([
      [before?.stepId, 1],
      [before?.stepId, -5],
    ]);
    fireEvent.click(screen.getByRole('button', { name: 'As it was reckoned' }));
    expect(onReset).toHaveBeenCalled();
  });
  it('at the bench shows what a probe read, in its step', () => {
    const turns = line.stretches.find((s) => s.code === 'turns');
    const { container } = render(
      <ColdLine
        line={line}
        steps={steps}
        serveAt={meal.serveAt}
        live={{ stepId: turns?.stepId ?? '', minutes: 4 }}
        measured={[
          { stepId: turns?.stepId ?? '', minute: 2, value: 9 },
          { stepId: turns?.stepId ?? '', minute: 400, value: 30 },
        ]}
      />,
    );
    const dots = container.querySelector('path[stroke="var(--color-lantern)"]')?.getAttribute('d') ?? '';
    expect(dots.match(/M/g)).toHaveLength(1);
  });
  it('is the Damp Line for leaves', () => {
    render(
      <ColdLine
        line={plan.items[1]?.line ?? null}
        steps={plan.clock.steps.filter((s) => s.itemIndex === 1)}
        serveAt={meal.serveAt}
      />,
    );
    expect(screen.getByRole('figure', { name: 'The Damp Line' })).toBeTruthy();
  });
  it('has a sentence in the butter when there is no pie yet', () => {
    render(<ColdLine line={null} steps={[]} serveAt={null} />);
    expect(screen.getByText('nothing to keep cold yet')).toBeTruthy();
  });
  it('says how far past the band it goes', () => {
    render(<ColdLine line={{ ...line, inHandMin: -4 }} steps={steps} serveAt={meal.serveAt} />);
    expect(screen.getByText('min past the band')).toBeTruthy();
  });
});
