export const products = ['handPies', 'dishPie', 'potPies', 'filoTray', 'filoCoil'] as const;
export type Product = (typeof products)[number];
export const pastries = ['shortcrust', 'roughPuff', 'filo'] as const;
export type Pastry = (typeof pastries)[number];

/** Which pastries a product can be made of. */
export const pastriesOf: Record<Product, readonly Pastry[]> = {
  handPies: ['shortcrust', 'roughPuff', 'filo'],
  dishPie: ['shortcrust', 'roughPuff'],
  potPies: ['shortcrust', 'roughPuff'],
  filoTray: ['filo'],
  filoCoil: ['filo'],
};
export const signs = ['lantern', 'dish', 'pot', 'coil', 'tray', 'moon'] as const;
export type Sign = (typeof signs)[number];
