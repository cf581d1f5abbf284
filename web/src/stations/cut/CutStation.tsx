import type { Ask } from '@crustallum/core/dough/ask';
import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import { usualOtherMm } from '@crustallum/core/filling/handPiece';
import { addDays, formatISO } from 'date-fns';
import { useState, type ReactNode } from 'react';
import { useItem } from '../../desk/useItem';
import { useAddLarderMutation, useToolsQuery } from '../../api/api';
import { notice } from '../../desk/notices';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { Because } from '../../design/ui/Because';
import { Choice } from '../../design/ui/Choice';
import { Pick } from '../../design/ui/Pick';
import { long, weight } from '../../wording/numbers';
import { Blanks } from './Blanks';
import { DishView } from './DishView';
import { Freely } from './Freely';
import { OneByOne } from './OneByOne';
import { OutlineEditor } from './OutlineEditor';
import { Paper } from './Paper';
import { useSharedDough } from '../dough/MixedWith';
import { Portions } from './Portions';
import { SheetView } from './SheetView';
import { Together } from './Together';
import { TrayOfLeaves } from './TrayOfLeaves';
import { Ways } from './Ways';
import { Field } from '../_shared/Field';
import { fields, type FieldName } from '../_shared/fields';
import { StationPage, Waiting } from '../_shared/StationPage';

type View = 'sheet' | 'outline' | 'dish' | 'freely' | 'ways' | 'portions' | 'paper';
const words: Record<View, string> = {
  sheet: 'sheet',
  outline: 'outline',
  dish: 'dish',
  freely: 'freely',
  ways: 'ways',
  portions: 'portions',
  paper: 'paper',
};

/** An edge is usually rolled to this share of its sheet (practice). */
const thinEdge = 0.6;

export function CutStation() {
  const [chosen, setView] = useState<View>('sheet');
  const { item, plan, change } = useItem();
  const { data: tools = [] } = useToolsQuery();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  if (!item || !plan || !kitchen) return <Waiting />;
  const { product, cut: input } = item.document;
  const hand = product === 'handPies';
  const filo = item.document.dough.pastry === 'filo';
  const c = plan.cut;
  const f = c.figures;
  const discs = c.generations.length > 0;
  const views: View[] = filo
    ? hand
      ? ['sheet', 'paper']
      : ['sheet', 'dish', 'paper']
    : hand
      ? [
          'sheet',
          ...(input.pieceKind === 'outline2' ? (['outline'] as const) : []),
          'freely',
          'ways',
          'portions',
          'paper',
        ]
      : discs
        ? ['sheet', 'dish', 'freely', 'portions', 'paper']
        : ['sheet', 'dish', 'portions', 'paper'];
  const view = views.includes(chosen) ? chosen : 'sheet';
  const dishes = tools.filter((t) => t.document.kind === 'dish');
  const cutters = tools.filter((t) => t.document.kind === 'cutter');
  const named = input.vesselName ?? '';
  const pickDish = (name: string) => {
    const dish = dishes.find((t) => t.name === name)?.document;
    if (dish?.vessel)
      change({ 'cut.vessel': dish.vessel, 'cut.vesselMaterial': dish.material, 'cut.vesselName': name });
  };
  const onSheet: FieldName[] = !discs
    ? c.together
      ? ['thickness', 'trim', 'gap', 'reRolls']
      : ['thickness', 'trim']
    : c.way === 'sheet'
      ? ['cutter', 'thickness', 'trim', 'gap', 'reRolls']
      : c.way === 'balls'
        ? ['cutter', 'thickness']
        : ['cutter', 'thickness', 'trim'];
  const rolledUp = input.pieceKind in usualOtherMm;
  const shape = c.generations[0]?.shape.kind;
  const mayClose = hand && (input.pieceKind === 'halfmoon' || input.pieceKind === 'round2');
  const froms: FieldName[] =
    shape === 'disc' ? [mayClose ? 'cutClosed' : 'cutFrom'] : shape === 'rect' ? ['cutAcross'] : [];
  const shownFor: Record<View, ReactNode> = {
    sheet: filo ? (
      <TrayOfLeaves cut={c} />
    ) : discs ? (
      c.way === 'sheet' ? (
        <SheetView cut={c} />
      ) : (
        <OneByOne cut={c} trimMm={input.trimMm} />
      )
    ) : c.together ? (
      <Together cut={c} trimMm={input.trimMm} />
    ) : (
      <Blanks cut={c} />
    ),
    outline: <OutlineEditor cut={input} />,
    dish: <DishView plan={plan} item={item.document} />,
    freely: <Freely cut={c} />,
    ways: <Ways plan={plan} item={item.document} kitchen={kitchen} />,
    portions: <Portions key={item.id} item={item.document} pieces={c.pieces} massG={c.doughMassG} />,
    paper: <Paper plan={plan} item={item.document} />,
  };
  return (
    <StationPage
      station="cut"
      inputs={
        filo
          ? hand
            ? ['leafStrip', 'leavesInStack']
            : ['leavesInStack']
          : discs
            ? [
                ...(hand ? (['pieceKind'] as const) : []),
                ...froms,
                ...onSheet.filter((name) => hand || name !== 'cutter'),
              ]
            : [...onSheet, ...(product === 'dishPie' ? (['lining', 'lid', 'dishes'] as const) : [])]
      }
      held={filo || view !== 'sheet' ? [] : onSheet}
      lead={<Pick label="Show" value={view} options={views.map((v) => [v, words[v]] as const)} onChange={setView} />}
      extra={
        <>
          {!hand && (
            <Choice
              label="Dish"
              value={named}
              options={[...new Set([named, ...dishes.map((d) => d.name)])].filter(Boolean).map((n) => [n, n] as const)}
              onChange={pickDish}
            />
          )}
          {hand && c.generations[0]?.shape.kind === 'disc' && cutters.length > 0 && (
            <Choice
              label="A cutter of yours"
              value={String(input.cutterMm)}
              options={[
                ...new Map([
                  [String(input.cutterMm), `${long(input.cutterMm)}`],
                  ...cutters.map((t): [string, string] => [String(t.document.diameterMm), t.name]),
                ]),
              ]}
              onChange={(d) => change({ 'cut.cutterMm': Number(d) })}
            />
          )}
          {hand && c.generations[0]?.shape.kind === 'disc' && c.way !== 'closed' && (
            <Pick
              label="Middle of each"
              value={input.edgeMm ? 'thick' : 'even'}
              options={[
                ['even', 'as its edge'],
                ['thick', 'left thicker'],
              ]}
              onChange={(v) =>
                change({
                  'cut.edgeMm':
                    v === 'thick' ? Math.max(0.8, Math.round(input.thicknessMm * thinEdge * 10) / 10) : undefined,
                })
              }
            />
          )}
          {c.edge && (
            <>
              <Field def={fields.edge} />
              <Field def={fields.middle} />
              <Because>
                cut at {long(c.edge.blankMm)}, its edge rolled out gives {long(c.edge.finishedMm)}; it weighs what was
                cut
              </Because>
            </>
          )}
          {hand && (input.pieceKind === 'rect2' || rolledUp) && (
            <Field
              def={fields.otherSide}
              fallback={rolledUp ? usualOtherMm[input.pieceKind as keyof typeof usualOtherMm] : input.cutterMm}
            />
          )}
          {hand && rolledUp && <Field def={fields.slice} fallback={input.otherMm ?? usualOtherMm.log} />}
          {!discs && !filo && (input.lid === 'lattice' || input.plaitEdge) && (
            <>
              <Field def={fields.strip} />
              <Field def={fields.stripGap} />
            </>
          )}
          {product === 'dishPie' && (
            <Pick
              label="Its edge"
              value={input.plaitEdge ? 'plait' : 'crimp'}
              options={[
                ['crimp', 'crimped'],
                ['plait', 'plaited'],
              ]}
              onChange={(v) => change({ 'cut.plaitEdge': v === 'plait' ? true : undefined })}
            />
          )}
          {discs && c.way === 'sheet' && (
            <details className="more">
              <summary>Rolled again, and what is left</summary>
              <Field def={fields.policy} />
              {input.policy === 'stretch' && <Field def={fields.onHand} fallback={input.cutterMm} />}
              {hand && cutters.length > 0 && c.generations[0]?.shape.kind === 'disc' && (
                <Pick
                  label="Later rolls cut with"
                  value={input.ownCutters?.length ? 'mine' : 'any'}
                  options={[
                    ['any', 'any size'],
                    ['mine', 'mine only'],
                  ]}
                  onChange={(v) =>
                    change({
                      'cut.ownCutters':
                        v === 'mine' ? cutters.flatMap((t) => t.document.diameterMm ?? []).slice(0, 40) : undefined,
                    })
                  }
                />
              )}
              <Field def={fields.minScrap} />
              <Field def={fields.scrapFate} />
              {input.scrapFate === 'minis' && <Field def={fields.mini} />}
              {input.scrapFate === 'keep' && <KeepScraps grams={c.scraps?.keptG ?? 0} title={item.document.title} />}
            </details>
          )}
        </>
      }
      whatIf={
        <Loop
          cut={c}
          surplusG={plan.dough.surplusG}
          totalG={plan.dough.masses.totalG}
          askBy={item.document.dough.askBy ?? 'pieces'}
          ask={(by, value) => change({ 'dough.askBy': by, 'dough.askValue': value })}
        />
      }
      numbers={[
        [c.way === 'balls' ? 'Balls' : discs ? 'From the first roll' : filo ? 'Leaves' : 'Blanks', f.firstRoll],
        [discs ? 'From later rolls' : 'Rolled again', f.laterRolls],
        [filo ? 'Used' : 'Sheet used', f.sheetUsed],
        [filo ? 'Leaves weigh' : 'Dough to make', f.doughNeeded],
        ['Time at the bench', f.time],
      ]}
    >
      {shownFor[view]}
    </StationPage>
  );
}

/** A reserve against a roll that tears. */
const reserve = 1.05;

/** What goes back to the Dough: the cut asks for its grams, the bowl adds what sticks, and what is over is said. */
function Loop({
  cut,
  surplusG,
  totalG,
  askBy,
  ask,
}: {
  cut: CutPlan;
  surplusG: number;
  totalG: number;
  askBy: Ask;
  ask: (by: Ask, value: number) => void;
}) {
  const { shared, follows } = useSharedDough();
  if (cut.leaves) return null;
  const sticks = totalG - cut.doughMassG - Math.max(0, surplusG);
  return (
    <>
      <b>The Dough mixes {weight(totalG)}</b>: {weight(cut.doughMassG)} for this cut, {weight(Math.max(0, sticks))}{' '}
      stick
      {surplusG > 1 ? `, ${weight(surplusG)} ${shared && !follows ? 'for the other pies' : 'in reserve'}` : ''}
      {surplusG < -1 ? `. It is ${weight(-surplusG)} short` : ''}.{' '}
      {askBy === 'pieces' ? (
        <button type="button" className="in-words" onClick={() => ask('factor', reserve)}>
          Mix 5 % more
        </button>
      ) : (
        <button type="button" className="in-words" onClick={() => ask('pieces', 1)}>
          Mix no more
        </button>
      )}
    </>
  );
}

/** Raw dough keeps so long in the fridge (usual caution). */
const keepsDays = 2;

/** Offcuts into the cold for the next dough. */
function KeepScraps({ grams, title }: { grams: number; title: string }) {
  const [add, { isLoading }] = useAddLarderMutation();
  const dispatch = useAppDispatch();
  if (grams <= 0) return null;
  const keep = () => {
    void add({
      name: `Dough of ${title}`,
      grams: Math.round(grams),
      shelf: 'A',
      note: 'offcuts, rolled flat; freeze what is not used by then',
      bestBefore: formatISO(addDays(new Date(), keepsDays), { representation: 'date' }),
    }).then((answer) => {
      if ('data' in answer && answer.data)
        dispatch(
          notice.actions.said({
            text: `${weight(grams)} are in the cold.`,
            undo: { kind: 'newLarder', id: answer.data.id },
          }),
        );
    });
  };
  return (
    <button type="button" className="press quiet" disabled={isLoading} onClick={keep}>
      Put {weight(grams)} in the cold
    </button>
  );
}
