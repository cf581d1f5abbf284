import { markDrawing } from '@crustallum/core/templates/marks';
import type { Primitive } from '@crustallum/core/templates/primitives';
import { usePhone } from '../../design/ui/useWidth';
import { list, markWords, pieceMark, type EatersOfItem } from '../../wording/eaters';
import { counted } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';

/** A lid, px, and a millimetre of a mark on it: as large as it is cut. */
const [wide, high, px] = [128, 78, 3.78];
const markMm = 13;

function Drawn({ item }: { item: Primitive }) {
  if (item.kind === 'circle') return <circle cx={item.x} cy={-item.y} r={item.r} />;
  if (item.kind === 'text')
    return (
      <text
        x={item.x}
        y={-item.y}
        textAnchor={item.anchor}
        style={{ fontSize: item.sizeMm, fontWeight: 700, fill: 'var(--color-ink)' }}
        stroke="none"
      >
        {item.text}
      </text>
    );
  return <path d={`M${item.points.map(([x, y]) => `${x} ${-y}`).join('L')}${item.closed ? 'z' : ''}`} />;
}

/** The key to who gets which: every lot made apart with its lid from above, its mark at its own size, and whose it is. */
export function Marks({ eaters }: { eaters: EatersOfItem }) {
  const phone = usePhone();
  const { apart } = eaters;
  if (apart.length === 0) return null;
  const across = phone ? 2 : 4;
  const each = phone ? 183 : 165;
  const rows = Math.ceil(apart.length / across);
  const said = apart.map((a) => `${list(a.eaters)}: ${markWords(pieceMark(a))}`);
  return (
    <Drawing w={phone ? 366 : 660} h={rows * 136 + 24} label={`Who gets which. ${said.join('; ')}`}>
      <text x="0" y="16" className="b">
        Who gets which, marks as large as they are made
      </text>
      {apart.map((a, n) => (
        <g
          key={a.mark}
          transform={`translate(${(n % across) * each + wide / 2 + 2} ${32 + Math.floor(n / across) * 136 + high / 2})`}
        >
          <ellipse rx={wide / 2} ry={high / 2} fill="url(#fill-dough)" stroke="var(--color-ink)" strokeWidth="2" />
          <g
            transform={`scale(${px})`}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth="0.9"
            strokeLinecap="round"
            strokeLinejoin="round"
          >
            {markDrawing(pieceMark(a), [pieceMark(a).by === 'initials' ? -markMm / 4 : 0, 0], markMm).map((item, i) => (
              <Drawn key={i} item={item} />
            ))}
          </g>
          <text y={high / 2 + 20} textAnchor="middle" className="b">
            {list(a.eaters).slice(0, 20)}
          </text>
          <text y={high / 2 + 38} textAnchor="middle" className="q">
            {counted(a.pieces, 'piece', 'pieces')}
          </text>
        </g>
      ))}
    </Drawing>
  );
}
