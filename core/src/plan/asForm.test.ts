import { asForm, formOf } from './asForm';
import { forms } from './formNames';
import { formItem } from './forms';
import { planItem, problemsInTurn } from './item';
import { plainKitchen } from './starters';
import { pastriesOf } from '../contracts/products';

describe('the form of an item', () => {
  it.each(forms)('%s is known again', (form) => {
    for (const people of [4, 8]) expect(formOf(formItem(form, people, 'You'))).toBe(form);
  });
});

describe.each(forms)('made as another form, %s', (from) => {
  const begun = formItem(from, 4, 'You');
  const item = {
    ...begun,
    title: 'Noor’s own',
    dough: { ...begun.dough, saltToFlourPct: 1.9 },
    filling: { ...begun.filling, saltPct: 1.2 },
  };
  it('keeps its name, its filling, and its dough where that form can be of it, and can be planned', () => {
    for (const [at, form] of forms.entries()) {
      const made = asForm(item, form, 4);
      expect(made.title).toBe('Noor’s own');
      expect(made.filling).toBe(item.filling);
      // leaves are not rolled dough, nor it leaves; else any pastry the product allows stays
      const ofLeaf = [formItem(form, 4, 'You'), item].map((i) => i.dough.pastry === 'filo');
      const may = pastriesOf[made.product].includes(item.dough.pastry) && ofLeaf[0] === ofLeaf[1];
      expect(made.dough === item.dough).toBe(may);
      // what an item is and how it is cut come first; the whole plan of every fourth, their bakes are what takes long
      const [pastry, cut] = problemsInTurn(made, plainKitchen);
      const whole = (at + forms.indexOf(from)) % 4 === 0 ? planItem(made, plainKitchen).problems : [];
      const codes = [...(pastry ?? []), ...(cut ?? []), ...whole].map((p) => p.code);
      expect(codes).not.toContain('pastry_does_not_fit');
      expect(codes).not.toContain('no_dish');
      expect(codes).not.toContain('strip_over_leaf');
    }
  });
  it('and back is of that form again', () => {
    const there = asForm(item, 'dishPie', 4);
    const back = asForm(there, from, 4);
    expect(back.product).toBe(item.product);
    expect(back.cut.pieceKind).toBe(item.cut.pieceKind);
  });
  it('a name of ours gives way to the new form’s', () => expect(asForm(begun, 'lattice', 4).title).toBe('Lattice pie'));
  it('whose pieces are larger or smaller stays said, where there are pieces still', () => {
    const variants = [{ name: 'Bo', pieces: 1, sizePct: 70 }];
    const shared = { ...begun, cut: { ...begun.cut, variants } };
    for (const form of forms) {
      const made = asForm(shared, form, 4);
      expect(made.cut.variants).toEqual(made.product === begun.product ? variants : undefined);
    }
  });
});
