import { row } from '../ingredient';

const flour = row('flour', { bulk: 0.53, keeps: 365, has: ['gluten', 'wheat'] });
const free = row('flour', { bulk: 0.52, keeps: 300 });
const starch = row('starch', { bulk: 0.54, keeps: 700 });

export const dryGoods = [
  flour('flour', 'Plain flour', [13, 1.4, 10.5, 3, 0.5], {
    also: 'flour, all-purpose flour, white flour, wheat flour, plain white flour',
  }),
  flour('strongFlour', 'Strong white flour', [13, 1.4, 12.5, 3, 0.55], {
    also: 'bread flour, strong flour, hard flour, high-protein flour',
  }),
  flour('veryStrongFlour', 'Very strong white flour', [13, 1.5, 14.5, 3, 0.6], {
    also: 'very strong flour, high-gluten flour, canadian flour',
  }),
  flour('softFlour', 'Soft white flour', [13, 1.2, 8.5, 2.5, 0.45], {
    also: 'cake flour, pastry flour, soft flour, sponge flour',
    bulk: 0.48,
  }),
  flour('flour405', 'Flour, 0.4 % ash', [13.5, 1, 9.8, 2.8, 0.4], { also: 'type 405, t45, 00 flour, fine flour' }),
  flour('flour550', 'Flour, 0.55 % ash', [13.5, 1.1, 11, 3, 0.55], { also: 'type 550, t55' }),
  flour('flour1050', 'Flour, 1.05 % ash', [13, 1.8, 12, 5, 1.05], {
    also: 'type 1050, t110, half-white flour, brown flour',
  }),
  flour('wholemeal', 'Wholemeal flour', [12, 2.2, 13, 10.5, 1.5], {
    also: 'wholemeal, whole wheat flour, wholewheat flour, graham flour',
    bulk: 0.51,
    keeps: 180,
  }),
  flour('selfRaising', 'Self-raising flour', [12.5, 1.2, 9.5, 3, 3], {
    made: true,
    salt: 0.8,
    also: 'self-raising, self-rising flour, sr flour',
    sure: 'varies',
  }),
  flour('spelt', 'White spelt flour', [12.5, 1.8, 12.5, 4, 0.7], { also: 'spelt flour, dinkel flour' }),
  flour('wholeSpelt', 'Wholemeal spelt flour', [12, 2.6, 14, 9, 1.6], {
    also: 'wholegrain spelt flour',
    bulk: 0.5,
    keeps: 180,
  }),
  flour('rye', 'Rye flour, light', [13, 1.3, 8.5, 7, 0.8], { has: ['gluten'], also: 'rye flour, light rye' }),
  flour('darkRye', 'Rye flour, dark', [12.5, 2, 10.5, 14, 1.6], {
    has: ['gluten'],
    also: 'wholegrain rye flour',
    keeps: 180,
  }),
  flour('barley', 'Barley flour', [12, 1.6, 10.5, 10, 1.1], { has: ['gluten'] }),
  flour('oatFlour', 'Oat flour', [9, 8, 14, 8, 1.7], { has: ['gluten'], bulk: 0.44, keeps: 150, also: 'ground oats' }),
  flour('oats', 'Rolled oats', [9, 7, 13, 10, 1.8], {
    has: ['gluten'],
    bulk: 0.38,
    keeps: 300,
    also: 'oats, porridge oats, oatmeal',
  }),
  flour('semolina', 'Semolina', [12, 1.1, 12, 3.9, 0.8], { bulk: 0.7, also: 'durum semolina, coarse durum' }),
  flour('breadcrumbs', 'Dry breadcrumbs', [6.5, 5, 13, 4.5, 2.8], {
    made: true,
    salt: 1.4,
    bulk: 0.46,
    keeps: 180,
    also: 'breadcrumbs, bread crumbs, dried crumbs',
    sure: 'varies',
  }),
  flour('freshCrumbs', 'Fresh breadcrumbs', [36, 3, 9, 3, 2], {
    made: true,
    salt: 1.1,
    bulk: 0.19,
    keeps: 3,
    also: 'fresh bread crumbs, soft crumbs',
    sure: 'varies',
  }),
  free('riceFlour', 'Rice flour', [12, 1.4, 6, 2.4, 0.6], { bulk: 0.63, also: 'white rice flour, ground rice' }),
  free('maizeMeal', 'Maize meal', [11, 3.5, 8, 7, 1.1], { bulk: 0.62, also: 'cornmeal, corn meal, polenta' }),
  free('buckwheat', 'Buckwheat flour', [12, 2.7, 11, 8, 1.7], { also: 'buckwheat, sarrasin' }),
  free('chickpeaFlour', 'Chickpea flour', [10, 6.7, 22, 11, 2.8], {
    bulk: 0.39,
    also: 'gram flour, besan, garbanzo flour',
  }),
  free('lupinFlour', 'Lupin flour', [9, 8.5, 40, 27, 3], { has: ['lupin'], also: 'sweet lupin flour, lupin meal' }),
  free('glutenFreeBlend', 'Gluten-free flour blend', [11, 1.3, 4.5, 3, 0.7], {
    made: true,
    sure: 'varies',
    also: 'gluten free flour, gf flour',
  }),
  starch('starch', 'Starch', [12, 0.1, 0.3, 0.2, 0.2], { also: 'wheat starch', has: ['gluten', 'wheat'] }),
  starch('cornflour', 'Maize starch', [12, 0.1, 0.3, 0.2, 0.1], {
    also: 'cornflour, cornstarch, corn starch, corn flour',
  }),
  starch('potatoStarch', 'Potato flour', [17, 0.1, 0.2, 0.2, 0.3], { bulk: 0.68, also: 'potato starch, farina' }),
  starch('tapioca', 'Tapioca starch', [12, 0.1, 0.2, 0.2, 0.1], { bulk: 0.5, also: 'tapioca flour, cassava starch' }),
  starch('arrowroot', 'Arrowroot', [12, 0.1, 0.3, 0.3, 0.2], { also: 'arrowroot powder' }),
  starch('gelatine', 'Gelatine, powdered', [12, 0.1, 86, 0, 1.5], {
    made: true,
    origin: 'beef',
    bulk: 0.65,
    also: 'gelatin, gelatine leaves',
    sure: 'varies',
  }),
] as const;
