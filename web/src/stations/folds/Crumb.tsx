import type { CrumbPlan } from '@crustallum/core/plan/stations/lamination/station';
import { useMemo, useState } from 'react';
import { useItem } from '../../desk/useItem';
import { Measure } from '../../design/drawings/Measure';
import { usePhone } from '../../design/ui/useWidth';
import { long, plain, thin, weight } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { StationPage } from '../_shared/StationPage';
import { Pick } from '../../design/ui/Pick';
import { Outlook } from '../_shared/outlook/Outlook';
import { Shapes } from './Shapes';
import { lessWaterPct } from '@crustallum/core/plan/stations/lamination/figures';

type View = 'crumb' | 'shapes' | 'otherwise';
const views: readonly (readonly [View, string])[] = [
  ['crumb', 'crumb'],
  ['shapes', 'shapes'],
  ['otherwise', 'what if'],
];

/** The crumb as it should look, its fat in the rolled sheet, and the disc that chills. */
export function Crumb({ lamination }: { lamination: CrumbPlan }) {
  const { item, plan } = useItem();
  const folds = item?.document.folds;
  const phone = usePhone();
  const [view, setView] = useState<View>('crumb');
  const rows = useMemo(() => (folds ? lumpsIn(folds.crumbMm, folds.coatedPct) : []), [folds]);
  if (!folds || !plan) return null;
  const { crumbMm, discMm } = folds;
  const sheet = plan.cut.rolled.thicknessMm;
  const px = 16;
  // a phone shows less of the same crumb, at the same four times life size
  const [left, wide] = phone ? [2, 362] : [20, 620];
  const middle = left + wide / 2;
  const disc = Math.min(1.5, wide / 2 / lamination.discRadiusMm);
  return (
    <StationPage
      station="folds"
      inputs={[
        'coated',
        'crumb',
        'disc',
        'thickness',
        'rests',
        ...(folds.rests === 'own' ? (['ownRest'] as const) : []),
      ]}
      lead={<Pick label="Show" value={view} options={views} onChange={setView} />}
      whatIf={
        <>
          <b>All rubbed small</b> it would be sandy and short, with no flakes, and drink about{' '}
          {plain(lessWaterPct(lamination.coverage), 0)} % less water.
          <b> Squeeze a handful:</b> it holds and breaks clean when it has water enough, runs out as dust when it has
          not, and shines when the fat melts.
        </>
      }
      numbers={[
        ['Left large', lamination.figures.large],
        ['Largest piece', lamination.figures.largest],
        ['Flour coated', lamination.figures.coat],
        ['Streak in the sheet', lamination.figures.streak],
        ['Chill before rolling', lamination.figures.chill],
      ]}
    >
      {view === 'shapes' && <Shapes />}
      {view === 'otherwise' && <Outlook />}
      {view === 'crumb' && (
        <Drawing
          w={phone ? 366 : 660}
          h={560}
          alone
          label={`Crumb with pieces of ${thin(crumbMm)}, four times life size; the sheet after rolling; the disc that chills`}
        >
          <text x={left} y="16" className="b">
            Rubbed in, as it should look
          </text>
          <text x={left + wide} y="16" textAnchor="end" className="q">
            4 × life size
          </text>
          <rect
            x={left}
            y="28"
            width={wide}
            height="190"
            fill="var(--color-dough-thin)"
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
          <clipPath id="crumbs">
            <rect x={left} y="28" width={wide} height="190" />
          </clipPath>
          <g clipPath="url(#crumbs)" stroke="var(--color-ink)">
            {rows.map((c, i) => (
              <g key={i}>
                <circle
                  cx={left + c.x * 620}
                  cy={28 + c.y * 190}
                  r={(c.mm * px) / 2 + 3}
                  fill="var(--color-dough-deep)"
                  strokeWidth="1.2"
                />
                <circle
                  cx={left + c.x * 620}
                  cy={28 + c.y * 190}
                  r={(c.mm * px) / 2}
                  fill="var(--color-butter)"
                  strokeWidth="0"
                />
              </g>
            ))}
            <circle cx={middle} cy="122" r={(7 * px) / 2} fill="none" strokeDasharray="3 4" strokeWidth="2.500" />
          </g>
          <rect
            x={middle - 38}
            y="109"
            width="76"
            height="26"
            rx="13"
            fill="var(--color-flour)"
            stroke="var(--color-ink)"
          />
          <text x={middle} y="127" textAnchor="middle" className="b">
            pea, {thin(7, 0)}
          </text>
          <text x={left} y="256" className="b">
            The same fat in the sheet of {thin(sheet)}
          </text>
          <rect
            x={left}
            y="268"
            width={wide}
            height={sheet * px}
            fill="url(#fill-dough)"
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
          <svg
            x={left + 1}
            y="269"
            width={wide - 2}
            height={sheet * px - 2}
            viewBox={`${left + 1} 269 ${wide - 2} ${sheet * px - 2}`}
          >
            {Array.from({ length: 6 }, (_, i) => (
              <ellipse
                key={i}
                cx={60 + i * 118}
                cy={268 + sheet * px * (0.2 + 0.6 * ((i * 0.382) % 1))}
                rx={(crumbMm * px * Math.sqrt(crumbMm / Math.max(0.1, lamination.streakMm))) / 2.6}
                ry={Math.max(1.5, (lamination.streakMm * px) / 2)}
                fill="var(--color-butter-deep)"
              />
            ))}
          </svg>
          <Measure
            x1={120}
            x2={
              120 + Math.min(phone ? 220 : 440, crumbMm * px * Math.sqrt(crumbMm / Math.max(0.1, lamination.streakMm)))
            }
            y1={286 + sheet * px}
            y2={286 + sheet * px}
            text={`${thin(lamination.streakMm)} thick`}
          />
          <text x={left} y="420" className="b">
            {weight(plan.dough.masses.totalG)} in the cold, pressed to {thin(discMm, 0)}
          </text>
          <rect
            x={middle - lamination.discRadiusMm * disc}
            y={440}
            width={lamination.discRadiusMm * disc * 2}
            height={discMm * disc}
            rx="6"
            fill="url(#fill-dough)"
            stroke="var(--color-ink)"
            strokeWidth="2.500"
          />
          <Measure
            x1={middle - lamination.discRadiusMm * disc}
            x2={middle + lamination.discRadiusMm * disc}
            y1={462 + discMm * disc}
            y2={462 + discMm * disc}
            text={long(2 * lamination.discRadiusMm)}
          />
        </Drawing>
      )}
    </StationPage>
  );
}

/** A fixed scatter of lumps: large ones by their size, small ones of about 2 mm for the rest. */
function lumpsIn(crumbMm: number, coatedPct: number): { x: number; y: number; mm: number }[] {
  let a = 3;
  const next = () => {
    a = (Math.imul(a, 1664525) + 1013904223) >>> 0;
    return a / 4294967296;
  };
  const area = 38.75 * 11.9;
  const large = Math.min(60, Math.round((area * 0.32 * (1 - coatedPct / 100)) / (0.785 * crumbMm * crumbMm)));
  const small = Math.min(160, Math.round((area * 0.32 * (coatedPct / 100)) / 3.14));
  return [
    ...Array.from({ length: small }, () => ({ x: next(), y: next(), mm: 2 })),
    ...Array.from({ length: large }, () => ({ x: next(), y: next(), mm: crumbMm })),
  ];
}
