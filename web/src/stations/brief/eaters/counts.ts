import type { Answer, WhoEats } from '@crustallum/core/plan/eaters/answers';

export const mayEat = (a: Answer): boolean => a === 'may' || a === 'pieces';

/** How many at the table may eat of all dishes, and of how many others may; whoever was not named eats everything. */
export function countsOf(who: WhoEats, people: number, dishes: number) {
  const named = who.eaters.slice(0, people);
  const of = named.map((e) => e.dishes.filter((d) => mayEat(d.answer)).length);
  const some = new Map<number, string[]>();
  named.forEach((e, i) => {
    const n = of[i] ?? 0;
    if (n < dishes) some.set(n, [...(some.get(n) ?? []), e.name]);
  });
  return { all: people - [...some.values()].flat().length, some: [...some].sort(([a], [b]) => b - a) };
}
