import { readWords, type WordKind } from './readWords';

const said = (text: string) =>
  readWords(text).understood.map((u): [WordKind, string | number, string] => [
    u.kind,
    u.value,
    text.slice(u.from, u.to),
  ]);

describe('the words of a brief', () => {
  it('say how many, what and for whom; what is not understood stays open', () => {
    const text =
      'A lantern supper on the quay, eighteen of us. Something warm in the hand, a fish pie to share, something green. Not too late.';
    expect(said(text)).toEqual([
      ['mouths', 18, 'eighteen of us'],
      ['product', 'handPies', 'in the hand'],
      ['product', 'dishPie', 'fish pie to share'],
      ['filling', 'something green', 'something green'],
    ]);
    expect(readWords(text).open.map((o) => text.slice(o.from, o.to))).toEqual([
      'A lantern supper on the quay',
      'Not too late',
    ]);
  });
  it.each([
    [
      'Pasties for six at half past seven',
      [
        ['mouths', 6],
        ['product', 'handPies'],
        ['time', '19:30'],
      ],
    ],
    [
      'We are 12, at 18:30, one vegetarian',
      [
        ['mouths', 12],
        ['time', '18:30'],
        ['need', 'vegetarian'],
      ],
    ],
    [
      'Ada is allergic to nuts, no eggs for Bo, mild please',
      [
        ['need', 'nuts'],
        ['need', 'egg'],
        ['mild', 'mild'],
      ],
    ],
    [
      'a coil with spinach and cheese at 7',
      [
        ['product', 'filoCoil'],
        ['filling', 'spinach'],
        ['filling', 'cheese'],
        ['time', '19:00'],
      ],
    ],
  ] as const)('%s', (text, wanted) => {
    const found = said(text).map(([kind, value]) => [kind, value]);
    for (const w of wanted) expect(found).toContainEqual([...w]);
  });
  it.each(['', '   ', '!!!', 'чай', '99 red balloons', 'x'.repeat(2000)])('of %j say nothing', (text) => {
    expect(readWords(text).understood).toEqual([]);
  });
});
