/** The chill of a block of dough in as many cells and phases as asked: the dearest call a model takes. */
export const chillOf = (cells: { nx: number; ny: number; nz: number }, phases: number, minutes: number) => ({
  material: {
    items: [
      { name: 'flour', mass: 1 },
      { name: 'butter', mass: 0.7 },
      { name: 'water', mass: 0.4 },
    ],
  },
  shape: { kind: 'block', lengthM: 0.2, widthM: 0.15, thicknessM: 0.03 },
  startC: 20,
  phases: Array.from({ length: phases }, () => ({ minutes, environment: { name: 'fridge' } })),
  cells,
});

/** One within the budget that keeps a thread busy for seconds. */
export const heavyChill = chillOf({ nx: 20, ny: 20, nz: 40 }, 1, 600);
