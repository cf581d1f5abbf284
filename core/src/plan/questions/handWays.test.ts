import { planBake } from '../bake';
import { planItem } from '../item';
import { plainKitchen, starterItem, starterMeal } from '../starters';
import { reduce } from '../../bench/reduce';
import { inAnotherWay } from '../../bench/way';
import { keyOf } from '../steps/key';
import { handWays } from './handWays';

const pies = starterItem('dishPie', 6, 'Ines');
const stepOf = (code: string) => planItem(pies, plainKitchen).steps.find((s) => s.code === code)!;
const ways = (code: string) => handWays({ item: pies, kitchen: plainKitchen, stepId: stepOf(code).id });

describe('a step with what is in the house', () => {
  it('mixed by a machine is quicker, and warmer than by blades', () => {
    const by = Object.fromEntries(ways('rubIn').map((w) => [w.value, w]));
    expect(Object.keys(by)).toEqual(['fingertips', 'pastryBlender', 'processorPulse']);
    expect(by['processorPulse'].minutes).toBeLessThan(by['fingertips'].minutes);
    expect(by['pastryBlender'].minutes).toBeLessThan(by['fingertips'].minutes);
    for (const w of Object.values(by)) expect(Number.isFinite(w.outC)).toBe(true);
  });
  it('is what the station would plan with that input, figure for figure', () => {
    for (const w of ways('rubIn')) {
      const plan = planItem({ ...pies, dough: { ...pies.dough, method: w.value as 'fingertips' } }, plainKitchen);
      expect(w.outC).toBe(plan.dough.outOfBowlC);
      expect(w.step).toEqual(plan.steps.find((s) => s.id === w.step.id));
    }
  });
  it('one way is the planned one, with the planned minutes', () => {
    for (const code of ['rubIn', 'lidSeal']) {
      const planned = ways(code).filter((w) => w.planned);
      expect(planned).toHaveLength(1);
      expect(planned[0]?.minutes).toBeCloseTo(stepOf(code).minutes, 9);
    }
  });
  it('has none where there is but one', () => expect(ways('bake')).toEqual([]));
});

describe('another way taken at the bench', () => {
  it('changes that step alone, and the table keeps its hour', () => {
    const { clock } = planBake({
      meal: starterMeal('2036-12-12T18:30', 6, 'Supper'),
      items: [pies],
      kitchen: plainKitchen,
    });
    const plan = { steps: clock.steps, serveAt: clock.serveAt, kitchen: plainKitchen, items: [{}] };
    const now = reduce(plan, 0, []);
    const rubIn = clock.steps.find((s) => s.code === 'rubIn')!;
    const machine = ways('rubIn').find((w) => w.value === 'processorPulse')!;
    const made = inAnotherWay(now, keyOf(rubIn), machine.step, machine.value);
    expect(made.serveAt).toBe(clock.serveAt);
    for (const s of made.steps) {
      const before = clock.steps.find((b) => keyOf(b) === keyOf(s))!;
      if (s.code === 'rubIn')
        expect(s).toEqual({
          ...before,
          minutes: machine.minutes,
          values: { ...machine.step.values, way: 'processorPulse' },
        });
      else expect(s).toEqual(before);
    }
  });
});
