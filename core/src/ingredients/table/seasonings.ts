import { row } from '../ingredient';

const sweet = row('sweet', { bulk: 0.85, keeps: 1000 });
const salt = row('salt', { origin: 'mineral', bulk: 1.2, keeps: 3000, sure: 'defined', salt: 100 });
const leavening = row('leavening', { origin: 'mineral', bulk: 0.9, keeps: 500, sure: 'varies' });
const acid = row('acid', { bulk: 1.01, keeps: 900 });
const liquid = row('liquid', { bulk: 1, keeps: 500 });
const herb = row('herb', { bulk: 0.12, keeps: 7, place: 'fridge' });
const spice = row('herb', { bulk: 0.45, keeps: 700, sure: 'varies' });

export const seasonings = [
  sweet('sugar', 'White sugar', [0, 0, 0, 0, 0], {
    sugar: 100,
    sure: 'defined',
    also: 'sugar, granulated sugar, caster sugar, superfine sugar',
  }),
  sweet('icingSugar', 'Icing sugar', [0.3, 0, 0, 0, 0], {
    sugar: 98,
    bulk: 0.5,
    also: 'powdered sugar, confectioners sugar',
  }),
  sweet('brownSugar', 'Brown sugar', [2, 0, 0.1, 0, 0.5], {
    sugar: 97,
    bulk: 0.9,
    also: 'light brown sugar, soft brown sugar, muscovado, demerara',
  }),
  sweet('honey', 'Honey', [17.5, 0, 0.4, 0.2, 0.2], { origin: 'honey', sugar: 81, bulk: 1.42 }),
  sweet('goldenSyrup', 'Cane syrup', [20, 0, 0.3, 0, 0.6], {
    sugar: 79,
    bulk: 1.43,
    also: 'golden syrup, treacle, sugar syrup',
  }),
  sweet('maltSyrup', 'Barley malt syrup', [22, 0, 5, 0, 1], {
    sugar: 60,
    bulk: 1.4,
    has: ['gluten'],
    also: 'malt extract, malt',
  }),
  salt('salt', 'Fine salt', [0, 0, 0, 0, 100], { also: 'salt, table salt, cooking salt' }),
  salt('seaSalt', 'Fine sea salt', [0.2, 0, 0, 0, 99.8], { salt: 99.5, bulk: 1.1, also: 'sea salt' }),
  salt('coarseSalt', 'Coarse salt', [0.2, 0, 0, 0, 99.8], {
    salt: 99.5,
    bulk: 0.95,
    also: 'rock salt, coarse sea salt',
  }),
  salt('flakeSalt', 'Flake salt', [0.5, 0, 0, 0, 99.5], {
    salt: 99,
    bulk: 0.6,
    sure: 'varies',
    also: 'sea salt flakes, flaky salt, kosher salt',
  }),
  leavening('bakingPowder', 'Baking powder', [6, 0, 0.1, 0.1, 65], { made: true, also: 'raising agent' }),
  leavening('bakingSoda', 'Bicarbonate of soda', [0.2, 0, 0, 0, 99.8], {
    sure: 'defined',
    bulk: 1,
    also: 'baking soda, bicarb, bicarbonate',
  }),
  leavening('creamOfTartar', 'Cream of tartar', [1.5, 0, 0, 0.2, 30], { bulk: 0.7, origin: 'plant' }),
  leavening('dryYeast', 'Dry yeast', [6, 7, 40, 27, 6], {
    bulk: 0.65,
    origin: 'plant',
    also: 'yeast, instant yeast, dried yeast',
  }),
  acid('vinegar', 'Spirit vinegar', [94.5, 0, 0, 0, 0.1], {
    also: 'vinegar, white vinegar, distilled vinegar',
    sure: 'defined',
  }),
  acid('ciderVinegar', 'Cider vinegar', [94, 0, 0, 0, 0.2], { also: 'apple cider vinegar' }),
  acid('wineVinegar', 'Wine vinegar', [93.5, 0, 0, 0, 0.3], {
    has: ['sulphites'],
    also: 'white wine vinegar, red wine vinegar',
  }),
  acid('lemonJuice', 'Lemon juice', [92, 0.2, 0.4, 0.3, 0.2], {
    bulk: 1.03,
    sugar: 2,
    place: 'fridge',
    keeps: 7,
    also: 'juice of a lemon',
  }),
  liquid('water', 'Water', [100, 0, 0, 0, 0], {
    origin: 'mineral',
    sure: 'defined',
    keeps: 3000,
    also: 'cold water, iced water, tap water, ice water',
  }),
  liquid('stock', 'Stock', [97, 0.3, 1.2, 0, 1], {
    made: true,
    salt: 0.8,
    has: ['celery'],
    origin: 'poultry',
    place: 'fridge',
    keeps: 4,
    sure: 'varies',
    also: 'chicken stock, broth, bouillon',
  }),
  liquid('vegetableStock', 'Vegetable stock', [98, 0.1, 0.3, 0.1, 1], {
    made: true,
    salt: 0.8,
    has: ['celery'],
    place: 'fridge',
    keeps: 4,
    sure: 'varies',
    also: 'vegetable broth',
  }),
  liquid('whiteWine', 'White wine', [88.5, 0, 0.1, 0, 0.2], { has: ['sulphites'], also: 'wine, dry white wine' }),
  liquid('cider', 'Cider', [93, 0, 0, 0, 0.1], { has: ['sulphites'], also: 'dry cider, hard cider' }),
  liquid('beer', 'Beer', [92.5, 0, 0.4, 0, 0.2], { has: ['gluten'], also: 'ale, stout' }),
  liquid('soySauce', 'Soy sauce', [68, 0.1, 8, 0.5, 16], {
    salt: 14.5,
    bulk: 1.15,
    has: ['soya', 'gluten', 'wheat'],
    also: 'soya sauce',
  }),
  liquid('tomatoPaste', 'Tomato paste', [75, 0.5, 4.5, 4, 2.7], {
    sugar: 12,
    bulk: 1.1,
    also: 'tomato puree, tomato purée',
  }),
  liquid('tinnedTomatoes', 'Tinned tomatoes', [94, 0.2, 1.1, 1, 0.7], {
    sugar: 3,
    bulk: 1,
    keeps: 700,
    also: 'canned tomatoes, chopped tomatoes',
  }),
  liquid('mustard', 'Mustard', [80, 4, 4.5, 3.5, 4], {
    made: true,
    salt: 2.7,
    bulk: 1.05,
    has: ['mustard'],
    also: 'dijon mustard, prepared mustard',
    sure: 'varies',
  }),
  herb('parsley', 'Parsley', [87.5, 0.8, 3, 3.3, 2.2], { also: 'flat parsley' }),
  herb('thyme', 'Thyme', [65, 1.7, 5.5, 14, 3.2], {}),
  herb('sage', 'Sage', [66, 2.5, 4, 14, 3], { also: 'sage leaves' }),
  herb('dill', 'Dill', [86, 1.1, 3.5, 2.1, 2.5], {}),
  herb('mint', 'Mint', [83, 0.8, 3.5, 7, 2], {}),
  herb('rosemary', 'Rosemary', [68, 5.9, 3.3, 14, 2.4], {}),
  herb('bay', 'Bay leaf', [10, 8, 7.5, 26, 3.6], { place: 'shelf', keeps: 700, also: 'bay leaves' }),
  herb('chives', 'Chives', [90.5, 0.7, 3.3, 2.5, 1], {}),
  herb('coriander', 'Coriander leaf', [92, 0.5, 2.1, 2.8, 1.5], { also: 'cilantro, fresh coriander' }),
  spice('pepper', 'Black pepper', [11, 3.3, 10.4, 26, 4.4], { also: 'pepper, ground pepper, peppercorns' }),
  spice('nutmeg', 'Nutmeg', [6, 36, 6, 21, 2.3], { has: [] }),
  spice('paprika', 'Paprika', [11, 13, 14, 35, 7.7], { also: 'smoked paprika, sweet paprika' }),
  spice('cumin', 'Cumin', [8, 22, 18, 10.5, 7.6], { also: 'cumin seed, ground cumin' }),
  spice('turmeric', 'Turmeric', [12, 3.3, 9.7, 22, 7], {}),
  spice('chilli', 'Chilli powder', [8, 14, 13, 35, 9], { also: 'chili, chilli flakes, cayenne' }),
  spice('cinnamon', 'Cinnamon', [10.5, 1.2, 4, 53, 3.6], {}),
  spice('curryPowder', 'Curry powder', [9, 14, 14, 30, 7], { made: true, has: ['mustard'] }),
  spice('ginger', 'Ground ginger', [10, 4.2, 9, 14, 5.2], { also: 'ginger, dried ginger, ginger powder' }),
  herb('gingerRoot', 'Ginger root', [79, 0.8, 1.8, 2, 0.8], { also: 'fresh ginger, root ginger' }),
  spice('allspice', 'Allspice', [8.5, 8.7, 6, 21.6, 4.7], { also: 'ground allspice, pimento' }),
  spice('cloves', 'Cloves', [10, 13, 6, 34, 5.6], { also: 'ground cloves, whole cloves' }),
  spice('caraway', 'Caraway', [10, 15, 20, 38, 6], { also: 'caraway seed' }),
  // a thing the table does not know: all it is comes from its packet, and what the packet leaves unsaid counts as starch
  row('sweet')('own', 'Something of your own', [0, 0, 0, 0, 0], { made: true, sure: 'varies', keeps: 30 }),
] as const;
