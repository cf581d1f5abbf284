import { cutMark } from '@crustallum/core/templates/marks';
import { paperPages, rulerMm } from '@crustallum/core/templates/pages';
import { labelSheet } from '@crustallum/core/templates/labels';
import { piecesDrawing } from '@crustallum/core/templates/pieces';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { measuredRulers, rendered, type Picture } from '../testing/paper';
import { templatePdf } from './templatePdf';

const font = new Uint8Array(readFileSync(require.resolve('dejavu-fonts-ttf/ttf/DejaVuSans.ttf')));
const folder = mkdtempSync(join(tmpdir(), 'crustallum-pdf-'));
const discs = (n: number, d: number) =>
  piecesDrawing(
    'Lids',
    Array.from({ length: n }, (_, i) => ({
      shape: { kind: 'disc' as const, d },
      x: (i % 4) * (d + 2),
      y: Math.floor(i / 4) * (d + 2),
      number: i + 1,
    })),
  );

async function saved(
  name: string,
  drawing: ReturnType<typeof discs>,
  paper: 'A4' | 'Letter',
  title = 'Lids',
): Promise<string> {
  const pages = paperPages(drawing, paper, (row, column, of) => `${title} row ${row} column ${column} of ${of}`);
  const file = join(folder, `${name}.pdf`);
  writeFileSync(file, await templatePdf({ title, pages, font }));
  return file;
}
const words = (file: string): string => spawnSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }).stdout;

describe('a template as PDF', () => {
  it.each(['A4', 'Letter'] as const)(
    'prints both rulers of %s 100 mm long, to 0.3 mm, on every page',
    async (paper) => {
      const file = await saved(`rulers-${paper}`, discs(12, 96), paper);
      const pictures = rendered(file, 300);
      expect(pictures.length).toBeGreaterThan(1);
      for (const picture of pictures) {
        const { lying, upright } = measuredRulers(picture);
        expect(Math.abs(lying - rulerMm)).toBeLessThanOrEqual(0.3);
        expect(Math.abs(upright - rulerMm)).toBeLessThanOrEqual(0.3);
      }
    },
  );
  it('draws a disc as wide as it is cut', async () => {
    const [picture] = rendered(await saved('disc', discs(1, 120), 'A4'), 300) as [Picture];
    // the disc's box begins at the margins of page and drawing: 10 + 4, and 24 + 4 from the foot
    const row = picture.darkAcross(24 + 4 + 60);
    const inDrawing = row.filter((mm) => mm > 12);
    expect(Math.max(...inDrawing) - Math.min(...inDrawing)).toBeCloseTo(120, 0);
  });
  it('carries its own font, so that names in other scripts are letters and not question marks', async () => {
    const labels = ['Zoë', 'Ольга', 'Ελένη', 'نور'].map((name) => ({
      name,
      lines: ['no nuts'],
      mark: cutMark(2),
    }));
    const text = words(await saved('labels', labelSheet('Labels', labels), 'A4'));
    for (const name of ['Zoë', 'Ольга', 'Ελένη']) expect(text).toContain(name);
    expect(text).not.toContain('?');
  });
  it('shows a script its font lacks as an image where one can be drawn, else as question marks', async () => {
    const drawing = labelSheet('Labels', [{ name: '陈', lines: [], mark: null }]);
    expect(words(await saved('lacking', drawing, 'A4'))).toContain('?');
    const png = Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
      'base64',
    );
    const asked: string[] = [];
    const pages = paperPages(drawing, 'A4', () => 'Labels');
    const drawText = (text: string) => {
      asked.push(text);
      return Promise.resolve({ png: new Uint8Array(png), widthMm: 5, heightMm: 5 });
    };
    const file = join(folder, 'image.pdf');
    writeFileSync(file, await templatePdf({ title: 'Labels', pages, font, drawText }));
    expect(asked).toEqual(['陈']);
    expect(words(file)).not.toContain('?');
  });
});
