import type { FridgeShape } from '@crustallum/core/cold/fridgeShapes';
import type { DoughShapes } from '@crustallum/core/plan/questions/shapes';
import { useItem } from '../../desk/useItem';
import { useAppSelector } from '../../desk/store';
import { usePhone } from '../../design/ui/useWidth';
import { shapeWords } from '../../wording/folds';
import { degrees, plain, sides, span, weight } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { Unanswered } from '../_shared/Unanswered';
import { useQuestion } from '../_shared/useQuestion';

/** The same dough in five shapes for the cold, cut through, at the moment its mean can be rolled. */
export function Shapes() {
  const { item } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const phone = usePhone();
  const asked = useQuestion<DoughShapes>(
    'plan.fridgeShapes',
    item && kitchen ? { item: item.document, kitchen } : null,
  );
  const made = asked.value;
  if (!made) return <Unanswered asked={asked} working="Cooling five shapes" />;
  const rowH = phone ? 132 : 104;
  const width = phone ? 366 : 660;
  const quickest = Math.min(...made.shapes.map((s) => s.minutes ?? Infinity));
  return (
    <Drawing
      w={width}
      h={40 + rowH * made.shapes.length}
      alone
      label={`${weight(made.massG)} of dough from ${plain(made.startC, 0)} to ${plain(made.targetC, 1)} degrees: ${made.shapes.map((s) => `${shapeWords[s.name]} ${s.minutes === null ? 'never' : span(s.minutes)}`).join(', ')}`}
    >
      <text x="4" y="16" className="b">
        {weight(made.massG)}, from {degrees(made.startC, 0)} to {degrees(made.targetC, 1)} in this fridge, cut through
      </text>
      {made.shapes.map((s, i) => (
        <g key={s.name} transform={`translate(0 ${36 + i * rowH})`}>
          <Section shape={s} box={phone ? 130 : 210} targetC={made.targetC} />
          <g transform={phone ? 'translate(142 0)' : 'translate(236 0)'}>
            <text y="18" className="b">
              {shapeWords[s.name]} {sides(s.mm, 0)}
            </text>
            <text y="42">
              <tspan className="b">{s.minutes === null ? 'not in twelve hours' : span(s.minutes)}</tspan>
              {s.range && ` (${plain(s.range[0], 0)}–${plain(s.range[1], 0)} min)`}
              {s.minutes === quickest ? ', soonest' : ''}
            </text>
            <text y="64" className="q">
              rim {degrees(s.surfaceC, 1)}, middle {degrees(s.middleC, 1)}
            </text>
            <text y="86" className="q">
              {s.freezerMin === null ? '' : `freezer ${span(s.freezerMin)}${s.rimFrozen ? ', rim frozen' : ''}`}
              {phone ? '' : s.temperMin === null ? '' : `; after a night, ${span(s.temperMin)} on the bench`}
            </text>
            {phone && s.temperMin !== null && (
              <text y="106" className="q">
                after a night, {span(s.temperMin)} out
              </text>
            )}
          </g>
        </g>
      ))}
    </Drawing>
  );
}

/** Its section at one scale, bluer where it is colder: rim and middle as they are at that moment. */
function Section({ shape, box, targetC }: { shape: FridgeShape; box: number; targetC: number }) {
  const [high = 0, , long] = shape.mm;
  const px = Math.min(0.8, box / 260);
  const w = (long ?? shape.mm[1] ?? high) * px;
  const h = high * px;
  const round = shape.name === 'ball' || shape.name === 'log';
  const id = `cool-${shape.name}`;
  const ink = (c: number) =>
    `color-mix(in oklab, var(--color-frost) ${plain(Math.max(10, Math.min(95, 60 - 18 * (c - targetC))), 0)}%, var(--color-dough))`;
  return (
    <g transform={`translate(${box / 2} 46)`}>
      <radialGradient id={id}>
        <stop offset="0.25" stopColor={ink(shape.middleC)} />
        <stop offset="1" stopColor={ink(shape.surfaceC)} />
      </radialGradient>
      {round ? (
        <ellipse
          rx={h / 2}
          ry={h / 2}
          fill={`url(#${id})`}
          stroke="var(--color-ink)"
          strokeWidth={shape.rimFrozen ? 5 : 2}
        />
      ) : (
        <rect
          x={-Math.min(w, box) / 2}
          y={-h / 2}
          width={Math.min(w, box)}
          height={h}
          rx="5"
          fill={`url(#${id})`}
          stroke="var(--color-ink)"
          strokeWidth={shape.rimFrozen ? 5 : 2}
        />
      )}
    </g>
  );
}
