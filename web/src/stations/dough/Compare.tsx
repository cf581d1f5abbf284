import { ratioNames, trueRatios, type TrueRatios } from '@crustallum/core/dough/formula';
import { styleNames, styles } from '@crustallum/core/dough/styles';
import { ingredientOf, nameOf } from '@crustallum/core/ingredients/table';
import { foldsOf, partsOf, startOf, styleOf } from '@crustallum/core/plan/stations/dough/formula';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { useMemo, useState } from 'react';
import { useItem } from '../../desk/useItem';
import type { LogEntry } from '@crustallum/core/contracts/log';
import { useLogQuery } from '../../api/api';
import { useAppSelector } from '../../desk/store';
import { Choice } from '../../design/ui/Choice';
import { useQuestion } from '../_shared/useQuestion';
import { ratioWords, styleFor, styleWords } from '../../wording/dough';
import { fromTo, plain, shown, thin, weight } from '../../wording/numbers';
import { fatWords } from '../../wording/words';
import { useCost } from './useCost';
import type { DoughInput } from '@crustallum/core/contracts/dough';
import type { FoldsInput } from '@crustallum/core/contracts/folds';

interface Side {
  name: string;
  what: string;
  /** Null for what is only known as it was weighed. */
  dough: DoughInput | null;
  fat: string;
  folds: FoldsInput | null;
  ratios: TrueRatios;
  plan: ItemPlan | null;
}

/** Two doughs side by side: what they are, the degrees they work in, what they cost and what each is for. */
export function Compare() {
  const { item, plan } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const items = useAppSelector((s) => s.desk.items);
  const plans = useAppSelector((s) => s.desk.plan?.items);
  const pastry = item?.document.dough.pastry;
  const { data: log = [] } = useLogQuery();
  const weighed = log.filter((e) => formulaOf(e).length > 0);
  const others = items.filter((i) => i.id !== item?.id && i.document.dough.pastry !== 'filo');
  const names = styleNames.filter((n) => styles[n].pastry === pastry && n !== (item && styleOf(item.document.dough)));
  const [beside, setBeside] = useState<string>(names[0] ?? '');
  const document = item?.document;
  const style = names.find((n) => n === beside);
  const asked = useMemo(
    () =>
      document && kitchen && style
        ? {
            item: {
              ...document,
              dough: { ...document.dough, ...startOf(style) },
              folds: { ...document.folds, ...foldsOf(style) },
            },
            kitchen,
          }
        : null,
    [document, kitchen, style],
  );
  const { value, asking } = useQuestion<ItemPlan>('plan.item', asked);
  const made = asked && !asking ? value : null;
  if (!item || !plan || !document) return null;
  const side = (name: string, what: string, dough: DoughInput, folds: FoldsInput, p: ItemPlan | null): Side => ({
    name,
    what,
    dough,
    fat: dough.fat,
    folds,
    ratios: trueRatios(partsOf(dough)),
    plan: p,
  });
  const entry = weighed.find((e) => `log ${e.id}` === beside);
  const mine = side(item.document.title, styleFor[styleOf(document.dough)], document.dough, document.folds, plan);
  const other = others.find((i) => i.id === beside);
  const second = style
    ? side(
        styleWords[style] ?? style,
        styleFor[style],
        { ...document.dough, ...startOf(style) },
        { ...document.folds, ...foldsOf(style) },
        made,
      )
    : other
      ? side(
          other.document.title,
          styleFor[styleOf(other.document.dough)],
          other.document.dough,
          other.document.folds,
          plans?.[items.indexOf(other)] ?? null,
        )
      : entry
        ? asWeighed(entry)
        : null;
  return (
    <div style={{ maxWidth: 660 }}>
      <div style={{ maxWidth: 320 }}>
        <Choice
          label="Beside it"
          value={beside}
          options={[
            ...names.map((n) => [n, styleWords[n] ?? n] as const),
            ...others.map((i) => [i.id, i.document.title] as const),
            ...weighed.map((e) => [`log ${e.id}`, `${e.title}, ${e.date}`] as const),
          ]}
          onChange={setBeside}
        />
      </div>
      {second && <Two one={mine} other={second} />}
    </div>
  );
}

interface MadePart {
  id: string;
  madeG: number;
}
const formulaOf = (entry: LogEntry): MadePart[] => (entry.snapshot['formula'] as MadePart[] | undefined) ?? [];

/** An earlier time, as it was really weighed: its ratios are known, its plan is not worked out again. */
function asWeighed(entry: LogEntry): Side {
  const parts = formulaOf(entry).map((f) => ({ id: f.id, grams: f.madeG }));
  const fat = parts.find((p) => ingredientOf(p.id)?.group === 'fat')?.id ?? '';
  return {
    name: `${entry.title}, ${entry.date}`,
    what:
      entry.answers.note ||
      `as it was weighed${entry.answers.texture ? `; ${entry.answers.texture} in the mouth` : ''}`,
    dough: null,
    fat,
    folds: null,
    ratios: trueRatios(parts),
    plan: null,
  };
}

function Two({ one, other }: { one: Side; other: Side }) {
  const both = [one, other];
  const cost = useCost();
  const band = (s: Side) => (s.plan?.dough.band ? fromTo(s.plan.dough.band.low, s.plan.dough.band.high) : '–');
  const chill = (s: Side) => {
    const lamination = s.plan?.lamination;
    const f =
      lamination?.kind === 'folds'
        ? lamination.figures.rest
        : lamination?.kind === 'crumb'
          ? lamination.figures.chill
          : null;
    if (!f) return '–';
    const { value, unit } = shown(f);
    return `${value} ${unit}`.trim();
  };
  const crumb = (s: Side) =>
    !s.folds || !s.dough
      ? '–'
      : s.dough.pastry === 'roughPuff'
        ? `${s.folds.turns} turns`
        : `${plain(s.folds.coatedPct, 0)} % fine, the rest ${thin(s.folds.crumbMm, 0)}`;
  // of a hundred each, by how much flour is coated and how much fat stays in pieces: estimates
  const index = (s: Side) =>
    s.plan?.lamination.kind === 'crumb' && s.folds
      ? `${plain(100 * s.plan.lamination.coverage, 0)}, ${plain(100 - s.folds.coatedPct, 0)} of 100`
      : '–';
  const rows: [string, (s: Side) => string][] = [
    ['Fat is', (s) => fatWords[s.fat] ?? (nameOf(s.fat).toLowerCase() || '–')],
    ...ratioNames.map((r): [string, (s: Side) => string] => [
      `${ratioWords[r]} to flour`,
      (s) => `${plain(s.ratios.toFlour[r], s.ratios.toFlour[r] < 10 ? 1 : 0)} %`,
    ]),
    ['Works', band],
    ['Crumb', crumb],
    ['Tender, flaky', index],
    ['First chill', chill],
    ['In all', (s) => (s.plan ? `${weight(s.plan.dough.masses.totalG)}` : '–')],
    ['Costs', (s) => (s.plan?.dough.facts ? cost.written(s.plan.dough.facts.parts) : '–')],
  ];
  return (
    <div className="compare" role="table" aria-label={`${one.name} and ${other.name}`}>
      <div role="row" className="compare-row">
        <span role="columnheader" className="quiet-ink">
          to 100 of flour
        </span>
        {both.map((s) => (
          <strong role="columnheader" key={s.name}>
            {s.name}
          </strong>
        ))}
      </div>
      {rows.map(([name, value]) => {
        const [a, b] = both.map(value) as [string, string];
        return (
          <div role="row" className="compare-row" key={name}>
            <span role="rowheader" className="quiet-ink">
              {name}
            </span>
            <span role="cell" style={{ fontWeight: a === b ? 450 : 640 }}>
              {a}
            </span>
            <span role="cell" style={{ fontWeight: a === b ? 450 : 640 }}>
              {b}
            </span>
          </div>
        );
      })}
      <div role="row" className="compare-row">
        <span role="rowheader" className="quiet-ink">
          Is for
        </span>
        {both.map((s) => (
          <span role="cell" key={s.name} style={{ fontSize: 15 }}>
            {s.what}
          </span>
        ))}
      </div>
    </div>
  );
}
