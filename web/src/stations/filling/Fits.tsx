import type { ItemPlan } from '@crustallum/core/plan/item';
import { fillingKeeps, hoursKept } from '@crustallum/core/plan/keeps';
import { addHours, formatISO } from 'date-fns';
import { useAddLarderMutation } from '../../api/api';
import { notice } from '../../desk/notices';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { useItem } from '../../desk/useItem';
import { usePhone } from '../../design/ui/useWidth';
import { Because } from '../../design/ui/Because';
import { juiciness } from '@crustallum/core/filling/yields';
import { counted, dayOf, long as lengthOf, momentAt, plain, weight } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { fields } from '../_shared/fields';
import { Held } from '../_shared/Held';

/** A line lower by less is not seen, %. */
const sinksSeen = 5;
/** Less than this over or under is the cook's hand, a share. */
const hand = 0.03;
const fridgeShelf = 'B';

/** Whether what was bought fits: ready grams against comfortable and overfull, and the ways out of too much or too little. */
export function Fits({ plan }: { plan: ItemPlan }) {
  const phone = usePhone();
  const { item, steps, serveAt, change } = useItem();
  const fridgeC = useAppSelector((s) => s.desk.kitchen?.fridgeC ?? 4);
  const [add, { isLoading }] = useAddLarderMutation();
  const dispatch = useAppDispatch();
  if (!item || !serveAt) return null;
  const f = plan.filling;
  const { pieces } = plan.cut;
  const { filling, brief, product } = item.document;
  if (f.finishedG === null)
    return (
      <p className="quiet-ink m-0">
        What goes in is not all said yet: whether it fits is known when it is. They hold {weight(f.totalG)}.
      </p>
    );
  const comfortableG = f.totalG / (filling.fullnessPct / 100);
  const overfullG = f.overfullG * pieces;
  const [w, left] = phone ? [366, 0] : [660, 20];
  const long = w - 2 * left - 8;
  const most = 1.2 * Math.max(overfullG, f.finishedG);
  const x = (grams: number) => left + (grams / most) * long;
  const share = f.finishedG / f.totalG;
  const solids = f.parts.reduce((sum, p) => sum + p.inPieG, 0);
  let at = 0;
  const layers = [...f.parts]
    .sort((a, b) => a.layer - b.layer)
    .map(({ name, inPieG }) => {
      const from = at;
      at += (inPieG / Math.max(1, solids)) * (f.finishedG ?? 0);
      return { name, from, to: at };
    });
  /** What was bought stays as it is, where the pies come to hold so many times as much. */
  const sameBought = (times: number) => ({
    'filling.ingredients': filling.ingredients.map((i) => ({
      ...i,
      gramsPer100: Math.min(1000, i.gramsPer100 / times),
    })),
  });
  const scale = () => change(sameBought(share));
  const make = (count: number) => change({ 'brief.count': count, ...sameBought(count / brief.count) });
  const fill = (pct: number) => change({ 'filling.fullnessPct': pct, ...sameBought(pct / filling.fullnessPct) });
  const inHand = product === 'handPies' || product === 'potPies';
  const more = Math.floor(Math.abs(f.spareG) / f.eachG);
  const fuller = Math.round((100 * f.finishedG) / comfortableG);
  const keepsH = hoursKept(fillingKeeps(f.raw), fridgeC);
  // it keeps from when it comes off the heat, or is made ready; of one that is made already some of that is over
  const ready = steps.find((s) => s.code === 'coolFilling') ?? steps.find((s) => s.code === 'prepareFilling');
  const until = addHours(momentAt(serveAt, ready?.startMin ?? 0), keepsH - (filling.have?.ageHours ?? 0));
  const keepSpare = async () => {
    const answer = await add({
      name: filling.name.slice(0, 60),
      grams: Math.round(f.spareG),
      shelf: fridgeShelf,
      note: `filling left over from ${item.document.title}`.slice(0, 120),
      bestBefore: formatISO(until, { representation: 'date' }),
    });
    dispatch(
      notice.actions.said(
        'data' in answer && answer.data
          ? {
              text: 'The spare filling is in the larder, with its date.',
              undo: { kind: 'newLarder', id: answer.data.id },
            }
          : { text: 'It was not written: the server did not answer. Press again.', undo: null },
      ),
    );
  };
  return (
    <section aria-label="Does it fit">
      <Drawing
        w={w}
        h={phone ? 212 : 226}
        over={<Held def={fields.fullness} x={w - 64} y={24} />}
        label={`Ready it is ${weight(f.finishedG)}; ${weight(comfortableG)} lie comfortably and ${weight(overfullG)} can be pressed in`}
      >
        <text x={left} y="16" className="b">
          {counted(pieces, 'pie holds', 'pies hold')} {weight(f.totalG)}, filled to {plain(filling.fullnessPct, 0)} %
        </text>
        <g transform={`translate(0 ${phone ? 0 : 14})`}>
          <rect
            x={left}
            y="58"
            width={x(overfullG) - left}
            height="34"
            fill="none"
            stroke="var(--color-ink)"
            strokeDasharray="5 4"
          />
          <rect
            x={left}
            y="58"
            width={x(f.finishedG) - left}
            height="34"
            fill="url(#fill-filling)"
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
          {(
            [
              [comfortableG, 'comfortable', 46, 'b'],
              [overfullG, 'overfull', 46, 'q'],
              [f.finishedG, `ready ${weight(f.finishedG)}`, 118, 'b'],
            ] as const
          ).map(([grams, word, y, className]) => (
            <g key={word}>
              <line
                x1={x(grams)}
                x2={x(grams)}
                y1={y < 58 ? 50 : 58}
                y2={y < 58 ? 92 : 102}
                stroke="var(--color-ink)"
                strokeWidth="2"
              />
              <text
                x={x(grams) + (word === 'overfull' ? 4 : word === 'comfortable' ? -4 : 0)}
                y={y}
                textAnchor={word === 'overfull' || grams / most < 0.2 ? 'start' : 'end'}
                className={className}
              >
                {word}
              </text>
            </g>
          ))}
          <text x={left} y="154" className="b">
            {filling.layered ? 'Its layers, from below' : 'What it is made of, when it is ready'}
          </text>
          {layers.map(({ name, from, to }) => (
            <g key={name}>
              <rect
                x={x(from)}
                y="164"
                width={x(to) - x(from)}
                height="30"
                fill="url(#fill-filling)"
                stroke="var(--color-ink)"
              />
              {x(to) - x(from) > 8 * name.length && (
                <text
                  x={(x(from) + x(to)) / 2}
                  y="184"
                  textAnchor="middle"
                  stroke="var(--color-flour)"
                  strokeWidth="4"
                  paintOrder="stroke"
                >
                  {name.toLowerCase()}
                </text>
              )}
            </g>
          ))}
        </g>
      </Drawing>
      {f.dice.tear && (
        <p className="m-0">
          Dice of {lengthOf(filling.diceMm)} are large for it: to {lengthOf(f.dice.maxMm)} they tear nothing.{' '}
          <Because>four times the crust, or a little under half of the depth</Because>
        </p>
      )}
      {f.meatFatPct !== null && (
        <p className="m-0">
          The raw meat is {plain(f.meatFatPct, 0)} % fat: it eats {juiciness(f.meatFatPct)}.{' '}
          <Because>usual fat of what goes in; 14 to 25 % stays juicy in a crust</Because>
        </p>
      )}
      {f.sinksPct > sinksSeen && (
        <p className="m-0">
          After the bake its line lies about {plain(f.sinksPct, 0)} % lower: what goes in raw shrinks.{' '}
          <Because>solids are filled by weight, a sauce only up to the line</Because>
        </p>
      )}
      {share > 1 + hand && (
        <>
          <p className="m-0">
            <strong>{weight(f.spareG)} more than they hold.</strong>{' '}
            <Because>bought weights less peel, bones and what cooks away</Because>
          </p>
          <div className="mt-2 flex flex-wrap gap-2">
            {inHand && more > 0 && brief.count + more <= 60 && (
              <button type="button" className="press quiet" onClick={() => make(brief.count + more)}>
                Make {more} more
              </button>
            )}
            {f.finishedG <= overfullG && fuller <= 130 && (
              <button type="button" className="press quiet" onClick={() => fill(fuller)}>
                Fill to {fuller} %
              </button>
            )}
            <button type="button" className="press quiet" onClick={scale}>
              Buy less: only what they hold
            </button>
            <button type="button" className="press quiet" disabled={isLoading} onClick={() => void keepSpare()}>
              Keep the spare till {dayOf(until)}
            </button>
          </div>
        </>
      )}
      {share < 1 - hand && (
        <>
          <p className="m-0">
            <strong>{weight(-f.spareG)} too little to fill them so.</strong>{' '}
            <Because>bought weights less peel, bones and what cooks away</Because>
          </p>
          <div className="mt-2 flex flex-wrap gap-2">
            {inHand && more > 0 && brief.count - more >= 1 && (
              <button type="button" className="press quiet" onClick={() => make(brief.count - more)}>
                Make {more} fewer
              </button>
            )}
            {fuller >= 30 && (
              <button type="button" className="press quiet" onClick={() => fill(fuller)}>
                Fill to {fuller} %
              </button>
            )}
            <button type="button" className="press quiet" onClick={scale}>
              Buy more: what they hold
            </button>
          </div>
        </>
      )}
      {Math.abs(share - 1) <= hand && <p className="m-0">It fits, as full as they are wanted.</p>}
    </section>
  );
}
