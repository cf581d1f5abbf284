import { fromThere } from '@crustallum/core/plan/needs/fromThere';
import { list as inList } from '../../wording/eaters';
import { useLarderQuery } from '../../api/api';
import { useAppSelector } from '../../desk/store';
import { useItem } from '../../desk/useItem';
import { Because } from '../../design/ui/Because';
import { counted, plain, weight } from '../../wording/numbers';

/** Nearer than this to all of it there is enough, a share. */
const enough = 0.97;

/** What runs out first when the filling is made from what is in the larder, and the pies that are to be had of it. */
export function OfWhatIsThere() {
  const { item, plan, change } = useItem();
  const needs = useAppSelector((s) => s.desk.plan?.needs);
  const { data: larder } = useLarderQuery();
  const there = item && plan && needs && larder ? fromThere(item.document, plan, needs, larder) : null;
  if (!item || !plan || !there || there.share >= enough) return null;
  const { filling, brief, product } = item.document;
  const { name, thereG, needG } = there.limiting;
  const { totalG } = plan.filling;
  const inHand = product === 'handPies' || product === 'potPies';
  const fewer = Math.floor(brief.count * there.share);
  const fuller = Math.round(filling.fullnessPct * there.share);
  return (
    <p className="m-0">
      From what is there it is {weight(there.share * totalG)} of filling:{' '}
      <strong>{name.toLowerCase()} runs out first</strong>, {weight(thereG)} of {weight(needG)}.{' '}
      <Because>
        the larder, less what the pastry and the other pies of the day take
        {there.unknown.length > 0 ? `; it does not know ${inList(there.unknown.map((n) => n.toLowerCase()))}` : ''}
      </Because>{' '}
      {inHand && fewer >= 1 && (
        <button type="button" className="press quiet" onClick={() => change({ 'brief.count': fewer })}>
          Make {counted(fewer, 'pie', 'pies')}
        </button>
      )}{' '}
      {fuller >= 30 && (
        <button type="button" className="press quiet" onClick={() => change({ 'filling.fullnessPct': fuller })}>
          Fill to {plain(fuller, 0)} %
        </button>
      )}
    </p>
  );
}
