import { forms } from '@crustallum/core/plan/formNames';
import { DropdownMenu } from 'radix-ui';
import { Plus, Trash2 } from 'lucide-react';
import { useNavigate } from 'react-router';
import { useItem } from '../../desk/useItem';
import { useNow } from '../../desk/useNow';
import { useRule } from '../../design/ui/rules';
import { useAddItemMutation, useRemoveItemMutation } from '../../api/api';
import { desk } from '../../desk/desk';
import { notice } from '../../desk/notices';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { ItemSign } from '../../design/drawings/signs';
import { MarginNumber } from '../../design/ui/MarginNumber';
import { Press } from '../../design/ui/Press';
import { MomentField } from '../../design/ui/MomentField';
import { Rule } from '../../design/ui/Rule';
import { TextField } from '../../design/ui/TextField';
import { useNarrow } from '../../design/ui/useWidth';
import { planner } from '../../workers/planner';
import { problemWords } from '../../wording/problems';
import { clock, localMoment, long, momentAt, plain, served } from '../../wording/numbers';
import { formWords, pastryWords, piecesOf } from '../../wording/words';
import { BriefWords } from './BriefWords';
import { ForSoMany } from './ForSoMany';
import { MadeAs } from './MadeAs';
import { WhoMayEat } from './WhoMayEat';
import { Table } from './Table';
import { Field } from '../_shared/Field';
import { fields } from '../_shared/fields';
import { Waiting } from '../_shared/StationPage';

export function BriefStation() {
  const { item, problems, settle } = useItem();
  const { meal, items, plan, kitchen, bakeId } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const now = useNow(30_000);
  const narrow = useNarrow();
  const mouthRule = useRule('meal.mouthCount');
  const [addItem] = useAddItemMutation();
  const [removeItem] = useRemoveItemMutation();
  if (!item || !meal || !plan || !kitchen) return <Waiting />;
  const changeMeal = (part: Partial<typeof meal>) => dispatch(desk.actions.mealChanged({ ...meal, ...part }));
  const helpings = items.reduce((sum, i) => sum + i.document.brief.count, 0);
  return (
    <main className="work">
      {narrow && (
        <header className="strip">
          <h1 className="sign">Brief</h1>
          <span className="whose">{meal.title} · the day</span>
        </header>
      )}
      <section className="set" aria-label="Brief: inputs">
        {!narrow && (
          <>
            <span className="whose">{meal.title} · the day</span>
            <h1 className="sign mb-1">Brief</h1>
          </>
        )}
        <div className="flex-1">
          <TextField
            label="In your words"
            value={meal.words ?? ''}
            max={600}
            rows={3}
            optional
            onChange={(words) => changeMeal({ words })}
          />
          <BriefWords
            meal={meal}
            products={items.map((i) => i.document.product)}
            onMeal={changeMeal}
            onProduct={(product) =>
              bakeId &&
              void planner
                .starter(product, meal.mouthCount, kitchen.cooks[0] ?? 'You')
                .then((document) => addItem({ bakeId, document }))
            }
          />
          <Rule
            label="People"
            value={meal.mouthCount}
            rule={mouthRule}
            step={1}
            unit=""
            from={1}
            to={40}
            onChange={(mouthCount) => changeMeal({ mouthCount })}
          />
          <p className="quiet-ink m-0 pt-1" style={{ fontSize: 16, fontWeight: 500 }} aria-hidden="true">
            On the table
          </p>
          <MomentField
            label="On the table"
            value={served(meal.serveAt)}
            onChange={(at) => changeMeal({ serveAt: localMoment(at) })}
          />
          {served(meal.serveAt) < now ? (
            <p className="problem m-0" role="alert">
              That moment has passed; on the table: a later one is needed.
            </p>
          ) : (
            momentAt(plan.clock.serveAt, plan.clock.startMin) < now && (
              <p className="problem m-0">
                It would have had to start at {clock(momentAt(plan.clock.serveAt, plan.clock.startMin))}; a later hour,
                or fewer turns and rests.
              </p>
            )
          )}
          <div className="pt-2">
            <Field def={{ ...fields.count, label: `${item.document.title}: to make` }} />
            <MadeAs />
            <ForSoMany />
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
            eaters={meal.eaters}
            count={meal.mouthCount}
            dishes={items.map((i) => i.document)}
            onChange={(eaters) => changeMeal({ eaters })}
          />
          <p className="quiet-ink m-0" style={{ fontSize: 15 }}>
            Press a person to say what they must not meet.
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
                  {i.document.cut.vesselName ?? `cutter ${long(i.document.cut.cutterMm)}`}
                </div>
                <div className="quiet-ink">
                  starts{' '}
                  {clock(
                    momentAt(plan.clock.serveAt, plan.clock.steps.find((s) => s.itemIndex === index)?.startMin ?? 0),
                  )}
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
                <DropdownMenu.Content
                  className="slip"
                  sideOffset={4}
                  style={{ padding: 6, maxHeight: '70vh', overflowY: 'auto' }}
                >
                  {forms.map((form) => (
                    <DropdownMenu.Item
                      key={form}
                      className="flex min-h-11 cursor-pointer items-center rounded px-3 outline-none data-[highlighted]:bg-slab"
                      onSelect={() =>
                        bakeId &&
                        void planner
                          .form(form, meal.mouthCount, kitchen.cooks[0] ?? 'You')
                          .then((document) => addItem({ bakeId, document }))
                      }
                    >
                      {formWords[form]}
                    </DropdownMenu.Item>
                  ))}
                  <DropdownMenu.Item
                    className="flex min-h-11 cursor-pointer items-center rounded px-3 outline-none data-[highlighted]:bg-slab"
                    onSelect={() => void navigate('/recipe')}
                  >
                    From a written recipe
                  </DropdownMenu.Item>
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
            <div className="b">{plain(helpings / meal.mouthCount, 1)} for each, all dishes together</div>
          </div>
          <WhoMayEat />
          {problems
            .filter((p) => p.station === 'brief')
            .map((p) => (
              <p className="problem m-0" key={p.code}>
                {problemWords(p)}
              </p>
            ))}
          <MarginNumber
            name="It starts at"
            figure={plan.clock.figures.start}
            written={clock(momentAt(plan.clock.serveAt, plan.clock.startMin))}
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
