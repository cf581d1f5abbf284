import type { Example } from './recipeCorpus';

/** More texts of our own, in the manners of real pages: chatty, American, British, metric, numbered, spoken; most with a trap. */
export const pages: readonly Example[] = [
  {
    text: `Aunt-style chicken hand pies
Makes 8 hand pies
2 1/2 cups all-purpose flour
2 sticks butter, cold
1 tsp salt
6 tbsp ice water
Filling:
2 cups cooked chicken
2 sticks celery, diced
1 cup chicken broth
Directions:
Chill 1 hour. Roll 1/8 inch thick and cut 6-inch rounds.
Bake at 400°F for 25 minutes.`,
    dough: { butter: 226.8 },
    filling: { celery: 100 },
    facts: { makes: 8, thicknessMm: 3.2, cutterMm: 152.4, oven: 204.4, bakeMin: 25, restMin: 60 },
  },
  {
    text: `Pork and apple pasties
300 g flour
150 g lard
75 ml water
Roll out to 1/4" and cut 6- to 7-inch rounds.
Bake in a 400 oven for 40 minutes.`,
    facts: { thicknessMm: 6.3, cutterMm: 152.4, oven: 204.4, bakeMin: 40 },
    alarms: ['ovenBare'],
  },
  {
    text: `Beef pot pie, the loose way
Bake at 425°F for 15 minutes, lower to 350 and bake 30 to 35 minutes more.
Use an 8 in cake pan, 2½ in deep.`,
    facts: { oven: 218.3, bakeMin: 15, tinMm: 203.2, depthMm: 63.5 },
    alarms: [],
  },
  {
    text: `Laminated squares
500 g flour
60 g butter
300 ml cold milk
Method
Roll to a rectangle about 10 x 14 inches. Fold in three, turn 90 degrees and roll again.
Chill 30 minutes, then let it stand at room temperature for 10 minutes.
Cut into rectangles 2 × 5 inches.`,
    facts: { sheetBy: 254, pieceBy: 50.8, restMin: 30, standMin: 10 },
    unsaid: ['oven'],
  },
  {
    text: `Steak and ale pie from the freezer
Bake 35 minutes at 200 °C, or 50 minutes from frozen.
Let stand 10 minutes before slicing.`,
    facts: { bakeMin: 35, frozenMin: 50, standMin: 10, oven: 200 },
  },
  {
    text: `Spinach triangles
12 pieces
8 sheets filo
200 g feta
1 tablespoon filling in each.
Bake at 190 °C for 20 minutes. From frozen, add 6 minutes.`,
    facts: { makes: 12, eachMl: 15, bakeMin: 20, frozenMoreMin: 6 },
    filling: { feta: 200 },
  },
  {
    text: `Quick mushroom sauce
1 tbsp flour
2 small onions
1 large onion
1 stick of celery
Simmer 5 minutes, add the peas and cook for 2 minutes more, then boil 60 seconds.`,
    filling: { onion: 210, celery: 50 },
    facts: { cookMin: 5 },
  },
  {
    text: `Nut-milk custard tart
300 g flour
150 g plant butter
1 cup almond milk
1 tbsp fish sauce
1/2 cup cream of wheat`,
    dough: { flour: 300 },
    unsaid: ['oven'],
  },
  {
    text: `Oil crust, topped up
350 g flour
100 ml olive oil
1 egg, topped up to 150 ml with cold water
1 tsp salt`,
    dough: { flour: 350, egg: 51, water: 99 },
  },
  {
    text: `Butter divided
# Butter divided
## Pastry
- 300 g flour
- 200 g butter, divided: 150 g for the dough, the rest for the sauce
## Method
Rest for one and a half hours.`,
    dough: { flour: 300, butter: 200 },
    facts: { restMin: 90 },
    unsaid: ['serves'],
  },
  {
    text: `Slabs of something
300 g flour
150 g butter
80 ml water
Roll to 20 cm thick.`,
    facts: { thicknessMm: 200 },
    alarms: ['tooThick'],
  },
  {
    text: `Twice salted
300 g flour
150 g butter
90 ml water
1 tsp salt
1 tsp salt`,
    alarms: ['listedTwice'],
  },
  {
    text: `Rough puff for Sunday
300 g flour
200 g butter
120 ml water
Rub the butter in until it is like breadcrumbs. Add the water. Rest 30 minutes.`,
    alarms: ['nameAgainstMethod'],
  },
  {
    text: `Spiced dough
300 g flour
1 tsp cinnamon
1 tsp ground ginger
150 g butter
80 ml water
400 g apples, sliced`,
    dough: { cinnamon: null, ginger: null, flour: 300 },
    filling: { apple: 400 },
  },
  {
    text: `Gas or electric
Bake at gas 7, 150 °C for 40 minutes.`,
    facts: { bakeMin: 40 },
    alarms: ['twoHeats'],
  },
  {
    text: `Gas and electric agreed
Bake at gas 6, 200 °C for 40 minutes.`,
    facts: { oven: 200, bakeMin: 40 },
    alarms: [],
  },
  {
    text: `Six by weight
250 g flour
125 g butter
60 ml water
Divide into 6 portions of 80 g.`,
    facts: { makes: 6, portionG: 80 },
    alarms: ['portionsDoNotFit'],
  },
  {
    text: `MEAT PIE
450 G FLOUR
225 G LARD
150 ML WATER
BAKE AT 190 °C FOR 1 HOUR`,
    dough: { flour: 450, lard: 225, water: 150 },
    facts: { oven: 190, bakeMin: 60 },
  },
  {
    text: `So, the pie. You want about a pound of flour, half a pound of butter, and a cup of cold water, more or less.
Feeds 6. Give it half an hour in the fridge, then bake it for an hour at 375°F.`,
    facts: { serves: 6, restMin: 30, bakeMin: 60, oven: 190.6 },
  },
  {
    text: `1. 400 g strong white flour
2. 200 g butter
3. 10 g salt
4. 160 ml cold water
5. Give it 6 single turns.
6. Bake at 220 C for 20-25 mins`,
    facts: { turns: 6, oven: 220, bakeMin: 20 },
  },
  {
    text: `Ham and leek half-moons
Yield: 16 hand pies
500 g plain flour
250 g butter
2 large leeks
300 g ham, diced`,
    dough: { flour: 500, butter: 250 },
    filling: { leek: 594, ham: 300 },
    facts: { makes: 16 },
  },
  {
    text: `Pie plate apple
9-inch deep-dish pie plate
6 apples
3/4 cup sugar
Bake at 375 °F for 50 to 60 minutes. Cool 2 hours.`,
    filling: { apple: 1020 },
    facts: { tinMm: 228.6, oven: 190.6, bakeMin: 50, coolMin: 120 },
  },
  {
    text: `Pasty night
Serves 4
1 red pepper, diced
1 tsp pepper
1 kg potatoes
500 g beef skirt
Core of 75 °C.`,
    filling: { pepperSweet: 160, potato: 1000 },
    facts: { serves: 4, coreC: 75 },
  },
  {
    text: `Half a dozen custards
250 g flour
125 g butter
half a dozen eggs
300 ml cream`,
    dough: { flour: 250 },
  },
  {
    text: `Turn the page
Give it a quarter turn (90°) and roll again. Bake at 200 °C for 18 minutes.`,
    facts: { oven: 200, bakeMin: 18 },
  },
  {
    text: `Roll thin
Roll the pastry to 3 mm and cut out 10 cm rounds.`,
    facts: { thicknessMm: 3, cutterMm: 100 },
  },
  {
    text: `Wide, not thick
Roll the dough to 12 inches across.`,
    unsaid: ['thicknessMm'],
  },
  {
    text: `Slow lamb
1 kg lamb shoulder, diced
500 ml lamb stock
Braise for 2 hours. Cool completely.`,
    filling: { lamb: 1000 },
    facts: { cookMin: 120 },
  },
  {
    text: `Springform pork pie
20 cm springform tin, 7 cm deep
Bake 1 hour at 180 °C, then 30 minutes at 160 °C.`,
    facts: { tinMm: 200, depthMm: 70, bakeMin: 60, oven: 180 },
    alarms: [],
  },
  {
    text: `Parcels for a crowd
Feeds a crowd.
24 parcels
400 g ricotta
150 g spinach`,
    filling: { ricotta: 400, spinach: 150 },
    unsaid: ['serves'],
  },
  {
    text: `Cheese straws' cousin
6 oz (170 g) cheddar, grated
½ pint double cream
1 tbsp mustard`,
    filling: { cheddar: 170 },
  },
  {
    text: `Chill and freeze
Chill 20 minutes; freeze 15 minutes. Bake 22 minutes at 210 °C fan.`,
    facts: { restMin: 20, bakeMin: 22, oven: 210 },
  },
  {
    text: `Two bakes
Bake 25 minutes at 190 °C. Brush with egg and bake another 10 minutes.`,
    facts: { bakeMin: 25, oven: 190 },
  },
  {
    text: `Pan of rolls
Cut in slices 1 1/2 inches thick.`,
    unsaid: ['oven'],
    alarms: ['tooThick'],
  },
  {
    text: `Fruit in season
900 g plums
150 g sugar
2 tbsp cornflour
Bake at 220 °C for 20 minutes, then 180 °C for 30 minutes. Cool 3 hours.`,
    filling: { plum: 900, sugar: 150 },
    facts: { oven: 220, bakeMin: 20, coolMin: 180 },
    alarms: [],
  },
  {
    text: `Soft butter school
250 g flour
125 g soft butter
60 g caster sugar
1 egg
Cream the butter and sugar. Rest 1 hour in the fridge.`,
    dough: { flour: 250, butter: 125, sugar: 60, egg: 51 },
    facts: { restMin: 60 },
  },
  {
    text: `Minis
48 small pies
1 teaspoon filling in each.
Roll 2 mm thick.`,
    facts: { makes: 48, eachMl: 5, thicknessMm: 2 },
  },
  {
    text: `Broth, not beast
1 can (14.5 oz) beef broth
2 cups beef stock
1 tbsp flour`,
    filling: { stock: 411.1 },
    alarms: [],
  },
  {
    text: `Rustic tart
Roll to about 4 mm thick, a 30 cm circle.
Bake at 400 F for 35-40 minutes.`,
    facts: { thicknessMm: 4, oven: 204.4, bakeMin: 35 },
  },
  {
    text: `Apfeltaschen
Mehl 300 g, Butter 150 g, Salz, Wasser kalt.
Den Teig kneten und eine Stunde kühlen. Die Äpfel mit Zucker mischen.
Bei 200 °C 25 Minuten backen, bis er goldbraun ist.`,
    facts: { oven: 200 },
    language: 'German',
  },
];
