import type { ItemInput } from '../../../contracts/item';
import { ingredientNamed } from '../../../ingredients/named';
import { bindsAs, isPoured } from '../../../filling/poured';
import {
  bodies,
  bodyNamed,
  bodyOf,
  flourFor,
  flourWorth,
  powerOf,
  type BodyName,
  type Thickener,
} from '../../../filling/thickening';
import { usualYield } from '../../../filling/yields';
import type { FillType } from '../../../oven/tables';
import type { FillingPart } from './part';
import { potOfFilling } from './pot';

/** Fillings that are a sauce with something in it. */
const sauces = new Set<FillType>(['stew_thick', 'stew_runny', 'chicken_cream', 'mince_cooked']);
/** What of an item a sauce is worked out from. */
export type WithFilling = Pick<ItemInput, 'filling'>;
export const isSauce = (item: WithFilling): boolean => sauces.has(item.filling.type);

/** A pot is not left until more than this share of its liquid is gone (estimate). */
const mostSteam = 0.6;
/** A sauce thickens about one step further when it is cold (estimate). */
const coldMultiple = 3;
/** In the oven it loses this share of its liquid, and thins where its dice let go of theirs (estimates). */
const bakedLoss = 0.04;
const laterWater = 0.35;

export interface SaucePart {
  name: string;
  grams: number;
}

/** The liquid of a filling, what binds it, and how thick that is. */
export interface Sauce {
  /** Poured in, let go of by what cooks in it, and gone in steam, g. */
  poured: SaucePart[];
  released: SaucePart[];
  steamG: number;
  liquidG: number;
  binders: (SaucePart & { kind: Thickener })[];
  /** Flour's worth in 100 g of liquid: in the pan, as thick as it stands cold, and after the bake. */
  flourPer100G: number;
  coldPer100G: number;
  bakedPer100G: number;
  wanted: BodyName;
  inThePan: BodyName;
  cold: BodyName;
  baked: BodyName;
  /** Grams that would bring the pan to the wanted body, of each thickener; none where it is thick enough. */
  more: { kind: Offered; grams: number }[];
  /** Where it is thicker than wanted: milk or stock to bring it back, g. */
  thinG: number;
}

/** What is offered to bind with, the thing it is listed as, and what goes in with it for a gram of it: a roux has its butter. */
export const offered = {
  roux: { listed: 'Plain flour', with: { name: 'Butter', share: 0.9 } },
  cornflour: { listed: 'Maize starch' },
  potato: { listed: 'Potato starch' },
  riceflour: { listed: 'Rice flour' },
  breadcrumbs: { listed: 'Fresh breadcrumbs' },
  semolina: { listed: 'Semolina' },
} as const satisfies Partial<Record<Thickener, { listed: string; with?: { name: string; share: number } }>>;
export type Offered = keyof typeof offered;

/** The sauce of a filling from its list; null where it is none, or nothing is poured in. */
export function sauceOf(item: WithFilling, parts: readonly FillingPart[]): Sauce | null {
  if (!isSauce(item)) return null;
  const known = parts.map((p) => {
    const id = ingredientNamed(p.name) ?? '';
    return { ...p, id, binds: bindsAs(id) };
  });
  // what a part cooked apart gives is poured in, and it lets go of nothing more
  const given = known.flatMap((p) =>
    p.givesG > 0 && p.givesTo === 'pot' ? [{ ...p, name: `${p.name}: its broth`, grams: p.givesG }] : [],
  );
  const pouredIn = [...known.filter((p) => isPoured(p.id)), ...given];
  if (pouredIn.length === 0) return null;
  // what is bought cooked has let go of its water already
  const released = known.flatMap((p) => {
    const row = p.givesG > 0 ? null : usualYield(p.id);
    const grams = row ? (p.grams * (1 - row.trimPct / 100) * row.freeWaterPct) / 100 : 0;
    return grams > 0.5 ? [{ name: p.name, grams }] : [];
  });
  const sum = (list: readonly SaucePart[]) => list.reduce((total, p) => total + p.grams, 0);
  const all = sum(pouredIn) + sum(released);
  const steamG = Math.min(mostSteam * all, potOfFilling(item.filling, parts)?.steamG ?? 0);
  const liquidG = all - steamG;
  const there = known.flatMap((p) => (p.binds ? [{ name: p.name, grams: p.grams, kind: p.binds }] : []));
  const flourPer100G = flourWorth(there, liquidG);
  const bakedPer100G = flourWorth(there, Math.max(1, liquidG * (1 - bakedLoss) + laterWater * sum(released)));
  const coldBody = coldMultiple * bodyOf(flourPer100G);
  const wanted = item.filling.body ?? 'clings';
  const wants = flourFor(bodies[wanted]);
  const shortG = Math.max(0, ((wants - flourPer100G) * liquidG) / 100);
  const named = (per100G: number) => bodyNamed(Math.max(bodies.broth, bodyOf(per100G)));
  return {
    poured: pouredIn.map(({ name, grams }) => ({ name, grams })),
    released,
    steamG,
    liquidG,
    binders: there,
    flourPer100G,
    coldPer100G: flourFor(coldBody),
    bakedPer100G,
    wanted,
    inThePan: named(flourPer100G),
    cold: bodyNamed(Math.max(bodies.broth, coldBody)),
    baked: named(bakedPer100G),
    more:
      named(flourPer100G) === wanted || shortG === 0
        ? []
        : (Object.keys(offered) as Offered[]).map((kind) => ({ kind, grams: shortG / powerOf({ kind }) })),
    thinG: wants > 0 && flourPer100G > wants ? liquidG * (flourPer100G / wants - 1) : 0,
  };
}

/** A filling's list with so much of a thickener, and what goes in with it, added: what was there of them already grows. */
export function thickened(
  list: ItemInput['filling']['ingredients'],
  totalG: number,
  { kind, grams }: Sauce['more'][number],
): ItemInput['filling']['ingredients'] {
  const way: { listed: string; with?: { name: string; share: number } } = offered[kind];
  const adds = [
    { name: way.listed, grams },
    ...(way.with ? [{ name: way.with.name, grams: grams * way.with.share }] : []),
  ];
  return adds.reduce((now, add) => {
    const share = (100 * add.grams) / Math.max(1, totalG);
    const there = now.findIndex((i) => i.name === add.name);
    return there < 0
      ? [...now, { name: add.name, gramsPer100: share }]
      : now.with(there, { name: add.name, gramsPer100: now[there].gramsPer100 + share });
  }, list);
}
