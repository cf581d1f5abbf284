import type { FromRecipe } from '@crustallum/core/plan/fromRecipe';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { useMemo } from 'react';
import { useKitchenQuery } from '../api/api';
import { Standing } from '../today/Standing';
import { useQuestion } from '../stations/_shared/useQuestion';
import { weight } from '../wording/numbers';
import { pastryWords, piecesOf } from '../wording/words';

/** What can be drawn of it: the pie as it would stand, with what it weighs. */
export function Drawn({ made }: { made: FromRecipe }) {
  const { data: kitchen } = useKitchenQuery();
  const { item } = made;
  const asked = useMemo(() => (kitchen ? { item, kitchen: kitchen.document } : null), [item, kitchen]);
  const { value: plan } = useQuestion<ItemPlan>('plan.item', asked, 0);
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
