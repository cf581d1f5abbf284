import type { ItemInput, MouthInput, NeedKind } from '@crustallum/core/plan/inputs';
import { needKindsList } from '../wording/needs';
import { Dialog, DropdownMenu } from 'radix-ui';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useItem } from '../app/useItem';
import { useNow } from '../app/useNow';
import { useRule } from '../app/rules';
import { useAddItemMutation, useRemoveItemMutation } from '../store/api';
import { desk } from '../store/desk';
import { notice } from '../store/notice';
import { useAppDispatch, useAppSelector } from '../store/store';
import { ItemSign } from '../drawings/signs';
import { MarginNumber } from '../ui/MarginNumber';
import { Press } from '../ui/Press';
import { Rule } from '../ui/Rule';
import { TextField } from '../ui/TextField';
import { planner } from '../workers/planner';
import { clock, momentAt, plain, served } from '../wording/numbers';
import { needWords, pastryWords, piecesOf, productWords } from '../wording/words';
import { Drawing } from './Drawing';
import { Field } from './Field';
import { fields } from './fields';
import { Waiting } from './StationPage';

export function BriefStation() {
  const { item, settle } = useItem();
  const { meal, items, plan, kitchen, bakeId } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const now = useNow(30_000);
  const mouthRule = useRule('meal.mouthCount');
  const [addItem] = useAddItemMutation();
  const [removeItem] = useRemoveItemMutation();
  if (!item || !meal || !plan || !kitchen) return <Waiting />;
  const changeMeal = (part: Partial<typeof meal>) => dispatch(desk.actions.mealChanged({ ...meal, ...part }));
  const helpings = items.reduce((sum, i) => sum + i.document.brief.count, 0);
  const needs = needKindsList
    .map((kind) => ({ kind, names: meal.mouths.filter((m) => m.needs.includes(kind)).map((m) => m.name) }))
    .filter((n) => n.names.length);
  return (
    <main className="work">
      <section className="set" aria-label="Brief: inputs">
        <span className="whose">{meal.title} · the day</span>
        <h1 className="sign mb-1">Brief</h1>
        <div className="flex-1">
          <TextField
            label="In your words"
            value={meal.words ?? ''}
            max={600}
            rows={4}
            optional
            onChange={(words) => changeMeal({ words })}
          />
          <Rule
            label="Mouths"
            value={meal.mouthCount}
            rule={mouthRule}
            step={1}
            unit=""
            from={1}
            to={40}
            onChange={(mouthCount) => changeMeal({ mouthCount })}
          />
          <label className="quiet-ink block pt-1" style={{ fontSize: 16, fontWeight: 500 }}>
            On the table
            <input
              className="text-field"
              type="datetime-local"
              value={meal.serveAt}
              onChange={(e) => e.target.value && changeMeal({ serveAt: e.target.value.slice(0, 16) })}
            />
          </label>
          {served(meal.serveAt) < now ? (
            <p className="problem m-0" role="alert">
              That moment has passed; on the table: a later one is needed.
            </p>
          ) : (
            momentAt(meal.serveAt, plan.clock.startMin) < now && (
              <p className="problem m-0">
                It would have had to start at {clock(momentAt(meal.serveAt, plan.clock.startMin))}; a later hour, or
                fewer turns and rests.
              </p>
            )
          )}
          <div className="pt-2">
            <Field def={{ ...fields.count, label: `${item.document.title}: to make` }} />
          </div>
        </div>
        <Press
          crimp
          className="mt-2 w-full"
          aria-pressed={item.settled.includes('brief')}
          data-settle
          onClick={() => {
            settle('brief');
            void navigate(`/bakes/${bakeId}/${item.id}/dough`);
          }}
        >
          {item.settled.includes('brief') ? 'Settled, go on' : 'Settle the brief'}
        </Press>
      </section>
      <section className="sheet" aria-label="Brief">
        <div className="drawing">
          <Table
            mouths={meal.mouths}
            count={meal.mouthCount}
            dishes={items.map((i) => i.document)}
            onChange={(mouths) => changeMeal({ mouths })}
          />
          <p className="m-0 flex flex-wrap gap-x-6" style={{ fontSize: 15, maxWidth: 660 }}>
            {needs.map((n) => (
              <span key={n.kind}>
                <strong>{needWords[n.kind]?.sign}</strong> {needWords[n.kind]?.word}: {n.names.length}
              </span>
            ))}
            {needs.length === 0 && <span className="quiet-ink">Press a mouth to say what it must not meet.</span>}
          </p>
          <div
            className="mt-3 grid gap-x-5 gap-y-3"
            style={{
              gridTemplateColumns: 'repeat(auto-fill, minmax(200px, 1fr))',
              maxWidth: 680,
              borderTop: '2px solid var(--color-hair)',
              paddingTop: 10,
            }}
          >
            {items.map((i, index) => (
              <div key={i.id} style={{ fontSize: 15, lineHeight: 1.35 }}>
                <button
                  type="button"
                  className="sign flex items-center gap-2 border-0 bg-transparent p-0 text-left"
                  style={{ fontSize: 22, minHeight: 44 }}
                  aria-current={i.id === item.id}
                  onClick={() => void navigate(`/bakes/${bakeId}/${i.id}/brief`)}
                >
                  <ItemSign sign={i.document.sign} />{' '}
                  <span
                    style={i.id === item.id ? { textDecoration: 'underline 3px', textUnderlineOffset: 5 } : undefined}
                  >
                    {i.document.title}
                  </span>
                </button>
                <div>
                  <strong>{piecesOf(i.document)}</strong>
                </div>
                <div>{i.document.filling.name}</div>
                <div className="quiet-ink">
                  {pastryWords[i.document.dough.pastry]},{' '}
                  {i.document.cut.vesselName ?? `cutter ${plain(i.document.cut.cutterMm / 10, 1)} cm`}
                </div>
                <div className="quiet-ink">
                  starts{' '}
                  {clock(momentAt(meal.serveAt, plan.clock.steps.find((s) => s.itemIndex === index)?.startMin ?? 0))}
                </div>
                {items.length > 1 && (
                  <button
                    type="button"
                    className="key"
                    aria-label={`Take ${i.document.title} off the day`}
                    onClick={() => {
                      void removeItem(i.id);
                      dispatch(
                        notice.actions.said({
                          text: `${i.document.title} is off the day.`,
                          undo: { kind: 'item', id: i.id },
                        }),
                      );
                    }}
                  >
                    <Trash2 size={18} />
                  </button>
                )}
              </div>
            ))}
            <DropdownMenu.Root>
              <DropdownMenu.Trigger className="press quiet self-start" disabled={items.length >= 8}>
                <Plus size={18} /> another dish
              </DropdownMenu.Trigger>
              <DropdownMenu.Portal>
                <DropdownMenu.Content className="slip" sideOffset={4} style={{ padding: 6 }}>
                  {Object.entries(productWords).map(([product, word]) => (
                    <DropdownMenu.Item
                      key={product}
                      className="flex min-h-11 cursor-pointer items-center rounded px-3 outline-none data-[highlighted]:bg-slab"
                      onSelect={() =>
                        bakeId &&
                        void planner
                          .starter(product as keyof typeof productWords, meal.mouthCount, kitchen.cooks[0] ?? 'You')
                          .then((document) => addItem({ bakeId, document }))
                      }
                    >
                      {word}
                    </DropdownMenu.Item>
                  ))}
                </DropdownMenu.Content>
              </DropdownMenu.Portal>
            </DropdownMenu.Root>
          </div>
        </div>
        <div className="numbers">
          <div className="ans">
            <div className="n">Helpings</div>
            <div className="v">
              {helpings} <small>for {meal.mouthCount}</small>
            </div>
            <div className="b">{plain(helpings / meal.mouthCount, 1)} for each mouth, all dishes together</div>
          </div>
          {needs.map((n) => (
            <div className="ans" key={n.kind}>
              <div className="n">{needWords[n.kind]?.word.replace(/^./, (c) => c.toUpperCase())}</div>
              <div className="v">
                {n.names.length} <small>{n.names.length === 1 ? 'mouth' : 'mouths'}</small>
              </div>
              <div className="b">{n.names.join(', ')}: filled first, clean spoon, sign cut in the lid</div>
            </div>
          ))}
          <MarginNumber
            name="It starts at"
            figure={plan.clock.figures.start}
            written={clock(momentAt(meal.serveAt, plan.clock.startMin))}
          />
          <div className="ans">
            <div className="n">On the table</div>
            <div className="v">{clock(served(meal.serveAt))}</div>
          </div>
        </div>
      </section>
    </main>
  );
}

/** Dishes and pieces on the table, all to the table's scale of 3.2 px a centimetre. */
function OnTheTable({ dishes }: { dishes: readonly ItemInput[] }) {
  const px = 0.32;
  let x = 56;
  return (
    <g stroke="var(--color-ink)" strokeWidth="1.6">
      {dishes.map((d, index) => {
        const v = d.cut.vessel;
        const many = d.product === 'handPies' || d.product === 'potPies';
        const one = d.product === 'potPies' ? (typeof v?.top === 'number' ? v.top : 110) : d.cut.cutterMm;
        const [a, b] = many
          ? [one, one]
          : typeof v?.top === 'number'
            ? [v.top, v.top]
            : [v?.top?.[0] ?? 240, v?.top?.[1] ?? 240];
        const rows = many ? Math.min(d.brief.count, Math.max(1, Math.floor(140 / (b * px)))) : 1;
        const columns = many ? Math.ceil(d.brief.count / rows) : 1;
        const left = x;
        x += columns * a * px + 22;
        if (x > 632) return null;
        return Array.from({ length: many ? d.brief.count : 1 }, (_, i) => {
          const cx = left + (Math.floor(i / rows) + 0.5) * a * px;
          const cy = 130 + ((i % rows) - (rows - 1) / 2) * b * px;
          return v?.form === 'rect' && !many ? (
            <rect
              key={`${index}${i}`}
              x={cx - (a * px) / 2}
              y={cy - (b * px) / 2}
              width={a * px}
              height={b * px}
              fill="url(#fill-dough)"
            />
          ) : (
            <g key={`${index}${i}`}>
              <ellipse cx={cx} cy={cy} rx={(a * px) / 2 - 1} ry={(b * px) / 2 - 1} fill="url(#fill-dough)" />
              {d.product === 'filoCoil' &&
                [0.7, 0.42, 0.16].map((k) => (
                  <ellipse key={k} cx={cx} cy={cy} rx={(a * px * k) / 2} ry={(b * px * k) / 2} fill="none" />
                ))}
            </g>
          );
        });
      })}
    </g>
  );
}

/** The table from above with a mouth for every guest; pressing one says what it must not meet. */
function Table({
  mouths,
  count,
  dishes,
  onChange,
}: {
  mouths: readonly MouthInput[];
  count: number;
  dishes: readonly ItemInput[];
  onChange: (mouths: MouthInput[]) => void;
}) {
  const [open, setOpen] = useState<number | null>(null);
  const shown = Array.from(
    { length: Math.min(40, count) },
    (_, i) => mouths[i] ?? { name: `Guest ${i + 1}`, needs: [] },
  );
  const perSide = Math.max(1, Math.ceil(shown.length / 2));
  const put = (i: number) => ({
    x: 50 + ((i % perSide) + 0.5) * (560 / perSide),
    y: i < perSide ? 48 : 212,
    top: i < perSide,
  });
  const change = (index: number, mouth: MouthInput) =>
    onChange(shown.map((m, i) => (i === index ? mouth : { ...m, needs: [...m.needs] })));
  const inHand = open === null ? null : shown[open];
  return (
    <>
      <Drawing
        w={660}
        h={258}
        label={`A table for ${count}: ${
          shown
            .filter((m) => m.needs.length)
            .map((m) => `${m.name} ${m.needs.map((n) => needWords[n]?.word).join(', ')}`)
            .join('; ') || 'everyone eats everything'
        }`}
        over={shown.map((m, i) => {
          const p = put(i);
          return (
            <button
              key={i}
              type="button"
              className="absolute border-0 bg-transparent"
              style={{ left: p.x - 24, top: p.top ? 8 : 206, width: 48, height: 48 }}
              aria-label={`${m.name}${m.needs.length ? `: ${m.needs.map((n) => needWords[n]?.word).join(', ')}` : ''}`}
              onClick={() => setOpen(i)}
            />
          );
        })}
      >
        <rect
          x="40"
          y="56"
          width="580"
          height="148"
          fill="var(--color-slab)"
          stroke="var(--color-ink)"
          strokeWidth="2.500"
        />
        {[93, 130, 167].map((y) => (
          <line key={y} x1="40" x2="620" y1={y} y2={y} stroke="var(--color-hair)" />
        ))}
        <OnTheTable dishes={dishes} />
        {shown.map((m, i) => {
          const p = put(i);
          return (
            <g key={i}>
              <path
                d={p.top ? `M${p.x - 12} 56a12 12 0 0 1 24 0z` : `M${p.x - 12} 204a12 12 0 0 0 24 0z`}
                fill={m.needs.length ? 'var(--color-ink)' : 'var(--color-flour)'}
                stroke="var(--color-ink)"
                strokeWidth="2"
              />
              <text
                x={p.x}
                y={p.top ? 30 + (i % 2) * 0 : 238}
                textAnchor="middle"
                className={m.needs.length ? 'b' : undefined}
                style={perSide > 12 ? { fontSize: 15 } : undefined}
              >
                {perSide > 10 ? m.name.slice(0, 4) : m.name}
              </text>
              {m.needs.length > 0 && (
                <text x={p.x} y={p.top ? 14 : 254} textAnchor="middle" className="b">
                  {m.needs.map((n) => needWords[n]?.sign).join('')}
                </text>
              )}
            </g>
          );
        })}
      </Drawing>
      <Dialog.Root open={open !== null} onOpenChange={(to) => !to && setOpen(null)}>
        <Dialog.Portal>
          <Dialog.Overlay className="veil" />
          <Dialog.Content className="slip dialog" aria-describedby={undefined}>
            <Dialog.Title className="sign m-0" style={{ fontSize: 25 }}>
              {inHand?.name}
            </Dialog.Title>
            {inHand && open !== null && (
              <>
                <TextField
                  label="Name"
                  value={inHand.name}
                  max={40}
                  onChange={(name) => change(open, { ...inHand, name })}
                />
                <div
                  className="grid gap-2 py-2"
                  style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))' }}
                >
                  {needKindsList.map((kind: NeedKind) => {
                    const on = inHand.needs.includes(kind);
                    return (
                      <button
                        key={kind}
                        type="button"
                        className={`press ${on ? '' : 'quiet'}`}
                        style={{ minHeight: 44 }}
                        aria-pressed={on}
                        onClick={() =>
                          change(open, {
                            ...inHand,
                            needs: on ? inHand.needs.filter((n) => n !== kind) : [...inHand.needs, kind],
                          })
                        }
                      >
                        {needWords[kind]?.sign} {needWords[kind]?.word}
                      </button>
                    );
                  })}
                </div>
                <p className="whatif">
                  An allergy is more than a wish: read every label, keep boards, brushes and hands apart, and follow
                  your local food-safety rules.
                </p>
              </>
            )}
            <Dialog.Close className="press mt-3">It is said</Dialog.Close>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}
