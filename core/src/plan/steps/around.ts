import type { ItemInput } from '../../contracts/item';
import type { KitchenInput } from '../../contracts/kitchen';
import { aheadWays } from '../../filling/ahead';
import { freezingMinutes } from '../../oven/freezing';
import { preparingMinutes } from '../../filling/work';
import { isClosedBefore } from '../closedBefore';
import { isFrozen } from '../keeps';
import { ingredientNamed } from '../../ingredients/named';
import type { CutPlan } from '../stations/cut/station';
import type { FillingPlan } from '../stations/filling/station';
import { heatsOf, heatsWord } from '../stations/oven/programme';
import type { OvenPlan } from '../stations/oven/station';
import type { SealPlan } from '../stations/seal/station';
import type { Step, StepCode } from './codes';
import { areCups } from './cups';
import { benchMinutes } from './minutes';

/** A bake that is never ready still takes its place in the day, min. */
const unknownBakeMin = 60;
/** A pie is turned round when the oven is touched anyway, if that is so near the minute it would be, min. */
const turnedWithMin = 8;

/** Overnight in the fridge, min (usual guidance). */
export const thawMin = 12 * 60;

const whole = (
  code: StepCode,
  strand: Step['strand'],
  kind: Step['kind'],
  minutes: number,
  values: Step['values'] = {},
  elasticMin = 0,
): Step => ({ id: `${code}:all`, code, strand, kind, minutes, elasticMin, pieces: 0, values });

/** What goes into the filling made ready, cooked and cooled, to be done before the pastry is closed. */
export function fillingSteps(item: ItemInput, kitchen: KitchenInput, filling: FillingPlan): Step[] {
  const steps: Step[] = [];
  const { cookMinutes } = item.filling;
  const raw = filling.raw ? 1 : 0;
  const parts = filling.parts.map(({ name, grams }) => ({ ingredient: ingredientNamed(name), grams }));
  const { have } = item.filling;
  // tasted where it is last in hand before it is filled
  const tasted = (here: boolean): Step['values'] =>
    here && filling.taster
      ? {
          tasteG: filling.taster.grams,
          fried: filling.taster.fried ? 1 : 0,
          saltStepG: filling.taster.saltStepG,
        }
      : {};
  if (have && isFrozen(have.atC))
    steps.push(whole('thaw', 'filling', 'cold', thawMin, { name: item.filling.name, grams: have.grams }, 24 * 60));
  if (!have) steps.push(...aheadSteps(item, kitchen, filling.parts));
  if (!have && parts.length > 0)
    steps.push(
      whole('prepareFilling', 'filling', 'bench', preparingMinutes(parts, item.filling.diceMm) * kitchen.pace, {
        name: item.filling.name,
        things: parts.length,
        diceMm: item.filling.diceMm,
        raw,
        ...tasted(cookMinutes === 0),
      }),
    );
  if (!have && cookMinutes > 0)
    steps.push(
      whole('cookFilling', 'filling', 'hob', cookMinutes * kitchen.pace, {
        grams: filling.totalG,
        name: item.filling.name,
        raw,
        ...tasted(true),
      }),
    );
  const cool = filling.coolMinutes ?? 0;
  if (cool > 0)
    steps.push(
      whole(
        'coolFilling',
        'filling',
        'cold',
        cool,
        {
          toC: filling.fillAtC,
          place: item.filling.coolAt,
          vessel: item.filling.coolIn,
          depthMm: filling.vessel.depthMm,
        },
        24 * 60,
      ),
    );
  return steps;
}

/** A pot washed for the next filling. */
export const washPot = (kitchen: KitchenInput): Step =>
  whole('washPot', 'clearing', 'bench', benchMinutes.washPot * kitchen.pace);

/** What is made before the rest: the hands of all of it, and as long as the longest of it stands. */
function aheadSteps({ filling }: ItemInput, kitchen: KitchenInput, parts: FillingPlan['parts']): Step[] {
  const ahead = filling.ingredients.flatMap(({ name, ahead: how }, n) =>
    how ? [{ name, grams: parts[n]?.grams ?? 0, ...how }] : [],
  );
  if (ahead.length === 0) return [];
  const longest = ahead.reduce((a, b) => (b.hours > a.hours ? b : a));
  const hands = ahead.reduce((sum, { kind }) => sum + aheadWays[kind].handsMin, 0);
  const values = {
    name: ahead.map((a) => a.name.toLowerCase()).join(', '),
    kind: longest.kind,
    hours: longest.hours,
    place: aheadWays[longest.kind].place,
    // name and grams, a line each
    of: ahead.flatMap((a) => (a.of ?? []).map((t) => `${t.name}\t${(a.grams * t.gramsPer100) / 100}`)).join('\n'),
  };
  return [
    whole('makeAhead', 'filling', 'bench', hands * kitchen.pace, values),
    whole('aheadStands', 'filling', 'cold', longest.hours * 60, values, aheadElasticMin),
  ];
}
/** It may stand longer by so much, min (usual guidance). */
const aheadElasticMin = 12 * 60;

/** Washed and vented just before the oven; null where nothing is brushed on or cut. */
function glaze(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, seal: SealPlan): Step | null {
  const { wash } = item.seal;
  const { closing, vent } = seal;
  const opened = closing === 'seam' || closing === 'lid';
  const vents = opened && 'n' in vent ? vent.n : 0;
  if (wash === 'none' && vents === 0 && closing !== 'laps') return null;
  const inHand = item.product === 'handPies' || item.product === 'potPies' || areCups(item, cut.pieces);
  const minutes = (inHand ? benchMinutes.glazeAPiece : benchMinutes.glazeADish) * cut.pieces * kitchen.pace;
  return whole('glaze', 'pastry', 'bench', Math.max(1, minutes), {
    wash,
    vents,
    vent: vent.kind,
    acrossMm: vent.kind === 'slits' ? vent.lengthMm : 'dMm' in vent ? vent.dMm : 0,
    grams: seal.washG,
    topping: item.seal.topping ?? 'none',
    closing,
    laid: cut.leaves?.made ? 'pieces' : item.product === 'filoCoil' ? 'coil' : 'tray',
    portions: item.brief.count,
    pieces: cut.pieces,
  });
}

/** A moment's work while the pies are in, so many minutes after they went in. */
const tend = (code: StepCode, atMin: number, values: Step['values'] = {}): Step => ({
  ...whole(code, 'pastry', 'tend', benchMinutes.tend, values),
  id: `${code}:${Math.round(atMin)}`,
  during: { stepId: 'bake:all', atMin },
});

/** From when it is looked at: first gold, a little before the cook's own minutes at the latest. */
const lookFrom = ({ oven: { ownMin } }: ItemInput, { bake }: OvenPlan): number =>
  ownMin ? Math.max(1, Math.min(ownMin - 3, bake.lookAt ?? 0)) : (bake.lookAt ?? 0);

/** The oven set to its next heat, the pies turned round, foil laid over them. */
function tending(item: ItemInput, oven: OvenPlan, minutes: number): Step[] {
  const heats = heatsOf(item.oven)
    .slice(1)
    .filter((h) => h.fromMin < minutes);
  const rotate = oven.bake.advice.find((a) => a.code === 'ROTATE');
  const turnAt = rotate?.code === 'ROTATE' ? Math.min(rotate.atMin, minutes - 1) : null;
  const turnedWith = turnAt === null ? undefined : heats.find((h) => Math.abs(h.fromMin - turnAt) <= turnedWithMin);
  const { tentFromMin: tentAt, tentToMin: tentTo } = item.oven;
  const lookAt = lookFrom(item, oven);
  return [
    ...heats.map((h) =>
      tend('setOven', h.fromMin, {
        setC: h.setC,
        turned: h === turnedWith ? 1 : 0,
        ...(h.mode ? { mode: h.mode } : {}),
        ...(h.rack ? { rack: h.rack } : {}),
        ...(h.grill ? { grill: 1 } : {}),
      }),
    ),
    ...(turnAt !== null && !turnedWith ? [tend('turnRound', turnAt)] : []),
    ...(tentAt !== undefined && tentAt < minutes ? [tend('tentOn', tentAt)] : []),
    ...(tentAt !== undefined && tentTo !== undefined && tentTo > tentAt && tentTo < minutes
      ? [tend('tentOff', tentTo)]
      : []),
    ...(lookAt > 0 && lookAt < minutes ? [tend('look', lookAt, { out: minutes })] : []),
    ...((item.seal.coats ?? 1) > 1 && item.seal.wash !== 'none'
      ? [tend('secondCoat', minutes * secondCoatAt, { wash: item.seal.wash })]
      : []),
  ].sort((a, b) => (a.during?.atMin ?? 0) - (b.during?.atMin ?? 0));
}

/** When a second coat evens the gloss, of the bake (estimate). */
const secondCoatAt = 0.5;

/** What is seen when it is done, besides the lid's colour. */
const doneSign = ({ filling }: ItemInput): string =>
  filling.type === 'custard'
    ? 'trembles'
    : filling.type === 'apple_raw' || filling.type === 'berry_raw'
      ? 'bubbles'
      : '';

/** What is made ahead lies closed and raw in the fridge, or open on a tray in the freezer and bagged when it is hard. */
function made(item: ItemInput, kitchen: KitchenInput, oven: OvenPlan): Step[] {
  const { from, aheadDays = 0 } = item.oven;
  const frozen = from === 'freezer';
  if (from === 'room' || isClosedBefore(item) || (!frozen && !aheadDays)) return [];
  const hardMin = frozen ? freezingMinutes(oven.spec, kitchen.freezerC) : 0;
  const minutes = Math.max(hardMin, aheadDays * dayMin);
  const longest = frozen ? oven.keeps.rawMonths * monthMin : oven.keeps.rawHours * 60;
  return [
    whole(
      'keepPies',
      'pastry',
      'cold',
      minutes,
      { place: frozen ? 'freezer' : 'fridge', days: aheadDays, hardMin },
      Math.max(0, longest - minutes),
    ),
  ];
}

const dayMin = 24 * 60;
const monthMin = 30 * dayMin;

/** The last brush, the bake with what is done meanwhile, and its stand before the table. */
export function ovenSteps(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  seal: SealPlan,
  oven: OvenPlan,
): Step[] {
  const minutes = oven.minutes ?? unknownBakeMin;
  const brushed = glaze(item, kitchen, cut, seal);
  return [
    ...made(item, kitchen, oven),
    ...(brushed ? [brushed] : []),
    whole('bake', 'pastry', 'oven', minutes, {
      setC: item.oven.setC,
      heats: heatsWord(heatsOf(item.oven)),
      mode: item.oven.mode,
      rack: item.oven.rack,
      look: lookFrom(item, oven),
      low: item.oven.ownMin ?? oven.bake.rangeMin?.[0] ?? minutes,
      high: item.oven.ownMin ?? oven.bake.rangeMin?.[1] ?? minutes,
      target: oven.targetC,
      onTrays: oven.onTrays.join(' '),
      ...(item.oven.inSecond && kitchen.secondOven ? { second: 1 } : {}),
      ...(oven.spec.oven.steamMin ? { steamMin: oven.spec.oven.steamMin } : {}),
      sign: doneSign(item),
    }),
    ...tending(item, oven, minutes),
    whole('stand', 'pastry', 'stand', item.clock.standMinutes, { sign: doneSign(item) }),
  ];
}
