import { v4 as newId } from 'uuid';
import { canShareDough } from '@crustallum/core/plan/sharedDough';
import { Link } from 'react-router';
import { changeItem } from '../../desk/changes';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { useItem } from '../../desk/useItem';
import { Choice } from '../../design/ui/Choice';
import { weight } from '../../wording/numbers';

const alone = '';

/** The dough of the item in hand, where it serves others too, and whether this item is the one it is mixed with. */
export function useSharedDough() {
  const { index } = useItem();
  const shared = useAppSelector((s) => s.desk.plan?.doughs.find((d) => d.members.some((m) => m.index === index)));
  return { shared, follows: shared !== undefined && shared.members[0]?.index !== index };
}

/** Which other pie of the day it shares its dough with: mixed once, divided by grams. */
export function MixedWith() {
  const { item, index } = useItem();
  const items = useAppSelector((s) => s.desk.items);
  const dispatch = useAppDispatch();
  if (!item || !canShareDough(item.document)) return null;
  const others = items.filter(
    (i, n) => n !== index && canShareDough(i.document) && i.document.dough.pastry === item.document.dough.pastry,
  );
  const { batch } = item.document.dough;
  const with_ = batch ? others.find((i) => i.document.dough.batch === batch) : undefined;
  if (others.length === 0) return null;
  const choose = (id: string) => {
    const other = others.find((i) => i.id === id);
    const name = other?.document.dough.batch ?? newId().slice(0, 8);
    void dispatch(changeItem(item.id, { 'dough.batch': other ? name : undefined }));
    if (other && !other.document.dough.batch) void dispatch(changeItem(other.id, { 'dough.batch': name }));
  };
  return (
    <Choice
      label="Mixed with"
      value={with_?.id ?? alone}
      options={[[alone, 'its own bowl'], ...others.map((i) => [i.id, i.document.title] as const)]}
      onChange={choose}
    />
  );
}

/** What is said of a dough that is mixed with another pie's, or that others are made of too. */
export function SharedNote() {
  const { bakeId, items } = useAppSelector((s) => s.desk);
  const { index } = useItem();
  const { shared, follows } = useSharedDough();
  if (!shared) return null;
  const [first, ...rest] = shared.members;
  if (!first) return null;
  const own = shared.members.find((m) => m.index === index);
  const leader = items[first.index];
  return (
    <p className="whatif" style={{ maxWidth: 640 }}>
      {follows ? (
        <>
          One dough with{' '}
          <Link to={`/bakes/${bakeId}/${leader?.id}/dough`}>
            <b>{first.title}</b>
          </Link>
          , mixed there and changed there: <b>{weight(own?.grams ?? 0)}</b> of it are for this one.
        </>
      ) : (
        <>
          Mixed for all: <b>{weight(first.grams)}</b> for this one
          {rest.map((m) => (
            <span key={m.index}>
              , <b>{weight(m.grams)}</b> for {m.title}
            </span>
          ))}
          , divided before it rests.
        </>
      )}
    </p>
  );
}
