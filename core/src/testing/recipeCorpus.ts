import type { FactKind } from '../recipes/facts';

/** A recipe text of our own making, and what a careful reader finds in it. */
export interface Example {
  text: string;
  /** Grams of the dough, by id; null where the amount is not said. */
  dough?: Record<string, number | null>;
  filling?: Record<string, number | null>;
  wash?: string[];
  facts?: Partial<Record<FactKind, number>>;
  alarms?: string[];
  /** Blanks that must be found. */
  blank?: string[];
  /** The language it is in, where it is not one we read. */
  language?: string;
  /** Things that must not be claimed as said. */
  unsaid?: FactKind[];
}

export const corpus: readonly Example[] = [
  {
    text: `Fish pie for the quay. Feeds a crowd.
1 lb flour, 9 oz butter,
a tablespoon of salt, cold water.
Rub the butter in like breadcrumbs. Chill.
2 lb smoked haddock, poached in a pint of milk,
3 leeks, softened. Thicken the milk with
2 oz flour and 2 oz butter.
Line the dish, fill it, lid on.
Bake at gas 7, 150 °C until golden,
about 40 minutes. Good hot or cold.`,
    dough: { flour: 453.6, butter: 255.1, water: null },
    filling: { smokedHaddock: 907.2, leek: 660, flour: 56.7 },
    facts: { bakeMin: 40 },
    alarms: ['saltHigh', 'twoHeats'],
    blank: ['serves', 'water', 'tinMm'],
    unsaid: ['serves', 'restMin'],
  },
  {
    text: `# Leek pasties
Makes 8 pasties

## Pastry
- 620 g strong white flour
- 186g lard, cold
- 1 tsp salt
- 217 ml water

## Filling
- 2 large leeks, finely sliced
- 300g potatoes, diced

## Method
1. Rub the lard into the flour. Rest in the fridge for 2 hours.
2. Roll to 4 mm thick and cut 8 rounds of 16 cm.
3. Bake at 200°C (fan 180°C) for 20 minutes, then reduce to 160°C for 30-35 minutes.`,
    dough: { strongFlour: 620, lard: 186, water: 217 },
    filling: { leek: 594, potato: 300 },
    facts: { makes: 8, restMin: 120, thicknessMm: 4, cutterMm: 160, oven: 200, bakeMin: 20 },
    alarms: [],
  },
  {
    text: `1 1/2 cups all-purpose flour
1 stick unsalted butter
½ tsp salt
4-5 tbsp ice water
Preheat oven to 375°F. Bake 45 minutes in a 9-inch pie dish.`,
    dough: { flour: 188.1, butter: 113.4, salt: 2.96, water: 59.1 },
    facts: { oven: 190.6, bakeMin: 45, tinMm: 228.6 },
    alarms: [],
    blank: ['serves'],
  },
  {
    text: `Shortcrust
250 g plain flour
125 g cold butter
pinch of salt
3 tbsp cold water

Serves 4-6. Roll out to 3 mm thick. Oven 190C, 35 min baking.`,
    dough: { flour: 250, butter: 125 },
    facts: { serves: 4, thicknessMm: 3, oven: 190, bakeMin: 35 },
    alarms: [],
  },
  {
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Chard tray","recipeYield":"8 servings","recipeIngredient":["250 g filo pastry","800 g chard","300 g feta","3 eggs","80 g butter, melted"],"recipeInstructions":[{"@type":"HowToStep","text":"Cook the chard for 8 minutes, drain and cool."},{"@type":"HowToStep","text":"Bake at 180 °C for 40 minutes."}]}`,
    filling: { filo: 250, chard: 800, feta: 300, egg: 153 },
    facts: { oven: 180, bakeMin: 40, cookMin: 8 },
    alarms: [],
  },
  {
    text: `title: Weekday pot pies
serves: 4
dough:
  - 200 g flour
  - 110 g butter
  - 60 g water
filling:
  - 500 g cooked chicken
  - 1 leek
  - 300 ml milk
method:
  - Rest the dough for 1 hour.
  - Bake at 200 C for 25 minutes.`,
    dough: { flour: 200, butter: 110, water: 60 },
    filling: { chickenCooked: 500, leek: 220, milk: 309 },
    facts: { serves: 4, restMin: 60, oven: 200, bakeMin: 25 },
    alarms: [],
    blank: ['salt'],
  },
  {
    text: `Pastry: 300g flour, 150g margarine, 6 tbsp water.
Filling: 450g minced beef, 1 onion, 1 carrot.
Bake gas 6 for 40 minutes.`,
    dough: { flour: 300, bakingMargarine: 150 },
    filling: { beefMince: 450, onion: 150, carrot: 80 },
    facts: { oven: 200, bakeMin: 40 },
    alarms: ['coreMissing'],
  },
  {
    text: `Kase-type turnovers (makes 12)
400 g flour
200 g butter
200 g cream cheese
1 tsp salt
Mix, chill 1 hour. Cut 12 circles of 10 cm, 3 mm thick. Bake 190°C 22 min.`,
    dough: { flour: 400, butter: 200, creamCheese: 200 },
    facts: { makes: 12, cutterMm: 100, thicknessMm: 3, bakeMin: 22, restMin: 60 },
    alarms: [],
  },
  {
    text: `Dough:
2 c. flour
2/3 c. shortening
1 t. salt
5-6 T cold water
Bake 425°F 15 min, then 350°F 30 min.`,
    dough: { flour: null, shortening: null },
    facts: { oven: 218.3, bakeMin: 15 },
    alarms: [],
  },
  {
    text: `Rough puff
250 g strong flour
250 g butter in 2 cm cubes
5 g salt
125 ml ice-cold water
4 turns. Rest 30 minutes between turns.`,
    dough: { strongFlour: 250, butter: 250, salt: 5, water: 125 },
    facts: { turns: 4, restMin: 30 },
    alarms: [],
    blank: ['oven', 'bakeMin', 'serves'],
  },
  {
    text: `for the crust:
three cups flour
a cup of lard
a teaspoon of salt
half a cup of cold water
for the filling:
two pounds of apples
half a cup of sugar
bake in a hot oven`,
    dough: { flour: null, lard: null, water: null },
    filling: { apple: 907.2 },
    alarms: [],
    unsaid: ['oven', 'bakeMin'],
  },
  {
    text: `Suet crust
8 oz self-raising flour
4 oz suet
1/4 pint cold water
pinch salt
Steak: 1 lb braising beef, 6 oz kidney
Steam 3 hours.`,
    dough: { selfRaising: 226.8, suet: 113.4 },
    filling: { stewingBeef: 453.6, kidney: 170.1 },
    alarms: ['coreMissing'],
    unsaid: ['oven'],
  },
  {
    text: `Oil pastry
300 g flour, 100 ml olive oil, 100 ml water, 6 g salt
Rest 30 min at room temperature. Serves 6. 28 cm tin. 200°C, bake 40 min.`,
    dough: { flour: 300, oliveOil: 91.3, water: 100, salt: 6 },
    facts: { restMin: 30, serves: 6, tinMm: 280, oven: 200, bakeMin: 40 },
    alarms: [],
  },
  {
    text: `Pâte: 250 g de nothing
250 g flour
1 egg
100 g butter
2 tbsp salt
1 tbsp water`,
    dough: { flour: 250, egg: 51, butter: 100 },
    alarms: ['saltHigh'],
  },
  {
    text: `Hand pies
Dough
500g flour
250g butter
10g salt
150g water
Divide into 6 portions of 250 g each.
Bake 200 C 25 min.`,
    dough: { flour: 500, butter: 250, water: 150 },
    facts: { makes: 6, portionG: 250 },
    alarms: ['portionsDoNotFit'],
  },
  {
    text: `Onion pie
Ingredients
200 g flour
100 g butter
50 g water
4 onions
Method
Rub 120 g butter into the flour.
Chill. Bake at 190 C for 35 minutes.`,
    dough: { flour: 200, butter: 100, water: 50 },
    filling: { onion: 600 },
    alarms: ['twoAmounts'],
  },
  {
    text: `Cheese pie
Pastry
250 g flour
130 g butter
60 g water
Bake at 400 C for 30 minutes.`,
    facts: { bakeMin: 30 },
    alarms: ['ovenHot'],
  },
  {
    text: `Chicken pie
Pastry
300 g flour
160 g butter
5 g salt
300 g water
Filling
800 g chicken thighs
Bake at 190 C for 45 minutes, core 75 C.`,
    dough: { flour: 300, butter: 160, water: 300 },
    facts: { coreC: 75 },
    alarms: ['waterHigh'],
  },
  {
    text: `Two pies in one oven
Crust
250 g flour
125 g butter
60 g water
Bake at 220 C. Bake at 170 C for 40 minutes.`,
    alarms: ['twoHeats'],
  },
  {
    text: `Chestnut parcels
Pastry
300 g flour
150 g butter
80 g water
Filling
600 g squash
200 g chestnuts
2 tbsp nutmeg
Brush with egg, then chill for 20 minutes. Bake 200 C 25 min.`,
    filling: { squash: 600, chestnut: 200 },
    alarms: ['spiceHigh', 'washBeforeChill'],
  },
  {
    text: `Hot filling pie
Pastry
250 g flour
125 g butter
60 g water
Filling
500 g mushrooms
Fill while still hot and close. Bake 200 C 35 min.`,
    alarms: ['filledHot'],
  },
  {
    text: `Egg glaze test
Pastry
200 g flour
100 g butter
1 egg yolk
2 tbsp water
1 egg, beaten, to glaze`,
    dough: { flour: 200, butter: 100, yolk: 17 },
    wash: ['egg'],
    alarms: [],
  },
  {
    text: `0,5 kg flour
0,25 kg butter
1,5 dl water
1½ tsp salt`,
    dough: { flour: 500, butter: 250, water: 150 },
    alarms: [],
  },
  {
    text: `1.000 g flour
1,5 tsp salt
500 g lard
300 ml water`,
    dough: { lard: 500, water: 300 },
  },
  {
    text: `Two-flour crust
150 g wholemeal flour
150 g plain flour
160 g butter
70-90 ml water
5 g fine sea salt`,
    dough: { wholemeal: 150, flour: 150, butter: 160, water: 70, seaSalt: 5 },
    alarms: [],
  },
  {
    text: `Gluten-free
250 g rice flour
50 g potato starch
150 g butter
1 egg
salt`,
    dough: { riceFlour: 250, potatoStarch: 50, butter: 150, egg: 51, salt: null },
    blank: ['salt'],
  },
  {
    text: `Grandmother wrote: flour, as much as it takes. A good piece of butter. Salt. Water.
Bake till done.`,
    unsaid: ['oven', 'bakeMin', 'serves'],
    blank: ['flour', 'oven', 'bakeMin'],
    alarms: [],
  },
  {
    text: `Salmon coil
500 g filo
900 g salmon fillet
300 g spinach
100 g butter
Cook to 63 C inside.
Bake 190 C for 45 min in a 28 cm round tin.`,
    filling: { salmon: 900, spinach: 300 },
    facts: { coreC: 63, tinMm: 280, bakeMin: 45 },
    alarms: [],
  },
  {
    text: `Sweet crust
250 g flour
150 g butter
100 g icing sugar
2 egg yolks
Pinch of salt
Chill overnight.`,
    dough: { flour: 250, butter: 150, icingSugar: 100, yolk: 34 },
    facts: { restMin: 720 },
    alarms: [],
  },
  {
    text: `Pie for 12
Pastry:
900 g flour
500 g butter
15 g salt
260 ml water
Roll 5 mm thick for a 40 x 30 cm roasting tin. 200°C, bake 50-60 minutes.`,
    dough: { flour: 900, butter: 500, salt: 15, water: 260 },
    facts: { serves: 12, thicknessMm: 5, bakeMin: 50 },
    alarms: [],
  },
  {
    text: `Small pies
Makes 24
Pastry
200 g flour
100 g butter
50 g water
Cut 24 circles of 12 cm, 4 mm thick. Bake 200 C 18 min.`,
    facts: { makes: 24, cutterMm: 120 },
    alarms: ['tooManyPieces'],
  },
  {
    text: `Буузоподобный пирог
500 г муки
250 г масла`,
    alarms: [],
    unsaid: ['serves', 'oven'],
    blank: ['flour', 'oven'],
  },
  {
    text: `Milk crust
300g flour
140g butter
1 egg
75ml milk
1 tsp salt
Serves six. Bake at 180 degrees for half an hour.`,
    dough: { flour: 300, butter: 140, egg: 51, milk: 77.3 },
    facts: { serves: 6, oven: 180, bakeMin: 30 },
    alarms: [],
  },
  {
    text: `Lentil pasties
Pastry
400 g bread flour
100 g lard
100 g butter
2 tsp salt
180 g water
Filling
250 g cooked potatoes
200 g lentils
2 cloves of garlic
2 tbsp tomato paste
1 tsp cumin`,
    dough: { strongFlour: 400, lard: 100, butter: 100, water: 180 },
    filling: { potato: 250, lentils: 200, garlic: 10 },
  },
  {
    text: `Dry one
Crust
400 g flour
100 g shortening
20 g water
4 g salt`,
    dough: { flour: 400, shortening: 100, water: 20 },
    alarms: ['waterLow'],
  },
  {
    text: `From the back of a bag!!! *best*
• 2½ cups (300g) flour
• 1 cup (227 g) butter
• 1 tsp. salt
• ¼ cup to ½ cup water
* * *`,
    dough: { flour: 300, butter: 227 },
    alarms: [],
  },
  {
    text: `Pork pie
Crust
350 g flour
150 g lard
8 g salt
140 ml boiling water
Filling
700 g pork shoulder
1 tsp pepper
200 C 30 minutes baking, then 160 C for 90 minutes.`,
    dough: { flour: 350, lard: 150, salt: 8, water: 140 },
    filling: { porkShoulder: 700 },
    facts: { oven: 200, bakeMin: 30 },
    alarms: ['coreMissing'],
  },
  {
    text: `Unheard-of things
200 g flour
100 g butter
50 g water
300 g zorbleweed
1 cup frumplings`,
    dough: { flour: 200, butter: 100, water: 50 },
    alarms: [],
  },
  {
    text: `Cream dough. 250 g flour; 120 g butter; 100 g sour cream; 4 g salt. Chill 2 h. Bake 25 min at 200 °C. Serves 8.`,
    dough: { flour: 250, butter: 120, sourCream: 100, salt: 4 },
    facts: { restMin: 120, bakeMin: 25, oven: 200, serves: 8 },
    alarms: [],
  },
  {
    text: `Lid pie
Pastry
200 g flour
110 g butter
50 g water
4 g salt
Roll a lid of 20 cm for a 24 cm pie dish. Bake 200 C 30 min.`,
    facts: { lidMm: 200, tinMm: 240 },
    alarms: ['lidSmall'],
  },
];
