import type { ItemInput } from '@crustallum/core/contracts/item';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { corners, shapeSize } from '@crustallum/core/cutting/shape';
import { useState, type ReactNode } from 'react';
import { useItem } from '../../desk/useItem';
import { useAppSelector } from '../../desk/store';
import { usePhone } from '../../design/ui/useWidth';
import { Measure } from '../../design/drawings/Measure';
import { area, degrees, plain, thin } from '../../wording/numbers';
import { eatersOf } from '../../wording/eaters';
import { Drawing } from '../_shared/Drawing';
import { ForEaters } from '../_shared/ForEaters';
import { StationPage, Waiting } from '../_shared/StationPage';
import type { Closing } from '@crustallum/core/plan/stations/seal/result';
import type { fields } from '../_shared/fields';
import { crimps } from '@crustallum/core/sealing/seals';

const tickWords: Record<string, (v: Record<string, number | string>) => [string, string]> = {
  'tick.fillingCold': (v) => [`filling at ${degrees(Number(v['atC']), 0)} or under`, 'probe the middle'],
  'tick.ovenHot': (v) => [
    'the oven is at its heat',
    Number(v['lidMin']) < 0
      ? 'it goes in at once'
      : `in within ${plain(Number(v['lidMin']), 1)} min of the lid going on`,
  ],
  'tick.rimBare': (v) => [`rim bare for ${thin(Number(v['rimMm']), 0)}`, 'all round'],
  'tick.glued': (v) => [`rim wetted with ${v['glue']}`, 'not with the wash'],
  'tick.airOut': () => ['air pressed out', 'from the filling outwards'],
  'tick.rawApart': () => ['board, knife, hands washed', 'the filling is raw'],
  'tick.herbs': () => ['herbs and seasoning in', 'before it goes in'],
};

/** The closed pie from above at one scale: its lid, the rim pressed down, the slits as long as they are cut; for filo its top. */
function LidFromAbove({ plan, item }: { plan: ItemPlan; item: ItemInput }) {
  const { seal, cut, product, dough } = item;
  const filo = dough.pastry === 'filo';
  const half = product === 'handPies' && !filo && cut.pieceKind === 'halfmoon';
  const { closed } = plan.cut;
  const points = closed && !half ? corners(closed) : [];
  const top = cut.vessel?.top;
  const lid = plan.cut.blanks.find((b) => b.kind === 'lid');
  const [long, wide] =
    product === 'handPies'
      ? half || !closed
        ? [cut.cutterMm, cut.cutterMm / 2]
        : shapeSize(closed)
      : typeof top === 'number'
        ? [top, top]
        : (top ?? lid?.dims ?? [240, 240]);
  const k = Math.min(270 / long, 160 / wide);
  const [a, b] = [(long * k) / 2, (wide * k) / 2];
  const rim = filo ? 0 : seal.rimMm * k;
  const shape = (less: number): ReactNode => {
    const [rx, ry] = [Math.max(0, a - less), Math.max(0, b - less)];
    const dash = less ? { fill: 'none', strokeDasharray: '4 4' } : { fill: 'url(#fill-dough)', strokeWidth: 2 };
    if (half) {
      const r = Math.max(0, a - less);
      return <path d={`M${-r} ${b}a${r} ${r} 0 0 1 ${2 * r} 0z`} stroke="var(--color-ink)" {...dash} />;
    }
    if (points.length > 0)
      return (
        <polygon
          points={points.map(([x, y]) => `${((x * 2) / long - 1) * rx},${(1 - (y * 2) / wide) * ry}`).join(' ')}
          stroke="var(--color-ink)"
          {...dash}
        />
      );
    if (cut.vessel?.form === 'rect' && product !== 'handPies')
      return <rect x={-rx} y={-ry} width={2 * rx} height={2 * ry} stroke="var(--color-ink)" {...dash} />;
    return <ellipse rx={rx} ry={ry} stroke="var(--color-ink)" {...dash} />;
  };
  const slit = Math.min(seal.slitMm * k, 2 * (b - rim) * 0.9) / 2;
  const apart = Math.min(24, (2 * (a - rim)) / (seal.slits + 1));
  return (
    <>
      <text x="360" y="16" className="b">
        {filo
          ? 'Its top'
          : half
            ? 'One, folded'
            : product === 'handPies' && plan.cut.generations[0]?.bases === 0
              ? 'One, closed'
              : 'A lid from above'}
      </text>
      <text x="640" y="16" textAnchor="end" className="q">
        1 : {plain(3.78 / k, 1)}
      </text>
      <g transform="translate(500 112)" role="img" aria-label={`${plain(long, 0)} × ${thin(wide, 0)}`}>
        {shape(0)}
        {rim > 0 && shape(rim)}
        {!filo &&
          Array.from({ length: seal.slits }, (_, i) => {
            const x = (i - (seal.slits - 1) / 2) * apart;
            const y = half ? b * 0.35 : 0;
            return (
              <line
                key={i}
                x1={x}
                x2={x}
                y1={y - slit}
                y2={y + slit}
                stroke="var(--color-ink)"
                strokeWidth="3.500"
                strokeLinecap="round"
              />
            );
          })}
      </g>
    </>
  );
}

/** What can be set of each closing. */
const sealInputs: Record<Closing, readonly (keyof typeof fields)[]> = {
  seam: ['rim', 'slits', 'slitLength', 'crimp', 'glue', 'wash'],
  lid: ['rim', 'slits', 'slitLength', 'crimp', 'glue', 'wash'],
  lattice: ['rim', 'crimp', 'glue', 'wash'],
  laps: ['wash'],
  open: ['rim', 'crimp', 'wash'],
};

export function SealStation() {
  const { item, plan, index } = useItem();
  const who = useAppSelector((st) => st.desk.plan?.who);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  if (!item || !plan) return <Waiting />;
  const s = plan.seal;
  const filo = s.closing === 'laps';
  const open = s.closing === 'open';
  const { seal } = item.document;
  const t = plan.cut.edge?.edgeMm ?? plan.cut.rolled.thicknessMm;
  // a wide rim is drawn smaller, so that it stays beside the lid
  const px = Math.min(17, 230 / seal.rimMm);
  const rimPx = seal.rimMm * px;
  const pressed = t * 2 * 0.7;
  const crimpMm = crimps[seal.crimp].pitchMm;
  const toggle = (code: string) =>
    setTicked((now) => new Set(now.has(code) ? [...now].filter((c) => c !== code) : [...now, code]));
  return (
    <StationPage
      station="seal"
      inputs={sealInputs[s.closing]}
      numbers={[
        [plan.cut.leaves?.made ? 'Times over' : filo ? 'Edge tucked under' : 'Pinches round each', s.figures.pinches],
        ...(filo || open ? [] : ([['Strength of the seam', s.figures.strength]] as const)),
        ...(open
          ? []
          : ([
              ['Vents, once open', s.figures.vents],
              ['First gold', s.figures.wash],
            ] as const)),
        ['Time at the bench', s.figures.time],
      ]}
    >
      <Drawing
        w={660}
        h={filo ? 206 : 330}
        windows={[[14, 0, 346, filo ? 24 : 200], [350, 0, 290, 200], ...(filo ? [] : [[14, 212, 366, 116] as const])]}
        label={
          filo
            ? 'Its top; nothing is crimped'
            : open
              ? `The rim cut through: ${thin(seal.rimMm, 0)}; nothing is laid over the filling`
              : `The rim cut through: ${thin(seal.rimMm, 0)} bare, closed by ${seal.crimp}; ${seal.slits} slits of ${thin(seal.slitMm, 0)}`
        }
      >
        <text x="20" y="16" className="b">
          {filo ? 'Nothing is crimped: seams lie under' : 'The rim, cut through'}
        </text>
        {!filo && (
          <text x="310" y="16" textAnchor="end" className="q">
            {plain(px / 3.78, 1)} × life size
          </text>
        )}
        {!filo && (
          <g transform="translate(30 40)">
            <path
              d={`M0 110H${rimPx}L300 110V${110 - t * px * 0.4}H${rimPx}L0 ${110 - pressed * px * 0.5}Z`}
              fill="url(#fill-dough)"
              stroke="var(--color-ink)"
              strokeWidth="2"
            />
            {!open && (
              <>
                <path
                  d={`M0 ${110 - pressed * px * 0.5}${wave(rimPx, crimpMm * 1.6)}C${rimPx + 40} ${60 - pressed * px * 0.5} ${rimPx + 70} 14 300 0V${t * px}C${rimPx + 90} ${14 + t * px} ${rimPx + 50} ${110 - t * px * 0.4} ${rimPx} ${110 - t * px * 0.4}Z`}
                  fill="url(#fill-dough)"
                  stroke="var(--color-ink)"
                  strokeWidth="2"
                />
                <path
                  d={`M${rimPx} ${110 - t * px * 0.4}C${rimPx + 50} ${106 - t * px * 0.4} ${rimPx + 90} ${14 + t * px} 300 ${t * px}V${110 - t * px * 0.4}Z`}
                  fill="url(#fill-filling)"
                  stroke="var(--color-ink)"
                />
              </>
            )}
            {!open && seal.glue !== 'none' && (
              <line
                x1="2"
                x2={rimPx}
                y1={110 - pressed * px * 0.28}
                y2={110 - t * px * 0.4}
                stroke="var(--color-water)"
                strokeWidth="4"
              />
            )}
            <Measure x1={0} x2={rimPx} y1={136} y2={136} text={`${thin(seal.rimMm, 0)} bare`} />
          </g>
        )}
        {open ? (
          <text x="370" y="16" className="q">
            Left open: nothing is laid over it
          </text>
        ) : (
          <LidFromAbove plan={plan} item={item.document} />
        )}
        {!filo && s.need && <SteamBars need={s.need.needMm2} open={s.ventMm2} />}
      </Drawing>
      <div className="mt-3" style={{ maxWidth: 660 }}>
        <strong>{open ? 'Before it is filled' : filo ? 'Before it is folded over' : 'Before a lid goes on'}</strong>
        <ul
          className="plain-list mt-1 grid gap-x-6 gap-y-2"
          style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))' }}
        >
          {s.ticks.map(({ code, values }) => {
            const [what, how] = tickWords[code]?.(values) ?? [code, ''];
            const done = ticked.has(code);
            return (
              <li key={code}>
                <button
                  type="button"
                  aria-pressed={done}
                  onClick={() => toggle(code)}
                  className="block w-full border-0 bg-transparent p-0 text-left"
                  style={{ minHeight: 52 }}
                >
                  <span style={{ fontWeight: 640, display: 'block' }}>{what}</span>
                  <span className="quiet-ink" style={{ fontSize: 15 }}>
                    {how}
                  </span>
                  <span
                    className={done ? 'crimped block' : 'block'}
                    style={done ? undefined : { borderTop: '2px solid var(--color-ink)', marginTop: 3 }}
                  />
                </button>
              </li>
            );
          })}
        </ul>
        {who && <ForEaters eaters={eatersOf(who, index)} />}
      </div>
    </StationPage>
  );
}

/** What steam needs against what is cut open, at one scale. */
function SteamBars({ need, open }: { need: number; open: number }) {
  const whole = usePhone() ? 200 : 440;
  return (
    <>
      <text x="20" y="230" className="b">
        Steam against open vent
      </text>
      {(
        [
          ['needs', need, 'var(--color-frost-wash)'],
          ['open', open, 'var(--color-water)'],
        ] as const
      ).map(([word, mm2, fill], i) => {
        const long = Math.max(2, (mm2 / Math.max(need, open, 1)) * whole);
        return (
          <g key={word} transform={`translate(0 ${246 + i * 38})`}>
            <text x="70" y="20" textAnchor="end">
              {word}
            </text>
            <rect x="80" y="0" width={long} height="28" fill={fill} stroke="var(--color-ink)" />
            <text x={90 + long} y="20" className="b">
              {area(mm2)}
            </text>
          </g>
        );
      })}
    </>
  );
}

function wave(width: number, pitch: number): string {
  const n = Math.max(2, Math.round(width / pitch));
  return Array.from({ length: n }, () => `q${width / n / 2} -14 ${width / n} -4`).join('');
}
