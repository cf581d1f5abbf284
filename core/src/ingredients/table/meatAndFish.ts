import { row } from '../ingredient';

const beef = row('meat', { origin: 'beef', bulk: 0.95, keeps: 3, place: 'fridge', curve: 'suet' });
const pork = row('meat', { origin: 'pork', bulk: 0.95, keeps: 3, place: 'fridge', curve: 'lard' });
const poultry = row('meat', { origin: 'poultry', bulk: 0.9, keeps: 2, place: 'fridge', curve: 'lard' });
const fish = row('fish', { origin: 'fish', bulk: 0.9, keeps: 1, place: 'fridge' });
const sea = row('fish', { origin: 'seafood', bulk: 0.75, keeps: 1, place: 'fridge' });
const bought = row('pastry', {
  bulk: 0.6,
  keeps: 30,
  place: 'fridge',
  has: ['gluten', 'wheat'],
  sure: 'varies',
  made: true,
});

export const meatAndFish = [
  beef('beefMince', 'Beef mince', [65, 15, 18.8, 0, 0.9], { keeps: 1, also: 'minced beef, ground beef, mince' }),
  beef('stewingBeef', 'Stewing beef', [71, 7, 20.8, 0, 1], {
    also: 'braising beef, beef chuck, beef shin, skirt, beef',
  }),
  beef('kidney', 'Kidney', [78, 3.5, 17, 0, 1.2], { keeps: 1, also: 'beef kidney, lamb kidney' }),
  beef('lambMince', 'Lamb mince', [62, 19, 17.5, 0, 0.9], { keeps: 1, also: 'minced lamb, ground lamb' }),
  beef('lamb', 'Lamb, diced', [66, 13.5, 19.3, 0, 1], { also: 'lamb shoulder, mutton, diced lamb' }),
  beef('venison', 'Venison', [74, 2.5, 22, 0, 1.1], { also: 'deer' }),
  beef('meatFilling', 'Meat filling, cooked', [68, 11, 15, 0.5, 1], {
    made: true,
    curve: 'bakingMargarine',
    salt: 0.6,
    keeps: 3,
    sure: 'varies',
  }),
  pork('porkMince', 'Pork mince', [63, 18, 17.8, 0, 0.9], { keeps: 1, also: 'minced pork, ground pork' }),
  pork('porkShoulder', 'Pork shoulder', [67, 13, 18.5, 0, 1], { also: 'pork, diced pork' }),
  pork('sausageMeat', 'Sausage meat', [56, 24, 13, 0.6, 2.2], {
    made: true,
    salt: 1.6,
    has: ['gluten', 'wheat', 'sulphites'],
    sure: 'varies',
    also: 'sausage, sausages',
  }),
  pork('bacon', 'Bacon', [53, 28, 15, 0, 3.2], {
    made: true,
    salt: 2.6,
    keeps: 14,
    sure: 'varies',
    also: 'streaky bacon, lardons, pancetta',
  }),
  pork('ham', 'Cooked ham', [73, 4, 19, 0, 3.2], {
    made: true,
    salt: 2.3,
    keeps: 7,
    sure: 'varies',
    also: 'ham, gammon',
  }),
  poultry('chickenThigh', 'Chicken thigh', [75.5, 4.8, 18.8, 0, 0.9], { also: 'chicken, chicken thighs' }),
  poultry('chickenBreast', 'Chicken breast', [75, 1.5, 22.3, 0, 1.1], { also: 'chicken breasts' }),
  poultry('chickenCooked', 'Chicken, cooked', [65, 6.5, 27, 0, 1.2], {
    keeps: 3,
    also: 'cooked chicken, roast chicken, shredded chicken',
  }),
  poultry('turkey', 'Turkey', [74, 2.5, 22.3, 0, 1.1], { also: 'turkey mince, turkey breast' }),
  poultry('duck', 'Duck', [68, 13, 17.8, 0, 0.9], { also: 'duck legs, duck breast' }),
  poultry('chickenLiver', 'Chicken liver', [76, 4.8, 17, 0, 1.2], { keeps: 1, also: 'livers, chicken livers' }),
  fish('whiteFish', 'White fish', [81, 0.7, 17.5, 0, 0.8], { also: 'cod, hake, pollock, haddock, fish' }),
  fish('smokedHaddock', 'Smoked haddock', [73, 0.6, 23.5, 0, 2.8], {
    salt: 2,
    keeps: 4,
    sure: 'varies',
    also: 'smoked fish, finnan',
  }),
  fish('salmon', 'Salmon', [65, 13.5, 20.3, 0, 1.1], { also: 'salmon fillet' }),
  fish('smokedSalmon', 'Smoked salmon', [65, 10, 21.5, 0, 3.4], { salt: 3, keeps: 10, sure: 'varies' }),
  fish('tuna', 'Tinned tuna', [73, 1, 24.5, 0, 1.4], {
    salt: 0.8,
    place: 'shelf',
    keeps: 900,
    also: 'tuna, canned tuna',
  }),
  fish('sardines', 'Tinned sardines', [60, 13.5, 23, 0, 3.2], {
    salt: 0.9,
    place: 'shelf',
    keeps: 900,
    also: 'sardine, pilchards',
  }),
  fish('anchovy', 'Anchovies', [50, 9.7, 28.9, 0, 11.3], { salt: 9.5, keeps: 180, also: 'anchovy fillets' }),
  sea('prawns', 'Prawns', [79, 0.8, 18.5, 0, 1.4], { has: ['crustaceans'], salt: 0.6, also: 'shrimp, shrimps, prawn' }),
  sea('crab', 'Crab meat', [77, 2, 18.5, 0, 1.9], { has: ['crustaceans'], salt: 0.9, also: 'crabmeat' }),
  sea('mussels', 'Mussels', [80.5, 2.2, 11.9, 0, 1.6], { has: ['molluscs'], salt: 0.7, also: 'mussel meat' }),
  bought('filo', 'Filo sheets', [31, 4, 8, 2.2, 2], { salt: 1.2, also: 'phyllo, filo pastry, fillo, yufka' }),
  bought('boughtPuff', 'Puff pastry, bought', [33, 24, 5.5, 1.5, 1.4], {
    salt: 0.9,
    curve: 'puffMargarine',
    also: 'puff pastry, ready-rolled puff',
  }),
  bought('boughtButterPuff', 'All-butter puff pastry, bought', [33, 24, 5.5, 1.5, 1.3], {
    salt: 0.9,
    curve: 'butter',
    has: ['gluten', 'wheat', 'milk'],
    origin: 'milk',
    also: 'all-butter puff',
  }),
  bought('boughtShortcrust', 'Shortcrust, bought', [21, 27, 5.8, 1.8, 1.3], {
    salt: 0.9,
    curve: 'bakingMargarine',
    also: 'shortcrust pastry, pie crust, ready-made shortcrust',
  }),
  bought('fruitFilling', 'Fruit filling', [70, 0.2, 0.5, 1.2, 0.3], {
    has: [],
    sugar: 22,
    bulk: 1.1,
    also: 'pie filling',
  }),
  bought('custard', 'Custard', [70, 7, 4.5, 0, 1], {
    origin: 'milk',
    has: ['egg'],
    curve: 'butter',
    sugar: 14,
    bulk: 1.1,
    keeps: 3,
  }),
] as const;
