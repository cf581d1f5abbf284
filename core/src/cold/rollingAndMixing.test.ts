import { filoDry, filoFat, gabActivity, gabMoisture } from './filo';
import { coolFilling, maxFillingTemperature } from './fillingCooling';
import { environment } from './environments';
import { material } from './material';
import { mixForward, mixSolve, type MixStage } from './mixing';
import { benchMinutes, rollSheet } from './rolling';

const dough = material({
  items: [
    { name: 'flour', mass: 100 },
    { name: 'butter', mass: 60 },
    { name: 'water', mass: 30 },
  ],
});

describe('rolling', () => {
  const roll = (roomC: number, toM = 0.003) =>
    rollSheet({ material: dough, startC: 8, fromM: 0.02, toM, rollMinutes: 6, dwellMinutes: 10, bench: 'wood', roomC });
  it('warms a sheet towards the room, never past hands and room', () => {
    const { meanC } = roll(20);
    expect(meanC[0]).toBe(8);
    for (let i = 1; i < meanC.length; i++) expect(meanC[i]).toBeGreaterThan(meanC[i - 1] - 1e-6);
    expect(roll(20).final.mean).toBeLessThan(30);
  });
  it('warms it more in a warm kitchen, and more when it is rolled thinner', () => {
    expect(roll(26).final.mean).toBeGreaterThan(roll(19).final.mean);
    expect(roll(20, 0.002).final.mean).toBeGreaterThan(roll(20, 0.005).final.mean);
  });
  it('ends at the thickness asked for', () => expect(roll(20).final.thicknessM).toBeCloseTo(0.003, 9));
  it('refuses to roll a sheet thicker', () => {
    expect(() =>
      rollSheet({ material: dough, startC: 8, fromM: 0.003, toM: 0.01, rollMinutes: 2, bench: 'wood' }),
    ).toThrow('toM');
  });
  it('gives a thick packet longer at the bench than a thin sheet', () => {
    const left = (thicknessM: number) =>
      benchMinutes({ material: dough, fat: 'butter', startC: 8, thicknessM, bench: 'wood', roomC: 24 })
        .minutes as number;
    expect(left(0.007)).toBeGreaterThan(left(0.003));
  });
});

describe('mixing', () => {
  const stages = (water: number, liquid = 'LIQUID'): MixStage[] => [
    {
      add: [
        { name: 'flour', mass: 0.4, startC: 20 },
        { name: 'butter', mass: 0.24, startC: 5 },
      ],
      method: 'fingertips',
      minutes: 6,
    },
    {
      add: [{ name: liquid, mass: water, ...(liquid === 'LIQUID' ? {} : { startC: 8 }) }],
      method: 'fingertips',
      minutes: 3,
    },
  ];
  it('ends between the coldest and the warmest thing in the bowl', () => {
    const { temperatureC } = mixForward({ stages: stages(0.16, 'water'), roomC: 20 });
    expect(temperatureC).toBeGreaterThan(5);
    expect(temperatureC).toBeLessThan(25);
  });
  it('keeps the mass of all that went in', () =>
    expect(mixForward({ stages: stages(0.16, 'water'), roomC: 20 }).massKg).toBeCloseTo(0.8, 12));
  it('finds the water that brings the dough to its temperature', () => {
    const solved = mixSolve({ stages: stages(0.2), roomC: 20, targetC: 16 });
    expect(solved.status).toBe('ok');
    expect(solved.temperatureC).toBeCloseTo(16, 3);
  });
  it('asks for ice when the tap is too warm, and weighs it as water', () => {
    const solved = mixSolve({ stages: stages(0.16), roomC: 26, targetC: 10, tapMinC: 14 });
    expect(solved.status).toBe('iceNeeded');
    expect(solved.iceKg + solved.waterKg).toBeCloseTo(0.16, 9);
    expect(solved.temperatureC).toBeLessThanOrEqual(10 + 1e-6);
  });
  it('says so when there is too little water for it, and how cold the rest would have to be', () => {
    const solved = mixSolve({ stages: stages(0.03), roomC: 30, targetC: 8 });
    expect(solved.status).toBe('notEnoughWater');
    expect(solved.chillOthersToC === null || solved.chillOthersToC < 20).toBe(true);
  });
  it('refuses a target outside 0 to 45 °C', () => {
    expect(() => mixSolve({ stages: stages(0.1), roomC: 20, targetC: 50 })).toThrow('targetC');
  });
});

describe('filo', () => {
  it('reads moisture forth and back', () => {
    for (const a of [0.2, 0.5, 0.8, 0.95]) expect(gabActivity(gabMoisture(a))).toBeCloseTo(a, 6);
  });
  it('dries sooner in dry air and from two faces', () => {
    const limit = (humidity: number, faces: number) => filoDry({ humidity, faces }).minutesToLimit as number;
    expect(limit(0.3, 1)).toBeLessThan(limit(0.6, 1));
    expect(limit(0.5, 2)).toBeLessThan(limit(0.5, 1));
  });
  it('keeps under a damp cloth', () =>
    expect(filoDry({ humidity: 0.3, cover: 'damp', minutes: 60 }).minutesToLimit).toBeNull());
  it('takes fat by the square metre', () => {
    const one = filoFat({ sheets: 1, lengthM: 0.5, widthM: 0.3 });
    expect(filoFat({ sheets: 6, lengthM: 0.5, widthM: 0.3 }).fatG).toBeCloseTo(6 * one.fatG, 9);
  });
});

describe('a cooling filling', () => {
  const filling = material({ items: [{ name: 'meatFilling', mass: 1 }] });
  const cool = (thicknessM: number) =>
    coolFilling({
      material: filling,
      shape: { kind: 'pot', radiusM: 0.11, thicknessM },
      startC: 85,
      cells: { nx: 6, nz: 8 },
      phases: [{ minutes: 600, around: environment('fridge', { vessel: true, humidity: 0.8 }) }],
    });
  it('passes its marks in order', () => {
    const c = cool(0.04);
    expect([c.to60Min, c.to21Min, c.to5Min].filter((x) => x !== null)).toEqual(
      [c.to60Min, c.to21Min, c.to5Min].filter((x) => x !== null).sort((a, b) => a - b),
    );
  });
  it('is slower when it lies deeper', () =>
    expect(cool(0.07).to21Min ?? Infinity).toBeGreaterThan(cool(0.02).to21Min ?? Infinity));
  it('may be the warmer the colder the pastry is', () => {
    const hottest = (pastryC: number) =>
      maxFillingTemperature({
        filling,
        fillingThicknessM: 0.02,
        pastry: dough,
        pastryThicknessM: 0.003,
        pastryC,
        fat: 'butter',
      }).maxC as number;
    expect(hottest(4)).toBeGreaterThan(hottest(12));
  });
  it('has no answer when the pastry is already soft', () => {
    expect(
      maxFillingTemperature({
        filling,
        fillingThicknessM: 0.02,
        pastry: dough,
        pastryThicknessM: 0.003,
        pastryC: 22,
        fat: 'butter',
      }).maxC,
    ).toBeNull();
  });
});
