import { model } from '../quantities/model';
import { rechill, RechillInput } from './questions/rechill';
import { eaterMends, EaterMendsInput } from './eaters/mends';
import { FromRecipeInput, itemFromRecipe } from './fromRecipe';
import { planItem } from './item';
import { smallestFix, SmallestFixInput } from './questions/smallestFix';
import { planBake } from './bake';
import { ProbeInput, readProbe } from './questions/hiddenKitchen';
import { recalibrate, RecalibrateInput } from './questions/recalibrate';
import { remedies, RemediesInput } from './questions/remedies';
import { doughShapes, FridgeShapesInput } from './questions/shapes';
import { dayAsPlanned } from './questions/dayAsPlanned';
import { dayChoices, DayChoicesInput } from './questions/dayChoices';
import { dayPlay, PlayInput } from './questions/play';
import { overdueNow, replanDay, ReplanInput } from './questions/replan';
import { laidBoth, unheld } from './questions/sideBySide';
import { coolings, CoolingsInput } from './questions/coolings';
import { bestProgramme, ProgrammeInput } from './questions/programme';
import { ovenLoad, OvenLoadInput } from './questions/ovenLoad';
import { ovenWhatIf, OvenWhatIfInput } from './questions/ovenWhatIf';
import { otherBake, OtherBakeInput } from './questions/otherBake';
import { writtenBake, WrittenBakeInput } from './questions/writtenBake';
import { handWays, HandWaysInput } from './questions/handWays';
import { look, LookInput } from './questions/look';
import { fromRest, FromRestInput } from './questions/fromRest';
import { storing, StoringInput } from './questions/storing';
import { whatIf, WhatIfInput } from './questions/whatIf';
import { BakeInput, ItemPlanInput } from './inputs';

export const planModels = [
  model({
    name: 'plan.bake',
    summary: 'A whole bake: every station of every item, the Cold Line and the Clock',
    units: 'mm, g, °C, min',
    source: 'The models above, joined; bench minutes are estimates',
    certainty: 'estimate',
    input: BakeInput,
    run: planBake,
  }),
  model({
    name: 'plan.item',
    summary: 'One item in one kitchen',
    units: 'mm, g, °C, min',
    source: 'The models above, joined; bench minutes are estimates',
    certainty: 'estimate',
    input: ItemPlanInput,
    run: (i) => planItem(i.item, i.kitchen),
  }),
  model({
    name: 'plan.rechill',
    summary: 'Minutes of cold (or damp cloth) that bring a pastry in hand back to the middle of its band',
    units: 'mm, °C or % moisture, min',
    source: 'cold.chill and cold.filoDrying on the sheet as it lies',
    certainty: 'physics',
    input: RechillInput,
    run: rechill,
  }),
  model({
    name: 'plan.coolings',
    summary: 'Every way to cool an item’s filling, side by side',
    units: 'min, mm',
    source: 'cold.coolFilling for each vessel and place',
    certainty: 'physics',
    input: CoolingsInput,
    run: coolings,
  }),
  model({
    name: 'plan.programme',
    summary: 'The best way to bake an item: heats, shelf, what it stands on and foil, beside the cook’s own',
    units: '°C, min',
    source: 'Bounded search over oven.bake',
    certainty: 'estimate',
    input: ProgrammeInput,
    run: bestProgramme,
  }),
  model({
    name: 'plan.ovenLoad',
    summary: 'The one oven over a day: loads and shelves, heats that suit each, minutes between, and its air',
    units: '°C, min, kg',
    source: 'plan.bake; oven.bake at heats around what is set',
    certainty: 'estimate',
    input: OvenLoadInput,
    run: ovenLoad,
  }),
  model({
    name: 'plan.ovenWhatIf',
    summary: 'An item’s bake with one thing otherwise: fan, shelf, steel, 20 °C, a tin, from frozen',
    units: 'min',
    source: 'oven.bake',
    certainty: 'estimate',
    input: OvenWhatIfInput,
    run: ovenWhatIf,
  }),
  model({
    name: 'plan.writtenBake',
    summary: 'A written heat and time judged, and carried over to this pie, dish, oven and company',
    units: '°C, min, mm',
    source: 'oven.bake from what is written to what is here, one change at a time',
    certainty: 'estimate',
    input: WrittenBakeInput,
    run: writtenBake,
  }),
  model({
    name: 'plan.otherBake',
    summary: 'An item’s bake as it would be otherwise, and how it comes to other minutes',
    units: 'min, °C',
    source: 'oven.bake, one change at a time',
    certainty: 'estimate',
    input: OtherBakeInput,
    run: otherBake,
  }),
  model({
    name: 'plan.handWays',
    summary: 'One step by another hand: minutes, warmth and leak of each way there is',
    units: 'min, °C',
    source: 'The stations’ own plan with that one input; minutes are estimates',
    certainty: 'estimate',
    input: HandWaysInput,
    run: handWays,
  }),
  model({
    name: 'plan.look',
    summary: 'How a bake should look at a minute, and the rest of it by what is seen and probed',
    units: 'min, °C',
    source: 'oven.bake at the pace that was seen',
    certainty: 'estimate',
    input: LookInput,
    run: look,
  }),
  model({
    name: 'plan.play',
    summary: 'How much sooner and later every step of a day could begin, what keeps it, and how far one could be taken',
    units: 'min',
    source: 'Longest paths of the day’s bounds and of the orders its plan decided',
    certainty: 'exact',
    input: PlayInput,
    run: dayPlay,
  }),
  model({
    name: 'plan.replan',
    summary: 'The rest of a run laid anew from now: what happened stays, the table as little later as can be',
    units: 'min',
    source: 'clock.replan on the day as it runs',
    certainty: 'estimate',
    input: ReplanInput,
    run: replanDay,
  }),
  model({
    name: 'plan.overdue',
    summary: 'What a run waits longer for than is safe, whether its day is late or not',
    units: 'min',
    source: 'the safety bounds of the day as it runs',
    certainty: 'estimate',
    input: ReplanInput,
    run: overdueNow,
  }),
  model({
    name: 'plan.day',
    summary: 'The day of a bake as clock.solve takes it, with its plan as clock.check takes it',
    units: 'min',
    source: 'plan.bake',
    certainty: 'estimate',
    input: BakeInput,
    run: dayAsPlanned,
  }),
  model({
    name: 'plan.unheld',
    summary: 'A day as the cook holds it beside the day with nothing held, each in a few figures',
    units: 'min',
    source: 'plan.bake, twice',
    certainty: 'estimate',
    input: BakeInput,
    run: unheld,
  }),
  model({
    name: 'plan.laidBoth',
    summary: 'A day as it is laid, laid pie by pie, each as late as can be, and searched for longer',
    units: 'min',
    source: 'plan.bake, three times',
    certainty: 'estimate',
    input: BakeInput,
    run: laidBoth,
  }),
  model({
    name: 'plan.dayChoices',
    summary: 'Whether a day can be, hands, oven and hours together; what clashes, and ways out that were solved',
    units: 'min',
    source: 'clock.solve and clock.explain on the stations’ steps',
    certainty: 'estimate',
    input: DayChoicesInput,
    run: dayChoices,
  }),
  model({
    name: 'plan.storing',
    summary:
      'How long an item’s pies keep, raw or baked, cold or frozen, their bake from frozen and how they are reheated',
    units: 'hours, days, months, °C, min',
    source: 'Usual guidance; oven.plan from −18 °C',
    certainty: 'estimate',
    input: StoringInput,
    run: storing,
  }),
  model({
    name: 'plan.fromRest',
    summary:
      'Small pies or twists from the dough and filling that are left: how many, what goes into each, their bake beside',
    units: 'mm, g, min',
    source: 'filling.handPiece, cutting.scraps and oven.plan',
    certainty: 'estimate',
    input: FromRestInput,
    run: fromRest,
  }),
  model({
    name: 'plan.smallestFix',
    summary: 'The smallest change of one input after which an item can be made',
    units: 'as the input',
    source: 'Search over plan.item',
    certainty: 'exact',
    input: SmallestFixInput,
    run: smallestFix,
  }),
  model({
    name: 'plan.fridgeShapes',
    summary: 'One dough as disc, slab, log, block and ball in the cold: minutes, evenness, freezer and a night',
    units: 'mm, g, °C, min',
    source: 'cold.chill on each shape; what hands make of a dough is an estimate',
    certainty: 'physics',
    input: FridgeShapesInput,
    run: doughShapes,
  }),
  model({
    name: 'plan.whatIf',
    summary: 'The Cold Line with some inputs changed: minutes in hand, length of the day, the line itself',
    units: 'as the inputs; min, °C',
    source: 'plan.item, worked out anew',
    certainty: 'estimate',
    input: WhatIfInput,
    run: whatIf,
  }),
  model({
    name: 'plan.remedies',
    summary: 'Where a pastry leaves its band before its step is done, and the smallest doses of what would mend it',
    units: 'min, °C',
    source: 'Search over plan.item',
    certainty: 'estimate',
    input: RemediesInput,
    run: remedies,
  }),
  model({
    name: 'plan.eaterMends',
    summary:
      'For each dish the nearest swap after which somebody may eat it, whom else it serves or shuts out, what it costs',
    units: 'min, °C',
    source: 'Composition, origin and allergens of the ingredient table and of labels read; plan.item, worked out anew',
    certainty: 'estimate',
    input: EaterMendsInput,
    run: eaterMends,
  }),
  model({
    name: 'plan.recalibrate',
    summary: 'Forecast of a step after readings of a probe, and what they say of bench or fridge',
    units: 'min, °C',
    source: 'Least squares on the multiple of the surface coefficients',
    certainty: 'learnt',
    input: RecalibrateInput,
    run: recalibrate,
  }),
  model({
    name: 'plan.probe',
    summary: 'What a simulated probe reads in a kitchen that is not quite as it is taken to be',
    units: 'min, °C',
    source: 'The same physics with coefficients of a hidden kitchen, lag, noise and drop-outs',
    certainty: 'estimate',
    input: ProbeInput,
    run: readProbe,
  }),
  model({
    name: 'plan.fromRecipe',
    summary: 'An item from a recipe’s words: what is said is taken, what is not is named as ours',
    units: 'text in; g, °C, min, mm',
    source: 'recipes.read, and our starting points for what is not said',
    certainty: 'estimate',
    input: FromRecipeInput,
    run: itemFromRecipe,
  }),
];
