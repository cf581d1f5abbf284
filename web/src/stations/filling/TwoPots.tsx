import { isPoured } from '@crustallum/core/filling/poured';
import type { Pot } from '@crustallum/core/filling/pot';
import { ingredientNamed } from '@crustallum/core/ingredients/named';
import type { FillingResult } from '@crustallum/core/plan/stations/filling/result';
import { usePhone } from '../../design/ui/useWidth';
import { weight } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';

const fills = ['url(#fill-filling)', 'var(--color-dough)', 'var(--color-crust-wash)', 'var(--color-slab)'] as const;
const ground = 176;
const high = 132;
/** Names stand no nearer than this under each other, px; more of them are told by number. */
const nameStep = 21;
const mostNames = 7;

interface Layer {
  name: string;
  before: number;
  after: number;
}

/** What goes into the pot and what is left of it, layers as tall as their grams, in the order they go in from below. */
export function TwoPots({ f, pot }: { f: FillingResult; pot: Pot }) {
  const phone = usePhone();
  const w = phone ? 366 : 660;
  const [wide, leftX, rightX] = phone ? [74, 8, 284] : [168, 30, 466];
  const isWet = (name: string) => isPoured(ingredientNamed(name) ?? '');
  const { sauce } = f;
  // what is left of each liquid is the sauce's own figure
  const left = sauce ? sauce.liquidG / Math.max(1, sauce.liquidG + sauce.steamG) : 1;
  const order = f.parts.map((_, at) => at).sort((a, b) => (pot.entersMin[a] ?? 0) - (pot.entersMin[b] ?? 0));
  const layers = order.flatMap((at): Layer[] => {
    const p = f.parts[at];
    if (!p) return [];
    return [{ name: p.name, before: p.grams, after: sauce && isWet(p.name) ? p.grams * left : p.inPieG }];
  });
  // what the solids let go of, or gave when they were cooked apart, stands over them
  const poured = f.parts.reduce((sum, p) => sum + (isWet(p.name) ? p.grams : 0), 0);
  const juice = sauce ? sauce.liquidG - poured * left : 0;
  if (juice > 0.5) layers.push({ name: 'their juice', before: 0, after: juice });
  const total = (key: 'before' | 'after') => layers.reduce((sum, l) => sum + l[key], 0);
  const all = Math.max(1, total('before'), total('after'));
  const px = (grams: number) => (high * grams) / all;
  const named = [...layers].sort((a, b) => b.before - a.before).slice(0, mostNames);
  const shown = layers.filter((l) => named.includes(l));
  const stack = (x: number, key: 'before' | 'after') => {
    let y = ground;
    return layers.map((l, n) => {
      y -= px(l[key]);
      return (
        <rect
          key={n}
          x={x}
          y={y}
          width={wide}
          height={px(l[key])}
          fill={fills[n % fills.length]}
          stroke="var(--color-ink)"
        />
      );
    });
  };
  const middles = (key: 'before' | 'after') => {
    let g = 0;
    return new Map(
      layers.map((l) => {
        g += l[key];
        return [l, ground - px(g - l[key] / 2)];
      }),
    );
  };
  const [before, after] = [middles('before'), middles('after')];
  const wall = (x: number) =>
    `M${x - 10} ${ground - high - 16}L${x} ${ground - high - 6}V${ground}H${x + wide}V${ground - high - 6}l10 -10`;
  const [from, to] = [leftX + wide, rightX];
  const gone = total('before') - total('after');
  return (
    <Drawing
      w={w}
      h={216}
      label={`Into the pot go ${weight(total('before'))}: ${layers.map((l) => `${l.name} ${weight(l.before)}, then ${weight(l.after)}`).join('; ')}. ${weight(total('after'))} are left`}
    >
      <text x={leftX} y="16" className="b">
        The pot before, and after
      </text>
      {!phone && (
        <text x={w - 26} y="16" textAnchor="end" className="q">
          layers as tall as their grams
        </text>
      )}
      {stack(leftX, 'before')}
      {stack(rightX, 'after')}
      <path d={wall(leftX)} fill="none" stroke="var(--color-ink)" strokeWidth="3" />
      <path d={wall(rightX)} fill="none" stroke="var(--color-ink)" strokeWidth="3" />
      {shown.map((l, n) => {
        const y = ground - 6 - n * nameStep;
        const grams = (g: number) => weight(g, g < 10 ? 1 : 0).replace(/ g$/, '');
        return (
          <g key={l.name + n}>
            {!phone && (
              <path
                d={`${l.before > 0 ? `M${from} ${before.get(l)}L${from + 22} ${y - 5}h10` : ''}M${to} ${after.get(l)}L${to - 22} ${y - 5}h-10`}
                fill="none"
                stroke="var(--color-ink-2)"
              />
            )}
            <text x={from + (phone ? 8 : 38)} y={y}>
              {l.before > 0 ? grams(l.before) : ''}
            </text>
            <text x={(from + to) / 2} y={y} textAnchor="middle">
              {l.name.toLowerCase().slice(0, phone ? 11 : 15)}
            </text>
            <text x={to - (phone ? 8 : 38)} y={y} textAnchor="end" className="b">
              {grams(l.after)}
            </text>
          </g>
        );
      })}
      {gone > 0 && px(gone) > 20 && (
        <text x={rightX + wide / 2} y={ground - px(total('after')) - 8} textAnchor="middle" className="q">
          {weight(gone)} gone
        </text>
      )}
      <text x={leftX + wide / 2} y={ground + 20} textAnchor="middle" className="b">
        {weight(total('before'))}
      </text>
      <text x={rightX + wide / 2} y={ground + 20} textAnchor="middle" className="b">
        {weight(total('after'))}
      </text>
      {layers.length > shown.length && (
        <text x={(from + to) / 2} y={ground + 20} textAnchor="middle" className="q">
          and {layers.length - shown.length} more
        </text>
      )}
    </Drawing>
  );
}
