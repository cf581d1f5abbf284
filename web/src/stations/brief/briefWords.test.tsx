import { fireEvent, render, screen } from '@testing-library/react';
import { BriefWords } from './BriefWords';
import type { Product } from '@crustallum/core/contracts/products';
import type { MealInput } from '@crustallum/core/contracts/meal';

const meal = (words: string): MealInput => ({
  title: 'Supper',
  serveAt: '2036-12-12T18:30',
  mouthCount: 8,
  eaters: [],
  words,
});
function words(text: string, products: readonly Product[] = []) {
  const [onMeal, onProduct] = [jest.fn(), jest.fn()];
  const shown = render(<BriefWords meal={meal(text)} products={products} onMeal={onMeal} onProduct={onProduct} />);
  return { onMeal, onProduct, shown };
}

describe('the words of the brief', () => {
  it('are underlined where they were understood and dotted where they stay open', () => {
    const { shown } = words('Pasties for six. Not too late.', ['handPies']);
    expect([...shown.container.querySelectorAll('.understood')].map((e) => e.textContent)).toEqual([
      'Pasties',
      'for six',
    ]);
    expect([...shown.container.querySelectorAll('.open')].map((e) => e.textContent)).toEqual(['Not too late']);
  });
  it('offer what they ask for and is not so yet; nothing is done unpressed', () => {
    const { onMeal, onProduct } = words('Pasties for six');
    expect(onMeal).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'Put in hand pies' }));
    expect(onProduct).toHaveBeenCalledWith('handPies');
    fireEvent.click(screen.getByRole('button', { name: '6 people' }));
    expect(onMeal).toHaveBeenCalledWith({ mouthCount: 6 });
  });
  it('ask who it is that must not meet something, until it is said of somebody', () => {
    words('Six of us, one allergic to nuts');
    expect(screen.getByText(/^no nuts: who is that\?/)).toBeTruthy();
  });
  it('move the hour, not the day', () => {
    const { onMeal } = words('On the table at half past seven');
    fireEvent.click(screen.getByRole('button', { name: 'On the table at 19:30' }));
    expect(onMeal).toHaveBeenCalledWith({ serveAt: '2036-12-12T19:30' });
  });
  it('that are none leave no trace', () => {
    expect(words('  ').shown.container.textContent).toBe('');
  });
});
