import { fatNames } from '@crustallum/core/cold/fats';
import { styleNames, styles } from '@crustallum/core/dough/styles';
import { styleOf } from '@crustallum/core/plan/stations/dough/formula';
import type { DoughPlan } from '@crustallum/core/plan/stations/dough/station';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import { useAppSelector } from '../../desk/store';
import { usePhone } from '../../design/ui/useWidth';
import { Choice } from '../../design/ui/Choice';
import { Pick } from '../../design/ui/Pick';
import { styleWords } from '../../wording/dough';
import { plain, weight } from '../../wording/numbers';
import { fatWords, pieceWord } from '../../wording/words';
import { Drawing } from '../_shared/Drawing';
import { Held } from '../_shared/Held';
import { plainKitchen } from '@crustallum/core/plan/starters';
import { doughKeeps, usualAgeHours } from '@crustallum/core/plan/keeps';
import { IsMade } from '../_shared/IsMade';
import { StationPage } from '../_shared/StationPage';
import { Bowl } from './Bowl';
import { Compare } from './Compare';
import { MixedWith, SharedNote, useSharedDough } from './MixedWith';
import { HeatLevels } from './HeatLevels';
import { Heaps, layHeaps } from './Heaps';
import { RatioBar } from './RatioBar';
import { StyleAsks } from './StyleAsks';
import { TrueRatios } from './TrueRatios';
import { useCost } from './useCost';
import { useDough } from './useDough';
import { fields, type FieldName } from '../_shared/fields';
import { pastriesOf } from '@crustallum/core/contracts/products';

type View = 'scale' | 'truth' | 'bowl' | 'beside';
const views: readonly (readonly [View, string])[] = [
  ['scale', 'scale'],
  ['truth', 'ratios'],
  ['bowl', 'bowl'],
  ['beside', 'beside'],
];
const inputsOf: Record<View, readonly FieldName[]> = {
  scale: ['count', 'fatPct', 'waterPct', 'fatC'],
  truth: ['fatPct', 'waterPct', 'saltPct'],
  bowl: ['saltPct', 'fatC', 'method'],
  beside: ['fatPct', 'waterPct', 'saltPct'],
};

export function DoughStation() {
  const { item, plan } = useItem();
  const [view, setView] = useState<View>('scale');
  const { follows } = useSharedDough();
  const fridgeC = useAppSelector((s) => s.desk.kitchen?.fridgeC ?? plainKitchen.fridgeC);
  const cost = useCost();
  const d = plan?.dough;
  const facts = d?.facts;
  const filo = item?.document.dough.pastry === 'filo';
  const product = item?.document.product;
  const count = item?.document.brief.count ?? 1;
  const one = `a ${pieceWord[product ?? 'handPies'][0]}`;
  const shown = filo || !facts ? 'scale' : view;
  const isMade = !filo && plan && item && (
    <IsMade
      of="dough"
      have={item.document.dough.have}
      neededG={plan.cut.doughMassG}
      restingC={fridgeC}
      ageHours={usualAgeHours(doughKeeps(item.document), fridgeC)}
    />
  );
  // mixed elsewhere, or already: nothing is weighed here, and what is in it stays to be said
  if (follows || (item?.document.dough.have && !filo))
    return (
      <StationPage
        station="dough"
        inputs={follows ? [] : ['fatPct', 'waterPct', 'saltPct']}
        extra={follows ? <MixedWith /> : isMade}
        numbers={[
          [follows ? 'Dough taken' : 'Dough there is', d?.figures.dough],
          ['It comes at', d?.figures.outOfBowl],
        ]}
      >
        <SharedNote />
        {d && facts && <TrueRatios facts={facts} />}
      </StationPage>
    );
  return (
    <StationPage
      station="dough"
      inputs={filo ? ['count', 'leavesInStack', 'brush', 'brushOil', 'brushedWith'] : inputsOf[shown]}
      held={shown === 'scale' && !filo ? ['fatPct', 'waterPct', 'fatC'] : []}
      lead={filo || !facts ? undefined : <Pick label="Show" value={shown} options={views} onChange={setView} />}
      extra={
        <>
          <StyleAndFat filo={filo} />
          <MixedWith />
          {isMade}
        </>
      }
      whatIf={
        d && !filo && item && shown === 'scale' ? (
          <WhatIf dough={d} pct={item.document.dough.fatToFlourPct} />
        ) : undefined
      }
      numbers={
        plan && shown !== 'scale' && d?.truth && facts
          ? [
              ['Fat in all', d.truth.fat],
              ['Water in all', d.truth.water],
              ['This flour takes', d.truth.takes],
              [`Energy of ${one}`, d.truth.energy],
              [`${one.replace('a', 'A')} costs`, cost.figure(facts.parts, count), cost.each(facts.parts, count)],
            ]
          : [
              ['Flour', d?.figures.flour],
              [
                `${fatWords[item?.document.dough.fat ?? 'butter'] ?? 'Fat'}`.replace(/^./, (c) => c.toUpperCase()),
                d?.figures.fat,
              ],
              [filo ? 'Nothing to mix' : 'Water at', d?.figures.waterTemperature],
              [filo ? 'Leaves in all' : 'Dough in all', d?.figures.dough],
              ...(filo ? [] : ([['Out of the bowl at', d?.figures.outOfBowl]] as const)),
            ]
      }
    >
      {d && item && shown === 'truth' && facts && <TrueRatios facts={facts} />}
      {plan && shown === 'bowl' && facts && <Bowl plan={plan} facts={facts} />}
      <SharedNote />
      {shown === 'beside' && <Compare />}
      {d &&
        item &&
        shown === 'scale' &&
        (filo ? (
          <LeafPacket dough={d} />
        ) : (
          <DoughDrawing dough={d} pieces={`${item.document.brief.count} ${pieceWord[product ?? 'handPies'][1]}`} />
        ))}
    </StationPage>
  );
}

/** The style, and the fat, which is swapped with its water and salt. */
function StyleAndFat({ filo }: { filo: boolean }) {
  const dough = useDough();
  if (!dough.dough) return null;
  const fits: readonly string[] = pastriesOf[dough.product];
  const names = styleNames.filter((n) => fits.includes(styles[n].pastry));
  return (
    <>
      <Choice
        label="Style"
        value={styleOf(dough.dough)}
        options={names.map((n) => [n, styleWords[n] ?? n] as const)}
        onChange={(name) => dough.style(name)}
      />
      <StyleAsks />
      {!filo && (
        <Choice
          label="Fat"
          value={dough.dough.fat}
          options={fatNames.map((f) => [f, fatWords[f] ?? f] as const)}
          onChange={dough.fat}
        />
      )}
    </>
  );
}

function WhatIf({ dough, pct }: { dough: DoughPlan; pct: number }) {
  const less = Math.max(20, pct - 5);
  const saved =
    dough.masses.fatG - (dough.masses.totalG * less) / (100 + less + dough.partsPer100.water + dough.partsPer100.salt);
  return (
    <>
      <b>At {plain(less, 0)} %</b> you would save {weight(saved)} of fat and have that much more flour and water for it.
    </>
  );
}

function DoughDrawing({ dough, pieces }: { dough: DoughPlan; pieces: string }) {
  const phone = usePhone();
  const { masses } = dough;
  const { shared } = useSharedDough();
  const label = `Flour ${weight(masses.flourG)}, fat ${weight(masses.fatG)}, water ${weight(masses.waterG)}, salt ${weight(masses.saltG, 1)}, drawn to one scale`;
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
      <Heaps dough={dough} laid={laid} title={`What goes in for ${shared ? 'all of them' : pieces}, to one scale`} />
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
  const leaves = useItem().plan?.cut.cuts ?? 0;
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
      label={`${leaves} bought leaves, ${weight(dough.masses.totalG - dough.masses.fatG)}, with ${weight(dough.masses.fatG)} of fat to brush`}
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
        {weight(dough.masses.fatG)}
      </text>
    </Drawing>
  );
}
