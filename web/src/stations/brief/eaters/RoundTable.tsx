import { hasNeed } from '@crustallum/core/contracts/eater';
import { ItemSign } from '../../../design/drawings/signs';
import { signsOf } from '../../../wording/eaters';
import { Drawing } from '../../_shared/Drawing';
import { colour } from '../../clock/packed';
import { OnTheTable } from '../OnTheTable';
import { answerOf, markFor, spoken, type EatersDrawn } from './drawn';
import { Knot } from './Knot';

const gap = 27;
const width = 830;
const height = 470;
/** The table itself; strands lie round it. */
const table = { x: 150, y: 150, w: 530, h: 176 };

/** Where along a strand it is broken, at each place that does not simply eat. */
function broken(from: number, to: number, breaks: readonly number[]): [number, number][] {
  const out: [number, number][] = [];
  let at = from;
  for (const b of [...breaks].sort((p, q) => p - q)) {
    out.push([at, b - 15]);
    at = b + 15;
  }
  out.push([at, to]);
  return out.filter(([a, b]) => b > a);
}

/** The table from above, each dish a strand that runs once round it past everybody; the outermost dish is the last. */
export function RoundTable(drawn: EatersDrawn) {
  const { eaters, who, dishes, chosen, onChoose } = drawn;
  const perSide = Math.max(1, Math.ceil(eaters.length / 2));
  const place = table.w / perSide;
  const x = (i: number) => table.x + ((i % perSide) + 0.5) * place;
  const above = (i: number) => i < perSide;
  const ring = (k: number) => 28 + k * gap;
  const reach = ring(dishes.length - 1) + 44;
  const nameY = (i: number) => (above(i) ? table.y - reach : table.y + table.h + reach - 8);
  return (
    <Drawing
      w={width}
      h={height + 34}
      overAlways
      label="Who may eat what, round the table"
      over={eaters.map((e, i) => (
        <button
          key={i}
          type="button"
          className="absolute border-0 bg-transparent"
          style={{
            left: x(i) - Math.max(24, place / 2),
            top: above(i) ? nameY(i) - 24 : table.y + table.h + 10,
            width: Math.max(48, place),
            height: reach + 20,
          }}
          aria-pressed={i === chosen}
          aria-label={spoken(drawn, i)}
          onClick={() => onChoose(i)}
        >
          <span className="visually-hidden">{e.name}</span>
        </button>
      ))}
    >
      <rect
        x={table.x}
        y={table.y}
        width={table.w}
        height={table.h}
        fill="var(--color-slab)"
        stroke="var(--color-ink)"
        strokeWidth="2.500"
      />
      <g transform={`translate(${table.x} ${table.y + table.h / 2}) scale(0.9)`}>
        <OnTheTable dishes={dishes} reach={table.w / 0.9 - 20} />
      </g>
      {dishes.map((dish, k) => {
        const off = ring(k);
        const [top, foot] = [table.y - off, table.y + table.h + off];
        const [left, right] = [table.x - off - 22, table.x + table.w + off + 22];
        const round = 26 + k * gap;
        const breaks = (upper: boolean) =>
          eaters.flatMap((_, i) => (above(i) === upper && answerOf(who, i, k) !== 'may' ? [x(i)] : []));
        return (
          <g key={k} fill="none" stroke={colour(k)} strokeWidth="3">
            {broken(left + round, right - round, breaks(true)).map(([a, b]) => (
              <path key={a} d={`M${a} ${top}H${b}`} />
            ))}
            {broken(left + round, right - round, breaks(false)).map(([a, b]) => (
              <path key={a} d={`M${a} ${foot}H${b}`} />
            ))}
            <path
              d={`M${left + round} ${top}Q${left} ${top} ${left} ${top + round}V${foot - round}Q${left} ${foot} ${left + round} ${foot}`}
            />
            <path
              d={`M${right - round} ${top}Q${right} ${top} ${right} ${top + round}V${foot - round}Q${right} ${foot} ${right - round} ${foot}`}
            />
            {[left, right].map((at, side) => (
              <g
                key={side}
                transform={`translate(${at} ${table.y + table.h / 2 + (k - (dishes.length - 1) / 2) * 38})`}
              >
                <circle r="16" fill="var(--color-flour)" />
                <g transform="translate(-11 -11)">
                  <ItemSign sign={dish.sign} size={22} colour={colour(k)} />
                </g>
              </g>
            ))}
          </g>
        );
      })}
      {eaters.map((e, i) => {
        const needy = hasNeed(e);
        const on = i === chosen;
        return (
          <g key={i} transform={`translate(${x(i)} 0)`}>
            <path
              d={above(i) ? `M-12 ${table.y}a12 12 0 0 1 24 0z` : `M-12 ${table.y + table.h}a12 12 0 0 0 24 0z`}
              fill={needy ? 'var(--color-ink)' : 'var(--color-flour)'}
              stroke="var(--color-ink)"
              strokeWidth="2"
            />
            {dishes.map((_, k) => (
              <g key={k} transform={`translate(0 ${above(i) ? table.y - ring(k) : table.y + table.h + ring(k)})`}>
                <Knot answer={answerOf(who, i, k)} mark={markFor(who, e.name, k)} colour={colour(k)} />
              </g>
            ))}
            {on && (
              <rect
                x={-Math.max(26, place / 2 - 3)}
                y={nameY(i) - 19}
                width={Math.max(52, place - 6)}
                height={needy ? 44 : 27}
                rx="5"
                fill="var(--color-ink)"
              />
            )}
            <text
              y={nameY(i)}
              textAnchor="middle"
              className={needy ? 'b' : undefined}
              style={on ? { fill: 'var(--color-flour)' } : undefined}
            >
              {e.name.replace(/^Guest /, place < 60 ? '' : 'Guest ').slice(0, Math.max(3, Math.floor(place / 8.5)))}
            </text>
            {needy && (
              <text
                y={nameY(i) + 18}
                textAnchor="middle"
                className="b"
                style={{ fontSize: 14, ...(on ? { fill: 'var(--color-flour)' } : {}) }}
              >
                {signsOf(e)}
              </text>
            )}
          </g>
        );
      })}
      <Key y={height + 18} />
    </Drawing>
  );
}

const keys = [
  ['may', 'may eat'],
  ['pieces', 'these pieces, filled apart'],
  ['not', 'cut: not for them'],
  ['unknown', 'not known'],
] as const;

function Key({ y }: { y: number }) {
  return (
    <>
      {keys.map(([answer, word], i) => (
        <g key={answer} transform={`translate(${30 + ([0, 150, 410, 630][i] ?? 0)} ${y})`}>
          <Knot answer={answer} mark="●" colour="var(--color-ink-2)" />
          <text x="34" y="5">
            {word}
          </text>
        </g>
      ))}
    </>
  );
}
