import type { DrawText } from './templatePdf';

const pxMm = 24;

/** A text in whatever letters this device has, as an image: for scripts the shipped font lacks. */
export const drawnText: DrawText = async (text, sizeMm) => {
  const canvas = document.createElement('canvas');
  const size = sizeMm * pxMm;
  const font = `${size}px sans-serif`;
  const measure = canvas.getContext('2d');
  if (!measure) return null;
  measure.font = font;
  canvas.width = Math.ceil(measure.measureText(text).width) + 4;
  canvas.height = Math.ceil(size * 1.4);
  const pen = canvas.getContext('2d');
  if (!pen) return null;
  pen.font = font;
  pen.textBaseline = 'alphabetic';
  pen.fillText(text, 0, size * 1.1);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (!blob) return null;
  return {
    png: new Uint8Array(await blob.arrayBuffer()),
    widthMm: canvas.width / pxMm,
    heightMm: canvas.height / pxMm,
  };
};
