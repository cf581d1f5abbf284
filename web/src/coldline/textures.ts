/** A small fixed generator, so that the same texture is drawn every time. */
function spread(seed: number): () => number {
  let a = seed;
  return () => {
    a = (Math.imul(a, 1664525) + 1013904223) >>> 0;
    return a / 4294967296;
  };
}

/** Sweating fat over the band: dots that grow upwards. */
export function sweat(width: number, height: number): string {
  const next = spread(7);
  let d = '';
  for (let i = 0; i < width / 4; i++) {
    const [x, y] = [next() * width, next() * height];
    const r = 0.7 + 1.3 * (1 - y / height);
    d += `M${(x - r).toFixed(1)} ${y.toFixed(1)}a${r.toFixed(1)} ${r.toFixed(1)} 0 1 0 ${(2 * r).toFixed(1)} 0a${r.toFixed(1)} ${r.toFixed(1)} 0 1 0 ${(-2 * r).toFixed(1)} 0`;
  }
  return d;
}

/** Frost under the band: needles in three directions; for leaves, dry cracks. */
export function needles(width: number, top: number, height: number): string {
  const next = spread(11);
  let d = '';
  for (let i = 0; i < width / 9; i++) {
    const [x, y] = [next() * width, top + next() * height];
    const angle = [0, Math.PI / 3, (2 * Math.PI) / 3][Math.floor(next() * 3)] as number;
    const length = 3 + next() * 6;
    d += `M${x.toFixed(1)} ${y.toFixed(1)}l${(length * Math.cos(angle)).toFixed(1)} ${(length * Math.sin(angle)).toFixed(1)}`;
  }
  return d;
}
