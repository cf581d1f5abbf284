import type { ItemInput } from '@crustallum/core/contracts/item';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { crimps } from '@crustallum/core/sealing/seals';
import { Measure } from '../../design/drawings/Measure';
import { plain, thin } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { fields } from '../_shared/fields';
import { Held } from '../_shared/Held';
import { LidFromAbove } from './LidFromAbove';

/** The rim cut through, and the closed pie from above. */
export function Rim({ plan, item }: { plan: ItemPlan; item: ItemInput }) {
  const { closing, vent } = plan.seal;
  const [filo, open] = [closing === 'laps', closing === 'open'];
  const { seal } = item;
  const t = plan.cut.edge?.edgeMm ?? plan.cut.rolled.thicknessMm;
  // a wide rim is drawn smaller, so that it stays beside the lid
  const px = Math.min(17, 230 / seal.rimMm);
  const rimPx = seal.rimMm * px;
  const pressed = t * 2 * 0.7;
  const slit = (closing === 'seam' || closing === 'lid') && vent.kind === 'slits';
  const vents = vent.kind === 'slits' ? `; ${vent.n} slits of ${thin(vent.lengthMm, 0)}` : '';
  return (
    <Drawing
      w={660}
      h={slit || !filo ? 240 : 206}
      over={
        <>
          {!filo && <Held def={fields.rim} x={30 + rimPx / 2} y={192} word="bare" />}
          {slit && <Held def={fields.slits} x={420} y={216} word="slits" />}
          {slit && <Held def={fields.slitLength} x={574} y={216} word="each" />}
        </>
      }
      windows={[
        [14, 0, 346, filo ? 24 : 200],
        [350, 0, 290, 200],
      ]}
      label={
        filo
          ? 'Its top; nothing is crimped'
          : open
            ? `The rim cut through: ${thin(seal.rimMm, 0)}; nothing is laid over the filling`
            : `The rim cut through: ${thin(seal.rimMm, 0)} bare, closed by ${seal.crimp}${vents}`
      }
    >
      <text x="20" y="16" className="b">
        {filo ? 'Nothing is crimped: seams lie under' : 'The rim, cut through'}
      </text>
      {!filo && (
        <text x="310" y="16" textAnchor="end" className="q">
          {plain(px / 3.78, 1)} × life size
        </text>
      )}
      {!filo && (
        <g transform="translate(30 40)">
          <path
            d={`M0 110H${rimPx}L300 110V${110 - t * px * 0.4}H${rimPx}L0 ${110 - pressed * px * 0.5}Z`}
            fill="url(#fill-dough)"
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
          {!open && (
            <>
              <path
                d={`M0 ${110 - pressed * px * 0.5}${wave(rimPx, crimps[seal.crimp].pitchMm * 1.6)}C${rimPx + 40} ${60 - pressed * px * 0.5} ${rimPx + 70} 14 300 0V${t * px}C${rimPx + 90} ${14 + t * px} ${rimPx + 50} ${110 - t * px * 0.4} ${rimPx} ${110 - t * px * 0.4}Z`}
                fill="url(#fill-dough)"
                stroke="var(--color-ink)"
                strokeWidth="2"
              />
              <path
                d={`M${rimPx} ${110 - t * px * 0.4}C${rimPx + 50} ${106 - t * px * 0.4} ${rimPx + 90} ${14 + t * px} 300 ${t * px}V${110 - t * px * 0.4}Z`}
                fill="url(#fill-filling)"
                stroke="var(--color-ink)"
              />
            </>
          )}
          {!open && seal.glue !== 'none' && (
            <line
              x1="2"
              x2={rimPx}
              y1={110 - pressed * px * 0.28}
              y2={110 - t * px * 0.4}
              stroke="var(--color-water)"
              strokeWidth="4"
            />
          )}
          <Measure x1={0} x2={rimPx} y1={136} y2={136} text={`${thin(seal.rimMm, 0)} bare`} />
        </g>
      )}
      {open ? (
        <text x="370" y="16" className="q">
          Left open: nothing is laid over it
        </text>
      ) : (
        <LidFromAbove plan={plan} item={item} />
      )}
    </Drawing>
  );
}

function wave(width: number, pitch: number): string {
  const n = Math.max(2, Math.round(width / pitch));
  return Array.from({ length: n }, () => `q${width / n / 2} -14 ${width / n} -4`).join('');
}
