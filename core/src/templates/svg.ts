import type { FlatDrawing, Primitive } from './primitives';

const escaped = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
const n = (v: number): string => String(Math.round(v * 1000) / 1000);

/** A primitive as SVG, in mm, its y turned over within a height. */
function element(item: Primitive, height: number): string {
  const dash = 'dashed' in item && item.dashed ? ' stroke-dasharray="2 1.5"' : '';
  switch (item.kind) {
    case 'path': {
      const d = item.points.map(([x, y], i) => `${i ? 'L' : 'M'}${n(x)} ${n(height - y)}`).join('');
      return `<path d="${d}${item.closed ? 'Z' : ''}" fill="none" stroke="currentColor" stroke-width="${item.weightMm ?? 0.2}"${dash}/>`;
    }
    case 'circle':
      return `<circle cx="${n(item.x)}" cy="${n(height - item.y)}" r="${n(item.r)}" fill="none" stroke="currentColor" stroke-width="${item.weightMm ?? 0.2}"${dash}/>`;
    case 'text':
      return `<text x="${n(item.x)}" y="${n(height - item.y)}" font-size="${item.sizeMm}" text-anchor="${item.anchor ?? 'start'}" fill="currentColor">${escaped(item.text)}</text>`;
  }
}

/** A drawing as SVG in millimetres, outlines only: it opens at its own size. */
export function drawingSvg(d: FlatDrawing): string {
  const [w, h] = [n(d.widthMm), n(d.heightMm)];
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${w}mm" height="${h}mm" viewBox="0 0 ${w} ${h}" role="img" font-family="sans-serif">`,
    `<title>${escaped(d.title)}</title>`,
    ...d.items.map((item) => element(item, d.heightMm)),
    '</svg>',
    '',
  ].join('\n');
}
