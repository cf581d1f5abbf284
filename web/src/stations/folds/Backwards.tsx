import type { SheetPlan } from '@crustallum/core/lamination/sheetPlan';
import { bowlLoss } from '@crustallum/core/dough/ask';
import { foldsIn, lockIn } from '@crustallum/core/plan/stations/lamination/turns';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import { useAppSelector } from '../../desk/store';
import { NumberField } from '../../design/ui/NumberField';
import { Press } from '../../design/ui/Press';
import { sides, thin, weight } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { Unanswered } from '../_shared/Unanswered';
import { useQuestion } from '../_shared/useQuestion';

const cmRule = { min: 50, max: 1500, unit: 'mm', integer: false };
const mmRule = { min: 1, max: 12, unit: 'mm', integer: false };
const five = (m: number) => Math.round((m * 1000) / 5) * 5;
const warningWords: Record<string, string> = {
  packetThinnerThanWork: 'The packet is thinner than the sheet it would be rolled to: fewer turns, or a thicker block.',
  longerThanBench: 'A roll is longer than the bench: roll thicker, or make two halves.',
  finalThickerThanPacket: 'The sheet wanted is thicker than the last packet: fewer folds.',
};

/** From the sheet that is wanted back to its dough, its block of fat and every roll. */
export function Backwards({ fatG, totalG }: { fatG: number; totalG: number }) {
  const { item, change } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const cut = item?.document.cut;
  const [want, setWant] = useState({ l: 400, w: 300, t: cut?.thicknessMm ?? 3 });
  const folds = item?.document.folds;
  const lock = folds ? lockIn(folds) : 'lumps';
  const asked = useQuestion<SheetPlan>(
    'lamination.planSheet',
    folds && kitchen
      ? {
          lengthM: want.l / 1000,
          widthM: want.w / 1000,
          thicknessM: want.t / 1000,
          fatToDough: fatG / Math.max(1, totalG - fatG),
          lock: lock === 'lumps' ? 'envelope' : lock === 'spread' ? 'twoThirds' : lock,
          folds: foldsIn(folds),
          maxBenchM: Math.max(kitchen.benchLengthMm, kitchen.benchWidthMm) / 1000,
        }
      : null,
  );
  const sheet = asked.value;
  if (!item) return null;
  const take = () => {
    if (!sheet) return;
    const longest = Math.max(...sheet.turns.map((t) => t.rolled.lengthM * 1000), 200);
    change({
      'dough.askBy': 'dough',
      'dough.askValue': Math.round((sheet.massKg * 1000) / (1 - bowlLoss)),
      'cut.thicknessMm': want.t,
      'folds.rolledLengthMm': Math.min(800, Math.max(200, Math.round(longest / 10) * 10)),
    });
  };
  const size = (label: string, key: 'l' | 'w' | 't') => (
    <div>
      <span className="quiet-ink">{label}</span>{' '}
      <NumberField
        label={`Wanted ${label}`}
        value={want[key]}
        rule={key === 't' ? mmRule : cmRule}
        unit={key === 't' ? 'mm' : 'cm'}
        scale={key === 't' ? 1 : 0.1}
        places={1}
        onChange={(v) => setWant({ ...want, [key]: v })}
      />
    </div>
  );
  return (
    <div className="backwards">
      <h2 className="sign">The sheet you want</h2>
      <div className="flex flex-wrap gap-4">
        {size('length', 'l')}
        {size('width', 'w')}
        {size('thickness', 't')}
      </div>
      {sheet && (
        <>
          <p className="m-0">
            <strong>{weight(sheet.massKg * 1000)} in all:</strong> {weight(sheet.doughKg * 1000)} dough and{' '}
            {weight(sheet.fatKg * 1000)} fat, with the edges that are trimmed and what springs back.
          </p>
          <Steps sheet={sheet} block={lock !== 'lumps' && lock !== 'spread'} />
          {sheet.warnings.map((w) => (
            <p className="problem m-0" key={w}>
              {warningWords[w]}
            </p>
          ))}
          <Press onClick={take}>Make this sheet</Press>
        </>
      )}
      <Unanswered asked={asked} working="Working back from it" />
    </div>
  );
}

function Steps({ sheet, block }: { sheet: SheetPlan; block: boolean }) {
  const sizes = [
    ...(block
      ? [
          { name: 'block of fat', ...sheet.fatBlock, fat: true },
          { name: 'dough for it', ...sheet.doughSheet, fat: false },
        ]
      : []),
    ...sheet.turns.map((t, i) => ({ name: `turn ${i + 1}`, ...t.rolled, fat: false })),
    { name: 'the sheet', ...sheet.rolled, fat: false },
  ];
  const widest = Math.max(...sizes.map((s) => s.lengthM));
  const px = 176 / widest;
  const columns = 3;
  const rows = Array.from({ length: Math.ceil(sizes.length / columns) }, (_, r) =>
    sizes.slice(r * columns, (r + 1) * columns),
  );
  const heights = rows.map((r) => 26 + Math.max(...r.map((s) => s.widthM)) * px + 44);
  const topOf = (r: number) => heights.slice(0, r).reduce((sum, h) => sum + h, 0);
  return (
    <Drawing
      w={660}
      h={topOf(rows.length)}
      label={sizes
        .map((s) => `${s.name} ${sides([five(s.lengthM), five(s.widthM)])}, ${thin(s.thicknessM * 1000)}`)
        .join('; ')}
    >
      {sizes.map((s, i) => (
        <g key={s.name} transform={`translate(${(i % columns) * 220} ${topOf(Math.floor(i / columns))})`}>
          <text y="16" className="b">
            {s.name}
          </text>
          <rect
            y="26"
            width={s.lengthM * px}
            height={s.widthM * px}
            fill={s.fat ? 'var(--color-butter)' : 'var(--color-dough)'}
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
          <text y={26 + s.widthM * px + 20}>
            {sides([five(s.lengthM), five(s.widthM)], 1)}, {thin(s.thicknessM * 1000)}
          </text>
        </g>
      ))}
    </Drawing>
  );
}
