import type { Figure } from '@crustallum/core/plan/figure';
import { fireEvent, render, screen } from '@testing-library/react';
import { MarginNumber } from './MarginNumber';
import { NumberField } from './NumberField';
import { Pick } from './Pick';
import { Rule } from './Rule';
import { TextField } from './TextField';

const rule = { min: 30, max: 100, unit: '%', integer: false };

describe('a typed number', () => {
  const field = (onChange: (v: number) => void, value = 75) => {
    render(<NumberField label="Fat" value={value} rule={rule} unit="%" onChange={onChange} />);
    return screen.getByRole<HTMLInputElement>('textbox');
  };
  it('is taken when it can be used, with point or comma', () => {
    const taken: number[] = [];
    const input = field((v) => taken.push(v));
    fireEvent.change(input, { target: { value: '70.5' } });
    fireEvent.change(input, { target: { value: '71,5' } });
    expect(taken).toEqual([70.5, 71.5]);
  });
  it.each(['', 'much', '-4', '900', 'NaN', '1e99', '  '])(
    'stays as typed but is not taken when it is "%s"',
    (typed) => {
      const taken: number[] = [];
      const input = field((v) => taken.push(v));
      fireEvent.change(input, { target: { value: typed } });
      expect(taken).toEqual([]);
      expect(input.value).toBe(typed);
      expect(screen.getByRole('alert').textContent).toBe('Fat: 30 to 100 %');
      expect(input.getAttribute('aria-invalid')).toBe('true');
    },
  );
  it('is shown in centimetres and kept in millimetres', () => {
    const taken: number[] = [];
    render(
      <NumberField
        label="Cutter"
        value={92}
        rule={{ min: 40, max: 250, unit: 'mm', integer: false }}
        unit="cm"
        scale={0.1}
        places={1}
        onChange={(v) => taken.push(v)}
      />,
    );
    const input = screen.getByRole<HTMLInputElement>('textbox');
    expect(input.value).toBe('9.2');
    fireEvent.change(input, { target: { value: '10.0' } });
    expect(taken).toEqual([100]);
    fireEvent.change(input, { target: { value: '2' } });
    expect(screen.getByRole('alert').textContent).toBe('Cutter: 4 to 25 cm');
  });
});

describe('a rule', () => {
  const show = (value: number, onChange: (v: number) => void = () => undefined) =>
    render(<Rule label="Fat" value={value} rule={rule} step={1} unit="%" good={[50, 80]} onChange={onChange} />);
  it('moves by one with − and +', () => {
    const taken: number[] = [];
    show(75, (v) => taken.push(v));
    fireEvent.click(screen.getByRole('button', { name: 'less: Fat' }));
    fireEvent.click(screen.getByRole('button', { name: 'more: Fat' }));
    expect(taken).toEqual([74, 76]);
  });
  it('goes no further than its ends', () => {
    show(30);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'less: Fat' }).disabled).toBe(true);
  });
  it('slides by the arrow keys', () => {
    const taken: number[] = [];
    show(75, (v) => taken.push(v));
    fireEvent.keyDown(screen.getByRole('slider'), { key: 'ArrowRight' });
    expect(taken).toEqual([76]);
  });
});

describe('a pick', () => {
  it('chooses a word and never none', () => {
    const taken: string[] = [];
    render(
      <Pick
        label="Fan"
        value="off"
        options={
          [
            ['off', 'off'],
            ['on', 'on'],
          ] as const
        }
        onChange={(w) => taken.push(w)}
      />,
    );
    fireEvent.click(screen.getByRole('radio', { name: 'on' }));
    fireEvent.click(screen.getByRole('radio', { name: 'off' }));
    expect(taken).toEqual(['on']);
  });
});

describe('a margin number', () => {
  const figure: Figure = {
    value: 73.2,
    unit: 'min',
    range: [61, 89],
    reason: {
      code: 'folds.rest',
      values: { fromC: 13, toC: 8.5, springMin: 25, bound: 'heat' },
      source: 'cold.chill',
      certainty: 'physics',
    },
  };
  it('says what, how much, how sure and because', () => {
    render(<MarginNumber name="Rest between turns" figure={figure} />);
    expect(screen.getByRole('button', { name: /Rest between turns: 73 min/ })).toBeTruthy();
    expect(screen.getByText(/61–89/)).toBeTruthy();
    expect(screen.getByText(/it must fall from 13.0° to 8.5°/)).toBeTruthy();
  });
  it('opens what went in, the source and how sure we are', () => {
    render(<MarginNumber name="Rest between turns" figure={figure} />);
    fireEvent.click(screen.getByRole('button', { name: /Rest between turns/ }));
    expect(screen.getByRole('dialog').textContent).toMatch(/spring25 min.*physics, coefficients/);
  });
  it('is a dash when it cannot be worked out', () => {
    render(<MarginNumber name="Rest" figure={{ ...figure, value: null }} />);
    expect(screen.getByRole('button', { name: /Rest: –/ })).toBeTruthy();
  });
});

describe('a line of words', () => {
  it('keeps an emptied name on screen but does not take it', () => {
    const taken: string[] = [];
    render(<TextField label="Called" value="squash" max={20} onChange={(w) => taken.push(w)} />);
    const input = screen.getByRole<HTMLInputElement>('textbox', { name: 'Called' });
    fireEvent.change(input, { target: { value: '' } });
    expect(taken).toEqual([]);
    expect(input.getAttribute('aria-invalid')).toBe('true');
  });
});

describe('a note', () => {
  it('may be emptied again, and is not called wrong for it', () => {
    const taken: string[] = [];
    render(<TextField label="A note" value="flat" max={20} rows={2} optional onChange={(w) => taken.push(w)} />);
    const input = screen.getByRole<HTMLTextAreaElement>('textbox', { name: 'A note' });
    fireEvent.change(input, { target: { value: '' } });
    expect(taken).toEqual(['']);
    expect(input.getAttribute('aria-invalid')).toBe('false');
  });
});
