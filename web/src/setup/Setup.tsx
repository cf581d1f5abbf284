import { numberRules } from '@crustallum/core/quantities/rules';
import { KitchenInput, usualHobRings } from '@crustallum/core/contracts/kitchen';
import { benches, type BenchName } from '@crustallum/core/cold/environments';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useChangeKitchenMutation, useKitchenQuery } from '../api/api';
import { Choice } from '../design/ui/Choice';
import { CrimpSign } from '../design/ui/Press';
import { Rule } from '../design/ui/Rule';
import { Cooks } from '../larder/Cooks';
import { HowYouRead } from '../larder/HowYouRead';
import { degrees, sides } from '../wording/numbers';
import { guessedUnits, setUnits, unitsSaid } from '../wording/units';
import { benchWords } from '../wording/words';
import { setupDone } from './offered';

const steps = ['Who cooks', 'The kitchen', 'How you read'] as const;
const rules = numberRules(KitchenInput);
const asked = [
  ['roomC', 'The kitchen is', 1, 16, 30],
  ['fridgeC', 'The fridge', 1, 1, 10],
  ['freezerC', 'The freezer', 1, -25, -12],
  ['benchLengthMm', 'Bench, long', 50, 400, 1800],
  ['benchWidthMm', 'Bench, deep', 50, 300, 900],
  ['ovenShelves', 'Oven shelves', 1, 1, 5],
  ['hobRings', 'Rings of the hob', 1, 1, 6],
] as const;

/** Three short steps at first start, each of which can be skipped: every number is a common one already. */
export default function Setup() {
  const { data } = useKitchenQuery();
  const [change] = useChangeKitchenMutation();
  // in the address: choosing other units draws everything anew
  const [search, setSearch] = useSearchParams();
  const step = Math.min(steps.length - 1, Math.max(0, Number(search.get('step')) || 0));
  const [typed, setTyped] = useState<Partial<KitchenInput>>({});
  const navigate = useNavigate();
  if (!data) return <p className="working p-8">Reading the kitchen</p>;
  const kitchen = { ...data.document, ...typed };
  const set = (part: Partial<KitchenInput>) => setTyped((now) => ({ ...now, ...part }));
  const on = (keep: boolean) => {
    if (keep && Object.keys(typed).length > 0) void change({ version: data.version, document: kitchen });
    if (!keep) setTyped({});
    if (step === 1 && !unitsSaid()) setUnits(guessedUnits(navigator.language));
    if (step < steps.length - 1) return setSearch({ step: String(step + 1) });
    setupDone();
    void navigate('/');
  };
  return (
    <main className="sheet" style={{ display: 'block', padding: '16px 30px' }}>
      <ol className="plain-list flex flex-wrap gap-6 p-0" aria-label="Three steps">
        {steps.map((word, i) => (
          <li key={word} aria-current={i === step ? 'step' : undefined} style={{ fontWeight: i === step ? 700 : 460 }}>
            {i < step ? '✓ ' : ''}
            {word}
          </li>
        ))}
      </ol>
      <h1 className="sign" style={{ margin: '6px 0' }}>
        {steps[step]}
      </h1>
      <div className="flex flex-wrap items-start gap-10" style={{ minHeight: 330 }}>
        {step === 0 && (
          <div style={{ maxWidth: 720 }}>
            <p className="m-0">Their steps are laid so that nobody is in two places at once.</p>
            <Cooks cooks={kitchen.cooks} hours={kitchen.hours ?? []} does={kitchen.does ?? []} onChange={set} />
          </div>
        )}
        {step === 1 && (
          <>
            <Front kitchen={kitchen} />
            <div
              className="grid gap-x-8"
              style={{
                width: 640,
                maxWidth: '100%',
                gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 280px), 1fr))',
              }}
            >
              {asked.map(([name, label, by, from, to]) => {
                const rule = rules[name];
                return (
                  rule && (
                    <Rule
                      key={name}
                      label={label}
                      value={kitchen[name] ?? usualHobRings}
                      rule={rule}
                      unit={rule.unit === 'mm' ? 'cm' : rule.unit}
                      scale={rule.unit === 'mm' ? 0.1 : 1}
                      step={by}
                      from={from}
                      to={to}
                      onChange={(value) => set({ [name]: value })}
                    />
                  )
                );
              })}
              <Choice
                label="Bench is of"
                value={kitchen.bench}
                options={Object.keys(benches).map((b) => [b, benchWords[b] ?? b] as const)}
                onChange={(bench) => set({ bench: bench as BenchName })}
              />
            </div>
          </>
        )}
        {step === 2 && <HowYouRead />}
      </div>
      <div className="flex flex-wrap items-center gap-3 pt-3">
        <button type="button" className="press" onClick={() => on(true)}>
          {step === 2 ? 'So we read' : step === 1 ? 'That is our kitchen' : 'That is us'} <CrimpSign />
        </button>
        {step < 2 && (
          <button type="button" className="press quiet" onClick={() => on(false)}>
            Skip, take what stands
          </button>
        )}
        <Link to="/" className="press quiet" onClick={setupDone}>
          Look round first
        </Link>
        <span className="quiet-ink">Skipping loses nothing; all of it can be put right in Larder, kitchen.</span>
      </div>
    </main>
  );
}

const pxMm = 0.2;
const floor = 300;

/** The kitchen from the front, at 2 px a centimetre, with what was said of it. */
function Front({ kitchen }: { kitchen: KitchenInput }) {
  const bench = kitchen.benchLengthMm * pxMm;
  const [left, ovenWide] = [130, 122];
  const line = { fill: 'var(--color-flour)', stroke: 'var(--color-ink)', strokeWidth: 2.5 };
  const shelves = Array.from({ length: kitchen.ovenShelves }, (_, i) => (60 * (i + 1)) / (kitchen.ovenShelves + 1));
  return (
    <svg
      width={left + bench + 20 + ovenWide + 70}
      height={floor + 10}
      role="img"
      aria-label={`A fridge at ${degrees(kitchen.fridgeC, 0)}, a bench of ${sides([kitchen.benchLengthMm, kitchen.benchWidthMm], 0)}, an oven of ${kitchen.ovenShelves} shelves`}
      style={{ maxWidth: '100%' }}
    >
      <line x1="0" x2="100%" y1={floor} y2={floor} stroke="var(--color-ink)" strokeWidth="3" />
      <rect x="4" y="20" width="112" height={floor - 20} rx="6" {...line} fill="var(--color-winter)" />
      <line x1="4" x2="116" y1="200" y2="200" stroke="var(--color-ink)" strokeWidth="2" />
      <text x="60" y="110" textAnchor="middle" className="b" style={{ fontSize: 22 }}>
        {degrees(kitchen.fridgeC, 0)}
      </text>
      <text x="60" y="255" textAnchor="middle" className="b" style={{ fontSize: 22 }}>
        {degrees(kitchen.freezerC, 0)}
      </text>
      <rect x={left} y="120" width={bench} height="14" {...line} fill="var(--color-slab)" />
      <rect x={left + 6} y="134" width={bench - 12} height={floor - 134} {...line} />
      <text x={left + bench / 2} y="106" textAnchor="middle" className="b">
        {sides([kitchen.benchLengthMm, kitchen.benchWidthMm], 0)}
      </text>
      <text x={left + bench / 2} y="215" textAnchor="middle" className="b">
        {benchWords[kitchen.bench] ?? kitchen.bench}
      </text>
      <rect x={left + bench + 20} y="134" width={ovenWide} height={floor - 134} {...line} />
      <rect x={left + bench + 34} y="176" width={ovenWide - 28} height="76" {...line} fill="var(--color-fire)" />
      {shelves.map((y) => (
        <line
          key={y}
          x1={left + bench + 34}
          x2={left + bench + 20 + ovenWide - 14}
          y1={184 + y}
          y2={184 + y}
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
      ))}
      <text x={left + bench + 20 + ovenWide / 2} y="106" textAnchor="middle" className="b">
        {degrees(kitchen.roomC, 0)} in the room
      </text>
    </svg>
  );
}
