import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import { Measure } from '../../design/drawings/Measure';
import { usePhone } from '../../design/ui/useWidth';
import { counted, long, plain, sides } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';

/** Stacks beyond these are like the last. */
const mostShown = 6;

const leavesWord = (n: number) => counted(n, 'leaf', 'leaves');

/** What one stack of leaves is. */
function layersOf({ leaves, pieces }: CutPlan, index: number): string {
  if (!leaves) return '';
  if (leaves.made) {
    const n = Math.min(leaves.made.perStack, pieces - index * leaves.made.perStack);
    return `stack ${index + 1}: ${leavesWord(leaves.perStack)}, ${counted(n, 'piece', 'pieces')}`;
  }
  if (leaves.ropeMm !== null) return `stack ${index + 1}: ${leavesWord(leaves.perStack)}`;
  return index === 0
    ? `under: ${counted(leaves.under, 'layer', 'layers')}`
    : `over: ${counted(leaves.over, 'layer', 'layers')}`;
}

/** Leaves as they come, stack by stack, and the strips they are cut into. */
export function TrayOfLeaves({ cut }: { cut: CutPlan }) {
  const phone = usePhone();
  const { leaves, rolled } = cut;
  const shown = Math.min(mostShown, leaves?.stacks ?? 1);
  const px = phone ? 300 / rolled.lengthMm : 0.62;
  const x0 = phone ? 4 : 40;
  return (
    <Drawing
      w={phone ? 366 : 680}
      h={phone ? 90 + rolled.widthMm * px + 22 * shown : 460}
      label={`${leaves?.count ?? 0} leaves of ${sides([rolled.lengthMm, rolled.widthMm])}`}
    >
      <text x={phone ? 0 : 20} y="20" className="b">
        Leaves as they come, drawn 1 : {plain(10 / px / 2.65, 0)}
      </text>
      {Array.from({ length: shown }, (_, i) => (
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
            {layersOf(cut, i)}
          </text>
        </g>
      ))}
      {leaves?.made && (
        <g
          stroke="var(--color-ink)"
          strokeDasharray="6 4"
          transform={`translate(${x0 + (shown - 1) * (phone ? 14 : 26)} ${60 + (shown - 1) * 22})`}
        >
          {Array.from({ length: leaves.made.across }, (_, i) => {
            const y = (i + 1) * (leaves.made?.stripMm ?? 0) * px;
            return <line key={i} x1={0} x2={rolled.lengthMm * px} y1={y} y2={y} />;
          })}
          {Array.from({ length: leaves.made.along - 1 }, (_, i) => {
            const x = (i + 1) * (leaves.made?.stripLengthMm ?? 0) * px;
            return <line key={`a${i}`} x1={x} x2={x} y1={0} y2={rolled.widthMm * px} />;
          })}
        </g>
      )}
      <Measure x1={x0} x2={x0 + rolled.lengthMm * px} y1={44} y2={44} text={`${long(rolled.lengthMm)}`} />
    </Drawing>
  );
}
