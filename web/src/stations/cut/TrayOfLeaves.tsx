import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import { Measure } from '../../design/drawings/Measure';
import { usePhone } from '../../design/ui/useWidth';
import { plain } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';

const cm = (mm: number) => plain(mm / 10, 1);

/** Leaves as they come, stack by stack. */
export function TrayOfLeaves({ cut }: { cut: CutPlan }) {
  const phone = usePhone();
  const { leaves, rolled } = cut;
  const px = phone ? 300 / rolled.lengthMm : 0.62;
  const x0 = phone ? 4 : 40;
  return (
    <Drawing
      w={phone ? 366 : 680}
      h={phone ? 90 + rolled.widthMm * px + 22 * (leaves?.stacks ?? 1) : 460}
      label={`${leaves?.count ?? 0} leaves of ${cm(rolled.lengthMm)} × ${cm(rolled.widthMm)} cm`}
    >
      <text x={phone ? 0 : 20} y="20" className="b">
        Leaves as they come, drawn 1 : {plain(10 / px / 2.65, 0)}
      </text>
      {Array.from({ length: leaves?.stacks ?? 1 }, (_, i) => (
        <g key={i}>
          <rect
            x={x0 + i * (phone ? 14 : 26)}
            y={60 + i * 22}
            width={rolled.lengthMm * px}
            height={rolled.widthMm * px}
            fill="var(--color-dough-thin)"
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
          <text x={x0 + 12 + i * (phone ? 14 : 26)} y={80 + i * 22} className="q">
            stack {i + 1}: {Math.round((leaves?.count ?? 0) / (leaves?.stacks ?? 1))} leaves
          </text>
        </g>
      ))}
      <Measure x1={x0} x2={x0 + rolled.lengthMm * px} y1={44} y2={44} text={`${cm(rolled.lengthMm)} cm`} />
    </Drawing>
  );
}
