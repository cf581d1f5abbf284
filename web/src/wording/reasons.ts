import type { LeakCause } from '@crustallum/core/sealing/seals';
import { leakWords } from './seal';
import { throughWarm } from './guidance';
import { styleWords } from './dough';
import type { Reason } from '@crustallum/core/plan/figure';
import { brushWords, heatsWords, standRules, underWords } from './oven';
import type { Underlay } from '@crustallum/core/oven/tables';
import type { StandRule } from '@crustallum/core/plan/stations/oven/standing';
import { area, counted, degrees, long, plain, sides, span, thin, weight } from './numbers';
import { coolingWords, fatWords, methodWords } from './words';

type Values = Reason['values'];
const n = (v: Values, key: string, places?: number): string => plain(Number(v[key] ?? 0), places);
const g = (v: Values, key: string): string => plain(Number(v[key] ?? 0), 0);
const s = (v: Values, key: string): string => String(v[key] ?? '');
const fat = (v: Values): string => fatWords[s(v, 'fat')] ?? s(v, 'fat');
const cm = (v: Values, key: string): string => plain(Number(v[key] ?? 0) / 10, 1);
const bindsWords: Record<string, string> = {
  golden: 'the lid is golden then, the last thing to be ready',
  core: 'the middle is the last to be hot',
  baseSet: 'the base sets last',
  baseDry: 'the base dries last',
  lid: 'the lid’s own dough sets last',
};

const custardWords: Record<string, string> = {
  runs: 'too little, it will run',
  trembling: 'it trembles when it is set',
  firm: 'it sets firm',
  slices: 'it can be sliced cold',
};

const patternWords: Record<string, string> = {
  own: 'as you laid them',
  grid: 'in rows and columns',
  'one way up': 'all one way up',
  'head to tail': 'head to tail',
  rings: 'in rings',
};

/** The half sentence after *because*, made from a reason's code and values. */
const sentences: Record<string, (v: Values) => string> = {
  'cut.firstRoll': (v) =>
    `${g(v, 'perSheet')} ${Number(v['perSheet']) === 1 ? 'fits' : 'fit'} a sheet ${patternWords[s(v, 'pattern')] ?? `by ${s(v, 'pattern')} rows`}${s(v, 'pattern') === 'own' ? '' : `, at most ${g(v, 'bound')} could`}; ${Number(v['sheets']) > 1 ? `${g(v, 'sheets')} sheets` : 'one sheet'}`,
  'cut.balls': (v) => `each from its own ball of ${weight(Number(v['eachG']))}: nothing is left over`,
  'cut.closedFirst': (v) =>
    `filled, closed, then cut through both layers: ${g(v, 'sheets')} ${Number(v['sheets']) === 1 ? 'sheet' : 'sheets'}`,
  'cut.twoLayers': (v) => `trimmings are two layers and are not rolled again; ${weight(Number(v['saved']))} are left`,
  'cut.noLaterRolls': () => 'nothing is rolled again',
  'cut.laterRolls': (v) =>
    Number(v['n']) > 0
      ? `the offcuts are rolled again; cut ${long(Number(v['cutter']))}, for they shrink more. ${weight(Number(v['saved']))} are left`
      : `all come from the first roll; ${weight(Number(v['saved']))} are left`,
  'cut.sheetUsed': (v) =>
    `${g(v, 'n')} × ${area(100 * Number(v['areaCm2']), 1)} out of ${sides([Number(v['w']), Number(v['h'])])}`,
  'cut.doughNeeded': (v) =>
    `${g(v, 'N')} ${Number(v['N']) === 1 ? 'round' : 'rounds'} of ${long(Number(v['D']))} at ${thin(Number(v['t']))}, with ${weight(Number(v['saved']))} of offcuts and ${weight(Number(v['lost']))} lost`,
  'cut.doughForShapes': (v) =>
    `${g(v, 'N')} ${Number(v['N']) === 1 ? 'piece' : 'pieces'} of ${long(Number(v['D']))} at ${thin(Number(v['t']))}, with ${weight(Number(v['saved']))} of offcuts and ${weight(Number(v['lost']))} lost`,
  'cut.otherBlanks': (v) =>
    `${s(v, 'kinds')}${Number(v['dishes']) > 1 ? ` for ${g(v, 'dishes')} dishes` : ''}; walls, rim and overhang counted`,
  'cut.rolledSize': (v) =>
    `${sides([Number(v['w']), Number(v['h'])])} at ${thin(Number(v['t']))} holds this roll${Number(v['sheets']) > 1 ? `, ${g(v, 'sheets')} times` : ''}`,
  'cut.time': (v) =>
    `${Number(v['N']) === 1 ? 'one takes' : `${g(v, 'N')} take`} ${g(v, 'seconds')} seconds${Number(v['N']) === 1 ? '' : ' each'}`,
  'cut.blanks': (v) =>
    Number(v['base'])
      ? `the base is cut ${long(Number(v['base']))} long, the lid ${cm(v, 'lid')}; walls, rim and overhang counted`
      : `each lid is cut ${long(Number(v['lid']))}`,
  'cut.pairsAgain': (v) =>
    v['rolls']
      ? `${counted(Number(v['pairs']), 'base and lid', 'bases and lids')} come from the trimmings rolled again, as thick as before; ${weight(Number(v['trimmings']))} are left`
      : `all lie on the first roll; ${weight(Number(v['trimmings']))} of trimmings are left`,
  'cut.trimmings': (v) => `${weight(Number(v['trimmings']))} of trimmings are left; leaves or twists`,
  'cut.blankShare': (v) => `${weight(Number(v['cut']))} of ${g(v, 'of')} end on the pie`,
  'cut.doughForDish': (v) =>
    `base ${weight(Number(v['base']))}, lid ${weight(Number(v['lid']))} at ${thin(Number(v['t']))}, ${weight(Number(v['trimmings']))} of edges`,
  'cut.coilLeaves': (v) =>
    `a ${long(10 * Number(v['tinCm']), 0)} tin takes ${long(10 * Number(v['ropeCm']), 0)} of coil: ${g(v, 'stacks')} rolls of ${g(v, 'perStack')} leaves`,
  'cut.trayLeaves': (v) =>
    `${g(v, 'perStack')} layers under and ${g(v, 'over')} over; ${g(v, 'cover')} ${Number(v['halves']) ? (Number(v['cover']) === 1 ? 'half covers' : 'halves cover') : Number(v['cover']) === 1 ? 'covers' : 'side by side cover'} the tray`,
  'cut.pieceLeaves': (v) =>
    `a stack of ${g(v, 'perStack')} gives ${counted(Number(v['pieces']), 'piece', 'pieces')} from strips of ${long(10 * Number(v['stripCm']), 0)}: ${counted(Number(v['stacks']), 'stack', 'stacks')}`,
  'cut.noReRolls': () => 'filo is not rolled again; torn leaves go inside',
  'cut.strips': (v) =>
    `${counted(Number(v['across']), 'strip', 'strips')} of ${long(10 * Number(v['stripCm']), 0)} from a leaf ${long(10 * Number(v['leafW']), 0)} wide`,
  'cut.wholeLeaves': (v) => `all ${g(v, 'leaves')} leaves are laid in, edges folded under`,
  'cut.leafMass': (v) => `${g(v, 'leaves')} leaves of ${area(100 * Number(v['areaCm2']))} at 190 g a square metre`,
  'cut.leafSize': (v) => `a leaf is ${sides([Number(v['h']), Number(v['w'])])}`,
  'cut.brushTime': (v) => `${g(v, 'leaves')} leaves are brushed one by one`,
  'dough.flour': (v) =>
    `${g(v, 'pieces')} cut-outs and their offcuts weigh ${weight(Number(v['cut']))}; ${weight(Number(v['stuck']))} sticks to bowl and pin${Number(v['over']) > 1 ? `; ${weight(Number(v['over']))} are for others, or to spare` : ''}`,
  'dough.fat': (v) =>
    `it is ${g(v, 'pct')} % of the flour; ${g(v, 'fatShare')} % of it is fat${Number(v['truePct']) > Number(v['pct']) ? `; with the rest ${g(v, 'truePct')} in all` : ', the rest water'}`,
  'dough.truth': (v) =>
    `${n(v, 'grams', v['part'] === 'salt' ? 1 : 0)} g${s(v, 'first') ? `, most from ${s(v, 'first')}${s(v, 'second') ? ` and ${s(v, 'second')}` : ''}` : ''}; ${styleWords[s(v, 'style')] ?? s(v, 'style')} has ${g(v, 'low')} to ${g(v, 'high')}`,
  'dough.takes': (v) =>
    `${n(v, 'protein', 1)} % of this flour is protein${Number(v['times']) > 0 ? `; in your kitchen it took ${g(v, 'took')} % of what was planned` : ''}${Number(v['loads']) > 1 ? `; in ${g(v, 'loads')} loads of ${weight(Number(v['flourG']))}` : ''}`,
  'dough.energy': (v) => `the pastry of one in ${g(v, 'pieces')}; ${g(v, 'kcal')} kcal, filling not counted`,
  'dough.cost': (v) =>
    `${n(v, 'total', 2)} for all of it by the larder's prices${s(v, 'missing') ? `; no price for ${s(v, 'missing')}` : ''}`,
  'dough.water': (v) =>
    ({
      ok: `flour stands at ${degrees(Number(v['roomC']), 0)}; this brings the bowl to ${degrees(Number(v['targetC']), 0)}`,
      iceNeeded: `tap water is too warm: ${weight(Number(v['iceG']))} of it is ice, ${weight(Number(v['tapG']))} from the tap`,
      notEnoughWater: `even with ice the bowl stays too warm${Number(v['others']) > -50 && Number(v['others']) !== 0 ? `; chill flour and fat to ${degrees(Number(v['others']), 0)}` : '; chill the dough after mixing'}`,
      tooCold: 'even hot water leaves it colder than wanted',
      noWater: 'no water goes in',
    })[s(v, 'status')] ?? '',
  'dough.isMade': (v) =>
    `it is made ${Number(v['ageHours']) > 0 ? `already, ${g(v, 'ageHours')} h ago,` : 'by then'} and lies at ${degrees(Number(v['atC']), 0)}; ${weight(Number(v['need']))} are needed`,
  'dough.warmWater': (v) =>
    `no fat has to stay cold: warm water makes it stretch; it comes out of the bowl at ${degrees(Number(v['targetC']), 0)}`,
  'dough.total': (v) =>
    `${g(v, 'flour')} + ${g(v, 'fat')} + ${g(v, 'water')} + ${g(v, 'salt')}${Number(v['other']) > 0.5 ? ` + ${g(v, 'other')} of the rest` : ''}${Number(v['surplus']) > 20 ? `; ${g(v, 'surplus')} for others, or to spare` : ''}; rolled as ${g(v, 'sheets')} ${Number(v['sheets']) === 1 ? 'sheet' : 'sheets'}`,
  'dough.outOfBowl': (v) =>
    `${fat(v)} can be worked from ${degrees(Number(v['low']), 0)} to ${degrees(Number(v['high']), 0)}; by ${methodWords[s(v, 'method')] ?? s(v, 'method')}, hands and motion counted`,
  'dough.outWarm': (v) =>
    `oil stays soft at any heat; by ${methodWords[s(v, 'method')] ?? s(v, 'method')}, hands and motion counted`,
  'dough.leafFlour': (v) =>
    `${g(v, 'leaves')} bought leaves weigh ${weight(Number(v['doughG']))}, about seven tenths flour`,
  'dough.leafFat': (v) =>
    `${g(v, 'leaves')} leaves take ${weight(Number(v['perLeaf']), 1)} each, ${g(v, 'perM2')} g a square metre${Number(v['oilG']) > 0 ? `; ${weight(Number(v['oilG']))} of it oil, mixed in` : ''}`,
  'dough.boughtPuff': (v) =>
    `it comes made: ${weight(Number(v['cut']))} from the packet, at ${degrees(Number(v['fridgeC']), 0)} from the fridge`,
  'dough.bought': () => 'the leaves are bought; nothing is mixed',
  'dough.leaves': (v) => `${g(v, 'leaves')} leaves of ${area(100 * Number(v['areaCm2']))}`,
  'folds.leaves': (v) =>
    `${s(v, 'sequence')}${s(v, 'lock') === 'twoThirds' ? ', twice for fat on two thirds' : s(v, 'lock') === 'spread' ? ', with the fat spread turn by turn' : ''}; said aloud ${g(v, 'nominal')}, with dough ${g(v, 'distinct')}: touching dough counts once`,
  'folds.oneLeaf': (v) =>
    `fat is ${n(v, 'phi', 1)} % of the dough: ${thin(Number(v['share']))} of ${n(v, 't')}, shared by ${g(v, 'leaves')}`,
  'folds.oneMore': (v) =>
    ({
      distinct: 'they would still lie apart',
      thinning: 'they thin, and break here and there',
      merging: 'they break into dots and the leaves weld',
    })[s(v, 'band')] ?? '',
  'folds.rest': (v) =>
    s(v, 'bound') === 'spring'
      ? `the dough springs back for ${g(v, 'springMin')} min; cold alone would be quicker`
      : `it must fall from ${degrees(Number(v['fromC']))} to ${degrees(Number(v['toC']))} for what comes next; springing back needs ${g(v, 'springMin')}`,
  'folds.stands': (v) => `leaves part ${n(v, 'swell')} times when this lid bakes; a mean, not a promise`,
  'crumb.large': (v) => `${g(v, 'pct')} % of ${weight(Number(v['fat']))} is left in ${g(v, 'lumps')} pieces for flakes`,
  'crumb.largest': (v) => `rolled to ${thin(Number(v['sheet']))} it is ${thin(Number(v['streak']))} of the sheet`,
  'crumb.coat': (v) => `a film of ${n(v, 'um')} µm keeps water from the flour: take ${g(v, 'lessWater')} % less`,
  'crumb.streak': (v) =>
    `${thin(Number(v['crumb']))} thins as the disc of ${thin(Number(v['disc']), 0)} goes to ${n(v, 'sheet')}`,
  'crumb.chill': (v) =>
    s(v, 'bound') === 'spring'
      ? `a rubbed dough relaxes for ${g(v, 'springMin')} min before its first roll; cold alone would be quicker`
      : `it must fall from ${degrees(Number(v['fromC']))} to ${degrees(Number(v['toC']))} for what comes next; a thinner disc is sooner there`,
  'leaves.count': (v) => `${g(v, 'perStack')} to a stack`,
  'leaves.brush': (v) => `${weight(Number(v['perLeaf']), 1)} on each leaf`,
  'leaves.film': (v) => `${g(v, 'perM2')} g a square metre spreads that thin`,
  'leaves.bare': (v) =>
    `it loses ${n(v, 'loss')} g a square metre a minute at ${degrees(Number(v['roomC']), 0)} and ${g(v, 'humidity')} % damp`,
  'leaves.edges': () => 'a lifted edge dries from both sides',
  'filling.total': (v) =>
    `${g(v, 'pieces')} × ${weight(Number(v['each']))}; ${g(v, 'ml')} ml at ${n(v, 'density', 2)} g a ml`,
  'filling.each': (v) => `${g(v, 'ml')} ml lie comfortably inside at ${g(v, 'pct')} % full`,
  'filling.salt': (v) => `it is ${n(v, 'pct', 2)} % of the pot`,
  'filling.hottest': (v) =>
    s(v, 'by') === 'face'
      ? `hotter, the ${fat(v)} it touches would run`
      : `hotter, the ${fat(v)} round it would soften through`,
  'filling.hottestPlain': () =>
    `leaves and lids stand a warm filling, not a hot one; ${throughWarm()} is also where slow cooling ends`,
  'filling.cool': (v) =>
    `${degrees(Number(v['from']), 0)} to ${degrees(Number(v['to']), 0)} in ${Number(v['count']) > 1 ? `${g(v, 'count')} trays` : s(v, 'vessel') === 'pot' ? 'the pot' : 'a tray'}, ${thin(Number(v['depthMm']), 0)} deep, ${coolingWords[s(v, 'place')] ?? ''}`,
  'filling.kept': () => 'it goes in as cold as it is kept',
  'seal.pinches': (v) =>
    `${long(10 * Number(v['seamCm']), 0)} of edge${Number(v['pieces']) > 1 ? ' on each' : ''}, one every ${thin(Number(v['pitchMm']), 0)}`,
  'seal.laps': () => 'so much edge lies under, tucked in and not crimped',
  'seal.strip': (v) =>
    `a strip ${long(10 * Number(v['lengthCm']), 0)} long and ${n(v, 'stripCm')} wide ${s(v, 'kind') === 'cigar' ? 'goes round' : 'goes over'} as often`,
  'seal.strength': (v) =>
    `a pressed egg seam is 1; chance of a leak ${g(v, 'index')} in 100, most of it by ${leakWords[s(v, 'cause') as LeakCause]}`,
  'seal.vents': (v) =>
    `steam reaches ${n(v, 'steam')} g a minute and needs ${area(Number(v['need']))}${Number(v['layered']) ? ', half as much again for layers that close over a cut' : ''}`,
  'seal.prick': () => 'leaves let steam out by themselves; a coil is pricked',
  'seal.betweenStrips': (v) => `open between the strips; steam needs ${area(Number(v['need']))}`,
  'seal.open': () => 'nothing lies over the filling: steam goes as it comes',
  'seal.washRim': () => 'only the rim is brushed; no lid is there to colour',
  'seal.wash': (v) =>
    `${brushWords[s(v, 'wash')] ?? s(v, 'wash')} browns ${n(v, 'factor', 2)} times as fast as bare reckoning; first gold then. ${weight(Number(v['grams']))} for all`,
  'seal.time': (v) =>
    Number(v['pieces']) === 1 ? 'filling and closing it, unhurried' : `${g(v, 'pieces')} take ${n(v, 'each')} min each`,
  'oven.bake': (v) =>
    `${s(v, 'heats').includes(' ') ? `${heatsWords(s(v, 'heats'))}; ` : ''}${bindsWords[s(v, 'binds')] ?? `something never comes: ${s(v, 'binds').replace('never:', '')}`}; two bakes in three fall within ${g(v, 'uncertainty')} %`,
  'oven.ownBake': (v) =>
    Number(v['ours'])
      ? `you bake it so; ours is ${g(v, 'ours')}, ${g(v, 'low')} to ${g(v, 'high')}`
      : 'you bake it so; by our reckoning it is never done',
  'oven.core': (v) =>
    Number(v['raw'])
      ? `raw filling: it must hold ${degrees(Number(v['target']), 0)}, reached at ${g(v, 'safe')} min; probe it`
      : `${degrees(Number(v['target']), 0)} is wanted, reached at ${g(v, 'safe')} min`,
  'oven.base': (v) =>
    `${Number(v['dry']) ? `it sets at ${g(v, 'set')} min and is dry at ${g(v, 'dry')}` : 'it went in baked'}; ${g(v, 'dryness')} % of its water is gone`,
  'oven.noBase': () => 'a lid only; the dish’s bottom is shown',
  'oven.colour': (v) => `the lid is ${s(v, 'level')} then; first golden at ${g(v, 'golden')} min`,
  'filling.hot': (v) =>
    `it goes in hot, and into the oven at once: ${Number(v['lidMin']) < 0 ? 'no fat there can soften' : `the fat over it is soft after ${n(v, 'lidMin', 1)} min`}${Number(v['baseMin']) < 0 ? '' : `, the fat under it after ${n(v, 'baseMin', 1)}`}`,
  'filling.notCooled': () => 'straight from the pot: nothing cools',
  'filling.body': (v) =>
    s(v, 'body')
      ? `${weight(Number(v['liquid']))} of liquid: in the pan it is "${s(v, 'body')}", cold "${s(v, 'cold')}", after the bake "${s(v, 'baked')}"`
      : 'nothing that is poured in is listed',
  'filling.custard': (v) =>
    s(v, 'sets')
      ? `of egg to 100 g of liquid: ${custardWords[s(v, 'sets')] ?? ''}; over ${degrees(Number(v['weepsC']), 0)} in the middle it weeps`
      : 'it is not set by egg, or its egg and its liquid are not said',
  'oven.blind': (v) =>
    `the empty case is set at ${g(v, 'set')} min and dry enough at ${g(v, 'dry')}; ${g(v, 'left')} % of its water is left`,
  'oven.preheat': (v) =>
    s(v, 'support') === 'stone' || s(v, 'support') === 'steel'
      ? `the ${s(v, 'support')} has to be as hot as the oven, at ${degrees(Number(v['setC']), 0)}`
      : `its air comes to ${degrees(Number(v['setC']), 0)}, and ten minutes more for the walls`,
  'oven.stand': (v) =>
    `${standRules[s(v, 'rule') as StandRule]}: ${g(v, 'low')} to ${g(v, 'high')} min${Number(v['mouth']) >= 1 ? `; it burns no mouth after ${g(v, 'mouth')}` : ''}${Number(v['hot']) >= 1 ? ` and is hot until ${g(v, 'hot')}` : ''}${Number(v['sweats']) ? `; in the tin the base sweats from ${g(v, 'sweats')}, on a rack it does not` : ''}`,
  'oven.under': (v) => `${underWords[s(v, 'under') as Underlay]}; ${s(v, 'trays')} to a tray`,
  'oven.noLid': () => 'there is no lid to colour',
  'oven.lookOpen': (v) =>
    `the middle may be near ${degrees(Number(v['target']), 0)} then; not later than ${g(v, 'latest')}`,
  'oven.look': (v) => `first gold shows then; not later than ${g(v, 'latest')}`,
  'clock.start': (v) =>
    s(v, 'strand') === 'filling'
      ? `what goes into ${s(v, 'item')} takes ${span(Number(v['works']))} of work${Number(v['cold']) >= 1 ? ` and cools ${span(Number(v['cold']))}` : ''} before it is closed in`
      : `${span(Number(v['cold']))} of cold lie on the way of ${s(v, 'item')}`,
  'clock.hands': (v) =>
    Object.entries(v)
      .map(([cook, minutes]) => `${cook} ${span(Number(minutes))}`)
      .join(', '),
  'clock.oven': (v) =>
    `${counted(Number(v['runs']), 'bake', 'bakes')} at ${counted(Number(v['heats']), 'heat', 'heats')} in one oven`,
};

/** Whether a reason code has its words. */
export const hasWords = (code: string): boolean => code in sentences;

export const reasonWords = (reason: Reason): string => sentences[reason.code]?.(reason.values) ?? '';
