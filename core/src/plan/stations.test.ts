import fc from 'fast-check';
import { layers } from '../lamination/layers';
import { washFactors } from '../oven/tables';
import { coil, dish, kitchen, supper, turnovers } from '../testing/lanternSupper';
import type { ItemInput } from '../contracts/item';
import { planItem, type ItemPlan } from './item';
import { planBake } from './bake';
import { starterItem } from './starters';
import type { KitchenInput } from '../contracts/kitchen';

type Change = (item: ItemInput) => void;
const changed = (item: ItemInput, change: Change): ItemInput => {
  const copy = structuredClone(item);
  change(copy);
  return copy;
};
const plan = (item: ItemInput, change: Change = () => undefined, k: KitchenInput = kitchen): ItemPlan =>
  planItem(changed(item, change), k);
const value = (figure: { value: number | null } | undefined): number => figure?.value ?? NaN;
const warned = (p: ItemPlan): string[] => p.problems.map((x) => x.code);
const rubbed = (): ItemInput => starterItem('handPies', 12, 'Ines', 'shortcrust');

describe('the Cut', () => {
  it('cuts as many pieces as the first roll and the later ones make together', () => {
    for (const count of [1, 5, 12, 30]) {
      const { cut } = plan(turnovers(), (i) => (i.brief.count = count));
      const made = cut.generations.reduce((sum, g) => sum + g.n, 0);
      expect(made).toBe(count);
      expect(value(cut.figures.firstRoll) + value(cut.figures.laterRolls)).toBe(made);
    }
  });
  it('cuts two rounds for a pie of two, one for a half-moon', () => {
    const of = (kind: 'round2' | 'halfmoon') =>
      plan(turnovers(), (i) => (i.cut.pieceKind = kind)).cut.generations.reduce((sum, g) => sum + g.n, 0);
    expect(of('round2')).toBe(2 * of('halfmoon'));
  });
  it('lays its pieces inside the sheet it says to roll, none on another', () => {
    const { cut } = plan(turnovers());
    for (const g of cut.generations) {
      expect(g.layout.n).toBeGreaterThanOrEqual(Math.min(g.n, g.layout.n));
      g.layout.centres.forEach(([x, y], i) => {
        for (const [u, v] of g.layout.centres.slice(i + 1))
          expect(Math.hypot(x - u, y - v)).toBeGreaterThanOrEqual(g.cutter - 1e-6);
      });
    }
  });
  it('never rolls longer than the bench or wider than the pin', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 60, max: 160 }), (count, cutterMm) => {
        const { cut } = plan(turnovers(), (i) => {
          i.brief.count = count;
          i.cut.cutterMm = cutterMm;
        });
        expect(cut.rolled.lengthMm).toBeLessThanOrEqual(kitchen.benchLengthMm + 1e-6);
        expect(cut.rolled.widthMm).toBeLessThanOrEqual(Math.min(kitchen.pinMm, kitchen.benchWidthMm) + 1e-6);
      }),
      { numRuns: 8 },
    );
  });
  it('takes more dough for a thicker sheet, in proportion to it', () => {
    const mass = (t: number) => plan(dish(), (i) => (i.cut.thicknessMm = t)).cut.doughMassG;
    expect(mass(6) / mass(3)).toBeCloseTo(2, 1);
  });
  it('covers a dish with a lid and lines it with a base, a pot with a lid alone', () => {
    expect(plan(dish()).cut.blanks.map((b) => b.kind)).toEqual(['base', 'lid']);
    expect(plan(starterItem('potPies', 4, 'Ines')).cut.blanks.map((b) => b.kind)).toEqual(['lid']);
  });
  it('weighs blanks and trimmings into the dough', () => {
    const { cut } = plan(dish());
    const blanks = cut.blanks.reduce((sum, b) => sum + b.count * b.massG, 0);
    expect(blanks + cut.savedG).toBeCloseTo(cut.doughMassG, 6);
  });
  it('lays more leaves for a larger tin', () => {
    const leaves = (top: number) =>
      plan(coil(), (i) => {
        if (i.cut.vessel) i.cut.vessel = { ...i.cut.vessel, top, bottom: top };
      }).cut.leaves?.count ?? 0;
    expect(leaves(320)).toBeGreaterThan(leaves(200));
  });
});

describe('the Dough', () => {
  it('is asked for by the Cut and never the other way round', () => {
    const saltier = plan(rubbed(), (i) => (i.dough.saltToFlourPct = 3));
    expect(saltier.cut).toEqual(plan(rubbed()).cut);
  });
  it('has less flour the more fat and water it takes', () => {
    const flour = (fatPct: number) => plan(rubbed(), (i) => (i.dough.fatToFlourPct = fatPct)).dough.masses.flourG;
    expect(flour(70)).toBeLessThan(flour(40));
  });
  it('comes out of the bowl where it can be worked', () => {
    for (const item of [rubbed(), turnovers(), dish()]) {
      const { outOfBowlC, band } = plan(item).dough;
      expect(outOfBowlC).toBeLessThanOrEqual(band?.high ?? NaN);
    }
  });
  it('asks for more ice the warmer the kitchen', () => {
    let before = -1;
    for (const roomC of [8, 14, 20, 26]) {
      const { iceG } = plan(rubbed(), undefined, { ...kitchen, roomC }).dough.masses;
      expect(iceG).toBeGreaterThan(before);
      before = iceG;
    }
  });
  it('asks for warmer water where blades do the work and not hands', () => {
    const water = (method: ItemInput['dough']['method']) =>
      value(plan(rubbed(), (i) => (i.dough.method = method), { ...kitchen, roomC: 12 }).dough.figures.waterTemperature);
    expect(water('pastryBlender')).toBeGreaterThan(water('fingertips'));
  });
  it('weighs ice as water', () => {
    const { masses } = plan(turnovers(), undefined, { ...kitchen, roomC: 28, tapC: 18 }).dough;
    expect(masses.iceG).toBeGreaterThan(0);
    expect(masses.iceG).toBeLessThan(masses.waterG);
  });
  it('takes no heat in or out while its heaps level, but what hands give', () => {
    const { heaps, outOfBowlC } = plan(rubbed()).dough;
    const heat = heaps.reduce((sum, h) => sum + h.heatCapacity * h.startC, 0);
    const level = heat / heaps.reduce((sum, h) => sum + h.heatCapacity, 0);
    expect(outOfBowlC).toBeGreaterThan(level - 1);
  });
  it('is bought for filo: fat is brushed, nothing is mixed', () => {
    const { dough } = plan(coil());
    expect(dough.masses.saltG).toBe(0);
    expect(dough.figures.waterTemperature.value).toBeNull();
    const brushed = (g: number) => plan(coil(), (i) => (i.folds.brushGramsPerM2 = g)).dough.masses.fatG;
    expect(brushed(100) / brushed(50)).toBeCloseTo(2, 9);
  });
});

describe('the Folds', () => {
  const folds = (change: Change = () => undefined) => {
    const { lamination } = plan(turnovers(), change);
    if (lamination.kind !== 'folds') throw new Error('not laminated');
    return lamination;
  };
  it('count the leaves of an envelope folded so many times', () => {
    for (const turns of [1, 2, 4, 6])
      expect(value(folds((i) => (i.folds.turns = turns)).figures.leaves)).toBe(
        layers(
          'envelope',
          Array.from({ length: turns }, () => 3),
        ).fat,
      );
  });
  it('make book folds of four panels finer than letter folds', () =>
    expect(value(folds((i) => (i.folds.fold = 4)).figures.oneLeaf)).toBeLessThan(value(folds().figures.oneLeaf)));
  it('give every column of the drawing thinner fat than the one before', () => {
    const { columns } = folds();
    for (let i = 1; i < columns.length; i++) expect(columns[i]?.fatUm).toBeLessThan(columns[i - 1]?.fatUm ?? Infinity);
  });
  it('share the fat among its leaves', () => {
    const { columns, phiFat } = folds();
    const t = plan(turnovers()).cut.rolled.thicknessMm;
    for (const c of columns) expect((c.fatUm * c.fatLayers) / 1000).toBeCloseTo(t * phiFat, 6);
  });
  it('warn before the films merge', () => {
    expect(warned(plan(turnovers(), (i) => (i.folds.turns = 7)))).toContain('films_merge');
    expect(warned(plan(turnovers(), (i) => (i.folds.turns = 3)))).not.toContain('films_merge');
  });
  it('fold the packet back to its panels: length by fold, thickness times fold', () => {
    const { turn } = folds();
    expect(turn.foldedLengthMm * 3).toBeCloseTo(turn.lengthMm, 9);
    expect(turn.foldedMm).toBeCloseTo(3 * turn.rolledMm, 9);
  });
});

describe('the Crumb', () => {
  const crumb = (change: Change = () => undefined) => {
    const { lamination } = plan(dish(), change);
    if (lamination.kind !== 'crumb') throw new Error('not rubbed');
    return lamination;
  };
  it('leaves the rest of the fat large', () => {
    const fat = plan(dish()).dough.masses.fatG;
    expect(value(crumb((i) => (i.folds.coatedPct = 30)).figures.large)).toBeCloseTo(0.7 * fat, 6);
    expect(value(crumb((i) => (i.folds.coatedPct = 100)).figures.large)).toBeCloseTo(0, 9);
  });
  it('has fewer pieces the larger they are', () =>
    expect(crumb((i) => (i.folds.crumbMm = 12)).lumps).toBeLessThan(crumb((i) => (i.folds.crumbMm = 4)).lumps));
  it('chills longer the thicker its disc, but not as the square: the fridge’s air is slow too', () => {
    const chill = (mm: number) =>
      value(crumb((i) => Object.assign(i.folds, { discMm: mm, chillBelowK: 1.5 })).figures.chill);
    expect(chill(50) / chill(25)).toBeGreaterThan(1.3);
    expect(chill(50) / chill(25)).toBeLessThan(4);
  });
  it('warns of a lump that shows through the sheet', () =>
    expect(
      warned(
        plan(rubbed(), (i) => {
          i.folds.crumbMm = 14;
          i.cut.thicknessMm = 2;
          i.folds.discMm = 15;
        }),
      ),
    ).toContain('lump_too_big'));
});

describe('the Leaves', () => {
  const leaves = (k: Partial<KitchenInput> = {}, change: Change = () => undefined) => {
    const { lamination } = plan(coil(), change, { ...kitchen, ...k });
    if (lamination.kind !== 'leaves') throw new Error('no leaves');
    return lamination;
  };
  it('dry sooner in dry air, and at a lifted edge', () => {
    expect(value(leaves({ humidityPct: 30 }).figures.bare)).toBeLessThan(
      value(leaves({ humidityPct: 70 }).figures.bare),
    );
    expect(value(leaves().figures.edges)).toBeLessThan(value(leaves().figures.bare));
  });
  it('are as many as the Cut lays', () => expect(value(leaves().figures.leaves)).toBe(plan(coil()).cut.leaves?.count));
  it('warn when a stack is more than a leaf lasts bare', () =>
    expect(
      warned(plan(coil(), (i) => (i.folds.leavesInStack = 12), { ...kitchen, humidityPct: 15, roomC: 28 })),
    ).toContain('leaf_cracks'));
});

describe('the Filling', () => {
  it('is as much as the pieces hold', () => {
    const p = plan(turnovers());
    expect(p.filling.totalG).toBeCloseTo(p.filling.eachG * p.cut.pieces, 6);
    expect(value(plan(turnovers(), (i) => (i.filling.fullnessPct = 50)).filling.figures.total)).toBeCloseTo(
      p.filling.totalG / 2,
      6,
    );
  });
  it('cools sooner spread on trays than left in its pot', () => {
    const minutes = (coolIn: 'pot' | 'trays') =>
      plan(dish(), (i) => (i.filling.coolIn = coolIn)).filling.coolMinutes ?? Infinity;
    expect(minutes('trays')).toBeLessThan(minutes('pot'));
  });
  it('cools sooner in the fridge than in the room', () => {
    const minutes = (coolAt: 'fridge' | 'room') =>
      plan(dish(), (i) => (i.filling.coolAt = coolAt)).filling.coolMinutes ?? Infinity;
    expect(minutes('fridge')).toBeLessThan(minutes('room'));
  });
  it('never cools enough in a room warmer than it may be, and says so', () => {
    const p = plan(dish(), (i) => (i.filling.coolAt = 'room'), { ...kitchen, roomC: 29 });
    expect(warned(p)).toContain('never_cold');
  });
  it('passes on the usual caution about slow cooling', () => {
    const slow = plan(dish(), (i) => {
      i.filling.coolIn = 'pot';
      i.filling.coolAt = 'room';
      i.cut.vessel = { form: 'round', top: 300, bottom: 290, depth: 90 };
    });
    expect(warned(slow).some((code) => code.startsWith('cooling_'))).toBe(true);
  });
  it('needs no cooling when it is kept cold', () => {
    const raw = plan(rubbed(), (i) => {
      i.filling.type = 'pork_raw';
      i.filling.cookedC = 4;
      i.filling.cookMinutes = 0;
    });
    expect(raw.filling.coolMinutes).toBe(0);
    expect(raw.steps.map((s) => s.code)).not.toContain('coolFilling');
    expect(raw.seal.ticks.map((t) => t.code)).toContain('tick.rawApart');
  });
  it('may be hotter the colder the pastry must be worked', () => {
    const hottest = (fat: ItemInput['dough']['fat']) => plan(rubbed(), (i) => (i.dough.fat = fat)).filling.fillAtC;
    expect(hottest('shortening')).toBeGreaterThanOrEqual(hottest('coconut') - 5);
    expect(hottest('butter')).toBeLessThanOrEqual(21);
  });
  it('is said to be overfull when it is', () =>
    expect(warned(plan(rubbed(), (i) => (i.filling.fullnessPct = 125)))).toContain('overfull'));
});

describe('the Seal', () => {
  it('takes as many pinches as the seam is long, fewer wider ones', () => {
    const pinches = (crimp: ItemInput['seal']['crimp']) =>
      value(plan(turnovers(), (i) => (i.seal.crimp = crimp)).seal.figures.pinches);
    expect(pinches('rope')).toBeGreaterThan(pinches('flute'));
  });
  it('opens as many square millimetres as are cut', () =>
    expect(
      value(
        plan(turnovers(), (i) => {
          i.seal.slits = 3;
          i.seal.slitMm = 20;
        }).seal.figures.vents,
      ),
    ).toBe(60));
  it('leaks more with water than with egg', () => {
    const index = (glue: 'water' | 'egg' | 'none') =>
      plan(rubbed(), (i) => {
        i.seal.glue = glue;
        i.seal.crimp = 'fork';
      }).seal.need?.leakIndex;
    expect(index('water')).toBeGreaterThan(index('egg') ?? 0);
  });
  it('asks for no bare rim and no glue where nothing is crimped', () => {
    const ticks = (i: ItemInput) => plan(i).seal.ticks.map((t) => t.code);
    expect(ticks(dish())).toEqual(expect.arrayContaining(['tick.rimBare', 'tick.glued']));
    expect(ticks(coil())).not.toContain('tick.rimBare');
    expect(ticks(coil())).not.toContain('tick.glued');
  });
  it('warns of a closed lid', () => expect(warned(plan(dish(), (i) => (i.seal.slits = 0)))).toContain('too_few_vents'));
  it.each(Object.keys(washFactors) as (keyof typeof washFactors)[])(
    'a wash of %s browns no later than none',
    (wash) => {
      const golden = (w: keyof typeof washFactors) =>
        plan(rubbed(), (i) => (i.seal.wash = w)).oven.bake.times.golden as number;
      if (washFactors[wash] >= washFactors.none) expect(golden(wash)).toBeLessThanOrEqual(golden('none') + 1e-9);
      else expect(golden(wash)).toBeGreaterThan(golden('none'));
    },
  );
});

describe('the Oven', () => {
  const minutes = (change: Change, k: KitchenInput = kitchen) => plan(rubbed(), change, k).oven.minutes as number;
  it('takes longer at a lower heat', () => {
    let before = 0;
    for (const setC of [230, 210, 190, 170]) {
      const now = minutes((i) => (i.oven.setC = setC));
      expect(now).toBeGreaterThan(before);
      before = now;
    }
  });
  it('believes this kitchen’s own bakes', () => {
    const slow = minutes(() => undefined, { ...kitchen, bakeRatios: [1.3, 1.3, 1.3, 1.3] });
    expect(slow).toBeGreaterThan(minutes(() => undefined));
  });
  it('makes up for an oven that stands low by taking longer', () =>
    expect(minutes(() => undefined, { ...kitchen, ovenOffsetC: -20 })).toBeGreaterThan(minutes(() => undefined)));
  it('offers the fan the other way, twenty degrees moved, for about the same time', () => {
    const { oven } = plan(dish());
    expect(oven.otherFan).toMatchObject({ mode: 'fan', setC: 170 });
    expect(Math.abs((oven.otherFan.proposedMin as number) - (oven.minutes as number))).toBeLessThan(
      0.25 * (oven.minutes as number),
    );
  });
  it('is looked at before it is done, and has a range round its minutes', () => {
    const { bake, minutes: done } = plan(dish()).oven;
    expect(bake.lookAt).toBeLessThan(done as number);
    expect(bake.rangeMin?.[0]).toBeLessThanOrEqual(done as number);
    expect(bake.rangeMin?.[1]).toBeGreaterThanOrEqual(done as number);
  });
});

describe('the whole supper', () => {
  it('changes in one pie leave the others alone, but for the oven they share', () => {
    const before = planBake(supper());
    const input = supper();
    input.items[0] = changed(input.items[0], (i) => (i.cut.thicknessMm = 4));
    const after = planBake(input);
    for (const n of [1, 2])
      for (const room of ['cut', 'dough', 'lamination', 'filling', 'line'] as const)
        expect(after.items[n]?.[room]).toEqual(before.items[n]?.[room]);
    expect(after.items[0]).not.toEqual(before.items[0]);
  });
  it('does not touch its inputs', () => {
    const input = supper();
    const copy = structuredClone(input);
    planBake(input);
    expect(input).toEqual(copy);
  });
  it('starts earlier in a slower cook’s kitchen', () => {
    const start = (pace: number) => planBake({ ...supper(), kitchen: { ...kitchen, pace } }).clock.startMin;
    expect(start(1.6)).toBeLessThan(start(1));
  });
  it('asks for more hands’ minutes from one cook than from either of two', () => {
    const hands = (cooks: string[]) => planBake({ ...supper(), kitchen: { ...kitchen, cooks } }).clock.hands;
    const [alone] = hands(['Ines']);
    for (const h of hands(['Ines', 'Tobiah'])) expect(h.minutes).toBeLessThanOrEqual((alone?.minutes ?? 0) + 1e-6);
  });
  it('preheats before every bake', () => {
    for (const run of planBake(supper()).clock.ovenRuns) expect(run.preheatFromMin).toBeLessThanOrEqual(run.startMin);
  });
});
