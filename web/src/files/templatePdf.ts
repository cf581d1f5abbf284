import type { PaperPage } from '@crustallum/core/templates/pages';
import type { Primitive } from '@crustallum/core/templates/primitives';
import fontkit from '@pdf-lib/fontkit';
import {
  PDFDocument,
  clip,
  endPath,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  rgb,
  type PDFFont,
  type PDFImage,
  type PDFPage,
} from 'pdf-lib';

const ptMm = 72 / 25.4;
const ink = rgb(0, 0, 0);

/** Draws a text the font has no letters for as an image: PNG bytes with its size in mm, or null where nothing can draw it. */
export type DrawText = (
  text: string,
  sizeMm: number,
) => Promise<{ png: Uint8Array; widthMm: number; heightMm: number } | null>;

interface Pens {
  font: PDFFont;
  has: (text: string) => boolean;
  images: ReadonlyMap<string, { image: PDFImage; widthMm: number; heightMm: number }>;
}

const key = (text: string, sizeMm: number): string => `${sizeMm}|${text}`;

function draw(page: PDFPage, item: Primitive, pens: Pens): void {
  const thickness = ('weightMm' in item && item.weightMm ? item.weightMm : 0.2) * ptMm;
  const dash = 'dashed' in item && item.dashed ? { dashArray: [2 * ptMm, 1.5 * ptMm] } : {};
  switch (item.kind) {
    case 'path': {
      const points = item.closed ? [...item.points, item.points[0] ?? [0, 0]] : item.points;
      points.slice(1).forEach(([x, y], i) => {
        const [fromX, fromY] = points[i] as readonly [number, number];
        page.drawLine({
          start: { x: fromX * ptMm, y: fromY * ptMm },
          end: { x: x * ptMm, y: y * ptMm },
          thickness,
          color: ink,
          ...dash,
        });
      });
      return;
    }
    case 'circle':
      page.drawCircle({
        x: item.x * ptMm,
        y: item.y * ptMm,
        size: item.r * ptMm,
        borderWidth: thickness,
        borderColor: ink,
        ...('dashed' in item && item.dashed ? { borderDashArray: [2 * ptMm, 1.5 * ptMm] } : {}),
      });
      return;
    case 'text': {
      const made = pens.images.get(key(item.text, item.sizeMm));
      const shift = { start: 0, middle: 0.5, end: 1 }[item.anchor ?? 'start'];
      if (made) {
        page.drawImage(made.image, {
          x: (item.x - shift * made.widthMm) * ptMm,
          y: (item.y - 0.25 * item.sizeMm) * ptMm,
          width: made.widthMm * ptMm,
          height: made.heightMm * ptMm,
        });
        return;
      }
      // without its letters and without an image a text shows as question marks: nothing is silently left out
      const text = pens.has(item.text) ? item.text : item.text.replace(/[^\x20-\x7e]/g, '?');
      const size = item.sizeMm * ptMm;
      page.drawText(text, {
        x: item.x * ptMm - shift * pens.font.widthOfTextAtSize(text, size),
        y: item.y * ptMm,
        size,
        font: pens.font,
        color: ink,
      });
    }
  }
}

/** Pages of paper as a PDF at 1:1, its font inside; viewers are asked not to scale it. */
export async function templatePdf(o: {
  title: string;
  pages: readonly PaperPage[];
  font: Uint8Array;
  drawText?: DrawText;
}): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  pdf.setTitle(o.title);
  pdf.setCreator('Crustallum');
  pdf.catalog.getOrCreateViewerPreferences().setPrintScaling('None' as never);
  const font = await pdf.embedFont(o.font, { subset: true });
  const letters = new Set(font.getCharacterSet());
  const has = (text: string) => [...text].every((c) => letters.has(c.codePointAt(0) ?? 0));
  const images = new Map<string, { image: PDFImage; widthMm: number; heightMm: number }>();
  for (const page of o.pages)
    for (const item of [...page.drawing, ...page.marks]) {
      if (item.kind !== 'text' || has(item.text) || images.has(key(item.text, item.sizeMm))) continue;
      const made = await o.drawText?.(item.text, item.sizeMm);
      if (made) images.set(key(item.text, item.sizeMm), { ...made, image: await pdf.embedPng(made.png) });
    }
  for (const p of o.pages) {
    const page = pdf.addPage([p.widthMm * ptMm, p.heightMm * ptMm]);
    const { x, y, w, h } = p.usable;
    page.pushOperators(pushGraphicsState(), rectangle(x * ptMm, y * ptMm, w * ptMm, h * ptMm), clip(), endPath());
    for (const item of p.drawing) draw(page, item, { font, has, images });
    page.pushOperators(popGraphicsState());
    for (const item of p.marks) draw(page, item, { font, has, images });
  }
  return pdf.save();
}
