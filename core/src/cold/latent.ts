import type { LatentExchange } from './environments';

/** Heat of evaporation of water at kitchen temperatures, J/kg. */
export const evaporationHeat = 2.5e6;

/** Saturation vapour density, kg/m³ (Magnus form, Alduchov & Eskridge 1996). */
export const saturationVapourDensity = (t: number): number =>
  (610.94 * Math.exp((17.625 * t) / (t + 243.04))) / (461.5 * (t + 273.15));

/** Its slope, kg/m³K: the derivative of the same form. */
export const saturationVapourSlope = (t: number): number =>
  saturationVapourDensity(t) * ((17.625 * 243.04) / (t + 243.04) ** 2 - 1 / (t + 273.15));

/** Mass-transfer coefficient, m/s, from the convective coefficient (Chilton–Colburn analogy, 1934). */
export const massTransferCoefficient = (convective: number): number => convective / (1.2 * 1006 * 0.92);

/** Slope and offset of the latent heat flux linearised about the surface temperature: q ≈ offset − slope·(T − Ts). */
export function latentLine(latent: LatentExchange, airC: number, surfaceC: number): { slope: number; flux: number } {
  const saturated = saturationVapourDensity(surfaceC);
  const transfer = evaporationHeat * massTransferCoefficient(latent.convective);
  return {
    slope: transfer * latent.waterActivity * saturationVapourSlope(surfaceC),
    flux: transfer * (latent.humidity * saturationVapourDensity(airC) - latent.waterActivity * saturated),
  };
}
