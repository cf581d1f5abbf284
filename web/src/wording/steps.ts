import { guidance, localRules } from './guidance';
import type { LeafPieceKind } from '@crustallum/core/filling/leafPieces';
import type { StepCode, TimedStep } from '@crustallum/core/plan/steps/codes';
import { counted, degrees, long, plain, sides, span, thin, weight } from './numbers';
import { list } from './eaters';
import { stripWords } from './folds';
import { closingCall, closingHow } from './closing';
import { brushWords, heatsWords, turnedWords } from './oven';
import { coolingWords, fatWords } from './words';

/** What else is turned when the oven is set to another heat. */
const turnedWith = ({ values }: Pick<TimedStep, 'values'>): string => {
  const words = [Number(values['grill']) ? 'grill' : values['mode'], values['rack']].flatMap((w) =>
    w ? [turnedWords[String(w)] ?? ''] : [],
  );
  const said = words.join(', ');
  return said ? `${said[0]?.toUpperCase()}${said.slice(1)}. ` : '';
};
/** What is done with a part that is made before the rest, and where it stands. */
const aheadHow: Record<string, string> = {
  marinade: 'Dice it, turn it in its marinade, cover it.',
  stock: 'Bones and roots in cold water, brought up slowly, skimmed, barely simmering; then strained and cooled.',
  cultured: 'Stir its culture in, cover it loosely.',
  soaked: 'Cover it with three times its height of cold water.',
};
/** What goes into it, in grams. */
const ofWords = (s: TimedStep): string => {
  const things = String(s.values['of'] ?? '')
    .split('\n')
    .filter(Boolean)
    .map((line) => line.split('\t'));
  return things.length === 0
    ? ''
    : ` Into it: ${things.map(([name, grams]) => `${(name ?? '').toLowerCase()} ${weight(Number(grams))}`).join(', ')}.`;
};
const aheadPlaces: Record<string, string> = {
  fridge: 'In the fridge, covered',
  room: 'At room heat, covered',
  hob: 'On the lowest heat, then in the cold',
};

/** Short words under the Cold Line and in the Clock. */
export const stepWords: Record<StepCode, string> = {
  weigh: 'Weigh',
  mix: 'Mix',
  rubIn: 'Rub in',
  rest: 'Rest',
  thaw: 'Thaw',
  lockIn: 'Lock in',
  turns: 'Turns',
  divide: 'Divide',
  rollOut: 'Roll',
  rollPieces: 'Roll each',
  sheetRest: 'Rest',
  cut: 'Cut',
  lineDish: 'Line dish',
  linedRest: 'Rest',
  fillSeal: 'Fill + seal',
  lidSeal: 'Lid + seal',
  latticeSeal: 'Strips on',
  fillOpen: 'Fill',
  shapedChill: 'Chill',
  kneadLeaves: 'Knead',
  restLeaves: 'Rest',
  stretchLeaves: 'Stretch',
  openLeaves: 'Open',
  brushStack: 'Stack',
  coverLeaves: 'Roll up',
  assembleLeaves: 'Lay in',
  bake: 'Bake',
  stand: 'Stand',
  makeAhead: 'Begin ahead',
  aheadStands: 'Stands ahead',
  prepareFilling: 'Make ready',
  blindBake: 'Bake blind',
  weightsOut: 'Weights out',
  sealCase: 'Egg on',
  caseCool: 'Case cools',
  keepPies: 'Keep',
  glaze: 'Brush',
  preheat: 'Heat up',
  setOven: 'Oven on',
  tentOff: 'Foil off',
  turnRound: 'Turn round',
  look: 'Look',
  secondCoat: 'Brush again',
  tentOn: 'Foil on',
  cookFilling: 'Cook filling',
  coolFilling: 'Cool filling',
  washPot: 'Wash the pot',
  clearBench: 'Clear up',
};

export const stepWord = (s: Pick<TimedStep, 'code' | 'values'>): string =>
  s.code === 'keepPies' && s.values['place'] === 'freezer'
    ? 'Frozen'
    : s.code === 'turns'
      ? s.values['first'] === s.values['last']
        ? `Turn ${s.values['first']}`
        : `Turns ${s.values['first']} · ${s.values['last']}`
      : s.code === 'brushStack'
        ? s.values['laid'] === 'under'
          ? 'Leaves under'
          : s.values['laid'] === 'over'
            ? 'Leaves over'
            : `Stack ${s.values['stack']}`
        : s.code === 'coverLeaves' && s.values['kind'] !== 'coil'
          ? s.values['kind'] === 'tray'
            ? 'Fill'
            : 'Close'
          : stepWords[s.code];

const lockWords: Record<string, string> = {
  envelope: 'Set it cornerwise on the dough and fold the four flaps over it.',
  half: 'Lay it on one half and fold the other over it; press the edges shut.',
  twoThirds: 'Lay it on two thirds, fold the bare third over, then the other.',
  inverse: 'Fold the dough into the fat; keep the fat side floured and cold.',
};

export interface Call {
  call: string;
  how: string;
  press: string;
  caution: string | null;
}

const num = (s: TimedStep, key: string, places = 0): string => plain(Number(s.values[key] ?? 0), places);
const cold = 'Into the cold';
const restPlaces: Record<string, string> = { freezer: 'in the freezer', room: 'in the room' };

const lotOf = (s: TimedStep): string =>
  Number(s.values['lots']) > 1 ? ` Lot ${s.values['lot']} of ${s.values['lots']}; the others stay cold.` : '';

/** How a shape is cut; its size in cm. */
const cutBy: Record<string, (across: string) => string> = {
  disc: (across) => `Straight down with the cutter of ${across}, no twist.`,
  rect: (across) => `With the wheel along a ruler, ${across}, each pass right through.`,
  triangle: (across) => `With the wheel along a ruler, ${across} at the foot.`,
  outline: (across) => `Round the template of ${across} with the point of a knife.`,
};

/** The two cutters of cups, lids first, and what comes from the trimmings. */
const cuttersOf = (s: TimedStep): string => {
  if (s.values['lid'] === undefined || Number(s.values['from']) !== 1) return '';
  const [first, all] = [Number(s.values['first']), Number(s.values['dishes'])];
  const again = first < all ? `, ${first} of each; the trimmings rolled again give the rest` : '';
  return `Cut the lids first with ${long(Number(s.values['lid']))}, then the bases with ${long(Number(s.values['base']))}${again}. `;
};

/** An edge rolled out after the cut, the middle left thick. */
const edgeWords = (s: TimedStep): string =>
  s.values['edge'] === undefined
    ? ''
    : ` Roll the edge of each, turning it, to ${long(Number(s.values['finished']))} across and ${thin(Number(s.values['edge']), 1)}; the middle ${long(Number(s.values['middle']))} stay thick.`;

/** From here on a fat is soft under the fingers, °C: it is not told to come from the fridge. */
const softFromC = 15;

/** The fat as it is weighed, and what of it is rubbed in first. */
const weighedFat = (s: TimedStep, fat: string): string =>
  `${fatInState(s, fat)}${Number(s.values['rubbed']) >= 1 ? `, ${weight(Number(s.values['rubbed']))} of it for rubbing in` : ''}`;

/** Poured, soft, in one piece that waits, or in pieces from the cold. */
function fatInState(s: TimedStep, fat: string): string {
  const [word, fatC] = [fatWords[fat] ?? fat, Number(s.values['fatC'] ?? 5)];
  const grams = `${weight(Number(s.values['fat']))} ${word}`;
  if (fat === 'oil') return `${grams}, as it is`;
  if (s.values['kept'] === 'spread' || fatC >= softFromC) return `${grams}, soft, at ${degrees(fatC, 0)}`;
  if (Number(s.values['lump']) < 1) return `${grams} in one piece, back in the cold until it is locked in`;
  return `${grams} in pieces of ${thin(Number(s.values['lump']), 0)}, straight from the fridge`;
}

/** A filling that goes in hot: how long what lies over it may wait. */
function hotWords(s: TimedStep): string {
  if (!Number(s.values['hotC'])) return '';
  const lidMin = Number(s.values['lidMin']);
  const within = lidMin < 0 ? 'at once' : `within ${plain(lidMin, 1)} min of its going on`;
  return `The filling at ${degrees(Number(s.values['hotC']), 0)}, the lid straight from the fridge; into the oven ${within}. `;
}

/** ", 4 and 3 to a tray"; nothing where one tray holds them all. */
function onTraysWords(s: TimedStep): string {
  const each = String(s.values['onTrays'] ?? '').split(' ');
  if (each.length < 2) return '';
  return each.every((n) => n === '1') ? `, on ${each.length} shelves` : `, ${list(each)} to a tray`;
}

/** How one dough is divided among those it is for. */
function sharesWords(s: TimedStep): string {
  const shares = String(s.values['shares'] ?? '');
  if (!shares) return '';
  const each = JSON.parse(shares) as [string, number][];
  return ` Divide it first: ${list(each.map(([title, grams]) => `${weight(Number(grams))} for ${title}`))}.`;
}

/** What is seen when it is done, and what its stand is for. */
const doneSigns: Record<string, string> = {
  trembles: ' Done when it is set at the edge and trembles in the middle.',
  bubbles: ' Done when it boils in the middle, seen through the vents.',
};
const standSigns: Record<string, string> = {
  trembles: 'it sets on by itself',
  bubbles: 'its juice sets as it cools',
};

/** The turns of a stretch where they differ: length and width, mm, and panels of each. */
const eachTurn = (s: TimedStep): number[][] =>
  String(s.values['each'] ?? '')
    .split(' ')
    .filter(Boolean)
    .map((turn) => turn.split('x').map(Number));
const sheetCm = (lengthMm: number, widthMm: number): string => `${sides([lengthMm, widthMm], 0)}`;

/** What a turn is rolled to, or each of a stretch where they differ. */
function rolledTo(s: TimedStep): string {
  const each = eachTurn(s).map(([length = 0, width = 0]) => sheetCm(length, width));
  const to = each.length ? each.join(', then to ') : sheetCm(Number(s.values['length']), Number(s.values['width']));
  return `Roll to ${to}, in ${num(s, 'passes')} ${Number(s.values['passes']) === 1 ? 'pass' : 'passes'}`;
}
const foldedIn = (s: TimedStep): string => {
  const each = eachTurn(s).map(([, , panels]) => panels);
  return `fold in ${new Set(each).size > 1 ? each.join(', then in ') : s.values['fold']}`;
};

/** Leaves are opened before the bake where they hold the steam, or would shatter under the knife after it. */
const leafCuts: Record<string, (portions: string) => string> = {
  coil: () => ' Prick it all over.',
  tray: (portions) => ` Score the top leaves through into ${portions}: baked, they would shatter.`,
};

/** Which stack of leaves is laid: under or over the filling of a tray, else one after another. */
const layerCall = (s: TimedStep): string =>
  s.values['laid'] === 'under'
    ? 'The leaves under it'
    : s.values['laid'] === 'over'
      ? 'The leaves over it'
      : `Stack ${s.values['stack']}`;

/** The strips a stack is cut into; nothing where it is laid whole. */
function stripsCut(s: TimedStep): string {
  if (!Number(s.values['stripMm'])) return '';
  const across = Number(s.values['along']) > 1 ? `, each cut across in ${num(s, 'along')}` : '';
  return ` Then cut it lengthwise into ${counted(Number(s.values['across']), 'strip', 'strips')} of ${long(Number(s.values['stripMm']))}${across}.`;
}

/** Filling on leaves: spread in a tray, along a rope, or closed in strips. */
function leavesFilled(s: TimedStep, make: (call: string, how: string, press: string) => Call): Call {
  const kind = String(s.values['kind']);
  if (kind === 'tray')
    return make('Spread the filling', `${weight(Number(s.values['grams']))}, level, to the corners.`, 'Spread, next');
  if (kind === 'coil')
    return make(
      `Fill and roll stack ${s.values['stack']}`,
      `${weight(Number(s.values['grams']))} along the edge; the other leaves covered meanwhile.`,
      'Rolled, next',
    );
  const closed = stripWords[kind as LeafPieceKind](Number(s.values['folds']));
  return make(
    `Close ${num(s, 'pieces')} of stack ${s.values['stack']}`,
    `${weight(Number(s.values['each']))} each: ${closed}. The other leaves covered meanwhile.`,
    'Closed, next',
  );
}

/** The vents of one lid: a run of an older plan tells its slits by their own name. */
function ventWords(s: TimedStep): string {
  const n = Number(s.values['vents']);
  const across = thin(Number(s.values['acrossMm'] ?? s.values['slitMm']), 0);
  if (s.values['vent'] === 'chimney') return `the chimney’s hole, ${across}`;
  const one = s.values['vent'] === 'holes' ? 'hole' : 'slit';
  return `${n === 1 ? `one ${one}` : `${n} ${one}s`} of ${across}`;
}
const toppingWords: Readonly<Record<string, string>> = {
  seaSalt: 'A little salt',
  sesame: 'Sesame seeds',
  poppySeed: 'Poppy seeds',
  caraway: 'Caraway seeds',
  sugar: 'Sugar',
};

/** What is brushed on, and then cut or pricked. */
function glazed(s: TimedStep): string {
  const wash = String(s.values['wash']);
  const { closing } = s.values;
  const on =
    closing === 'open'
      ? 'Along the rim only'
      : closing === 'laps'
        ? 'All over, the edges first'
        : 'All over, thinly, not down the cut edges';
  const brushed = wash === 'none' ? '' : `${on}: ${brushWords[wash] ?? wash}.`;
  const vents = Number(s.values['vents']);
  const open =
    vents > 0
      ? ` Then ${ventWords(s)}${Number(s.values['pieces']) > 1 ? ' in each' : ''}, right through: wash would close a cut made before.`
      : s.values['closing'] === 'laps'
        ? (leafCuts[String(s.values['laid'])]?.(num(s, 'portions')) ?? '')
        : '';
  const strewn = toppingWords[String(s.values['topping'])];
  return `${brushed}${strewn ? ` ${strewn} over it while it is wet.` : ''}${open}`.trim();
}

/** Of work that is done in one go for several pies: what is out still, and where what is ready waits. */
function inOneGo(s: TimedStep): string {
  const after = s.values['inOneGo'];
  if (after === undefined) return '';
  const [out, waits] =
    s.code === 'weigh'
      ? ['The scale is', 'Its fat goes back to the cold until it is mixed.']
      : ['Board and knife are', 'Covered and cold until it is wanted; wash both between raw and ready.'];
  return ` ${after === '' ? 'The others follow in the same go.' : `${out} still out from ${after}.`} ${waits}`;
}

/** What is tasted before it is filled, and what one step of salt weighs in all of it. */
function tasteWords(s: TimedStep): string {
  if (s.values['tasteG'] === undefined) return '';
  const spoonful = weight(Number(s.values['tasteG']));
  const how = Number(s.values['fried'])
    ? `Fry ${spoonful} of it through and taste that before any is filled: never raw.`
    : `Taste ${spoonful} before it is filled.`;
  return ` ${how} ${plain(0.1, 1)} % more salt is ${weight(Number(s.values['saltStepG']), 1)} in all of it.`;
}

/** What to do now, in words to be read from across the kitchen. */
// oxlint-disable-next-line max-lines-per-function -- one sentence for each step
export function callOf(s: TimedStep, title: string, fat: string): Call {
  const fatWord = fatWords[fat] ?? fat;
  const make = (call: string, how: string, press: string, caution: string | null = null): Call => ({
    call,
    how,
    press,
    caution,
  });
  switch (s.code) {
    case 'weigh':
      return make(
        `Weigh for ${title}`,
        `${weight(Number(s.values['flour']))} flour, ${weighedFat(s, fat)}.${inOneGo(s)}`,
        'Weighed, next',
        'Raw flour is not for tasting.',
      );
    case 'mix':
    case 'rubIn':
      return make(
        s.code === 'mix' ? 'Mix' : 'Rub in, then water',
        `${Number(s.values['rubbed']) >= 1 ? `Rub ${weight(Number(s.values['rubbed']))} of the fat into the flour first. ` : ''}${Number(s.values['worked']) ? 'Work it ten minutes, until it springs back. ' : ''}${Number(s.values['water']) < 1 ? 'No water goes in: what was weighed brings it together' : `${weight(Number(s.values['water']))} water at ${degrees(Number(s.values['waterC']), 0)}${Number(s.values['ice']) > 0.5 ? `, ${weight(Number(s.values['ice']))} of it ice` : ''}`}, with ${weight(Number(s.values['salt']), 1)} salt. Add it by degrees; stop when it holds.${Number(s.values['band'] ?? 1) ? ` It should come out near ${degrees(Number(s.values['outC']), 0)}.` : ''}`,
        'It holds, next',
        'Keep fingers and spoons out of moving blades.',
      );
    case 'lockIn':
      return make(
        `Lock in the fat for ${title}`,
        `Beat it between papers to ${thin(Number(s.values['blockMm']), 0)}${Number(s.values['standMin']) >= 1 ? `, let it stand ${num(s, 'standMin')} min` : ''} until it bends and does not break: near ${degrees(Number(s.values['toC']), 0)}, the dough at ${degrees(Number(s.values['doughC']), 0)}. ${lockWords[String(s.values['lock'])] ?? ''}`,
        'Locked in, next',
      );
    case 'turns':
      return make(
        s.values['first'] === s.values['last']
          ? `Turn ${s.values['first']}`
          : `Turns ${s.values['first']} and ${s.values['last']}`,
        `${rolledTo(s)}${Number(s.values['spread']) > 0 ? `, spread ${weight(Number(s.values['spread']))} of soft ${fatWord} on all but the last panel` : ''}, ${foldedIn(s)}, brush off flour, a quarter round, seam to your right.`,
        'Folded, next',
      );
    case 'thaw':
      return make(
        `Thaw it for ${title}`,
        `${weight(Number(s.values['grams']))} out of the freezer into the fridge, wrapped; ${span(s.minutes)}, overnight at best.`,
        'In the fridge, next',
        'Never in the warm: the outside spoils while the middle is ice.',
      );
    case 'divide':
      return make(
        `Divide ${title}`,
        s.values['lid'] !== undefined
          ? `${weight(Number(s.values['base']))} for the ${Number(s.values['dishes']) > 1 ? 'bases' : 'base'}, ${weight(Number(s.values['lid']))} for what goes over.`
          : `${num(s, 'pieces')} balls of ${weight(Number(s.values['grams']))}, give or take three, pressed flat and covered. Without a scale: a log of ${plain(Number(s.values['pieces']) * 4, 0)} cm, cut every 4 cm.`,
        'Divided, next',
      );
    case 'rollPieces':
      return make(
        `Roll ${s.pieces} of ${title}`,
        `Each from its ball to ${long(Number(s.values['mm']))} across, ${thin(Number(s.values['t']), 1)}.${edgeWords(s)}${lotOf(s)}`,
        'Rolled, next',
      );
    case 'rollOut':
      return make(
        `Roll ${title}`,
        `${Number(s.values['goes']) > 1 ? `Go ${s.values['go']} of ${s.values['goes']}: t` : 'T'}o ${thin(Number(s.values['t']), 1)}, ${sides([Number(s.values['l']), Number(s.values['w'])], 0)}${Number(s.values['sheets']) > 1 ? `, ${num(s, 'sheets')} sheets` : ''}.${Number(s.values['stretched']) ? ' Then over a floured cloth, stretched over the backs of the hands until print shows through.' : ''}`,
        'Rolled, next',
      );
    case 'cut':
      return make(
        `Cut ${s.pieces}`,
        `${cutBy[String(s.values['shape'])]?.(long(Number(s.values['cutter']))) ?? ''} Stack the offcuts flat.${edgeWords(s)}`,
        'Cut, next',
        'Mind the edge of cutter and knife.',
      );
    case 'lineDish':
      return make(
        s.values['from'] !== undefined
          ? `Line cups ${s.values['from']} to ${s.values['to']}`
          : Number(s.values['dishes']) > 1
            ? `Line dish ${s.values['dish']} of ${s.values['dishes']}`
            : 'Line the dish',
        `${cuttersOf(s)}Ease it into the corners, do not stretch. Leave the overhang.`,
        'Lined, next',
      );
    case 'fillSeal':
      return make(
        closingCall(s),
        `${closingHow(s)}${lotOf(s)}`,
        'Sealed, next',
        Number(s.values['raw'])
          ? 'Raw filling: board, knife and hands are washed before anything else is touched.'
          : null,
      );
    case 'lidSeal':
      return make(
        `Lid on, seal ${title}`,
        `${hotWords(s)}Fill, glue the rim, lay the lid, crimp.${lotOf(s)}`,
        'Sealed, next',
        Number(s.values['hotC']) ? 'Hot filling, hot steam.' : null,
      );
    case 'latticeSeal':
      return make(
        `Strips over ${title}`,
        `Fill, glue the rim, lay the strips from the middle out, trim and crimp their ends.${lotOf(s)}`,
        'Laid, next',
      );
    case 'fillOpen':
      return make(
        `Fill ${title}`,
        `${Number(s.values['baked']) ? 'Set the case near the oven and f' : 'F'}ill to under the rim; nothing goes over it.${lotOf(s)}`,
        'Filled, next',
      );
    case 'kneadLeaves':
      return make(
        'Knead until it is silk',
        `${weight(Number(s.values['water']))} of warm water into ${weight(Number(s.values['flour']))} of flour; ten minutes, until it springs back.`,
        'Kneaded, next',
      );
    case 'restLeaves':
      return make('Let it rest, warm', 'Oiled and covered, in the room: an hour makes it stretch.', 'It rests, next');
    case 'stretchLeaves':
      return make(
        `Stretch ${num(s, 'leaves')} leaves`,
        'Over the backs of the hands, from the middle out, until print shows through; under a damp cloth at once.',
        'Stretched, next',
      );
    case 'openLeaves':
      return make(
        'Open the packet',
        `${num(s, 'leaves')} leaves under a damp cloth; take one at a time.`,
        'Open, next',
      );
    case 'brushStack':
      return make(
        layerCall(s),
        `Brush ${s.values['oilPct'] === undefined ? '' : `${fatWord} and oil, ${num(s, 'oilPct')} % of it oil, over `}${num(s, 'leaves')} ${Number(s.values['halves']) ? 'half leaves' : Number(s.values['leaves']) === 1 ? 'leaf' : 'leaves'}, edges first, each on the one before.${stripsCut(s)}`,
        'Brushed, next',
      );
    case 'coverLeaves':
      return leavesFilled(s, make);
    case 'assembleLeaves':
      return s.values['kind'] === 'tray'
        ? make('Tuck the edges in', 'The hanging ends down between crust and wall.', 'Tucked in, next')
        : Number(s.values['pieces'])
          ? make('On to the tray', `All ${num(s, 'pieces')} seam down, not touching.`, 'Laid out, next')
          : make('Lay it in its tin', 'Seam under.', 'Laid in, next');
    case 'makeAhead':
      return make(
        `Begin ahead: ${s.values['name']}`,
        `${aheadHow[String(s.values['kind'])] ?? ''}${ofWords(s)} It stands ${span(60 * Number(s.values['hours']))} before the rest is made.`,
        'Begun, next',
        'Meat and fish only in the cold, covered, and apart from what is ready to eat.',
      );
    case 'aheadStands':
      return make(
        `Let it stand: ${s.values['name']}`,
        `${aheadPlaces[String(s.values['place'])] ?? ''} for ${span(60 * Number(s.values['hours']))} or a little longer.`,
        'It stands, next',
        `What was hot goes ${guidance()}. ${localRules}`,
      );
    case 'prepareFilling':
      return make(
        `Make ready: ${s.values['name']}`,
        `Wash, peel, trim; dice of ${thin(Number(s.values['diceMm']), 0)} where it is diced. ${span(s.minutes)} of hands by reckoning.${inOneGo(s)}${tasteWords(s)}`,
        'All is ready, next',
        Number(s.values['raw'])
          ? 'Raw meat, fish or egg: apart from everything ready to eat, and kept cold until it goes in. Do not wash raw poultry.'
          : 'Fingers curled in, away from the edge of the knife.',
      );
    case 'keepPies':
      return s.values['place'] === 'freezer'
        ? make(
            `Freeze ${title}`,
            `Open on a tray, not touching, until they are hard: about ${span(Number(s.values['hardMin']))}. Then bagged and labelled. They go into the oven frozen.`,
            'In the freezer, next',
            'Raw filling: never thawed and frozen again.',
          )
        : make(
            `${title} into the fridge`,
            `Closed and covered on their tray, low down; ${counted(Number(s.values['days']), 'day', 'days')}.`,
            'In the fridge, next',
          );
    case 'preheat':
      return make(
        Number(s.values['fromC'])
          ? `Oven to ${degrees(Number(s.values['setC']), 0)}`
          : `Oven on: ${degrees(Number(s.values['setC']), 0)}`,
        `${Number(s.values['fromC']) ? `From ${degrees(Number(s.values['fromC']), 0)}. ` : ''}${s.values['mode'] === 'fan' ? 'With the fan. ' : ''}Shelf ${s.values['rack']}. ${span(s.minutes)} until ${title} can go in.`,
        'It heats, next',
      );
    case 'blindBake':
      return make(
        `${title}: the empty case in`,
        `Pricked, lined with paper${Number(s.values['weightsMin']) ? ` and filled with weights: ${num(s, 'weightsMin')} min, then ${num(s, 'bareMin')} min bare` : `: ${num(s, 'bareMin')} min`} at ${degrees(Number(s.values['setC']), 0)}.`,
        'In the oven, next',
        'Weights stay hot long after they are out.',
      );
    case 'weightsOut':
      return make(
        'Weights out',
        `Lift paper and weights out; back for ${num(s, 'bareMin')} min.`,
        'They are out, next',
        'Hot weights: a bowl that bears the heat.',
      );
    case 'sealCase':
      return make('Egg on the case', 'Brush the hot base thinly, pricks too; back for two minutes.', 'Brushed, next');
    case 'caseCool':
      return make(
        `${title}: the case out`,
        `${span(s.minutes)} on the rack, in its tin.`,
        'It is out, next',
        'Hot metal.',
      );
    case 'glaze':
      return make(
        `Brush ${title}`,
        glazed(s),
        'Into the oven, next',
        Number(s.values['vents']) ? 'Mind the point of the knife.' : null,
      );
    case 'setOven':
      return make(
        `${title}: oven to ${degrees(Number(s.values['setC']), 0)}`,
        `${turnedWith(s)}${Number(s.values['turned']) ? 'Turn it round while the door is open, and shut it quickly.' : s.values['rack'] ? '' : 'The door stays shut.'}`,
        'It is set, next',
        Number(s.values['grill'])
          ? 'Stay with it: under a grill it goes from gold to black in a minute. Hot metal.'
          : null,
      );
    case 'tentOff':
      return make(
        `Foil off ${title}`,
        'So that its lid crisps and colours again.',
        'Uncovered, next',
        'Hot metal, hot steam.',
      );
    case 'secondCoat':
      return make(
        `${title}: brush again`,
        `${brushWords[String(s.values['wash'])] ?? String(s.values['wash'])}, quickly, the door shut meanwhile.`,
        'Brushed, next',
        'Hot steam and hot metal.',
      );
    case 'turnRound':
      return make(
        `Turn ${title} round`,
        'Back to front, quickly; shelves change places where there are two.',
        'Turned, next',
        'Hot metal, hot steam.',
      );
    case 'look':
      return make(
        `Look now: ${title}`,
        `Through the glass first, then once with the door open. Out at ${num(s, 'out')} min by reckoning.`,
        'Door shut, next',
        'Steam comes out first: stand aside. Juices that run clear are no proof; a probe is.',
      );
    case 'tentOn':
      return make(
        `Foil over ${title}`,
        'Loose, shiny side up; the colour stops, the middle goes on.',
        'Covered, next',
        'Hot metal, hot steam.',
      );
    case 'cookFilling':
      return make(
        `Cook: ${s.values['name']}`,
        `For ${weight(Number(s.values['grams']))} in the pies.${tasteWords(s)}`,
        'Off the heat, next',
        Number(s.values['raw'])
          ? 'Raw meat or fish: apart from everything ready to eat. Do not wash raw poultry.'
          : 'Hot steam when the lid comes off.',
      );
    case 'coolFilling':
      return make(
        'Set the filling to cool',
        s.values['place'] === 'iceBath'
          ? `Stand the pot in ice and water up to the filling’s height, and stir it every few minutes, until ${degrees(Number(s.values['toC']), 0)}. ${span(s.minutes)} by reckoning.`
          : `Spread it ${thin(Number(s.values['depthMm']), 0)} deep ${coolingWords[String(s.values['place'])] ?? ''} until ${degrees(Number(s.values['toC']), 0)}. ${span(s.minutes)} by reckoning.`,
        'It is cooling, next',
        `Cooked food goes ${guidance()}. ${localRules}`,
      );
    case 'bake':
      return make(
        `${title} into the ${Number(s.values['second']) ? 'second oven' : 'oven'}`,
        `${heatsWords(String(s.values['heats'] ?? `0:${s.values['setC']}`))}${s.values['mode'] === 'fan' ? ' fan' : ''}, ${s.values['rack']} rack${onTraysWords(s)}.${s.values['steamMin'] ? ` Steam in for the first ${num(s, 'steamMin')} min.` : ''} Look from ${num(s, 'look')} min; ${num(s, 'low')} to ${num(s, 'high')} min in all.${doneSigns[String(s.values['sign'])] ?? ''}`,
        'In the oven, next',
        `Hot steam and hot metal. Probe the middle: ${degrees(Number(s.values['target']), 0)} or your local rule.`,
      );
    case 'washPot':
      return make(
        'Wash the pot',
        'Scrape it out and wash it while it soaks soft: the next filling is cooked in it.',
        'It is clean, next',
        'It is hot still; no cold water onto a hot pan.',
      );
    case 'clearBench':
      return make(
        'Clear the bench',
        `Pin, board, bowls and cutters washed, the bench wiped; what is over covered and in the cold. ${span(s.minutes)} by reckoning.`,
        'It is clear, next',
        Number(s.values['raw'])
          ? 'Blades one at a time, never left in the water. What was raw, its board and its cloth: hot and soapy, last, then hands.'
          : 'Blades one at a time, never left in the water.',
      );
    case 'stand':
      return make(
        `${title} out to stand`,
        `${span(s.minutes)} before it is cut; ${standSigns[String(s.values['sign'])] ?? 'the filling settles'}.`,
        'It is out, next',
        'Steam from a fresh cut is hotter than it looks.',
      );
    default:
      return make(
        s.values['place'] === 'room' ? 'Cover it and let it rest' : cold,
        `${title}: ${span(s.minutes)} ${restPlaces[String(s.values['place'])] ?? 'in the fridge'}${s.values['toC'] !== undefined ? `, to ${degrees(Number(s.values['toC']), 0)}` : ''}, wrapped.${sharesWords(s)}`,
        s.values['place'] === 'room' ? 'It rests, next' : 'In the cold, next',
      );
  }
}
