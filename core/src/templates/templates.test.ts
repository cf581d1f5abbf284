import fc from 'fast-check';
import { compute } from '../models';
import { cutOrder, layingOrder } from './cutOrder';
import { brokenInto, labelMm, labelSheet } from './labels';
import { cutMark, markings, marksOf } from './marks';
import { mostPages, pageLayout, paperPages, ruler, rulerMm, type PaperPage } from './pages';
import { inRows, pieceBox, pieceItems, piecesDrawing, type TemplatePiece } from './pieces';
import type { FlatDrawing, Primitive } from './primitives';
import { drawingSvg } from './svg';
import { ventMark, ventMarks } from './vents';

const disc = (d: number, x = 0, y = 0): TemplatePiece => ({ shape: { kind: 'disc', d }, x, y });
const plain = (w: number, h: number): FlatDrawing => ({ title: 'x', widthMm: w, heightMm: h, items: [] });
const named = (row: number, column: number) => `${row},${column}`;
const crosses = (page: PaperPage): [number, number][] =>
  page.marks.flatMap((m) => (m.kind === 'path' && m.closed ? [[m.points[0]?.[0] ?? 0, m.points[0]?.[1] ?? 0]] : []));

describe('the order pieces are cut in', () => {
  const piece = fc.record({
    x: fc.double({ min: 0, max: 500, noNaN: true }),
    y: fc.double({ min: 0, max: 400, noNaN: true }),
    sizeMm: fc.constantFrom(60, 92, 120),
  });
  it('names every piece once, larger ones first', () => {
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 40 }), (pieces) => {
        const order = cutOrder(pieces);
        expect([...order].sort((a, b) => a - b)).toEqual(pieces.map((_, i) => i));
        const sizes = order.map((i) => pieces[i]?.sizeMm ?? 0);
        expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
      }),
    );
  });
  it('begins at the lower left corner and walks rows back and forth', () => {
    const at = (x: number, y: number) => ({ x, y, sizeMm: 90 });
    expect(cutOrder([at(50, 140), at(140, 50), at(50, 50), at(140, 141)])).toEqual([2, 1, 3, 0]);
  });
});

describe('the order on a sheet', () => {
  const corners: [number, number][] = [
    [50, 50],
    [150, 50],
    [50, 350],
    [150, 350],
  ];
  it('is that of the sheet lying lengthways, however it was reckoned', () => {
    const lying = corners.map(([x, y]): [number, number] => [y, 200 - x]);
    expect(layingOrder({ shape: 'rect', w: 200, h: 400 }, corners, 90)).toEqual(
      layingOrder({ shape: 'rect', w: 400, h: 200 }, lying, 90),
    );
    expect(layingOrder({ shape: 'rect', w: 200, h: 400 }, corners, 90)[0]).toBe(1);
  });
  it('of a round sheet begins at its foot', () =>
    expect(layingOrder({ shape: 'round', d: 400 }, corners, 90)).toEqual([0, 1, 3, 2]));
});

describe('paper', () => {
  it('of any size drawn is covered by its pages, neighbours overlapping by a centimetre', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 900 }), fc.integer({ min: 20, max: 900 }), (w, h) => {
        const pages = paperPages(plain(w, h), 'A4', named);
        const last = pages[pages.length - 1];
        const step = [last.usable.w - pageLayout.overlap, last.usable.h - pageLayout.overlap] as const;
        expect(pages).toHaveLength(last.row * last.column);
        expect(step[0] * (last.column - 1) + last.usable.w).toBeGreaterThanOrEqual(w - 1e-9);
        expect(step[1] * (last.row - 1) + last.usable.h).toBeGreaterThanOrEqual(h - 1e-9);
      }),
    );
  });
  it('has its register marks at the same place of the drawing on both pages they join', () => {
    const [a, b] = paperPages(plain(300, 200), 'A4', named) as [PaperPage, PaperPage];
    const stepX = a.usable.w - pageLayout.overlap;
    expect(crosses(a).map(([x]) => x)).toContainEqual(expect.closeTo((crosses(b)[0]?.[0] ?? NaN) + stepX, 6));
    expect(crosses(paperPages(plain(100, 100), 'A4', named)[0])).toEqual([]);
  });
  it('carries rulers of exactly 100 mm, with eleven ticks', () => {
    for (const upright of [false, true]) {
      const [line, ...ticks] = ruler(10, 14, upright);
      const [p, q] = line?.kind === 'path' ? line.points : [];
      expect(Math.hypot((q?.[0] ?? 0) - (p?.[0] ?? 0), (q?.[1] ?? 0) - (p?.[1] ?? 0))).toBe(rulerMm);
      expect(ticks).toHaveLength(11);
    }
  });
  it('is refused over thirty pages, and the count is named', () => {
    expect(() => paperPages(plain(2000, 2000), 'A4', named)).toThrow('too_many');
    expect(paperPages(plain(900, 700), 'A4', named).length).toBeLessThanOrEqual(mostPages);
  });
  it('moves the drawing with each page', () => {
    const drawing = { ...plain(300, 100), items: [{ kind: 'circle', x: 5, y: 5, r: 2 } as Primitive] };
    const at = paperPages(drawing, 'A4', named).map((p) => (p.drawing[0]?.kind === 'circle' ? p.drawing[0].x : NaN));
    expect(at[0]).toBe(pageLayout.margin + 5);
    for (const x of at.slice(1)) expect(x).toBeLessThan(0);
  });
});

describe('a piece drawn', () => {
  it('is as large as it is cut, turned or not', () => {
    expect(pieceBox({ shape: { kind: 'rect', a: 80, b: 40 }, x: 0, y: 0, turn: 90 })).toEqual({ w: 40, h: 80 });
    expect(pieceBox({ shape: { kind: 'oval', a: 80, b: 40 }, x: 0, y: 0 })).toEqual({ w: 80, h: 40 });
  });
  it('shows its rim, number, word and vents', () => {
    const items = pieceItems({
      ...disc(92),
      rimMm: 12,
      number: 7,
      label: 'lid',
      vent: { mark: 'slits', slits: 3, slitMm: 24 },
    });
    expect(items.filter((i) => i.kind === 'circle').map((i) => i.r)).toEqual([46, 34]);
    expect(items.flatMap((i) => (i.kind === 'text' ? [i.text] : []))).toEqual(['7', 'lid']);
    expect(items.filter((i) => i.kind === 'path')).toHaveLength(3);
  });
  it('in rows overlaps none of the others and keeps to the width', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 20, max: 150 }), { minLength: 1, maxLength: 12 }), (sizes) => {
        const placed = inRows(
          sizes.map((d) => ({ shape: { kind: 'disc' as const, d } })),
          190,
        );
        placed.forEach((p, i) => {
          const a = pieceBox(p);
          expect(p.x + a.w).toBeLessThanOrEqual(190 + 1e-9);
          for (const q of placed.slice(i + 1)) {
            const b = pieceBox(q);
            expect(p.x + a.w <= q.x || q.x + b.w <= p.x || p.y + a.h <= q.y || q.y + b.h <= p.y).toBe(true);
          }
        });
      }),
    );
  });
  it.each(ventMarks.map((m) => [m]))('can be told by its mark: %s', (mark) =>
    expect(ventMark(mark, [0, 0], 10).length).toBeGreaterThan(0),
  );
});

describe('SVG', () => {
  const svg = drawingSvg(piecesDrawing('Lids & <bases>', [{ ...disc(100), label: '“Zoë”' }], { w: 120, h: 110 }));
  it('is in millimetres, and opens at its own size', () => {
    expect(svg).toContain('width="128mm" height="118mm" viewBox="0 0 128 118"');
    expect(svg).toContain('r="50"');
  });
  it('escapes what it is told to write', () => {
    expect(svg).toContain('<title>Lids &#38; &#60;bases&#62;</title>');
    expect(svg).not.toContain('<bases>');
  });
});

describe('labels', () => {
  it('stand three across, each name and line on its own label', () => {
    const sheet = labelSheet(
      'Labels',
      ['A', 'B', 'C', 'D'].map((name) => ({ name, lines: ['no nuts, mild'], mark: cutMark(2) })),
    );
    expect(sheet.widthMm).toBe(3 * labelMm.w + 2 * labelMm.apart);
    expect(sheet.heightMm).toBe(2 * labelMm.h + labelMm.apart);
    expect(sheet.items.flatMap((i) => (i.kind === 'text' ? [i.text] : []))).toEqual(
      ['A', 'B', 'C', 'D'].flatMap((n) => [n, 'no nuts, mild']),
    );
  });
  it('break long lines between words and leave a long word whole', () => {
    expect(brokenInto('pastry has wheat, milk and egg', 16)).toEqual(['pastry has', 'wheat, milk and', 'egg']);
    expect(brokenInto('Donaudampfschifffahrt', 10)).toEqual(['Donaudampfschifffahrt']);
  });
});

describe('marks of pieces', () => {
  const anyLots = fc.array(fc.array(fc.stringMatching(/^[A-Z][a-z]{2,7}$/), { minLength: 1, maxLength: 2 }), {
    minLength: 1,
    maxLength: 9,
  });
  it('are never the same for two lots, whatever they are made of and whoever they are for', () => {
    fc.assert(
      fc.property(fc.constantFrom(...markings), anyLots, (by, lots) => {
        const marks = marksOf(by, lots).map((m) => JSON.stringify(m));
        expect(new Set(marks).size).toBe(lots.length);
      }),
    );
  });
  it('take as many letters as tell the names apart, and cuts where nothing does', () => {
    const letters = (...names: string[]) =>
      marksOf(
        'initials',
        names.map((n) => [n]),
      ).map((m) => (m.by === 'initials' ? m.letters : m.by));
    expect(letters('Noor', 'Yara')).toEqual(['N', 'Y']);
    expect(letters('Noor', 'Nils')).toEqual(['NO', 'NI']);
    expect(letters('Noor', 'Noor')).toEqual(['cuts', 'cuts']);
  });
  it('are no seeds that lie on all pieces anyway', () => {
    for (const mark of marksOf('seeds', [['a'], ['b'], ['c']], 'poppySeed'))
      expect(mark.by === 'seeds' ? mark.seed : '').not.toBe('poppySeed');
  });
});

describe('the models of templates', () => {
  it('answer with the drawing and its pages, and name what is wrong', () => {
    const ask = (d: number) =>
      compute('templates.drawing', {
        title: 'Lids',
        paper: 'A4',
        pieces: [{ shape: { kind: 'disc', d }, x: 0, y: 0 }],
      });
    expect(ask(120)).toMatchObject({ ok: true, value: { pages: [{ row: 1, column: 1 }] } });
    expect(ask(2)).toMatchObject({ ok: false });
  });
});
