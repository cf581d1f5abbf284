import type { DoughPlan } from '@crustallum/core/plan/doughStation';
import { useItem } from '../app/useItem';
import { GroundRuler } from '../drawings/Measure';
import { degrees, plain } from '../wording/numbers';
import { fatWords, pieceWord } from '../wording/words';
import { Drawing } from './Drawing';
import { Held } from './Held';
import { StationPage } from './StationPage';
import { fields } from './fields';

/** Bulk densities of heaps, g/ml: only for drawing them at their size. */
const heapDensity = { flour: 0.55, fat: 0.93, water: 1, salt: 1.2 };
const ratio = ['flour', 'fat', 'water'] as const;
const colours = { flour: 'var(--color-flour)', fat: 'var(--color-butter)', water: 'var(--color-water)' };

export function DoughStation() {
  const { item, plan } = useItem();
  const d = plan?.dough;
  const filo = item?.document.dough.pastry === 'filo';
  const product = item?.document.product;
  return (
    <StationPage
      station="dough"
      inputs={
        filo
          ? ['count', 'leavesInStack', 'brush', 'brushedWith']
          : ['count', 'fatPct', 'waterPct', 'saltPct', 'fatC', 'pastry', 'fat', 'method']
      }
      held={filo ? [] : ['fatPct', 'waterPct', 'fatC']}
      whatIf={d && !filo && item ? <WhatIf dough={d} pct={item.document.dough.fatToFlourPct} /> : undefined}
      numbers={[
        ['Flour', d?.figures.flour],
        [
          `${fatWords[item?.document.dough.fat ?? 'butter'] ?? 'Fat'}`.replace(/^./, (c) => c.toUpperCase()),
          d?.figures.fat,
        ],
        [filo ? 'Nothing to mix' : 'Water at', d?.figures.waterTemperature],
        [filo ? 'Leaves in all' : 'Dough in all', d?.figures.dough],
        ...(filo ? [] : ([['Out of the bowl at', d?.figures.outOfBowl]] as const)),
      ]}
    >
      {d &&
        item &&
        (filo ? (
          <LeafPacket dough={d} />
        ) : (
          <Heaps dough={d} pieces={`${item.document.brief.count} ${pieceWord[product ?? 'handPies'][1]}`} />
        ))}
    </StationPage>
  );
}

function WhatIf({ dough, pct }: { dough: DoughPlan; pct: number }) {
  const less = Math.max(20, pct - 5);
  const saved =
    dough.masses.fatG - (dough.masses.totalG * less) / (100 + less + dough.partsPer100.water + dough.partsPer100.salt);
  return (
    <>
      <b>At {plain(less, 0)} %</b> you would save {plain(saved, 0)} g of fat and have that much more flour and water for
      it.
    </>
  );
}

function Heaps({ dough, pieces }: { dough: DoughPlan; pieces: string }) {
  const { masses } = dough;
  const ground = 176;
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
  const px = Math.min(15, 560 / (saltD + flourD + blockW + jugW + 6), 130 / Math.max(flourD / 3.6, blockH, 9));
  const saltX = 20 + (saltD * px) / 2;
  const flourX = saltX + ((saltD + flourD) * px) / 2 + 16;
  const fatX = flourX + (flourD * px) / 2 + 26;
  const jugX = fatX + blockW * px + 40;
  const [fatMiddle, jugMiddle] = [fatX + (blockW * px) / 2, jugX + (jugW * px) / 2];
  const heap = (x: number, d: number) =>
    `M${x - d / 2} ${ground}C${x - d / 4} ${ground} ${x - d / 6} ${ground - d / 3.6} ${x} ${ground - d / 3.6}S${x + d / 4} ${ground} ${x + d / 2} ${ground}`;
  const parts = dough.partsPer100;
  const sum = parts.flour + parts.fat + parts.water + parts.salt;
  let left = 20;
  return (
    <Drawing
      w={660}
      h={552}
      alone
      label={`Flour ${plain(masses.flourG, 0)} g, fat ${plain(masses.fatG, 0)} g, water ${plain(masses.waterG, 0)} g, salt ${plain(masses.saltG, 1)} g, drawn to one scale; and how their heat levels out in the bowl`}
      over={
        <>
          <Held def={fields.fatPct} x={Math.min(fatMiddle, jugMiddle - 106)} y={258} />
          <Held def={fields.waterPct} x={Math.min(600, jugMiddle)} y={258} />
          <Held def={fields.fatC} x={560} y={346} word="fat at" />
        </>
      }
    >
      <text x="20" y="14" className="b">
        What goes in for {pieces}, to one scale
      </text>
      <g stroke="var(--color-ink)" strokeWidth="2">
        <path d={heap(saltX, saltD * px)} fill="var(--color-flour)" />
        <path d={heap(flourX, flourD * px)} fill="var(--color-flour)" />
        <rect x={fatX} y={ground - blockH * px} width={blockW * px} height={blockH * px} fill="var(--color-butter)" />
        <rect
          x={jugX}
          y={ground - Math.min(9.4, waterH) * px}
          width={jugW * px}
          height={Math.min(9.4, waterH) * px}
          fill="var(--color-water)"
          stroke="none"
        />
        {masses.iceG > 0.5 && (
          <path
            d={`M${jugX + 16} ${ground - waterH * px - 7}h15v15h-15zM${jugX + 48} ${ground - waterH * px - 4}h15v15h-15z`}
            fill="var(--color-frost-wash)"
          />
        )}
        <path
          d={`M${jugX - 7} ${ground - 10 * px}L${jugX} ${ground - 9.4 * px}V${ground}H${jugX + jugW * px}V${ground - 9.7 * px}m0 12c24 4 24 54 0 58`}
          fill="none"
        />
      </g>
      <GroundRuler x={20} y={ground} cm={Math.floor(620 / px)} pxPerCm={px} />
      <text x={Math.max(52, saltX)} y="226" textAnchor="middle" className="b">
        Salt {plain(masses.saltG, 1)} g
      </text>
      <text x={flourX} y="226" textAnchor="middle" className="b">
        Flour {plain(masses.flourG, 0)} g
      </text>
      <text x={Math.min(fatMiddle, jugMiddle - 106)} y="226" textAnchor="middle" className="b">
        Fat {plain(masses.fatG, 0)} g
      </text>
      <text x={Math.min(600, jugMiddle)} y="226" textAnchor="middle" className="b">
        Water {plain(masses.waterG, 0)} g
      </text>
      <text x="20" y="264" className="b">
        Flour is 100; the rest is set against it
      </text>
      <text x="20" y="284" className="q">
        {plain(sum, 1)} parts = {plain(masses.totalG, 0)} g
      </text>
      {ratio.map((name) => {
        const w = (630 * parts[name]) / sum;
        const x = left;
        left += w;
        return (
          <g key={name}>
            <rect x={x} y="292" width={w} height="28" fill={colours[name]} stroke="var(--color-ink)" strokeWidth="2" />
            <text
              x={x + w / 2}
              y="312"
              textAnchor="middle"
              className="b"
              style={name === 'flour' ? undefined : { fill: 'var(--color-on-butter)' }}
            >
              {name} {plain(parts[name], 0)}
            </text>
          </g>
        );
      })}
      <rect x={left} y="292" width={650 - left} height="28" fill="var(--color-ink)" />
      <HeatLevels dough={dough} />
    </Drawing>
  );
}

/** Widths are heat capacity, heights are degrees: what stands above the line fills what lies below it. */
function HeatLevels({ dough }: { dough: DoughPlan }) {
  const total = dough.heaps.reduce((sum, h) => sum + h.heatCapacity, 0);
  const level = dough.heaps.reduce((sum, h) => sum + h.heatCapacity * h.startC, 0) / total;
  const gained = dough.outOfBowlC - level;
  const coldest = Math.min(0, ...dough.heaps.map((h) => h.startC));
  const warmest = Math.max(20, dough.outOfBowlC, ...dough.heaps.map((h) => h.startC));
  const [x0, top, bottom, width] = [56, 378, 544, 480];
  const pxK = (bottom - top) / (warmest - coldest);
  const y = (t: number) => top + (warmest - t) * pxK;
  let x = x0;
  return (
    <g>
      <text x="20" y="352" className="b">
        How the heat levels out in the bowl
      </text>
      {Array.from({ length: 8 }, (_, i) => i * 5 - 15)
        .filter((t) => t >= coldest && t <= warmest)
        .map((t) => (
          <g key={t}>
            <text x="46" y={y(t) + 5} textAnchor="end" className="q">
              {degrees(t, 0)}
            </text>
            <line x1="50" x2={x0} y1={y(t)} y2={y(t)} stroke="var(--color-hair)" />
          </g>
        ))}
      {dough.band && (
        <>
          <rect
            x={x0}
            y={y(dough.band.high)}
            width={width + 108}
            height={(dough.band.high - dough.band.low) * pxK}
            fill="var(--color-butter-wash)"
          />
          <text
            x={x0 + width + 104}
            y={y(dough.band.high) + 17}
            textAnchor="end"
            style={{ fill: 'var(--color-butter-ink)', fontWeight: 600 }}
          >
            works {plain(dough.band.low, 0)}–{plain(dough.band.high, 0)}°
          </text>
        </>
      )}
      {dough.heaps.map((h) => {
        const w = (width * h.heatCapacity) / total;
        const start = x;
        x += w;
        const gives = h.startC > level;
        const own = [y(Math.max(0, Math.min(h.startC, level))), y(Math.min(0, Math.min(h.startC, level)))] as const;
        const moved = Math.abs(h.startC - level) * pxK;
        return (
          <g key={h.name}>
            <rect
              x={start}
              y={h.startC < 0 ? y(0) : own[0]}
              width={w}
              height={Math.max(0, h.startC < 0 ? 0 : y(0) - own[0])}
              fill={colours[h.name as 'flour']}
              stroke="var(--color-ink)"
            />
            <rect
              x={start}
              y={y(Math.max(h.startC, level))}
              width={w}
              height={moved}
              fill={gives ? 'var(--color-rhubarb-wash)' : 'var(--color-frost-wash)'}
              stroke={gives ? 'var(--color-rhubarb)' : 'var(--color-frost)'}
            />
            {w > 70 && (
              <text
                x={start + w / 2}
                y={h.startC < 0 ? y(h.startC) - 6 : y(0) - 6}
                textAnchor="middle"
                style={h.name === 'fat' ? { fill: 'var(--color-on-butter)' } : undefined}
              >
                {h.name} {degrees(h.startC)}
              </text>
            )}
            {w > 96 && moved > 20 && (
              <text
                x={start + w / 2}
                y={(h.startC < 0 ? y(level / 2) : y((h.startC + level) / 2)) + 5}
                textAnchor="middle"
                style={{ fill: gives ? 'var(--color-rhubarb-ink)' : 'var(--color-frost-ink)', fontWeight: 600 }}
              >
                {gives ? 'gives its heat' : 'takes it up'}
              </text>
            )}
          </g>
        );
      })}
      <line
        x1={x0}
        x2={x0 + width}
        y1={y(level)}
        y2={y(level)}
        stroke="var(--color-ink)"
        strokeWidth="2"
        strokeDasharray="6 4"
      />
      <line
        x1={x0}
        x2={x0 + width + 108}
        y1={y(dough.outOfBowlC)}
        y2={y(dough.outOfBowlC)}
        stroke="var(--color-ink)"
        strokeWidth="3"
      />
      <text x={x0 + width + 6} y={y(dough.outOfBowlC) + 18} className="b">
        hands {gained >= 0 ? '+' : ''}
        {plain(gained, 1)}
      </text>
      <text x={x0 + width + 6} y={y(dough.outOfBowlC) + 36} className="q">
        and wetting
      </text>
      <line x1={x0} x2={x0 + width} y1={y(0)} y2={y(0)} stroke="var(--color-ink)" strokeWidth="2" />
    </g>
  );
}

function LeafPacket({ dough }: { dough: DoughPlan }) {
  const leaves = Number(dough.figures.dough.reason.values['leaves']);
  return (
    <Drawing
      w={660}
      h={420}
      label={`${leaves} bought leaves, ${plain(dough.masses.totalG - dough.masses.fatG, 0)} g, with ${plain(dough.masses.fatG, 0)} g of fat to brush`}
    >
      <text x="20" y="16" className="b">
        Bought leaves, fanned; the fat beside them to one scale
      </text>
      {Array.from({ length: Math.min(30, leaves) }, (_, i) => (
        <rect
          key={i}
          x={40 + i * 6}
          y={60 + i * 5}
          width="340"
          height="200"
          fill="var(--color-dough-thin)"
          stroke="var(--color-ink)"
          strokeWidth="1"
        />
      ))}
      <rect
        x="590"
        y={300 - dough.masses.fatG}
        width="50"
        height={dough.masses.fatG}
        fill="var(--color-butter)"
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      <text x="615" y="322" textAnchor="middle" className="b">
        {plain(dough.masses.fatG, 0)} g
      </text>
    </Drawing>
  );
}
