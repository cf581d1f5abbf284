import { render } from '@testing-library/react';
import { runOf, stepIndex } from '../testing/runs';
import { StepDrawing } from './StepDrawing';
import { pastriesOf, products } from '@crustallum/core/contracts/products';

const made = products.flatMap((p) => pastriesOf[p].map((pastry) => [p, pastry] as const));
const svgOf = (step: Parameters<typeof StepDrawing>[0]['step']) =>
  render(<StepDrawing step={step} />).container.querySelector('svg');

describe.each(made)('the drawings at the bench of %s in %s', (product, pastry) => {
  const run = runOf([[product, pastry]], 0);
  it('have no broken number, and stay inside their frame', () => {
    for (const step of run.plan.steps) {
      const svg = svgOf(step);
      if (!svg) continue;
      expect([step.code, /NaN|undefined|Infinity/.test(svg.outerHTML)]).toEqual([step.code, false]);
      const [, , w, h] = (svg.getAttribute('viewBox') ?? '').split(' ').map(Number);
      for (const rect of svg.querySelectorAll('rect')) {
        const of = (name: string) => Number(rect.getAttribute(name) ?? 0);
        expect(of('x') + of('width')).toBeLessThanOrEqual((w ?? 0) + 1e-6);
        expect(of('y') + of('height')).toBeLessThanOrEqual((h ?? 0) + 1e-6);
      }
    }
  });
});

describe('a sheet at the bench', () => {
  const run = runOf([['handPies', 'roughPuff']], 0);
  const step = (code: string) => {
    const found = run.plan.steps[stepIndex(run, code)];
    if (!found) throw new Error(`no ${code}`);
    return found;
  };
  it('is drawn in its own proportions', () => {
    const turns = step('turns');
    const rect = svgOf(turns)?.querySelector('rect');
    const drawn = Number(rect?.getAttribute('width')) / Number(rect?.getAttribute('height'));
    expect(drawn).toBeCloseTo(Number(turns.values['length']) / Number(turns.values['width']), 6);
  });
  it('shows as many panels as it is folded in', () => {
    const turns = step('turns');
    const folds = svgOf(turns)?.querySelectorAll('line[stroke-dasharray]').length;
    expect(folds).toBe(Number(turns.values['fold']) - 1);
  });
  it('says its size in words too', () => {
    expect(svgOf(step('rollOut'))?.getAttribute('aria-label')).toMatch(/^A sheet of \d+ × \d+ cm$/);
  });
  it('is not drawn where there is none', () => expect(svgOf(step('weigh'))).toBeNull());
});
