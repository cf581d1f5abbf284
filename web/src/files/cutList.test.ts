import { labelSheet } from '@crustallum/core/templates/labels';
import { planBake } from '@crustallum/core/plan/bake';
import { eatersOf } from '../wording/eaters';
import { anyEater } from '@crustallum/core/contracts/eater';
import { plainKitchen, starterMeal, starterItem } from '@crustallum/core/plan/starters';
import { planItem } from '@crustallum/core/plan/item';
import { labelsOf, pageDrawings, paperDrawing } from '../stations/cut/paperDrawings';
import { portionsOf } from '../stations/cut/portionsOf';
import { keptLaying, lying } from '../stations/cut/frame';
import { cutCsv, cutRows, cutText } from './cutList';
import { fileName } from './save';

const hand = starterItem('handPies', 9, 'You', 'shortcrust');
const pairs = { ...hand, cut: { ...hand.cut, pieceKind: 'round2' as const, cutterMm: 92 } };
const plan = planItem(pairs, plainKitchen);
const dish = starterItem('dishPie', 6, 'You', 'shortcrust');

describe('the cut list', () => {
  it('has a row for every piece, lids before bases, roll by roll', () => {
    const rows = cutRows(plan.cut);
    expect(rows).toHaveLength(18);
    expect(rows.slice(0, 9).every((r) => r.for === 'lid')).toBe(true);
    expect(rows.map((r) => r.roll)).toEqual([...rows.map((r) => r.roll)].sort());
  });
  it('as CSV has names, and as many cells in every line', () => {
    const lines = cutCsv(plan.cut).trim().split('\r\n');
    expect(lines[0]).toBe(
      'roll,number,for,shape,length_mm,width_mm,from_left_mm,from_foot_mm,turned_deg,rolled_to_mm,grams,count',
    );
    expect(new Set(lines.map((l) => l.split(',').length))).toEqual(new Set([12]));
  });
  it('in words says what to roll, cut and do with what is left', () => {
    const text = cutText('Pies', plan.cut);
    expect(text).toMatch(/Roll 1: \d+ g, rolled to 2.9 mm, [\d.]+ × [\d.]+ cm\./);
    expect(text).toMatch(/9 lids, then/);
    expect(text).toMatch(/do not knead/);
    expect(text).not.toMatch(/NaN|undefined/);
  });
  it('of a dish lists its blanks', () => {
    const { cut } = planItem(dish, plainKitchen);
    expect(cutRows(cut).map((r) => r.for)).toEqual(['base', 'lid']);
    expect(cutText('Pie', cut)).toMatch(/1 base: .* cm, 4.0 mm/);
  });
});

describe('drawings for paper', () => {
  it('number the sheet in cutting order, and keep every pattern whole on a page where it fits', () => {
    const sheet = paperDrawing('sheet', plan, pairs, null);
    const numbers = sheet.items.flatMap((i) => (i.kind === 'text' && /^\d+$/.test(i.text) ? [Number(i.text)] : []));
    expect(numbers).toEqual(numbers.map((_, i) => i + 1));
    expect(pageDrawings('labels', plan, pairs, 'A4')).toBeNull();
    for (const d of pageDrawings('piece', plan, pairs, 'A4') ?? []) {
      expect(d.widthMm).toBeLessThanOrEqual(190);
      expect(d.heightMm).toBeLessThanOrEqual(263);
    }
  });
  it('label those with needs by their own mark, and the rest for anyone', () => {
    const nutty = {
      ...pairs,
      filling: {
        ...pairs.filling,
        ingredients: [
          { name: 'Squash', gramsPer100: 100 },
          { name: 'Walnuts', gramsPer100: 10 },
        ],
      },
      cut: { ...pairs.cut, variants: [{ name: 'Pim', pieces: 2, sizePct: 80 }] },
    };
    const meal = {
      ...starterMeal('2026-12-12T18:30', 3, 'Supper'),
      eaters: [
        { ...anyEater('Ines'), avoids: ['nuts' as const] },
        anyEater('Tobiah'),
        { ...anyEater('Noor'), avoids: ['gluten' as const] },
      ],
    };
    const { who, items } = planBake({ meal, items: [nutty], kitchen: plainKitchen });
    const labels = labelsOf(items[0] ?? plan, nutty, eatersOf(who, 0));
    expect(labels.map((l) => l.name)).toEqual(['Ines', 'Pim', 'For anyone else']);
    expect(new Set(labels.map((l) => l.mark)).size).toBe(3);
    expect(labels[0]?.lines[0]).toMatch(/^\d+ without walnuts$/);
    expect(labels[1]?.lines[0]).toBe('2 pieces, 80 % of the size');
    expect(labels[2]?.lines.join()).toMatch(/has gluten, wheat.*nuts/);
    expect(labels[2]?.lines.join()).toMatch(/not for Noor: gluten, in the flour/);
    // however long, all of it stands on the label
    const printed = labelSheet('Labels', labels).items.flatMap((i) => (i.kind === 'text' ? [i.text] : []));
    for (const line of labels.flatMap((l) => l.lines)) expect(printed.join(' ')).toContain(line);
  });
  it('are saved under the title’s own letters', () => {
    expect(fileName('Žoë’s pies: sheet', 'pdf')).toBe('žoë-s-pies-sheet.pdf');
    expect(fileName('—', 'svg')).toBe('template.svg');
  });
});

describe('portions', () => {
  it('of base and lid add up to the pie, the lid the larger', () => {
    const made = portionsOf({ count: 2, eachG: 101, variants: [], baseShare: 0.48 });
    expect(made.map((p) => p.kind)).toEqual(['base', 'lid', 'base', 'lid']);
    expect((made[0]?.grams ?? 0) + (made[1]?.grams ?? 0)).toBe(101);
    expect(made[1]?.grams).toBeGreaterThan(made[0]?.grams ?? 0);
  });
  it('for somebody are the last ones, by their size', () => {
    const made = portionsOf({
      count: 3,
      eachG: 80,
      variants: [{ name: 'Pim', pieces: 1, sizePct: 50 }],
      baseShare: null,
    });
    expect(made.map((p) => p.grams)).toEqual([80, 80, 40]);
    expect(made[2]?.name).toContain('Pim');
  });
});

describe('a laying that is kept', () => {
  it('lies lengthways, its pieces turned with it', () => {
    const { length, width, pieces } = lying({ shape: 'rect', w: 200, h: 500 }, [{ x: 30, y: 100 }]);
    expect([length, width]).toEqual([500, 200]);
    expect(pieces[0]).toMatchObject({ x: 100, y: 170, turn: 270 });
  });
  it('of a round sheet keeps no sides, and discs keep no turn', () => {
    expect(keptLaying({ shape: 'round', d: 300 }, [{ x: 30, y: 100, turn: 90 }], true)).toEqual({
      'cut.placed': [{ x: 30, y: 100 }],
    });
  });
});
