import type { BakeSpec } from './bakeInput';
import { convectiveH, Oven } from './ovenState';
import { supports } from './tables';

const roomC = 22;
/** Air at its heat is not walls at theirs, min (estimate); stone and steel are waited for themselves. */
const wallsMin = 10;
const nearK = 5;
const stepS = 6;
const longestMin = 90;
const stefan = 5.67e-8;

/**
 * Minutes from cold until the oven (°C as set, offset included) can take a pie: its air at the heat and ten minutes for the
 * walls, or until a stone or steel is within 5 K of what it comes to. Simulated on the empty oven; an estimate.
 * @example preheatMinutes({ mode: 'conv', steps: [{ fromMin: 0, setC: 200 }] }, 'tray') // about 20
 */
export function preheatMinutes(oven: BakeSpec['oven'], support: BakeSpec['support']): number {
  const state = new Oven({
    rack: oven.rack ?? 'middle',
    spec: { oven: { ...oven, preheated: false, doorOpenMin: [] } },
  });
  const target = state.target(0);
  const heavy = support === 'stone' || support === 'steel' ? supports[support] : null;
  const capacity = heavy ? heavy.density * heavy.specificHeat * (heavy.thicknessMm / 1000) : 1;
  const h = convectiveH(oven.mode, 'top', oven.build?.airflow) + convectiveH(oven.mode, 'bottom', oven.build?.airflow);
  let plateC = roomC;
  let airMin: number | null = null;
  const plate: number[] = [];
  for (let tS = 0; tS < longestMin * 60; tS += stepS) {
    state.advance(tS, stepS);
    if (airMin === null && state.air >= target - nearK) airMin = (tS + stepS) / 60;
    if (!heavy) {
      if (airMin !== null) break;
      continue;
    }
    const around = (side: 'top' | 'bottom') => state.radiant(side) + 273.15;
    const radiated =
      heavy.emissivity * 0.9 * stefan * (around('top') ** 4 + around('bottom') ** 4 - 2 * (plateC + 273.15) ** 4);
    plateC += ((h * (state.air - plateC) + radiated) * stepS) / capacity;
    plate.push(plateC);
  }
  const airAt = airMin ?? longestMin;
  if (!heavy) return Math.ceil(airAt + wallsMin);
  const last = plate[plate.length - 1];
  const near = plate.findIndex((c) => c >= last - nearK);
  return Math.ceil(Math.max(airAt + wallsMin, ((near + 1) * stepS) / 60));
}
