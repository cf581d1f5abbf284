import { remedyNames, whatIfNames, whatIfs } from '@crustallum/core/plan/questions/changes';
import { plainKitchen, starterItem } from '@crustallum/core/plan/starters';
import { leafLaying } from '@crustallum/core/lamination/leafLaying';
import { leafPieceKinds, leafPieces } from '@crustallum/core/filling/leafPieces';
import { actWords, stripActs } from './folds';
import { inHandWords, moreWords, repairWords, whatIfWords } from './outlook';

const items = [starterItem('handPies', 8, 'You', 'shortcrust'), starterItem('handPies', 8, 'You', 'roughPuff')];

describe('what could be otherwise', () => {
  it('has words for every question, told apart by pastry where it asks for something else', () => {
    const asked = items.map((item) => whatIfs(item, plainKitchen));
    expect(new Set(asked.flatMap((a) => Object.keys(a)))).toEqual(new Set(whatIfNames));
    for (const all of asked)
      for (const name of whatIfNames.filter((n) => n in all)) {
        const words = whatIfWords(name, all[name] ?? {});
        expect([name, words.length > 4]).toEqual([name, true]);
        expect(words).not.toMatch(/undefined|NaN/);
      }
    const [short, puff] = asked.map((all) => whatIfWords('thinChill', all.thinChill ?? {}));
    expect(short).not.toBe(puff);
    for (const item of items) expect(Object.keys(whatIfs(item, plainKitchen))).toContain('thinChill');
  });
  it('has words for every way out, with the dose it is offered in', () => {
    const values = { goes: 3, toC: 6.5, chillMoreMin: 12, pieces: 9, lots: 2, benchC: 4, fat: 'lard', roomC: 19 };
    const said = remedyNames.map((name) =>
      repairWords({ name, changes: {}, hereMin: 1, inHandMin: 1, moreMin: 0, values }),
    );
    expect(new Set(said).size).toBe(remedyNames.length);
    for (const words of said) expect(words).not.toMatch(/undefined|NaN/);
    expect(said).toContain('Close 9, chill 9: 2 lots');
    expect(said).toContain('Chill it to 6.5°, 12 min longer before');
  });
  it('says what it does to the hand and to the day', () => {
    expect([inHandWords(null), inHandWords(-3), inHandWords(4)]).toEqual([
      'nothing is tight',
      '3 min past the band',
      '4 min in hand',
    ]);
    expect([moreWords(0.2), moreWords(18), moreWords(-125)]).toEqual(['no longer', '18 min more', '2 h 05 less']);
  });
});

describe('laying leaves', () => {
  it('is told act by act in every shape', () => {
    const leaf = { leafLengthMm: 480, leafWidthMm: 300, leavesInStack: 3 };
    const tin = { tinLengthMm: 300, tinWidthMm: 220, brushGramsPerM2: 50 };
    const told = [
      ...(['tray', 'coil'] as const).flatMap((laying) =>
        leafLaying({ ...leaf, ...tin, laying }).acts.map((act) => actWords(act)),
      ),
      ...leafPieceKinds.flatMap((kind) =>
        stripActs({ ...leafPieces({ ...leaf, kind, stripMm: 70 }), kind, stripMm: 70 }, 3),
      ),
    ];
    for (const words of told) {
      expect(words.length).toBeGreaterThan(10);
      expect(words).not.toMatch(/undefined|NaN/);
    }
  });
});
