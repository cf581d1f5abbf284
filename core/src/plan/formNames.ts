/** Pies by what people call them: each a product with its pastry, lid, closing and filling to start from, all to be changed. */
export const forms = [
  'handPies',
  'pasties',
  'turnovers',
  'dishPie',
  'lidOnly',
  'potPies',
  'linedPots',
  'smallPies',
  'openTart',
  'lattice',
  'rolls',
  'ring',
  'plait',
  'filoTray',
  'filoTriangles',
  'filoCoil',
] as const;
export type Form = (typeof forms)[number];
