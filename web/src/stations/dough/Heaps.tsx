import type { DoughPlan } from '@crustallum/core/plan/stations/dough/station';
import { GroundRuler } from '../../design/drawings/Measure';
import { weight } from '../../wording/numbers';
import { doughFills } from './colours';

/** Bulk densities of heaps, g/ml: only for drawing them at their size. */
const heapDensity = { flour: 0.55, fat: 0.93, water: 1, salt: 1.2 };

type Masses = DoughPlan['masses'];
type Laid = ReturnType<typeof layHeaps>;

/** Sizes and places of the heaps, the block and the jug, at the one scale that fits the width and the height above ground. */
export function layHeaps(masses: Masses, width: number, ground: number) {
  const narrow = width < 500;
  const cm3 = {
    flour: masses.flourG / heapDensity.flour,
    fat: masses.fatG / heapDensity.fat,
    water: masses.waterG / heapDensity.water,
    salt: masses.saltG / heapDensity.salt,
  };
  // a heap is a cone 3.6 times as wide as tall: V = π/12·D²·D/3.6
  const cone = (v: number) => Math.cbrt((v * 3.6 * 12) / Math.PI);
  const [flourD, saltD] = [cone(cm3.flour), cone(cm3.salt)];
  const blockH = Math.min(7, Math.cbrt(cm3.fat) * 0.75);
  const blockW = Math.sqrt(cm3.fat / blockH);
  const jugW = Math.max(7.2, Math.cbrt(cm3.water) * 1.25);
  const waterH = cm3.water / (jugW * jugW * 0.785);
  const [start, gapA, gapB, gapC] = narrow ? [4, 2, 12, 22] : [20, 16, 26, 40];
  const px = Math.min(
    15,
    (narrow ? width - 64 : 560) / (saltD + flourD + blockW + jugW + (narrow ? 0 : 6)),
    (ground - 46) / Math.max(flourD / 3.6, blockH, 9),
  );
  const saltX = start + (saltD * px) / 2;
  const flourX = saltX + ((saltD + flourD) * px) / 2 + gapA;
  const fatX = flourX + (flourD * px) / 2 + gapB;
  const jugX = fatX + blockW * px + gapC;
  return {
    narrow,
    width,
    ground,
    px,
    saltX,
    saltD,
    flourX,
    flourD,
    fatX,
    blockW,
    blockH,
    jugX,
    jugW,
    waterH,
    fatMiddle: fatX + (blockW * px) / 2,
    jugMiddle: jugX + (jugW * px) / 2,
  };
}

/** Flour and salt heaped, fat as a block, water in its jug with its ice, on one ruler. */
export function Heaps({ dough, laid, title }: { dough: DoughPlan; laid: Laid; title: string }) {
  const { masses } = dough;
  const { narrow, ground, px, saltX, saltD, flourX, flourD, fatX, blockW, blockH, jugX, jugW, waterH } = laid;
  const { fatMiddle, jugMiddle, width } = laid;
  const heap = (x: number, d: number) =>
    `M${x - d / 2} ${ground}C${x - d / 4} ${ground} ${x - d / 6} ${ground - d / 3.6} ${x} ${ground - d / 3.6}S${x + d / 4} ${ground} ${x + d / 2} ${ground}`;
  const start = narrow ? 5 : 20;
  const under = ground + (narrow ? 46 : 50);
  const ice = Math.min(15, jugW * px * 0.2);
  const water = Math.min(9.4, waterH) * px;
  const names: [string, number, number, number][] = narrow
    ? [
        ['flour', masses.flourG, flourX, 0],
        ['fat', masses.fatG, Math.min(fatMiddle, width - 140), 0],
        ['water', masses.waterG, Math.min(width - 48, Math.max(jugMiddle, fatMiddle + 96)), 0],
      ]
    : [
        ['Salt', masses.saltG, Math.max(52, saltX), 1],
        ['Flour', masses.flourG, flourX, 0],
        ['Fat', masses.fatG, Math.min(fatMiddle, jugMiddle - 106), 0],
        ['Water', masses.waterG, Math.min(600, jugMiddle), 0],
      ];
  return (
    <g>
      <text x={start} y="14" className="b">
        {title}
      </text>
      <g stroke="var(--color-ink)" strokeWidth="2">
        <path d={heap(saltX, saltD * px)} fill="var(--color-flour)" />
        <path d={heap(flourX, flourD * px)} fill="var(--color-flour)" />
        <rect x={fatX} y={ground - blockH * px} width={blockW * px} height={blockH * px} fill={doughFills.fat} />
        <rect x={jugX} y={ground - water} width={jugW * px} height={water} fill={doughFills.water} stroke="none" />
        {masses.iceG > 0.5 && (
          <path
            d={[0.16, 0.55]
              .map((at, i) => `M${jugX + jugW * px * at} ${ground - water - ice / 2 + i * 3}h${ice}v${ice}h${-ice}z`)
              .join('')}
            fill="var(--color-frost-wash)"
          />
        )}
        <path
          d={`M${jugX - 7} ${ground - 10 * px}L${jugX} ${ground - 9.4 * px}V${ground}H${jugX + jugW * px}V${ground - 9.7 * px}${narrow ? '' : 'm0 12c24 4 24 54 0 58'}`}
          fill="none"
        />
      </g>
      <GroundRuler x={start} y={ground} cm={Math.floor((width - 2 * start) / px)} pxPerCm={px} />
      {names.map(([name, grams, x, places]) => (
        <text key={name} x={x} y={under} textAnchor="middle" className="b">
          {name} {weight(grams, places)}
        </text>
      ))}
      {narrow && (
        <text x="0" y={under + 22} className="q">
          and {weight(masses.saltG, 1)} of salt
        </text>
      )}
    </g>
  );
}
