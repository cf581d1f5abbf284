import { factsIn, type FactKind } from './facts';

const said = (text: string, before = ''): [FactKind, number, number][] =>
  factsIn(text, 0, before).map((f) => [f.kind, Math.round(f.low * 10) / 10, Math.round(f.high * 10) / 10]);

describe('how many it is for', () => {
  it.each([
    ['Serves 4', 'serves', 4, 4],
    ['serves 4-6', 'serves', 4, 6],
    ['Serves six', 'serves', 6, 6],
    ['Feeds about 8 people', 'serves', 8, 8],
    ['Enough for 10', 'serves', 10, 10],
    ['Pie for 12', 'serves', 12, 12],
    ['Makes 6 pasties', 'makes', 6, 6],
    ['makes 10 to 12 small pies', 'makes', 10, 12],
    ['yields 8.', 'makes', 8, 8],
    ['12 pasties', 'makes', 12, 12],
    ['Cut out 20 rounds', 'makes', 20, 20],
  ] as const)('%s', (text, kind, low, high) => expect(said(text)).toContainEqual([kind, low, high]));
  it.each(['Feeds a crowd', 'for 30-35 minutes', 'for 2 hours', 'for 12 cm', 'for 3 tbsp', 'bake for 20 min'])(
    'is not said by "%s"',
    (text) => expect(said(text).filter(([k]) => k === 'serves' || k === 'makes')).toEqual([]),
  );
});

describe('a size', () => {
  it.each([
    ['a 9-inch pie dish', 'tinMm', 228.6],
    ['in a 23 cm round tin', 'tinMm', 230],
    ['28 cm loose-bottomed tart tin', 'tinMm', 280],
    ['a 9" plate', 'tinMm', 228.6],
    ['cut 10 cm circles', 'cutterMm', 100],
    ['with a 92 mm cutter', 'cutterMm', 92],
    ['rounds of about 12 cm', 'cutterMm', 120],
    ['4 mm thick', 'thicknessMm', 4],
    ['roll out to 3 mm', 'thicknessMm', 3],
    ['½ cm thick', 'thicknessMm', 5],
    ['pieces of 8 mm', 'crumbMm', 8],
    ['a lid of 26 cm', 'lidMm', 260],
  ] as const)('%s', (text, kind, mm) => expect(said(text)).toContainEqual([kind, mm, mm]));
  it('found by two patterns is one', () => {
    expect(said('Roll out to 3 mm thick').filter(([k]) => k === 'thicknessMm')).toHaveLength(1);
  });
  it('of a fridge shelf or of nothing is none', () => {
    expect(said('leave 5 cm between them')).toEqual([]);
  });
});

describe('a heat', () => {
  it.each([
    ['Bake at 200°C', 200],
    ['Bake at 200 C', 200],
    ['at 200 °C (fan 180 °C)', 200],
    ['400F', 204.4],
    ['350 degrees F', 176.7],
    ['180 degrees', 180],
    ['gas mark 6', 200],
    ['gas 4', 180],
  ])('%s', (text, c) => expect(said(text)).toContainEqual(['oven', c, c]));
  it.each(['until the core is 75 °C', 'cook to 63 C inside', 'a probe in the middle should read 74°C'])(
    'of the middle is no oven: %s',
    (text) => {
      const kinds = said(text).map(([k]) => k);
      expect(kinds).toContain('coreC');
      expect(kinds).not.toContain('oven');
    },
  );
  it('of a fridge is no oven', () => {
    expect(said('keep at 4 °C').map(([k]) => k)).not.toContain('oven');
  });
  it('keeps how it was written, for the doubts', () => {
    expect(factsIn('180 °F', 0)[0]).toMatchObject({ written: 'fahrenheit', writtenValue: 180 });
    expect(factsIn('gas 6', 0)[0]).toMatchObject({ written: 'gas', writtenValue: 6 });
  });
});

describe('a time', () => {
  it.each([
    ['Bake for 40 minutes', 'bakeMin', 40, 40],
    ['bake 30-35 min until golden', 'bakeMin', 30, 35],
    ['Bake an hour', 'bakeMin', 60, 60],
    ['35 min baking', 'bakeMin', 35, 35],
    ['Chill for 2 hours', 'restMin', 120, 120],
    ['Rest in the fridge overnight', 'restMin', 720, 720],
    ['let it rest half an hour', 'restMin', 30, 30],
    ['Cool for 20 minutes', 'coolMin', 20, 20],
    ['Simmer for 1½ hours', 'cookMin', 90, 90],
    ['soften the leeks for 10 minutes', 'cookMin', 10, 10],
  ] as const)('%s', (text, kind, low, high) => expect(said(text)).toContainEqual([kind, low, high]));
  it('goes with the verb nearest before it', () => {
    expect(said('Chill for 30 minutes, then bake for 25 minutes')).toEqual([
      ['restMin', 30, 30],
      ['bakeMin', 25, 25],
    ]);
  });
  it('goes with the sentence of the line above when that goes on', () => {
    expect(said('about 40 minutes.', 'Bake at 180 °C until golden,')).toContainEqual(['bakeMin', 40, 40]);
  });
  it('of which nobody says what for is not taken', () => {
    expect(said('about 40 minutes.')).toEqual([]);
    expect(said('Preheat the oven for 20 minutes')).toEqual([]);
  });
});
