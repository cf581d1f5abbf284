import type { ItemInput } from '../../contracts/item';
import type { BlindBakeInput } from '../../contracts/oven';
import { blindOf } from '../stations/oven/programme';
import type { CutPlan } from '../stations/cut/station';
import type { SealPlan } from '../stations/seal/station';
import type { StepCode } from '../steps/codes';
import { areCups } from '../steps/cups';
import { benchMinutes } from '../steps/minutes';
import { longRestMin, relaxMin } from './rests';
import { bench, type BenchWork } from './thermal';
import { stepId, type Timeline } from './timeline';

const mostLots = 6;

const closingCode: Record<SealPlan['closing'], StepCode> = {
  seam: 'lidSeal',
  lid: 'lidSeal',
  lattice: 'latticeSeal',
  laps: 'coverLeaves',
  open: 'fillOpen',
};

/** One go of rolling out, of so many: from what the sheet has been rolled to, to what it comes to, m. */
function rollWork(line: Timeline, cut: CutPlan, thickM: number, go: number, goes: number): BenchWork {
  const t = Math.min(thickM, cut.rolled.thicknessMm / 1000);
  const after = (n: number) => thickM * (t / thickM) ** (n / goes);
  return {
    fromM: after(go - 1),
    toM: after(go),
    rollMinutes: (benchMinutes.rollOut * line.kitchen.pace) / goes,
    dwellMinutes: 2,
  };
}

/** Goes a sheet is rolled in where the cook did not say: two where one would leave the band. */
const mostGoes = 2;

/** How it may go on after the last rest, wanted first: rolled and cut at once, rolled at once, the first of two goes. */
export function waysToRoll(line: Timeline, item: ItemInput, cut: CutPlan, thickM: number): BenchWork[][] {
  const said = item.folds.rollGoes;
  const whole = rollWork(line, cut, thickM, 1, said ?? 1);
  const cutting = lying(Math.min(thickM, cut.rolled.thicknessMm / 1000), cut.cutMin);
  const laminated = item.dough.pastry === 'roughPuff';
  return [
    // a laminate is rested between rolling and cutting anyway
    ...(said === undefined && !laminated && item.product !== 'dishPie' ? [[whole, cutting]] : []),
    [whole],
    ...(said === undefined ? [[rollWork(line, cut, thickM, 1, mostGoes)]] : []),
  ];
}

/** Rolling out, in one go or in several with the sheet back in the cold between them; `of` names the sheet. */
export function rollOut(line: Timeline, item: ItemInput, cut: CutPlan, thickM: number, of = ''): void {
  const whole = rollWork(line, cut, thickM, 1, 1);
  const fits = bench({
    spec: line.dough.spec,
    startC: line.temperature,
    ...whole,
    limitC: line.high,
    kitchen: line.kitchen,
  });
  const goes = item.folds.rollGoes ?? (fits.endC <= line.high ? 1 : mostGoes);
  const { lengthMm: l, widthMm: w, sheets } = cut.rolled;
  for (let go = 1; go <= goes; go++) {
    const work = rollWork(line, cut, thickM, go, goes);
    if (go > 1)
      line.cold(
        stepId('sheetRest', `${of}go${go}`),
        { kind: 'slab', thicknessM: work.fromM },
        relaxMin.betweenGoes,
        60,
        { go },
        [[work]],
      );
    line.atBench(stepId('rollOut', `${of}${go}`), {
      ...work,
      // one base at a time for dishes; its lid is rolled when it is closed
      values: {
        l,
        w,
        t: work.toM * 1000,
        ...(item.dough.style === 'stretchedOil' ? { stretched: 1 } : {}),
        sheets: of || isDish(item, cut) ? 1 : sheets,
        go,
        goes,
      },
    });
  }
}

const isDish = (item: ItemInput, cut: CutPlan): boolean => item.product === 'dishPie' && !areCups(item, cut.pieces);

/** A sheet that only lies while hands are busy over it. */
const lying = (t: number, minutes: number) => ({ fromM: t, toM: t, rollMinutes: 0, dwellMinutes: minutes });

/** How it would go if all of it were done in one stretch, from where the fat now stands. */
const straightOn = (line: Timeline, t: number, minutes: number) =>
  bench({
    spec: line.dough.spec,
    startC: line.temperature,
    ...lying(t, Math.min(120, minutes)),
    limitC: line.high,
    kitchen: line.kitchen,
  });

/** Lots that work of so many minutes is done in, so that each stays inside the band: the rest waits cold. */
function lotsFor(line: Timeline, t: number, minutes: number, pieces: number, atLeast: number): number {
  const allowed = straightOn(line, t, minutes).reachesLimitMin ?? Infinity;
  const needed = Math.min(mostLots, Math.ceil(minutes / Math.max(2, allowed)));
  return Math.max(1, Math.min(pieces, Math.max(atLeast, needed)));
}

/** What the bench says of how a piece is closed. */
function closedBy(item: ItemInput, cut: CutPlan): Record<string, number | string> {
  const { pieceKind, cutterMm, sliceMm } = item.cut;
  return {
    rim: item.seal.rimMm,
    ...(cut.way === 'closed' ? { through: 1, across: cutterMm } : {}),
    ...(item.product === 'handPies' ? { kind: pieceKind, crimp: item.seal.crimp, glue: item.seal.glue } : {}),
    ...(pieceKind === 'log' || pieceKind === 'ring' || pieceKind === 'plait'
      ? { slice: sliceMm ?? 0, across: cutterMm, rings: cut.rings ?? 0 }
      : {}),
  };
}

/** Filling and closing in lots, each as cold as the first. Returns the lots. */
function close(line: Timeline, code: StepCode, cut: CutPlan, atLeast: number, seal: SealPlan): number {
  const t = cut.rolled.thicknessMm / 1000;
  const { pieces } = cut;
  const lots = lotsFor(line, t, seal.benchMin, pieces, atLeast);
  const coldC = line.temperature;
  for (let lot = 1; lot <= lots; lot++) {
    line.temperature = coldC;
    const from = Math.round(((lot - 1) * pieces) / lots);
    const to = Math.round((lot * pieces) / lots);
    line.atBench(stepId(code, String(lot)), {
      ...lying(t, (seal.benchMin * (to - from)) / pieces),
      pieces: to - from,
      values: { lot, lots, from: from + 1, to, ...closedBy(line.item, cut) },
    });
  }
  return lots;
}

/** Cutting, then filling and closing pieces; in as many lots as the band allows, the rest waiting cold. Returns the lots. */
export function pieceWork(line: Timeline, cut: CutPlan, seal: SealPlan, springMin: number): number {
  const { item } = line;
  const t = cut.rolled.thicknessMm / 1000;
  const slab = { kind: 'slab' as const, thicknessM: t };
  const goes = Math.min(item.seal.lots ?? 1, cut.cuts);
  // what is cut after it is closed is filled on the sheet as it lies
  if (cut.way === 'closed') {
    const work = lying(t, Math.min(120, seal.benchMin));
    line.cold(
      stepId('sheetRest', 'rolled'),
      slab,
      springMin,
      120,
      {},
      [[work]],
      Math.max(springMin, longRestMin.piece),
    );
    return close(line, 'fillSeal', cut, item.seal.lots ?? 1, { ...seal, benchMin: seal.benchMin + cut.cutMin });
  }
  const cutting = lying(t, cut.cutMin / goes);
  const closing = lying(t, Math.min(120, seal.benchMin / goes));
  // cut and closed at one go where that needs no long rest
  const ways = goes > 1 ? [[cutting]] : [[cutting, closing], [cutting]];
  line.cold(stepId('sheetRest', 'rolled'), slab, springMin, 120, {}, ways, Math.max(springMin, longRestMin.piece));
  const sheetC = line.temperature;
  for (let go = 1; go <= goes; go++) {
    // cut in lots, the part of the sheet that is not yet cut waits cold
    line.temperature = sheetC;
    line.atBench(stepId('cut', String(go)), {
      ...lying(t, cut.cutMin / goes),
      pieces: Math.round((go * cut.cuts) / goes) - Math.round(((go - 1) * cut.cuts) / goes),
      values: {
        t: t * 1000,
        cutter: cut.edge?.blankMm ?? item.cut.cutterMm,
        ...edgeWork(cut),
        shape: cut.generations[0]?.shape.kind ?? 'disc',
      },
    });
  }
  line.cold(stepId('sheetRest', 'cut'), slab, 0, 240, { afterCut: 1 }, [[closing]]);
  return close(line, item.product === 'potPies' ? 'lidSeal' : 'fillSeal', cut, item.seal.lots ?? 1, seal);
}

/** What the bench says of an edge that is rolled out after the cut. */
const edgeWork = ({ edge }: CutPlan): Record<string, number> =>
  edge ? { finished: edge.finishedMm, middle: edge.middleMm, edge: edge.edgeMm } : {};

/** A ball pressed flat before it is rolled, m (estimate). */
const ballM = 0.025;

/**
 * Each piece from a ball of its own: divided, then rolled, filled and closed in as many lots as the band allows, the other
 * balls waiting cold. Returns the lots.
 */
export function ballWork(line: Timeline, cut: CutPlan, seal: SealPlan): number {
  const { item, kitchen } = line;
  const t = cut.rolled.thicknessMm / 1000;
  const from = Math.max(ballM, t);
  const rollMin = benchMinutes.rollAPiece * kitchen.pace;
  const grams = cut.generations[0]?.pieceMass ?? 0;
  line.atBench(stepId('divide', 'balls'), {
    ...lying(from, benchMinutes.divideAPiece * kitchen.pace * cut.cuts),
    values: { pieces: cut.cuts, grams },
  });
  const rolling = (n: number) => ({ fromM: from, toM: t, rollMinutes: rollMin, dwellMinutes: rollMin * (n - 1) });
  line.cold(stepId('rest', 'balls'), { kind: 'slab', thicknessM: from }, 0, 240, { balls: 1 }, [
    [rolling(1), lying(t, seal.benchMin / Math.max(1, cut.pieces))],
  ]);
  const ballC = line.temperature;
  const perPiece = rollMin * (cut.cuts / cut.pieces) + seal.benchMin / cut.pieces;
  const lots = lotsFor(line, t, perPiece * cut.pieces, cut.pieces, item.seal.lots ?? 1);
  const code = item.product === 'potPies' ? 'lidSeal' : 'fillSeal';
  for (let lot = 1; lot <= lots; lot++) {
    line.temperature = ballC;
    const [first, last] = [lot - 1, lot].map((n) => Math.round((n * cut.pieces) / lots));
    const n = last - first;
    const rolled = Math.round((n * cut.cuts) / cut.pieces);
    line.atBench(stepId('rollPieces', String(lot)), {
      ...rolling(rolled),
      pieces: rolled,
      values: { t: t * 1000, mm: cut.edge?.finishedMm ?? cut.rolled.lengthMm, ...edgeWork(cut), lot, lots, grams },
    });
    line.atBench(stepId(code, String(lot)), {
      ...lying(t, (seal.benchMin * n) / cut.pieces),
      pieces: n,
      values: { lot, lots, from: first + 1, to: last, ...closedBy(item, cut) },
    });
  }
  return lots;
}

/** Cups pressed in from one sheet, in as many lots as the band allows, the rest of the blanks waiting cold. */
function lineCups(line: Timeline, cut: CutPlan, thickM: number): void {
  const t = cut.rolled.thicknessMm / 1000;
  const minutes = benchMinutes.lineACup * line.kitchen.pace * cut.pieces;
  rollOut(line, line.item, cut, thickM);
  line.cold(
    stepId('sheetRest', 'rolled'),
    { kind: 'slab', thicknessM: t },
    0,
    60,
    {},
    [[lying(t, minutes)]],
    longRestMin.piece,
  );
  const lots = lotsFor(line, t, minutes, cut.pieces, 1);
  const coldC = line.temperature;
  for (let lot = 1; lot <= lots; lot++) {
    line.temperature = coldC;
    const [from, to] = [lot - 1, lot].map((n) => Math.round((n * cut.pieces) / lots));
    line.atBench(stepId('lineDish', String(lot)), {
      ...lying(t, (minutes * (to - from)) / cut.pieces),
      pieces: to - from,
      values: { t: t * 1000, from: from + 1, to, dishes: cut.pieces, ...cutters(cut) },
    });
  }
}

/** The two cutters bases and lids are cut with from one sheet, mm, and how many of each roll. */
const cutters = ({ together, blanks }: CutPlan): Record<string, number> =>
  together
    ? {
        base: blanks.find((b) => b.kind === 'base')?.dims[0] ?? 0,
        lid: blanks.find((b) => b.kind === 'lid')?.dims[0] ?? 0,
        first: together[0]?.pairs ?? 0,
      }
    : {};

/** A baked case stands until it is hardly warm, min; it may as well wait half a day (estimates). */
const caseCoolMin = 10;
const caseKeepsMin = 12 * 60;
/** Back in the oven after egg was brushed on, min. */
const eggSetsMin = 2;

/** The empty case into the oven, its weights out, egg brushed on, and left to cool. */
function bakeBlind(line: Timeline, blind: BlindBakeInput): void {
  const baking = stepId('blindBake', 'all');
  const { setC, weightsMin, bareMin, sealed } = blind;
  const { mode, rack } = line.item.oven;
  const minutes = Math.max(1, weightsMin + bareMin + (sealed ? eggSetsMin : 0));
  line.step(baking, 'oven', minutes, { values: { setC, weightsMin, bareMin, mode, rack, heats: `0:${setC}` } });
  const tend = (code: 'weightsOut' | 'sealCase', atMin: number) => {
    const step = line.step(stepId(code, 'all'), 'tend', benchMinutes.tend, { values: { bareMin } });
    step.during = { stepId: baking, atMin };
  };
  if (weightsMin > 0) tend('weightsOut', weightsMin);
  if (sealed) tend('sealCase', weightsMin + bareMin);
  line.step(stepId('caseCool', 'all'), 'stand', caseCoolMin, { elasticMin: caseKeepsMin });
}

/** The packet cut in two, unequally: for what lies under, and for what goes over. */
function divideDough(line: Timeline, cut: CutPlan, over: CutPlan['blanks'], thickM: number): void {
  const grams = (blanks: CutPlan['blanks']) => blanks.reduce((sum, b) => sum + b.count * b.massG, 0);
  const lid = (cut.doughMassG * grams(over)) / grams(cut.blanks);
  line.atBench(stepId('divide', 'dish'), {
    ...lying(thickM, divideMin * line.kitchen.pace),
    values: { base: cut.doughMassG - lid, lid, dishes: cut.pieces },
  });
}
/** Minutes to cut a packet and weigh its parts (estimate). */
const divideMin = 2;

/**
 * Dishes one after the other: rolled and lined while the rest of the dough waits cold, then chilled together, filled and
 * closed. Returns the lots they are closed in.
 */
export function dishWork(line: Timeline, cut: CutPlan, seal: SealPlan, thickM: number): number {
  const { item, kitchen } = line;
  const t = cut.rolled.thicknessMm / 1000;
  const slab = { kind: 'slab' as const, thicknessM: t };
  const dishes = cut.pieces;
  const cups = areCups(item, dishes);
  const over = cut.blanks.filter((b) => ['lid', 'strip', 'strand'].includes(b.kind));
  if (!cups && over.length > 0) divideDough(line, cut, over, thickM);
  if (cups) lineCups(line, cut, thickM);
  const packetC = line.temperature;
  for (let dish = 1; dish <= dishes && !cups; dish++) {
    const of = dishes > 1 ? `dish${dish}.` : '';
    line.temperature = packetC;
    rollOut(line, item, cut, thickM, of);
    const minutes = benchMinutes.lineDish * kitchen.pace;
    line.cold(stepId('sheetRest', `${of}rolled`), slab, 0, 60, {}, [[lying(t, minutes)]]);
    line.atBench(stepId('lineDish', String(dish)), { ...lying(t, minutes), values: { t: t * 1000, dish, dishes } });
  }
  const blind = blindOf(item);
  const open = seal.closing === 'open';
  const least = open || blind ? relaxMin.openDish : 0;
  line.cold(stepId('linedRest', 'lined'), slab, least, 240, {}, [[lying(t, Math.min(120, seal.benchMin))]]);
  if (blind) bakeBlind(line, blind);
  if (blind && open) {
    // the case is baked: no raw fat is there to be kept cold
    line.step(stepId('fillOpen', '1'), 'bench', line.asSet(stepId('fillOpen', '1'), seal.benchMin), {
      pieces: dishes,
      values: { lot: 1, lots: 1, from: 1, to: dishes, rim: item.seal.rimMm, baked: 1 },
    });
    return 1;
  }
  return close(line, closingCode[seal.closing], cut, 1, seal);
}
