import { recipesOn } from './apart';
import { corpus } from '../testing/recipeCorpus';

const leek = `Leek pie for the quay

Ingredients
300 g plain flour
150 g butter
a pinch of salt
3 leeks

Method
Rub in, rest an hour.

Line a 23 cm tin. Bake at 190 °C for 45 minutes.`;
const plum = `Plum turnovers

Pastry
250 g flour
180 g butter

Filling
400 g plums
2 tbsp flour

Bake at 200 °C for 25 minutes.`;
const titles = (text: string) => recipesOn(text).map((r) => r.title);

describe('recipes on one page', () => {
  it('of two are told apart, and nothing of the page is lost', () => {
    const page = `${leek}\n\n\n${plum}`;
    expect(titles(page)).toEqual(['Leek pie for the quay', 'Plum turnovers']);
    const words = (text: string) => text.split(/\s+/).filter(Boolean).join(' ');
    expect(
      words(
        recipesOn(page)
          .map((r) => r.text)
          .join('\n'),
      ),
    ).toBe(words(page));
    expect(titles(`${plum}\n\n${leek}\n\n${plum}`)).toHaveLength(3);
  });
  it('one with several parts, notes and bakes stays one', () => {
    expect(titles(`${plum}\n\nNotes\nThe dough of 300 g flour keeps. Bake at 190 °C another day.`)).toEqual([
      'Plum turnovers',
    ]);
    expect(titles(`${leek}\n\nSomething with tea\n2 tbsp flour and a biscuit`)).toEqual(['Leek pie for the quay']);
    for (const { text } of corpus) expect(recipesOn(text)).toHaveLength(1);
  });
  it('of linked data each object is one', () => {
    const one = (name: string) => ({ '@type': 'Recipe', name, recipeIngredient: ['250 g flour'] });
    expect(titles(JSON.stringify({ '@graph': [one('Leek pie'), { '@type': 'Person' }, one('Plum pie')] }))).toEqual([
      'Leek pie',
      'Plum pie',
    ]);
  });
});
