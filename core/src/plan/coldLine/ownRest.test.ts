import type { ItemInput } from '../../contracts/item';
import { formItem } from '../forms';
import { planItem } from '../item';
import { plainKitchen } from '../starters';
import { usualOwnRestMin } from './usualRest';

const rests = (folds: Partial<ItemInput['folds']>, form: 'handPies' | 'turnovers' = 'turnovers') => {
  const item = formItem(form, 8, 'You');
  const plan = planItem({ ...item, folds: { ...item.folds, ...folds } }, plainKitchen);
  return plan.steps.filter((s) => s.code === 'rest');
};

describe('rests of the cook’s own minutes', () => {
  it('are just so long, each of them, whatever we would reckon', () => {
    for (const minutes of [15, 90]) {
      const own = rests({ rests: 'own', ownRestMin: minutes });
      expect(own.length).toBeGreaterThan(0);
      for (const step of own) expect(step.minutes).toBe(minutes);
    }
  });
  it('without minutes are the usual ones', () => {
    for (const step of rests({ rests: 'own' }, 'handPies')) expect(step.minutes).toBe(usualOwnRestMin);
  });
  it('too short leave the fat warmer, and the line shows it', () => {
    const item = formItem('turnovers', 8, 'You');
    const warmest = (ownRestMin: number) =>
      Math.max(
        ...planItem(
          { ...item, folds: { ...item.folds, rests: 'own', ownRestMin } },
          plainKitchen,
        ).line.stretches.flatMap((s) => s.value),
      );
    expect(warmest(2)).toBeGreaterThan(warmest(120));
  });
});
