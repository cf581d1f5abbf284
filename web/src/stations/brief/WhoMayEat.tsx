import { hasNeed } from '@crustallum/core/contracts/eater';
import { Link } from 'react-router';
import { useItem } from '../../desk/useItem';
import { useAppSelector } from '../../desk/store';
import { list, needsOf } from '../../wording/eaters';
import { countsOf } from './eaters/counts';

/** In the Brief's margin: how many may eat how much of the day, who may eat nothing, and the way to why. */
export function WhoMayEat() {
  const { meal, plan, bakeId, items } = useAppSelector((s) => s.desk);
  const { item } = useItem();
  if (!meal || !plan || !item) return null;
  const needy = meal.eaters.filter(hasNeed);
  const { all } = countsOf(plan.who, meal.mouthCount, items.length);
  return (
    <div className="ans">
      <div className="n">May eat everything</div>
      <div className="v">
        {all} <small>of {meal.mouthCount}</small>
      </div>
      <div className="b">
        {needy.length
          ? needy.map((e) => `${e.name}: ${needsOf(e).join(', ')}`).join('; ')
          : 'nobody said that they must not meet something'}
      </div>
      {plan.who.nothing.length > 0 && (
        <p className="problem m-0">Nothing of the day is for {list(plan.who.nothing)} as it stands.</p>
      )}
      <Link to={`/bakes/${bakeId}/${item.id}/eaters`} className="press quiet mt-1" style={{ minHeight: 44 }}>
        Who may eat what
      </Link>
    </div>
  );
}
