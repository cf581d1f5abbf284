import type { FillingInput } from '../../contracts/filling';
import type { FillType } from '../../oven/tables';
import { finishedPer100 } from '../stations/filling/result';
import { readyNames, type ReadyName } from './readyNames';

/** A filling to begin from: everything of its document but what the pastry and the place decide. */
export type ReadyFilling = Pick<
  FillingInput,
  'name' | 'type' | 'saltPct' | 'cookedC' | 'cookMinutes' | 'diceMm' | 'ingredients'
> & { layered?: boolean };

interface Recipe {
  type: FillType;
  saltPct: number;
  cookedC: number;
  cookMinutes: number;
  diceMm: number;
  layered?: true;
  list: Record<string, number>;
}
const raw = { cookedC: 4, cookMinutes: 0 } as const;
const cooked = (cookMinutes: number, cookedC = 85) => ({ cookedC, cookMinutes });

/** Proportions of our own, by what is bought; they are scaled so that what is ready fills the pie. */
const recipes: Record<ReadyName, Recipe> = {
  braisedBeef: {
    type: 'mince_cooked',
    saltPct: 0.9,
    ...cooked(90),
    diceMm: 10,
    list: { 'Stewing beef': 95, Onion: 30, Carrot: 15, 'Tomato paste': 3, 'Plain flour': 3 },
  },
  beefAndAle: {
    type: 'stew_thick',
    saltPct: 0.8,
    ...cooked(120),
    diceMm: 18,
    list: { 'Stewing beef': 80, Onion: 25, Carrot: 18, Mushrooms: 20, Beer: 30, Stock: 20, 'Plain flour': 4 },
  },
  beefKidney: {
    type: 'stew_thick',
    saltPct: 0.8,
    ...cooked(120),
    diceMm: 16,
    list: { 'Stewing beef': 70, Kidney: 25, Onion: 25, Stock: 45, 'Plain flour': 4 },
  },
  beefPotatoSwede: {
    type: 'pasty_raw',
    saltPct: 1,
    ...raw,
    diceMm: 10,
    layered: true,
    list: { 'Stewing beef': 42, Potato: 30, Swede: 18, Onion: 14 },
  },
  spicedLambPeas: {
    type: 'mince_cooked',
    saltPct: 1,
    ...cooked(35),
    diceMm: 6,
    list: { 'Lamb mince': 95, Onion: 30, Peas: 20, Cumin: 0.5, Paprika: 0.6, 'Tomato paste': 3 },
  },
  lambOnion: {
    type: 'lamb_onion_raw',
    saltPct: 1,
    ...raw,
    diceMm: 8,
    list: { 'Lamb, diced': 70, Onion: 36, Cumin: 0.5, 'Black pepper': 0.2 },
  },
  porkSage: {
    type: 'pork_raw',
    saltPct: 1,
    ...raw,
    diceMm: 6,
    list: { 'Pork mince': 85, Onion: 10, 'Fresh breadcrumbs': 8, Sage: 0.5 },
  },
  porkAppleLayers: {
    type: 'pasty_raw',
    saltPct: 1,
    ...raw,
    diceMm: 9,
    layered: true,
    list: { 'Pork shoulder': 45, Parsnip: 28, Apple: 16, Leek: 20 },
  },
  chickenLeek: {
    type: 'chicken_cream',
    saltPct: 0.9,
    ...cooked(40),
    diceMm: 15,
    list: { 'Chicken, cooked': 50, Leek: 30, 'Whole milk': 38, Butter: 3, 'Plain flour': 2.4 },
  },
  chickenMushroom: {
    type: 'chicken_cream',
    saltPct: 0.9,
    ...cooked(35),
    diceMm: 15,
    list: {
      'Chicken thigh': 65,
      Mushrooms: 40,
      Onion: 15,
      'Cream, 35 %': 12,
      Stock: 30,
      Butter: 4,
      'Plain flour': 4.2,
    },
  },
  turkeyHam: {
    type: 'chicken_cream',
    saltPct: 0.5,
    ...cooked(30),
    diceMm: 15,
    list: {
      'Chicken, cooked': 45,
      'Cooked ham': 18,
      Onion: 12,
      Cider: 15,
      'Whole milk': 28,
      'Maize starch': 1.6,
      Butter: 3,
    },
  },
  hamPeas: {
    type: 'chicken_cream',
    saltPct: 0.4,
    ...cooked(20),
    diceMm: 12,
    list: { 'Cooked ham': 40, Peas: 25, 'Whole milk': 42, Butter: 3.5, 'Plain flour': 3.2, Mustard: 1 },
  },
  smokedHaddockLeek: {
    type: 'stew_thick',
    saltPct: 0.5,
    ...cooked(25),
    diceMm: 20,
    list: { 'Smoked haddock': 55, Leek: 40, 'Whole milk': 38, Butter: 3.5, 'Plain flour': 3 },
  },
  whiteFishPrawn: {
    type: 'fish_raw',
    saltPct: 0.8,
    ...raw,
    diceMm: 20,
    list: { 'White fish': 70, Prawns: 20, 'Cream, 35 %': 8, Dill: 0.6, 'Maize starch': 1 },
  },
  salmonSpinach: {
    type: 'fish_raw',
    saltPct: 0.7,
    ...raw,
    diceMm: 20,
    list: { Salmon: 65, Spinach: 60, 'Soft cheese, full fat': 18, Dill: 0.5 },
  },
  greensCheese: {
    type: 'greens_cheese',
    saltPct: 0.6,
    ...cooked(25, 70),
    diceMm: 10,
    list: { Spinach: 110, Ricotta: 40, Onion: 15, Egg: 8 },
  },
  chardBrinedCheese: {
    type: 'greens_cheese',
    saltPct: 0,
    ...cooked(25, 70),
    diceMm: 10,
    list: { Chard: 110, 'Brined white cheese': 14, Ricotta: 20, 'Spring onion': 12, Egg: 8, Dill: 0.5 },
  },
  cheeseEgg: {
    type: 'cheese_egg',
    saltPct: 0.2,
    ...raw,
    cookedC: 10,
    diceMm: 6,
    list: { Ricotta: 45, 'Brined white cheese': 30, Egg: 25, Mint: 0.4 },
  },
  cheesePotato: {
    type: 'potato_mash',
    saltPct: 0.7,
    ...cooked(25, 80),
    diceMm: 12,
    list: { Potato: 75, Onion: 20, 'Mature hard cheese, grated': 22, Butter: 3 },
  },
  leekPotato: {
    type: 'potato_mash',
    saltPct: 1,
    ...cooked(25, 80),
    diceMm: 12,
    list: { Potato: 60, Leek: 40, 'Cream, 35 %': 10, Butter: 4 },
  },
  leekCustard: {
    type: 'custard',
    saltPct: 0.5,
    ...cooked(15, 20),
    diceMm: 10,
    list: { Leek: 45, Egg: 25, 'Whole milk': 25, 'Mature hard cheese, grated': 15 },
  },
  spicedVegetables: {
    type: 'potato_mash',
    saltPct: 1,
    ...cooked(25, 80),
    diceMm: 10,
    list: { Potato: 45, Carrot: 30, Onion: 25, Peas: 15, Butter: 4, 'Curry powder': 1 },
  },
  squashChestnut: {
    type: 'potato_mash',
    saltPct: 1,
    ...cooked(30, 80),
    diceMm: 12,
    list: { 'Winter squash': 105, Onion: 20, 'Chestnuts, cooked': 25, 'Olive oil': 3, Sage: 0.5 },
  },
  beansGreens: {
    type: 'roll_savoury',
    saltPct: 1,
    ...cooked(20, 75),
    diceMm: 10,
    list: { 'White beans, cooked': 55, Chard: 50, Onion: 20, 'Olive oil': 4, Garlic: 1 },
  },
  lentilsMushroom: {
    type: 'mince_cooked',
    saltPct: 1,
    ...cooked(30),
    diceMm: 8,
    list: { 'Lentils, cooked': 60, Mushrooms: 45, Onion: 25, Carrot: 15, 'Tomato paste': 4, 'Olive oil': 3 },
  },
  stewedApple: {
    type: 'fruit_cooked',
    saltPct: 0,
    ...cooked(15),
    diceMm: 15,
    list: { 'Cooking apple': 110, 'White sugar': 12, 'Lemon juice': 2 },
  },
  rawApple: {
    type: 'apple_raw',
    saltPct: 0,
    ...raw,
    cookedC: 18,
    diceMm: 15,
    list: { 'Cooking apple': 120, 'White sugar': 13, Cinnamon: 0.3, 'Plain flour': 2 },
  },
  plums: {
    type: 'berry_raw',
    saltPct: 0,
    ...raw,
    cookedC: 18,
    diceMm: 20,
    list: { Plum: 95, 'White sugar': 14, 'Maize starch': 1.2 },
  },
  berriesStarch: {
    type: 'berry_raw',
    saltPct: 0,
    ...raw,
    cookedC: 12,
    diceMm: 15,
    list: { Berries: 95, 'White sugar': 14, 'Maize starch': 1.8, 'Lemon juice': 1 },
  },
  rhubarbAlmond: {
    type: 'berry_raw',
    saltPct: 0,
    ...raw,
    cookedC: 12,
    diceMm: 20,
    list: { Rhubarb: 95, 'White sugar': 28, 'Ground almonds': 8, 'Maize starch': 2.6 },
  },
};

/** What is made at once when a proportion is worked out, g: steam goes by the pan, not by what is in it. */
const usualLotG = 1500;
const tenth = (v: number): number => Math.round(v * 10) / 10;

function made(name: ReadyName): ReadyFilling {
  const { list, ...recipe } = recipes[name];
  const title = readyNames[name];
  const asListed = Object.entries(list).map(([thing, gramsPer100]) => ({ name: thing, gramsPer100 }));
  const of = (factor: number): ReadyFilling => ({
    name: title,
    ...recipe,
    ingredients: asListed.map((i) => ({ ...i, gramsPer100: tenth(i.gramsPer100 * factor) })),
  });
  let factor = 1;
  // steam does not grow with the pot: a few rounds find it
  for (let round = 0; round < 4; round++) {
    const finished = finishedPer100({ ...of(factor), fullnessPct: 100, coolIn: 'trays', coolAt: 'room' }, usualLotG);
    factor *= 100 / (finished ?? 100);
  }
  return of(factor);
}

const known = new Map<ReadyName, ReadyFilling>();
/** A ready filling, its list so that what is ready fills the pie. Names and proportions are ours. */
export function readyFilling(name: ReadyName): ReadyFilling {
  const there = known.get(name) ?? made(name);
  known.set(name, there);
  return there;
}
