import type { AheadInput, IngredientShareInput } from '@crustallum/core/contracts/filling';
import { aheadKinds, aheadWays, type AheadKind } from '@crustallum/core/filling/ahead';
import type { FillingPart } from '@crustallum/core/plan/stations/filling/part';
import { addDays, formatISO } from 'date-fns';
import { useAddLarderMutation } from '../../api/api';
import { notice } from '../../desk/notices';
import { useAppDispatch } from '../../desk/store';
import { NumberField } from '../../design/ui/NumberField';
import { useRule } from '../../design/ui/rules';
import { aheadWords } from '../../wording/filling';
import { MadeOf } from './MadeOf';

const gramRule = { min: 0, max: 20_000, unit: 'g', integer: false };
const mostPer100 = 300;
const fridgeShelf = 'B';
/** Broth and stock in the fridge (usual guidance). */
const brothDays = 3;

/** What else there is to say of a part: made before the rest, and the liquid it gives where it is cooked apart. */
export function PartMore({
  share,
  part,
  put,
}: {
  share: IngredientShareInput;
  part: FillingPart;
  put: (share: IngredientShareInput) => void;
}) {
  const hoursRule = useRule('filling.ingredients.ahead.hours');
  const [add, { isLoading }] = useAddLarderMutation();
  const dispatch = useAppDispatch();
  const { name, ahead } = share;
  const setAhead = (next: AheadInput | undefined) => put({ ...share, ahead: next });
  const keep = async () => {
    const answer = await add({
      name: `${name}, broth`.slice(0, 60),
      grams: Math.round(part.givesG),
      shelf: fridgeShelf,
      note: 'boiled before it is used',
      bestBefore: formatISO(addDays(new Date(), brothDays), { representation: 'date' }),
    });
    dispatch(
      notice.actions.said(
        'data' in answer && answer.data
          ? { text: 'Its broth is in the larder, with its date.', undo: { kind: 'newLarder', id: answer.data.id } }
          : { text: 'It was not written: the server did not answer. Press again.', undo: null },
      ),
    );
  };
  return (
    <span className="layer-of">
      <select
        className="text-field"
        style={{ width: 'auto' }}
        aria-label={`${name} is made`}
        value={ahead?.kind ?? 'with'}
        onChange={(e) => {
          const kind = e.target.value as AheadKind | 'with';
          setAhead(kind === 'with' ? undefined : { kind, hours: aheadWays[kind].usualHours });
        }}
      >
        <option value="with">made with the rest</option>
        {aheadKinds.map((kind) => (
          <option key={kind} value={kind}>
            {aheadWords[kind]}
          </option>
        ))}
      </select>
      {ahead && (
        <NumberField
          label={`${name} stands before`}
          value={ahead.hours}
          rule={hoursRule}
          unit="h"
          onChange={(hours) => setAhead({ ...ahead, hours })}
        />
      )}
      {ahead && <MadeOf name={name} ahead={ahead} partG={part.grams} put={setAhead} />}
      <small className="quiet-ink">gives liquid</small>
      <NumberField
        label={`${name} gives`}
        value={part.givesG}
        rule={gramRule}
        unit="g"
        places={0}
        onChange={(grams) =>
          put({
            ...share,
            givesPer100: grams > 0 ? Math.min(mostPer100, (100 * grams) / Math.max(1, part.grams)) : undefined,
          })
        }
      />
      {part.givesG > 0 && (
        <select
          className="text-field"
          style={{ width: 'auto' }}
          aria-label={`${name}: its broth goes`}
          value={part.givesTo}
          onChange={(e) => put({ ...share, givesTo: e.target.value as FillingPart['givesTo'] })}
        >
          <option value="pot">into the pot</option>
          <option value="larder">kept</option>
        </select>
      )}
      {part.givesG > 0 && part.givesTo === 'larder' && (
        <button type="button" className="press quiet" disabled={isLoading} onClick={() => void keep()}>
          Keep it {brothDays} days
        </button>
      )}
    </span>
  );
}
