import { render } from '@testing-library/react';
import { GroundRuler, Measure } from './Measure';
import { ItemSign } from './signs';

const drawn = (children: React.ReactNode) => render(<svg>{children}</svg>).container;
const numbers = (root: Element, selector: string, name: string) =>
  [...root.querySelectorAll(selector)].map((e) => Number(e.getAttribute(name)));

describe('a dimension line', () => {
  it('has a slash at each end and its value in a gap of the line', () => {
    const root = drawn(<Measure x1={0} x2={200} y1={20} y2={20} text="40 cm" />);
    const lines = root.querySelectorAll('line');
    expect(lines).toHaveLength(4);
    const [left, right] = lines;
    const gap = Number(right?.getAttribute('x1')) - Number(left?.getAttribute('x2'));
    expect(gap).toBeGreaterThan(5 * 7);
    expect(root.querySelector('text')?.textContent).toBe('40 cm');
  });
  it('standing up has its value turned beside it', () => {
    const root = drawn(<Measure x1={10} x2={10} y1={0} y2={120} text="20 cm" />);
    expect(root.querySelector('text')?.getAttribute('transform')).toMatch(/^rotate\(-90/);
    expect(root.querySelectorAll('line')).toHaveLength(3);
  });
  it('without a value is one whole line', () => {
    expect(drawn(<Measure x1={0} x2={50} y1={0} y2={0} />).querySelectorAll('line')).toHaveLength(3);
  });
});

describe('the ruler on the ground', () => {
  it('has a tick a centimetre, longer at five and ten, and names the tens', () => {
    const root = drawn(<GroundRuler x={20} y={100} cm={25} pxPerCm={8} />);
    const ticks = [...root.querySelectorAll('line')].slice(1);
    expect(ticks).toHaveLength(26);
    const long = (i: number) => Number(ticks[i]?.getAttribute('y2')) - 100;
    expect([long(0), long(1), long(5), long(10)]).toEqual([12, 5, 8, 12]);
    expect([...root.querySelectorAll('text')].map((t) => t.textContent)).toEqual(['0', '10', '20 cm']);
  });
  it('stands where the scale puts its centimetres', () => {
    const root = drawn(<GroundRuler x={5} y={0} cm={12} pxPerCm={10} />);
    expect(numbers(root, 'text', 'x')).toEqual([5, 105]);
    expect(numbers(root, 'line', 'x2')[0]).toBe(125);
  });
});

describe('the signs of pies', () => {
  it('are each another drawing, and of the size asked for', () => {
    const shapes = (['lantern', 'dish', 'coil'] as const).map((sign) => {
      const { container } = render(<ItemSign sign={sign} size={24} />);
      expect(container.querySelector('svg')?.getAttribute('width')).toBe('24');
      return container.innerHTML;
    });
    expect(new Set(shapes).size).toBe(3);
  });
});
