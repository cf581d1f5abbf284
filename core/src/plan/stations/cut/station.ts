import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { vesselGeometry } from '../../../vessels/vessel';
import type { Problem } from '../../problem';
import { dishCut } from './dish';
import { dishFigures, leafFigures, pieceFigures, type CutFigures } from './figures';
import { filoCut } from './leaves';
import { pieceCut } from './pieces';
import { stop } from './problems';
import type { CutResult } from './result';

export interface CutPlan extends CutResult {
  figures: CutFigures;
  problems: Problem[];
}

/** Where every piece comes from: sheets, re-rolls, blanks or leaves; and how much dough that asks for. */
export function planCut(item: ItemInput, kitchen: KitchenInput): CutPlan {
  const geometry = item.cut.vessel ? vesselGeometry(item.cut.vessel) : null;
  if (item.dough.pastry === 'filo') {
    const made = filoCut(item, kitchen, geometry);
    return { ...made.result, figures: leafFigures(item, made), problems: made.problems };
  }
  const hand = item.product === 'handPies';
  if (!hand && geometry && !(item.product === 'potPies' && geometry.form === 'round')) {
    const made = dishCut(item, kitchen, geometry);
    return { ...made.result, figures: dishFigures(item, made), problems: made.problems };
  }
  const missing = !hand && !geometry ? [stop('no_dish', ['cut.vessel'])] : [];
  const made = pieceCut(item, kitchen, hand ? null : geometry, missing);
  return { ...made.result, figures: pieceFigures(item, made), problems: made.problems };
}
