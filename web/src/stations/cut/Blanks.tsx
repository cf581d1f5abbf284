import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import type { BlankShape } from '@crustallum/core/plan/stations/cut/result';
import { Measure } from '../../design/drawings/Measure';
import { usePhone } from '../../design/ui/useWidth';
import { long, plain, sides, weight } from '../../wording/numbers';
import { blankWords } from '../../wording/cut';
import { Drawing } from '../_shared/Drawing';
import { fields } from '../_shared/fields';
import { Held } from '../_shared/Held';

/** Blanks in rows on the drawing: whole ones beside one another, strips and bands one under the other. */
function placed(blanks: readonly BlankShape[], wide: number) {
  const apart = 46;
  const flat = (b: BlankShape) => b.dims[0] > 4 * b.dims[1];
  const solid = blanks.filter((b) => !flat(b));
  // of many strips the longest stands for all
  const long = blanks.filter(flat).filter((b, i, all) => all.findIndex((c) => c.kind === b.kind) === i);
  const total = solid.reduce((sum, b) => sum + b.dims[0], 0) || 1;
  const tallest = Math.max(1, ...solid.map((b) => b.dims[1]));
  const longest = Math.max(1, ...long.map((b) => b.dims[0]));
  const room = long.length ? 190 : 300;
  const px = Math.min((wide - apart * solid.length) / total, room / tallest, wide / longest, 1.6);
  let x = 0;
  const shown = solid.map((b) => {
    const at = { blank: b, x, y: 0 };
    x += b.dims[0] * px + apart;
    return at;
  });
  let y = solid.length ? tallest * px + 40 : 0;
  for (const b of long) {
    shown.push({ blank: b, x: 0, y });
    y += b.dims[1] * px + 34;
  }
  return { shown, px, high: Math.max(tallest * px, y) };
}

/** What is cut for a dish, at one scale. */
export function Blanks({ cut }: { cut: CutPlan }) {
  const phone = usePhone();
  const [left, top] = phone ? [4, 64] : [40, 90];
  const { shown, px, high } = placed(cut.blanks, phone ? 340 : 590);
  const said = (b: BlankShape) => {
    const like = cut.blanks.filter((c) => c.kind === b.kind);
    const count = like.reduce((sum, c) => sum + c.count, 0);
    const grams = like.reduce((sum, c) => sum + c.count * c.massG, 0);
    const shortest = Math.min(...like.map((c) => c.dims[0]));
    return {
      name: `${blankWords[b.kind]}${count > 1 ? ` × ${count}` : ''}, ${weight(like.length > 1 ? grams : grams / count)}${like.length > 1 ? ' in all' : ''}`,
      size:
        shortest < b.dims[0]
          ? `, ${long(shortest)} to ${long(b.dims[0])} long, ${long(b.dims[1])} wide`
          : `, ${sides([b.dims[0], b.dims[1]])}`,
    };
  };
  const total = cut.blanks.reduce((sum, b) => sum + b.count, 0);
  return (
    <Drawing
      w={phone ? 366 : 680}
      h={phone ? top + high + 34 : 560}
      alone
      label={cut.blanks.map((b) => `${blankWords[b.kind]} ${sides([b.dims[0], b.dims[1]])}`).join(', ')}
      over={
        <>
          <Held def={fields.thickness} x={90} y={520} />
          <Held def={fields.trim} x={230} y={520} word="trim" />
        </>
      }
    >
      <text x={phone ? 0 : 20} y="20" className="b">
        {total} {total === 1 ? 'blank' : 'blanks'}, drawn 1 : {plain(10 / px / 2.65, 0)}
      </text>
      {shown.map(({ blank: b, x, y }, i) => {
        const [w, h] = [b.dims[0] * px, b.dims[1] * px];
        const [x0, y0] = [left + x, top + y];
        const dough = { fill: 'url(#fill-dough)', stroke: 'var(--color-ink)', strokeWidth: 2.5 };
        const strip = b.dims[0] > 4 * b.dims[1];
        return (
          <g key={i}>
            {b.form === 'rect' ? (
              <rect x={x0} y={y0} width={w} height={h} {...dough} />
            ) : (
              <ellipse cx={x0 + w / 2} cy={y0 + h / 2} rx={w / 2} ry={h / 2} {...dough} />
            )}
            {!strip && (
              <>
                <Measure x1={x0} x2={x0 + w} y1={y0 - 26} y2={y0 - 26} text={`${long(b.dims[0])}`} />
                <Measure x1={x0 + w + 22} x2={x0 + w + 22} y1={y0} y2={y0 + h} text={long(b.dims[1])} />
              </>
            )}
            <text
              x={strip ? x0 : x0 + w / 2}
              y={strip ? y0 + h + 18 : phone ? y0 + h + 22 : y0 + 6 + h / 2}
              textAnchor={strip ? 'start' : 'middle'}
              className="b"
            >
              {said(b).name}
              {strip ? said(b).size : ''}
            </text>
          </g>
        );
      })}
    </Drawing>
  );
}
