import { sizeFor } from '@crustallum/core/plan/questions/sizeFor';
import { useAppSelector } from '../../desk/store';
import { useItem } from '../../desk/useItem';
import { long } from '../../wording/numbers';
import { pieceWord } from '../../wording/words';

/** More helpings than this for each is not what was meant. */
const mostEach = 2;

/** What this pie would be for the people at the table, where it is another than it is; one press takes it. */
export function ForSoMany() {
  const { item, change } = useItem();
  const people = useAppSelector((s) => s.desk.meal?.mouthCount ?? 0);
  const helpings = useAppSelector((s) => s.desk.items.reduce((sum, i) => sum + i.document.brief.count, 0));
  if (!item || people < 1) return null;
  const alone = helpings === item.document.brief.count;
  // several dishes feed a table together: only too little, or far too much, is worth a word
  if (!alone && helpings >= people && helpings <= mostEach * people) return null;
  const size = sizeFor(item.document, people);
  if (!size) return null;
  const [one, many] = pieceWord[item.document.product];
  const dish =
    size.dish && `${size.dish.dishes > 1 ? `${size.dish.dishes} dishes` : 'a dish'} of ${long(size.dish.topMm, 0)}`;
  return (
    <p className="whatif m-0 pt-1">
      For {people}: <b>{dish ?? `${size.count} ${size.count === 1 ? one : many}`}</b>.{' '}
      <button type="button" className="in-words" onClick={() => change(size.changes)}>
        Take it
      </button>
    </p>
  );
}
