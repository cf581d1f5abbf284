import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import { usePhone } from '../../design/ui/useWidth';
import { counted, long, sides } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { fields } from '../_shared/fields';
import { Held } from '../_shared/Held';
import { SheetShape } from './SheetShape';

const apart = 54;

/** Bases and lids from two cutters, laid on each roll of the dough at one scale. */
export function Together({ cut, trimMm }: { cut: CutPlan; trimMm: number }) {
  const phone = usePhone();
  const rolls = cut.together ?? [];
  const pairs = rolls.reduce((sum, r) => sum + r.pairs, 0);
  const [wide, high] = phone ? [366, 560] : [640, 400];
  // the long side of a sheet lies along the page
  const longest = Math.max(...rolls.map((r) => r.lengthMm));
  const across = rolls.reduce((sum, r) => sum + r.widthMm, 0);
  const px = Math.min((wide - 20) / longest, (high - apart * rolls.length) / across, 1.2);
  let y = 40;
  const cutterOf = (kind: 'lid' | 'base') => cut.blanks.find((b) => b.kind === kind)?.dims[0] ?? 0;
  return (
    <Drawing
      w={phone ? 366 : 680}
      h={phone ? 640 : 560}
      alone
      label={rolls.map((r, i) => `Roll ${i + 1}: ${counted(r.pairs, 'base and lid', 'bases and lids')}`).join('; ')}
      over={
        <>
          <Held def={fields.thickness} x={90} y={phone ? 600 : 520} />
          <Held def={fields.trim} x={230} y={phone ? 600 : 520} word="trim" />
        </>
      }
    >
      <text x={4} y="20" className="b">
        {counted(pairs, 'base', 'bases')} of {long(cutterOf('base'))}, {counted(pairs, 'lid', 'lids')} of{' '}
        {long(cutterOf('lid'))}
        {phone ? '' : ', lids first'}
      </text>
      {rolls.map((r, i) => {
        const frame = { x0: 8, y0: y, px, w: r.lengthMm, h: r.widthMm, turned: false };
        y += r.widthMm * px + apart;
        return (
          <g key={i}>
            <SheetShape frame={frame} sheet={{ shape: 'rect', w: r.lengthMm, h: r.widthMm }} trimMm={trimMm} />
            {r.circles.map((c, n) => (
              <circle
                key={n}
                cx={frame.x0 + c.y * px}
                cy={frame.y0 + c.x * px}
                r={(c.d / 2) * px}
                fill={c.lid ? 'var(--color-butter)' : 'var(--color-flour)'}
                stroke="var(--color-ink)"
                strokeWidth={c.lid ? 3 : 1.5}
              />
            ))}
            <text x={8} y={frame.y0 + r.widthMm * px + 22} className="b">
              {i === 0 ? 'First roll' : phone ? 'Again' : 'The trimmings, rolled again'}:{' '}
              {sides([r.lengthMm, r.widthMm])}
              {r.sheets > 1 ? `, ${r.sheets} sheets` : ''}; {counted(r.pairs, 'base and lid', 'bases and lids')}
            </text>
          </g>
        );
      })}
    </Drawing>
  );
}
