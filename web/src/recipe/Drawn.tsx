import type { FromRecipe } from '@crustallum/core/plan/fromRecipe';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { useEffect, useState } from 'react';
import { useKitchenQuery } from '../api/api';
import { Standing } from '../today/Standing';
import { secondPlanner } from '../workers/planner';
import { weight } from '../wording/numbers';
import { pastryWords, piecesOf } from '../wording/words';

/** What can be drawn of it: the pie as it would stand, with what it weighs. */
export function Drawn({ made }: { made: FromRecipe }) {
  const { data: kitchen } = useKitchenQuery();
  const [plan, setPlan] = useState<ItemPlan | null>(null);
  const { item } = made;
  useEffect(() => {
    if (!kitchen) return;
    let current = true;
    void secondPlanner()
      .compute('plan.item', { item, kitchen: kitchen.document })
      .then((answer) => current && setPlan(answer.ok ? (answer.value as ItemPlan) : null));
    return () => {
      current = false;
    };
  }, [item, kitchen]);
  return (
    <div>
      <strong>What can be drawn of it</strong>
      <div style={{ minHeight: 126 }}>
        {plan && <Standing plan={plan} item={item} pxMm={item.product === 'dishPie' ? 0.9 : 1.1} />}
      </div>
      <p className="m-0">
        {piecesOf(item)}, {pastryWords[item.dough.pastry]}
        {plan &&
          `: ${weight(plan.dough.masses.totalG)} of dough, ${weight(plan.filling.totalG)} of ${item.filling.name}`}
        .
      </p>
    </div>
  );
}
