import { closedName } from '@crustallum/core/plan/closedBefore';
import type { Storing, StoringCaution } from '@crustallum/core/plan/questions/storing';
import { addDays, addMonths, formatISO, subHours } from 'date-fns';
import { useState } from 'react';
import { useAddLarderMutation } from '../../api/api';
import { notice } from '../../desk/notices';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { useItem } from '../../desk/useItem';
import { Because } from '../../design/ui/Because';
import { NumberField } from '../../design/ui/NumberField';
import { counted, dayOf, degrees, heat, plain, served, span } from '../../wording/numbers';
import { localRules } from '../../wording/guidance';
import { useQuestion } from '../_shared/useQuestion';

const cautionWords: Record<StoringCaution, string> = {
  unknown: 'Not all that goes in is known: the shortest is said, and nothing promised.',
  thawDish: 'A dish of glass or ceramic cracks from frozen to hot: thaw it in the fridge overnight.',
  weeps: 'What binds the sauce lets go of its water when it is frozen.',
  rawMeat: 'Raw meat or fish: apart from what is ready to eat, and never thawed and frozen again.',
  noThaw: 'From the freezer straight into the oven, not thawed.',
  egg: 'Egg and custard: into the cold within two hours.',
  rice: 'Rice: cold within an hour, eaten within a day.',
  wrapCold: 'Wrapped only when cold, with its date on it.',
};

/** How long they keep, raw or baked, with dates; from frozen into the oven; and the press that puts them in the larder. */
export function Store() {
  const { item, plan } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const meal = useAppSelector((s) => s.desk.meal);
  const [add, { isLoading }] = useAddLarderMutation();
  const dispatch = useAppDispatch();
  const [count, setCount] = useState<number | null>(null);
  const { value: s } = useQuestion<Storing>('plan.storing', item && kitchen ? { item: item.document, kitchen } : null);
  if (!item || !plan || !meal || !kitchen) return null;
  if (!s) return <p className="working">Looking up how long they keep</p>;
  const { pieces } = plan.cut;
  const many = Math.min(pieces, count ?? pieces);
  const table = served(meal.serveAt);
  const { title } = item.document;
  // made ahead they keep from then; made on the day, from the day
  const made = new Date(Math.min(Date.now(), table.getTime()));
  const put = async (where: 'E' | 'B', name: string, until: Date, note: string) => {
    const answer = await add({
      name: name.slice(0, 60),
      grams: Math.round(many * s.eachG),
      shelf: where,
      note: note.slice(0, 120),
      bestBefore: formatISO(until, { representation: 'date' }),
    });
    dispatch(
      notice.actions.said(
        'data' in answer && answer.data
          ? {
              text: `${counted(many, 'pie is', 'pies are')} in the larder, with the date.`,
              undo: { kind: 'newLarder', id: answer.data.id },
            }
          : { text: 'It was not written: the server did not answer. Press again.', undo: null },
      ),
    );
  };
  const into = (words: string, onPress: () => void) => (
    <button type="button" className="press quiet" disabled={isLoading} onClick={onPress}>
      {words}
    </button>
  );
  const { frozenRaw, reheat } = s;
  const ovenC = heat(item.document.oven.setC);
  const fromFrozen = frozenRaw?.minutes
    ? `${span(Math.round(frozenRaw.minutes))} at ${ovenC} from frozen`
    : 'thaw in the fridge first';
  return (
    <section aria-label="Putting them away" style={{ maxWidth: 660 }}>
      {pieces > 1 && (
        <div className="flex items-baseline gap-2">
          <span className="quiet-ink">So many of them</span>
          <NumberField
            label="Pies put away"
            value={many}
            rule={{ min: 1, max: pieces, unit: '', integer: true }}
            unit=""
            onChange={setCount}
          />
        </div>
      )}
      <dl className="storing">
        <dt>Closed, in the fridge</dt>
        <dd>
          {s.rawHours === 0 ? (
            'Not to wait: it goes into the oven when it is filled.'
          ) : (
            <>
              up to <strong>{span(60 * s.rawHours)}</strong>: for {dayOf(table)} closed at the earliest on{' '}
              {dayOf(subHours(table, s.rawHours))}
            </>
          )}
        </dd>
        <dt>Closed, in the freezer</dt>
        <dd>
          {frozenRaw ? (
            <>
              <strong>{counted(frozenRaw.months, 'month', 'months')}</strong>,{' '}
              {pieces > 1 ? 'open on a tray until hard, then in a bag' : 'wrapped well'};{' '}
              {frozenRaw.minutes === null
                ? 'then thawed in the fridge overnight'
                : `${fromFrozen}${item.document.seal.wash === 'none' ? '' : ', brushed after five minutes'}`}{' '}
              {frozenRaw.moreMin !== null && (
                <Because>
                  {span(Math.round(frozenRaw.moreMin))} more than cold, by the same oven; quality, not safety, ends it
                </Because>
              )}{' '}
              {into(
                'Into the freezer',
                () =>
                  void put(
                    'E',
                    closedName(title),
                    addMonths(made, frozenRaw.months),
                    `${counted(many, 'pie', 'pies')}: ${fromFrozen}`,
                  ),
              )}
            </>
          ) : (
            'Not advised.'
          )}
        </dd>
        <dt>Baked, in the fridge</dt>
        <dd>
          <strong>{counted(s.bakedDays, 'day', 'days')}</strong>, until {dayOf(addDays(table, s.bakedDays))}; again{' '}
          {heat(reheat.setC)}, {plain(reheat.minutes[0], 0)} to {plain(reheat.minutes[1], 0)} min, the middle{' '}
          {degrees(s.reheatCoreC, 0)}, once only{' '}
          {into(
            'Into the fridge',
            () =>
              void put(
                'B',
                `${title}, baked`,
                addDays(table, s.bakedDays),
                `${counted(many, 'pie', 'pies')}: ${heat(reheat.setC)}, ${plain(reheat.minutes[0], 0)} to ${plain(reheat.minutes[1], 0)} min, once`,
              ),
          )}
        </dd>
        <dt>Baked, in the freezer</dt>
        <dd>
          {s.bakedMonths === 0 ? (
            'Not advised.'
          ) : (
            <>
              <strong>{counted(s.bakedMonths, 'month', 'months')}</strong>; again {heat(reheat.setC)},{' '}
              {plain(reheat.frozen[0], 0)} to {plain(reheat.frozen[1], 0)} min from frozen, the middle{' '}
              {degrees(s.reheatCoreC, 0)}
            </>
          )}
        </dd>
      </dl>
      <p className="whatif">
        {s.cautions.map((c) => cautionWords[c]).join(' ')} {localRules}
      </p>
    </section>
  );
}
