import { colourLevel, colourLevels, crusts, fillingKinds, supports, vesselMaterials, washFactors } from './tables';

describe('the crusts', () => {
  it.each(Object.entries(crusts))('%s conducts less dry than wet and never shrinks to nothing', (_name, c) => {
    expect(c.kDry).toBeLessThan(c.kWet);
    expect(c.swell).toBeGreaterThanOrEqual(1);
    expect(c.density).toBeGreaterThan(800);
    expect(c.density).toBeLessThan(1300);
    expect(c.X0).toBeGreaterThan(0.2);
    expect(c.permeability).toBeGreaterThan(0);
  });
  it('rise the more the more they are laminated', () => {
    expect(crusts.puff.swell).toBeGreaterThan(crusts.flaky.swell);
    expect(crusts.flaky.swell).toBeGreaterThan(crusts.shortcrust.swell);
    for (const c of Object.values(crusts).filter((x) => x.laminated)) expect(c.swell).toBeGreaterThan(1.5);
  });
});

describe('the fillings', () => {
  it.each(Object.entries(fillingKinds))(
    '%s is mostly what it is made of: water, between a little and nearly all',
    (_name, f) => {
      expect(f.water).toBeGreaterThan(0.3);
      expect(f.water).toBeLessThan(0.9);
      expect(f.wet).toBeGreaterThanOrEqual(0);
      expect(f.wet).toBeLessThanOrEqual(1);
      expect(f.k0 + f.phi).toBeGreaterThan(0.4);
    },
  );
  it.each(Object.entries(fillingKinds).filter(([, f]) => f.raw))(
    '%s, raw, must be hot enough to be safe',
    (name, f) => {
      expect(f.coreC).toBeGreaterThanOrEqual(name.startsWith('fish') ? 70 : 75);
    },
  );
  it('convect the better the runnier they are', () => {
    expect(fillingKinds.stew_runny.k0).toBeGreaterThan(fillingKinds.stew_thick.k0);
    expect(fillingKinds.stew_thick.k0).toBeGreaterThan(fillingKinds.mince_cooked.k0);
  });
});

describe('dishes and what they stand on', () => {
  const solids = [...Object.entries(vesselMaterials), ...Object.entries(supports)].filter(([, s]) => s !== null);
  it.each(solids)('%s is a solid that holds heat and takes it up', (_name, s) => {
    expect(s?.density).toBeGreaterThan(2000);
    expect(s?.specificHeat).toBeGreaterThan(400);
    expect(s?.emissivity).toBeGreaterThan(0);
    expect(s?.emissivity).toBeLessThanOrEqual(1);
    expect(s?.thicknessMm).toBeGreaterThan(0);
  });
  it('conduct far better in metal than in glass or ceramic', () => {
    for (const metal of ['tin', 'aluminium', 'foil', 'darksteel', 'castiron'] as const)
      expect(vesselMaterials[metal].k).toBeGreaterThan(20 * vesselMaterials.ceramic.k);
  });
  it('take up more of the oven’s glow dark than bright', () => {
    expect(vesselMaterials.darksteel.emissivity).toBeGreaterThan(2 * vesselMaterials.tin.emissivity);
    expect(supports.trayDark.emissivity).toBeGreaterThan(2 * supports.tray.emissivity);
  });
  it('unknown lie between a bright tray and a dark one', () => {
    expect(supports.unknown.emissivity).toBeGreaterThan(supports.tray.emissivity);
    expect(supports.unknown.emissivity).toBeLessThan(supports.trayDark.emissivity);
  });
});

describe('washes and colours', () => {
  it('brown the sooner the richer: yolk, egg, white, none', () => {
    const { yolk, egg, eggwhite, none } = washFactors;
    expect([yolk, egg, eggwhite, none]).toEqual([yolk, egg, eggwhite, none].sort((a, b) => b - a));
    for (const factor of Object.values(washFactors)) expect(factor).toBeGreaterThanOrEqual(none);
  });
  it('go from pale to too dark and never back', () => {
    const order = colourLevels.map((l) => l.level);
    let last = 0;
    for (let dose = 0; dose < 12; dose += 0.05) {
      const now = order.indexOf(colourLevel(dose));
      expect(now).toBeGreaterThanOrEqual(last);
      last = now;
    }
    expect(last).toBe(order.length - 1);
  });
  it('begin a level at its own dose', () => {
    for (const { level, from } of colourLevels) expect(colourLevel(from)).toBe(level);
  });
  it('know no dose below nothing', () => expect(colourLevel(-1)).toBe('pale'));
});
