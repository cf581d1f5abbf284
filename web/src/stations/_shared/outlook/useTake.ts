import type { Changes } from '@crustallum/core/plan/questions/changes';
import { useItem } from '../../../desk/useItem';
import { useChangeKitchenMutation, useKitchenQuery } from '../../../api/api';

/** Takes on changes of an item and of the kitchen it is made in. */
export function useTake(): (changes: Changes) => void {
  const { change } = useItem();
  const { data: kitchen } = useKitchenQuery();
  const [changeKitchen] = useChangeKitchenMutation();
  return (changes) => {
    const entries = Object.entries(changes);
    const own = entries.filter(([path]) => !path.startsWith('kitchen.'));
    const house = entries
      .filter(([path]) => path.startsWith('kitchen.'))
      .map(([path, value]) => [path.slice('kitchen.'.length), value]);
    if (own.length) change(Object.fromEntries(own));
    if (house.length && kitchen)
      void changeKitchen({
        version: kitchen.version,
        document: { ...kitchen.document, ...(Object.fromEntries(house) as object) },
      });
  };
}
