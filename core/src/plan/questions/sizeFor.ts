import type { ItemInput } from '../../contracts/item';
import { vesselGeometry } from '../../vessels/vessel';
import { planArea } from '../../vessels/vessel';
import { areCups } from '../steps/cups';

/** Changes that make an item the size so many people eat, and what it then is. */
export interface SizeFor {
  changes: Record<string, unknown>;
  count: number;
  /** Across its top, mm, where another dish is meant; and how many of it. */
  dish?: { topMm: number; dishes: number };
}

/** A pie or slice no larger than this is eaten by twos (estimate). */
const smallMm = 90;
const smallCupMm = 80;
/** Of what is closed in a strip of leaf each eats so many (estimate). */
const leafPiecesEach = 3;
/** Of a pie in a dish one helping is this much of its top, cm²: a slice of eight of a plate of 24 cm; and what still is (estimates). */
const helpingCm2 = 56;
const helpingFromTo = [40, 100] as const;
/** Dishes there are, across the top, mm. */
const dishTops = [180, 200, 220, 240, 260, 280, 300];
const mostPieces = 60;

/**
 * What an item would be for so many people, where it is another than it is: pieces each, cups, or a dish of another size. Null
 * where it already is. Estimates of ordinary appetites; the cook's own number stands until it is taken.
 */
export function sizeFor(item: ItemInput, people: number): SizeFor | null {
  const { cut, brief, product } = item;
  const count = (n: number, more: Record<string, unknown> = {}): SizeFor | null => {
    const pieces = Math.min(mostPieces, n);
    return pieces === brief.count ? null : { count: pieces, changes: { 'brief.count': pieces, ...more } };
  };
  if (product === 'handPies') {
    if (item.dough.pastry === 'filo') return count(leafPiecesEach * people);
    const each =
      cut.pieceKind === 'log' || (cut.pieceKind !== 'ring' && cut.pieceKind !== 'plait' && cut.cutterMm <= smallMm)
        ? 2
        : 1;
    return count(each * people);
  }
  if (!cut.vessel || product === 'filoTray' || product === 'filoCoil') return null;
  const g = vesselGeometry(cut.vessel);
  if (product === 'potPies' && g.form === 'round') return count(people);
  const dishes = cut.dishes ?? 1;
  if (areCups(item, dishes)) {
    const cups = Math.min(24, people * (g.top.length <= smallCupMm ? 2 : 1));
    return count(cups, { 'cut.dishes': cups });
  }
  const cm2 = (dishes * planArea(g.form, g.top, g.corner)) / 100 / people;
  if ((cm2 >= helpingFromTo[0] && cm2 <= helpingFromTo[1]) || g.form !== 'round') return null;
  const wanted = 20 * Math.sqrt((helpingCm2 * people) / Math.PI);
  const many = Math.ceil(wanted ** 2 / (dishTops[dishTops.length - 1] * 1.08) ** 2);
  const each = wanted / Math.sqrt(many);
  const topMm = dishTops.reduce((best, d) => (Math.abs(d - each) < Math.abs(best - each) ? d : best));
  const k = topMm / g.top.length;
  const vessel = {
    ...cut.vessel,
    top: topMm,
    ...(typeof cut.vessel.bottom === 'number' ? { bottom: Math.round(cut.vessel.bottom * k) } : {}),
  };
  const helpings = Math.max(people, many);
  return {
    count: helpings,
    changes: {
      'cut.vessel': vessel,
      'cut.vesselName': `dish ${topMm / 10}`,
      'cut.dishes': many > 1 ? many : undefined,
      'brief.count': helpings,
    },
    dish: { topMm, dishes: many },
  };
}
