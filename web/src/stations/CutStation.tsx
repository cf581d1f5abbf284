import { useState } from 'react';
import type { CutPlan } from '@crustallum/core/plan/cut/cutPlan';
import { useItem } from '../app/useItem';
import { useToolsQuery } from '../store/api';
import { Measure } from '../drawings/Measure';
import { Choice } from '../ui/Choice';
import { usePhone } from '../ui/useWidth';
import { plain } from '../wording/numbers';
import { Drawing } from './Drawing';
import { Held } from './Held';
import { Pick } from '../ui/Pick';
import { Freely } from './cut/Freely';
import { Portions } from './cut/Portions';
import { StationPage, Waiting } from './StationPage';
import { fields } from './fields';

type View = 'sheet' | 'freely' | 'portions';
const views: readonly (readonly [View, string])[] = [
  ['sheet', 'sheet'],
  ['freely', 'freely'],
  ['portions', 'portions'],
];

export function CutStation() {
  const [view, setView] = useState<View>('sheet');
  const { item, plan, change } = useItem();
  const { data: tools = [] } = useToolsQuery();
  if (!item || !plan) return <Waiting />;
  const { product } = item.document;
  const hand = product === 'handPies';
  const filo = item.document.dough.pastry === 'filo';
  const c = plan.cut;
  const f = c.figures;
  const dishes = tools.filter((t) => t.document.kind === 'dish');
  const cutters = tools.filter((t) => t.document.kind === 'cutter');
  const chosen = item.document.cut.vesselName ?? '';
  const pickDish = (name: string) => {
    const dish = dishes.find((t) => t.name === name)?.document;
    if (dish?.vessel)
      change({ 'cut.vessel': dish.vessel, 'cut.vesselMaterial': dish.material, 'cut.vesselName': name });
  };
  const names = [...new Set([chosen, ...dishes.map((d) => d.name)])].filter(Boolean);
  const discs = c.generations.length > 0;
  return (
    <StationPage
      station="cut"
      inputs={
        filo
          ? ['leavesInStack']
          : discs
            ? ['cutter', 'thickness', 'trim', 'gap', 'reRolls', ...(hand ? (['pieceKind'] as const) : [])]
            : ['thickness', 'trim']
      }
      held={
        filo || view !== 'sheet'
          ? []
          : discs
            ? hand
              ? ['cutter', 'thickness', 'trim', 'gap', 'reRolls']
              : ['thickness', 'trim', 'gap', 'reRolls']
            : ['thickness', 'trim']
      }
      lead={
        filo ? undefined : (
          <Pick
            label="Show"
            value={view === 'freely' && !discs ? 'sheet' : view}
            options={discs ? views : views.filter(([v]) => v !== 'freely')}
            onChange={setView}
          />
        )
      }
      extra={
        hand ? (
          cutters.length > 0 && (
            <Choice
              label="A cutter of yours"
              value={String(item.document.cut.cutterMm)}
              options={[
                ...new Map([
                  [String(item.document.cut.cutterMm), `${plain(item.document.cut.cutterMm / 10, 1)} cm`],
                  ...cutters.map((t): [string, string] => [String(t.document.diameterMm), t.name]),
                ]),
              ]}
              onChange={(d) => change({ 'cut.cutterMm': Number(d) })}
            />
          )
        ) : (
          <Choice label="Dish" value={chosen} options={names.map((n) => [n, n] as const)} onChange={pickDish} />
        )
      }
      whatIf={<OtherThickness cut={c} t={item.document.cut.thicknessMm} />}
      numbers={[
        [discs ? 'From the first roll' : filo ? 'Leaves' : 'Blanks', f.firstRoll],
        [discs ? 'From later rolls' : 'Rolled again', f.laterRolls],
        [filo ? 'Used' : 'Sheet used', f.sheetUsed],
        [filo ? 'Leaves weigh' : 'Dough to make', f.doughNeeded],
        ['Time at the bench', f.time],
      ]}
    >
      {view === 'portions' && !filo ? (
        <Portions pieces={c.pieces} massG={c.doughMassG} />
      ) : view === 'freely' && discs ? (
        <Freely cut={c} />
      ) : discs ? (
        <DiscSheet cut={c} cutter={!hand} trimMm={item.document.cut.trimMm} />
      ) : filo ? (
        <TrayOfLeaves cut={c} />
      ) : (
        <Blanks cut={c} />
      )}
    </StationPage>
  );
}

function OtherThickness({ cut, t }: { cut: CutPlan; t: number }) {
  if (cut.leaves) return null;
  return (
    <>
      <b>At {plain(t + 0.5, 1)} mm</b> the same pieces would take about {plain((cut.doughMassG * 0.5) / t, 0)} g more
      dough.
    </>
  );
}

const cm = (mm: number) => plain(mm / 10, 1);

/** The sheet to scale with its nested rounds in cutting order, trim line and rulers; later rolls at one small scale below. */
function DiscSheet({ cut, cutter, trimMm }: { cut: CutPlan; cutter: boolean; trimMm: number }) {
  const phone = usePhone();
  const first = cut.generations[0];
  if (!first) return null;
  const { sheet } = first;
  const [w0, h0] = sheet.shape === 'round' ? [sheet.d, sheet.d] : [sheet.w, sheet.shape === 'rect' ? sheet.h : sheet.w];
  const turned = h0 > w0;
  const [sw, sh] = turned ? [h0, w0] : [w0, h0];
  const [px, x0, y0] = phone ? [Math.min(318 / sw, 300 / sh), 40, 60] : [Math.min(430 / sw, 330 / sh), 100, 76];
  const put = ([x, y]: [number, number]): [number, number] =>
    turned ? [x0 + y * px, y0 + x * px] : [x0 + x * px, y0 + (h0 - y) * px];
  const ordered = [...first.layout.centres].map(put).sort((a, b) => Math.round((b[1] - a[1]) / 12) || a[0] - b[0]);
  const shown = Math.ceil(first.n / first.sheets);
  const [right, bottom] = [x0 + sw * px, y0 + sh * px];
  const r = (first.cutter * px) / 2;
  const aside = Math.min(612, right + 76);
  const rolls = phone ? { x: 0, across: 2, stepX: 184 } : { x: 180, across: 3, stepX: 170 };
  const rollsHigh = Math.ceil(cut.generations.length / rolls.across) * 108;
  return (
    <Drawing
      w={phone ? 366 : 680}
      h={phone ? bottom + 44 + rollsHigh : 560}
      alone
      label={`Sheet of ${cm(sw)} × ${cm(sh)} cm with ${shown} rounds of ${cm(first.cutter)} cm`}
      over={
        <>
          {!cutter && <Held def={fields.cutter} x={46} y={bottom - 24} />}
          <Held def={fields.trim} x={aside} y={y0 + 4} word="trim" />
          <Held def={fields.gap} x={aside} y={y0 + 62} word="gap" />
          <Held def={fields.thickness} x={aside} y={y0 + 152} />
          <Held def={fields.reRolls} x={90} y={bottom + 74} word="again" />
        </>
      }
    >
      <text x={phone ? 0 : 20} y="20" className="b">
        {first.sheets > 1 ? `Sheet 1 of ${first.sheets}` : 'The sheet'}, drawn 1 : {plain(10 / px / 2.65, 0)}
      </text>
      <Measure x1={x0} x2={right} y1={y0 - 24} y2={y0 - 24} text={`${cm(sw)} cm`} />
      <Measure x1={x0 - 22} x2={x0 - 22} y1={y0} y2={bottom} text={`${cm(sh)} cm`} />
      {sheet.shape === 'round' ? (
        <circle
          cx={x0 + (sw * px) / 2}
          cy={y0 + (sh * px) / 2}
          r={(sw * px) / 2}
          fill="url(#fill-dough)"
          stroke="var(--color-ink)"
          strokeWidth="2.500"
        />
      ) : (
        <>
          <path
            d={wavy(x0, y0, sw * px, sh * px)}
            fill="url(#fill-dough)"
            stroke="var(--color-ink)"
            strokeWidth="2.500"
          />
          <rect
            x={x0 + trimMm * px}
            y={y0 + trimMm * px}
            width={Math.max(0, sw - 2 * trimMm) * px}
            height={Math.max(0, sh - 2 * trimMm) * px}
            fill="none"
            stroke="var(--color-ink)"
            strokeDasharray="7 5"
          />
        </>
      )}
      {ordered.map(([x, y], i) => (
        <g key={i} opacity={i < shown ? 1 : 0.35}>
          <circle cx={x} cy={y} r={r} fill="var(--color-dough-thin)" stroke="var(--color-ink)" strokeWidth="2.2" />
          <text x={x} y={y + 5} textAnchor="middle" className="q">
            {i + 1}
          </text>
        </g>
      ))}
      {!phone && bottom - y0 > 300 && (
        <>
          <g stroke="var(--color-ink)" fill="none" strokeWidth="2">
            <path d={`M${aside} ${y0 + 196}v90m-6-10 6 10 6-10m-12-70 6-10 6 10`} />
          </g>
          <text x={aside} y={y0 + 306} textAnchor="middle" className="q">
            last roll
          </text>
        </>
      )}
      <line
        x1={phone ? 0 : 20}
        x2={phone ? 366 : 660}
        y1={bottom + (phone ? 18 : 46)}
        y2={bottom + (phone ? 18 : 46)}
        stroke="var(--color-hair)"
      />
      {cut.generations.map((g, i) => {
        const [gw, gh] =
          g.sheet.shape === 'round'
            ? [g.sheet.d, g.sheet.d]
            : [g.sheet.w, g.sheet.shape === 'rect' ? g.sheet.h : g.sheet.w];
        const k = 0.14;
        const x = rolls.x + (i % rolls.across) * rolls.stepX;
        const y = bottom + (phone ? 38 + Math.floor(i / rolls.across) * 108 : 62);
        return (
          <g key={i}>
            <text x={x} y={y + 4} className="b">
              roll {i + 1}: {g.n}, {plain(g.scrap, 0)} g left
            </text>
            <g transform={`translate(${x} ${y + 12})`}>
              {g.sheet.shape === 'round' ? (
                <circle
                  cx={(gw * k) / 2}
                  cy={(gw * k) / 2}
                  r={(gw * k) / 2}
                  fill="url(#fill-dough)"
                  stroke="var(--color-ink)"
                />
              ) : (
                <rect width={gw * k} height={gh * k} fill="url(#fill-dough)" stroke="var(--color-ink)" />
              )}
              {g.layout.centres.slice(0, g.n).map(([cx, cy], j) => (
                <circle
                  key={j}
                  cx={cx * k}
                  cy={(gh - cy) * k}
                  r={(g.cutter * k) / 2}
                  fill="var(--color-dough-thin)"
                  stroke="var(--color-ink)"
                />
              ))}
            </g>
          </g>
        );
      })}
    </Drawing>
  );
}

/** A ragged rolled edge. */
function wavy(x: number, y: number, w: number, h: number): string {
  const edge = (n: number, at: (f: number, a: number) => string) =>
    Array.from({ length: n }, (_, i) => at((i + 1) / n, Math.sin(i * 2.3 + n) * 2.4)).join('');
  return `M${x} ${y}${edge(14, (f, a) => `L${(x + f * w).toFixed(1)} ${(y + a).toFixed(1)}`)}${edge(10, (f, a) => `L${(x + w + a).toFixed(1)} ${(y + f * h).toFixed(1)}`)}${edge(14, (f, a) => `L${(x + w - f * w).toFixed(1)} ${(y + h + a).toFixed(1)}`)}${edge(10, (f, a) => `L${(x + a).toFixed(1)} ${(y + h - f * h).toFixed(1)}`)}Z`;
}

/** Base and lid blanks of a dish, at one scale. */
function Blanks({ cut }: { cut: CutPlan }) {
  const phone = usePhone();
  const top = phone ? 64 : 90;
  const total = cut.blanks.reduce((sum, b) => sum + b.dims[0] + 40, 0) || 1;
  const tallest = Math.max(1, ...cut.blanks.map((b) => b.dims[1]));
  const px = Math.min((phone ? 340 : 560) / total, 300 / tallest);
  let x = phone ? 4 : 40;
  return (
    <Drawing
      w={phone ? 366 : 680}
      h={phone ? top + tallest * px + 34 : 560}
      alone
      label={cut.blanks.map((b) => `${b.kind} ${cm(b.dims[0])} × ${cm(b.dims[1])} cm`).join(', ')}
      over={
        <>
          <Held def={fields.thickness} x={90} y={470} />
          <Held def={fields.trim} x={230} y={470} word="trim" />
        </>
      }
    >
      <text x={phone ? 0 : 20} y="20" className="b">
        Base and lid, drawn 1 : {plain(10 / px / 2.65, 0)}
      </text>
      {cut.blanks.map((b) => {
        const [w, h] = [b.dims[0] * px, b.dims[1] * px];
        const left = x;
        x += w + (phone ? 26 : 40);
        return (
          <g key={b.kind}>
            {b.form === 'rect' ? (
              <rect
                x={left}
                y={top}
                width={w}
                height={h}
                fill="url(#fill-dough)"
                stroke="var(--color-ink)"
                strokeWidth="2.500"
              />
            ) : (
              <ellipse
                cx={left + w / 2}
                cy={top + h / 2}
                rx={w / 2}
                ry={h / 2}
                fill="url(#fill-dough)"
                stroke="var(--color-ink)"
                strokeWidth="2.500"
              />
            )}
            <Measure x1={left} x2={left + w} y1={top - 26} y2={top - 26} text={`${cm(b.dims[0])} cm`} />
            <Measure x1={left + w + 12} x2={left + w + 12} y1={top} y2={top + h} text={cm(b.dims[1])} />
            <text x={left + w / 2} y={phone ? top + h + 22 : top + 6 + h / 2} textAnchor="middle" className="b">
              {b.kind}
              {b.count > 1 ? ` × ${b.count}` : ''}, {plain(b.massG, 0)} g
            </text>
          </g>
        );
      })}
    </Drawing>
  );
}

function TrayOfLeaves({ cut }: { cut: CutPlan }) {
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
