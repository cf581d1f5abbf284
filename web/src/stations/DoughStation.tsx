import type { DoughPlan } from '@crustallum/core/plan/doughStation';
import { useItem } from '../app/useItem';
import { usePhone } from '../ui/useWidth';
import { plain } from '../wording/numbers';
import { fatWords, pieceWord } from '../wording/words';
import { Drawing } from './Drawing';
import { Held } from './Held';
import { StationPage } from './StationPage';
import { HeatLevels } from './dough/HeatLevels';
import { Heaps, layHeaps } from './dough/Heaps';
import { RatioBar } from './dough/RatioBar';
import { fields } from './fields';

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
          <DoughDrawing dough={d} pieces={`${item.document.brief.count} ${pieceWord[product ?? 'handPies'][1]}`} />
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

function DoughDrawing({ dough, pieces }: { dough: DoughPlan; pieces: string }) {
  const phone = usePhone();
  const { masses } = dough;
  const label = `Flour ${plain(masses.flourG, 0)} g, fat ${plain(masses.fatG, 0)} g, water ${plain(masses.waterG, 0)} g, salt ${plain(masses.saltG, 1)} g, drawn to one scale`;
  const heat = 'How the heat of flour, fat and water levels out in the bowl';
  if (phone) {
    const laid = layHeaps(masses, 366, 112);
    return (
      <>
        <Drawing w={366} h={190} label={label}>
          <Heaps dough={dough} laid={laid} title="What goes in, to one scale" />
        </Drawing>
        <Drawing w={366} h={84} label="The ratio: flour is 100, the rest is set against it">
          <RatioBar dough={dough} width={366} />
        </Drawing>
        <Drawing w={366} h={216} label={heat}>
          <HeatLevels dough={dough} width={366} />
        </Drawing>
      </>
    );
  }
  const laid = layHeaps(masses, 660, 176);
  const [fat, water] = [Math.min(laid.fatMiddle, laid.jugMiddle - 106), Math.min(600, laid.jugMiddle)];
  return (
    <Drawing
      w={660}
      h={552}
      alone
      label={`${label}; ${heat}`}
      over={
        <>
          <Held def={fields.fatPct} x={fat} y={258} />
          <Held def={fields.waterPct} x={water} y={258} />
          <Held def={fields.fatC} x={560} y={346} word="fat at" />
        </>
      }
    >
      <Heaps dough={dough} laid={laid} title={`What goes in for ${pieces}, to one scale`} />
      <g transform="translate(20 250)">
        <RatioBar dough={dough} width={630} />
      </g>
      <g transform="translate(0 338)">
        <HeatLevels dough={dough} width={660} />
      </g>
    </Drawing>
  );
}

function LeafPacket({ dough }: { dough: DoughPlan }) {
  const leaves = Number(dough.figures.dough.reason.values['leaves']);
  const phone = usePhone();
  const shown = Math.min(30, leaves);
  // leaves and fat at one scale; a phone has room for half of it
  const k = phone ? 0.5 : 1;
  const step = phone ? Math.min(6, 120 / shown) : 6;
  const fatX = phone ? 326 : 590;
  return (
    <Drawing
      w={phone ? 366 : 660}
      h={phone ? 270 : 420}
      label={`${leaves} bought leaves, ${plain(dough.masses.totalG - dough.masses.fatG, 0)} g, with ${plain(dough.masses.fatG, 0)} g of fat to brush`}
    >
      <text x={phone ? 0 : 20} y="16" className="b">
        {phone ? 'Bought leaves and the fat to brush' : 'Bought leaves, fanned; the fat beside them to one scale'}
      </text>
      {Array.from({ length: shown }, (_, i) => (
        <rect
          key={i}
          x={40 * k + i * step}
          y={60 * k + 12 + i * 5 * k}
          width={340 * k}
          height={200 * k}
          fill="var(--color-dough-thin)"
          stroke="var(--color-ink)"
          strokeWidth="1"
        />
      ))}
      <rect
        x={fatX}
        y={(300 - dough.masses.fatG) * k + 60}
        width={50 * k}
        height={dough.masses.fatG * k}
        fill="var(--color-butter)"
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      <text x={fatX + 25 * k} y={300 * k + 82} textAnchor="middle" className="b">
        {plain(dough.masses.fatG, 0)} g
      </text>
    </Drawing>
  );
}
