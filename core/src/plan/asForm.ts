import type { ItemInput } from '../contracts/item';
import { pastriesOf } from '../contracts/products';
import { formItem, titleOf } from './forms';
import { forms, type Form } from './formNames';
import { standOf } from './stations/oven/standing';
import { styleOf } from './stations/dough/formula';
import { vesselGeometry } from '../vessels/vessel';

/** A cup for the hand is no wider across its top, a pot no wider, a dish for a lid no narrower than so many mm. */
const [cupMm, potMm, lidFromMm] = [85, 130, 160];

/** The form an item is nearest to, by what people call it. */
export function formOf(item: ItemInput): Form {
  const { product, cut, dough } = item;
  const topMm = cut.vessel ? vesselGeometry(cut.vessel).top.length : 0;
  switch (product) {
    case 'filoTray':
    case 'filoCoil':
      return product;
    case 'potPies':
      return topMm >= lidFromMm ? 'lidOnly' : 'potPies';
    case 'handPies':
      if (dough.pastry === 'filo') return 'filoTriangles';
      if (cut.pieceKind === 'log') return 'rolls';
      if (cut.pieceKind === 'ring') return 'ring';
      if (cut.pieceKind === 'plait') return 'plait';
      if (dough.pastry === 'roughPuff') return 'turnovers';
      return styleOf(dough) === 'wrapping' ? 'pasties' : 'handPies';
    case 'dishPie':
      if (cut.lid === 'none') return 'openTart';
      if (cut.lid === 'lattice') return 'lattice';
      if (topMm > potMm) return 'dishPie';
      return topMm > cupMm ? 'linedPots' : 'smallPies';
  }
}

/**
 * The same item made as another form: its filling, its wash, whose pieces are smaller or larger, and, where that form can be made of it, its dough stay as the cook
 * has them; size, cut, closing, heat and number are what the form begins with for so many people. A name of the cook's own stays.
 */
export function asForm(item: ItemInput, form: Form, people: number): ItemInput {
  const to = formItem(form, people, item.clock.cook);
  const ofLeaf = (made: ItemInput) => made.dough.pastry === 'filo';
  const may = pastriesOf[to.product].includes(item.dough.pastry) && ofLeaf(item) === ofLeaf(to);
  const dough = may ? item.dough : to.dough;
  const kept = dough === item.dough;
  const leaves = { leavesInStack: to.folds.leavesInStack, laying: to.folds.laying };
  const ours = forms.some((f) => titleOf(f) === item.title);
  const made: ItemInput = {
    ...item,
    title: ours ? to.title : item.title,
    sign: to.sign,
    product: to.product,
    brief: { ...item.brief, count: to.brief.count },
    dough,
    folds: kept ? { ...item.folds, ...(dough.pastry === 'filo' ? leaves : {}) } : to.folds,
    cut: {
      ...to.cut,
      ...(kept && dough.pastry !== 'filo' ? { thicknessMm: item.cut.thicknessMm } : {}),
      trimMm: item.cut.trimMm,
      gapMm: item.cut.gapMm,
      maxReRolls: item.cut.maxReRolls,
      ...(item.cut.variants && to.product === item.product ? { variants: item.cut.variants } : {}),
    },
    seal: { ...to.seal, wash: to.seal.wash === 'none' ? 'none' : item.seal.wash },
    oven: { ...to.oven, mode: item.oven.mode, rack: item.oven.rack, ...wishes(item.oven) },
    clock: item.clock,
  };
  return { ...made, clock: { cook: item.clock.cook, standMinutes: standOf(made).usualMin } };
}

/** What a cook wishes of any bake: how brown, from where, made how long before. */
const wishes = ({ liked, from, aheadDays }: ItemInput['oven']): Partial<ItemInput['oven']> => ({
  ...(liked ? { liked } : {}),
  ...(from ? { from } : {}),
  ...(aheadDays ? { aheadDays } : {}),
});
