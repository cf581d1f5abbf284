import fc from 'fast-check';
import { ItemOvenInput } from '../../../contracts/oven';
import { simulateBake } from '../../../oven/bake';
import { numberRulesByPath } from '../../../quantities/rules';
import { formItem } from '../../forms';
import { forms } from '../../formNames';
import { planBake } from '../../bake';
import { planItem } from '../../item';
import { plainKitchen, starterMeal } from '../../starters';
import { blindOf, canBakeBlind, heatsOf, heatsWord, isOpen, usualCase } from './programme';

const anyThen = fc.array(
  fc.record({ fromMin: fc.integer({ min: 1, max: 200 }), setC: fc.constantFrom(150, 180, 210) }),
  { maxLength: 4 },
);

describe('the heats of a bake', () => {
  it('begin with the one that was set and follow one another, each minute once', () => {
    fc.assert(
      fc.property(anyThen, (then) => {
        const heats = heatsOf({ setC: 200, then });
        expect(heats[0]).toEqual({ fromMin: 0, setC: 200 });
        const minutes = heats.map((h) => h.fromMin);
        expect(minutes).toEqual([...new Set(minutes)].sort((a, b) => a - b));
        for (const h of then) expect(minutes).toContain(h.fromMin);
      }),
    );
  });
  it('of two at one minute are the one written later', () =>
    expect(
      heatsWord(
        heatsOf({
          setC: 220,
          then: [
            { fromMin: 20, setC: 190 },
            { fromMin: 20, setC: 170 },
          ],
        }),
      ),
    ).toBe('0:220 20:170'));
  it('are judged by their mean, and that mean is what is said', () => {
    const pie = formItem('dishPie', 8, 'You');
    const { oven, problems } = planItem(
      { ...pie, oven: { ...pie.oven, setC: 180, then: [{ fromMin: 30, setC: 120 }] } },
      plainKitchen,
    );
    const low = problems.find((p) => p.code === 'heat_temp_low');
    expect(low?.values).toMatchObject({ setC: oven.meanC, heats: 2 });
    expect(oven.meanC).toBeGreaterThan(120);
    expect(oven.meanC).toBeLessThan(180);
  });
  it('each state how far they may go, in the field they are written in', () =>
    expect(numberRulesByPath(ItemOvenInput, 'oven.')).toMatchObject({
      'oven.setC': { min: 120, max: 260 },
      'oven.then.fromMin': { min: 1, integer: true },
      'oven.blind.bareMin': { min: 0, max: 60 },
    }));
});

describe('fan, shelf, grill and foil changed while it bakes', () => {
  const pie = formItem('dishPie', 8, 'You');
  const baked = (oven: Partial<ItemOvenInput>) =>
    planItem({ ...pie, oven: { ...pie.oven, setC: 180, ownMin: 50, ...oven } }, plainKitchen);
  const out = (oven: Partial<ItemOvenInput>) => {
    const { series } = simulateBake(baked(oven).oven.spec);
    const row = series.find((r) => r.tMin >= 50);
    if (!row) throw new Error('no such minute');
    return row;
  };
  const plain = out({});
  it('a fan switched on for the end browns more than none, and less than one that blew all along', () => {
    const late = out({ then: [{ fromMin: 30, setC: 180, mode: 'fan' }] });
    expect(late.browning).toBeGreaterThan(plain.browning);
    expect(late.browning).toBeLessThan(out({ mode: 'fan' }).browning);
  });
  it('minutes under the grill colour the lid, more the nearer it stands, and hardly warm the middle', () => {
    const grilled = (rack: 'low' | 'high') => out({ then: [{ fromMin: 46, setC: 180, grill: true, rack }] });
    expect(grilled('high').browning).toBeGreaterThan(1.2 * plain.browning);
    expect(grilled('high').browning).toBeGreaterThan(grilled('low').browning);
    expect(Math.abs(grilled('high').coreC - plain.coreC)).toBeLessThan(2);
  });
  it('foil for ten minutes holds back less than foil to the end', () => {
    const short = out({ tentFromMin: 25, tentToMin: 35 });
    expect(short.browning).toBeLessThan(plain.browning);
    expect(short.browning).toBeGreaterThan(out({ tentFromMin: 25 }).browning);
  });
  it('foil that comes off before it goes on is named', () => {
    const codes = (tentToMin: number) => baked({ tentFromMin: 25, tentToMin }).problems.map((p) => p.code);
    expect(codes(20)).toContain('foil_off_first');
    expect(codes(30)).not.toContain('foil_off_first');
  });
  it('are told at the bench, each at its minute', () => {
    const { steps } = baked({
      tentFromMin: 20,
      tentToMin: 30,
      then: [{ fromMin: 46, setC: 220, grill: true, rack: 'high' }],
    });
    expect(steps.find((s) => s.code === 'tentOff')?.during?.atMin).toBe(30);
    expect(steps.find((s) => s.code === 'setOven')?.values).toMatchObject({ setC: 220, grill: 1, rack: 'high' });
    expect(steps.find((s) => s.code === 'bake')?.values['heats']).toBe('0:180 46:220:grill:high');
  });
});

describe('a case baked empty', () => {
  const tart = formItem('openTart', 8, 'You');
  it('needs a dish to hold it up', () => {
    for (const form of forms) {
      const item = formItem(form, 4, 'You');
      expect([form, canBakeBlind(item)]).toEqual([form, item.product === 'dishPie']);
      const blind = { ...item, oven: { ...item.oven, blind: usualCase } };
      expect(blindOf(blind) === null).toBe(!canBakeBlind(item));
    }
    expect(isOpen(tart)).toBe(true);
    expect(isOpen(formItem('lattice', 8, 'You'))).toBe(false);
  });
  it('is dry after its usual minutes, so that the filling does not soak it', () => {
    const { oven, problems } = planItem({ ...tart, oven: { ...tart.oven, blind: usualCase } }, plainKitchen);
    expect(oven.blind?.setMin ?? Infinity).toBeLessThan(usualCase.weightsMin + usualCase.bareMin);
    expect(problems.map((p) => p.code)).not.toContain('case_damp');
  });
  it('has the oven heated to its own heat, longer for a hotter one', () => {
    const at = (setC: number) => {
      const item = { ...tart, oven: { ...tart.oven, blind: { ...usualCase, setC } } };
      const { clock } = planBake({ meal: starterMeal('2026-12-12T18:30', 8), items: [item], kitchen: plainKitchen });
      const first = clock.ovenRuns.find((r) => r.stepId.startsWith('blindBake'));
      return (first?.startMin ?? 0) - (first?.preheatFromMin ?? 0);
    };
    expect(at(230)).toBeGreaterThan(at(150));
    const { oven } = planItem({ ...tart, oven: { ...tart.oven, blind: usualCase } }, plainKitchen);
    expect(at(usualCase.setC)).toBeCloseTo(oven.blindPreheatMin, 6);
  });
});
