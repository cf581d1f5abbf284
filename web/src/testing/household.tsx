import type { ItemInput } from '@crustallum/core/contracts/item';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { cleanup, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { routes } from '../shell/routes';
import type { Day } from '@crustallum/core/contracts/day';
import type { StoredBake, StoredItem } from '@crustallum/core/contracts/bake';
import type { LarderThing } from '@crustallum/core/contracts/larder';
import type { LogEntry } from '@crustallum/core/contracts/log';
import type { StoredTool } from '@crustallum/core/contracts/tool';
import { api } from '../api/api';
import { keepDrafts } from '../desk/drafts';
import { desk } from '../desk/desk';
import { deskStore } from '../desk/deskStore';
import { notice } from '../desk/notices';
import { store } from '../desk/store';
import type { Pastry, Product } from '@crustallum/core/contracts/products';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';

interface Sent {
  method: string;
  path: string;
  body: Record<string, unknown>;
}

/** A server of one household in memory, answering as the real one does, for tests of the screens. */
export class FakeServer {
  bakes: StoredBake[] = [];
  /** Days that were put away. */
  away: StoredBake[] = [];
  kitchen: { id: string; version: number; document: KitchenInput } = { id: 'k', version: 1, document: plainKitchen };
  tools: StoredTool[] = [];
  larder: LarderThing[] = [];
  log: LogEntry[] = [];
  readonly sent: Sent[] = [];
  /** Paths that answer with this status instead. */
  failing: { path: RegExp; status: number } | null = null;
  /** The state on the server that comes with a refusal. */
  current: unknown = undefined;
  down = false;
  /** Paths whose requests arrive and are dealt with, and whose answers are lost. */
  loses: RegExp | null = null;
  /** Answers wait for this. */
  hold: Promise<void> = Promise.resolve();

  constructor() {
    globalThis.fetch = (input, init) => this.answer(input, init);
  }

  /** Puts a meal on the books with items made by the starters. */
  plan(...kinds: [Product, Pastry?][]): StoredBake {
    return this.planned(kinds.map(([product, pastry]) => starterItem(product, 8, 'You', pastry)));
  }

  /** Puts a meal of these items on the books. */
  planned(documents: readonly ItemInput[]): StoredBake {
    const id = `bake${this.bakes.length + 1}`;
    const meal = starterMeal('2036-12-12T18:30', 8, 'Supper');
    const items = documents.map((document, position) => stored(id, position, document));
    const bake = { id, version: 1, title: meal.title, serveAt: meal.serveAt, meal, items };
    this.bakes.push(bake);
    return bake;
  }

  private counts(bake: StoredBake) {
    const entries = this.log.filter((e) => e.bakeId === bake.id).length;
    return { pies: bake.items.length, entries, running: false };
  }

  private days(): Day[] {
    return [...this.bakes, ...this.away].map((b) => ({
      ...b,
      ...this.counts(b),
      people: b.meal.mouthCount,
      names: b.meal.eaters.map((e) => e.name),
      made: b.items.map(({ document: d }) => ({
        title: d.title,
        sign: d.sign,
        product: d.product,
        pastry: d.dough.pastry,
        pieceKind: d.cut.pieceKind,
        count: d.brief.count,
        acrossMm: d.cut.cutterMm,
        depthMm: d.cut.vessel?.depth ?? 0,
        dishes: d.cut.dishes ?? 1,
        ...(d.cut.vesselName && d.product !== 'handPies' ? { dish: d.cut.vesselName } : {}),
        filling: d.filling.name,
      })),
      cameOut: this.log.filter((e) => e.bakeId === b.id).map(({ id, title, answers }) => ({ id, title, answers })),
      away: this.away.includes(b),
    }));
  }

  private async answer(input: RequestInfo | URL, init?: RequestInit): Promise<Response> {
    const request = input instanceof Request ? input : new Request(new URL(String(input), 'http://localhost'), init);
    const path = new URL(request.url).pathname.replace('/api/', '');
    const text = request.method === 'GET' ? '' : await request.text();
    const body = (text ? JSON.parse(text) : {}) as Record<string, unknown>;
    this.sent.push({ method: request.method, path, body });
    if (this.down) throw new TypeError('no network');
    await this.hold;
    if (this.failing?.path.test(path)) return json({ errors: [], current: this.current }, this.failing.status);
    const answer = this.route(request.method, path, body);
    if (this.loses?.test(path)) throw new TypeError('the answer was lost');
    return answer;
  }

  private route(method: string, path: string, body: Record<string, unknown>): Response {
    const [what, id, more] = path.split('/');
    if (method === 'GET') {
      if (what === 'bakes' && !id) return json(this.bakes.map((b) => ({ ...b, ...this.counts(b) })));
      if (what === 'bakes' && id === 'days') return json(this.days());
      if (what === 'bakes') return found(this.bakes.find((b) => b.id === id));
      if (what === 'kitchen') return json(this.kitchen);
      if (what === 'tools') return json(this.tools);
      if (what === 'larder') return json(this.larder);
      if (what === 'log') return json(this.log);
    }
    if (method === 'POST' && what === 'larder' && id === 'draws') return json(body);
    if (method === 'POST' && what === 'larder' && !more) {
      const thing = { ...(body as unknown as LarderThing), id: `l${this.larder.length}`, version: 1 };
      this.larder = [...this.larder, thing];
      return json(thing);
    }
    if (method === 'POST' && what === 'tools') {
      const document = body as unknown as StoredTool['document'];
      const tool: StoredTool = { id: `t${this.tools.length}`, version: 1, name: document.name, document };
      this.tools = [...this.tools, tool];
      return json(tool);
    }
    if (method === 'DELETE' && what === 'tools') {
      this.tools = this.tools.filter((t) => t.id !== id);
      return json({ id });
    }
    if (method === 'DELETE' && what === 'larder') {
      this.larder = this.larder.filter((t) => t.id !== id);
      return json({ id });
    }
    if (method === 'PUT' && what === 'larder') {
      const thing = this.larder.find((t) => t.id === id);
      if (thing && body['version'] !== thing.version) return stale(thing);
      this.larder = this.larder.map((t) => (t.id === id ? { ...t, ...body, version: t.version + 1 } : t));
      return found(this.larder.find((t) => t.id === id));
    }
    if (method === 'PUT' && what === 'kitchen') {
      if (body['version'] !== this.kitchen.version) return stale(this.kitchen);
      this.kitchen = { ...this.kitchen, version: this.kitchen.version + 1, document: body['document'] as KitchenInput };
      return json(this.kitchen);
    }
    if (method === 'PUT' && what === 'items') {
      const item = this.bakes.flatMap((b) => b.items).find((i) => i.id === id);
      if (!item) return found(undefined);
      if (body['version'] !== item.version) return stale(item);
      Object.assign(item, body, { version: item.version + 1 });
      return json(item);
    }
    if (method === 'PUT' && what === 'bakes') {
      const bake = this.bakes.find((b) => b.id === id);
      if (!bake) return found(undefined);
      if (body['version'] !== bake.version) return stale(bake);
      return json(Object.assign(bake, { meal: body['meal'], version: bake.version + 1 }));
    }
    if (what === 'bakes' && (method === 'DELETE' || more === 'restore')) {
      const bake = [...this.bakes, ...this.away].find((b) => b.id === id);
      if (!bake) return found(undefined);
      const without = (list: StoredBake[]) => list.filter((b) => b.id !== id);
      const bring = method === 'POST';
      [this.bakes, this.away] = bring
        ? [[...without(this.bakes), bake], without(this.away)]
        : [without(this.bakes), [...without(this.away), bake]];
      return json(bake);
    }
    if (method === 'POST' && what === 'bakes') {
      const made = this.plan();
      const items = (body['items'] as ItemInput[]).map((d, i) => stored(made.id, i, d));
      Object.assign(made, { meal: body['meal'], items });
      return json(made);
    }
    if (method === 'POST' && what === 'log') {
      const entry = {
        bakeId: null,
        runId: null,
        ...body,
        id: `e${this.log.length}`,
        version: 1,
      } as unknown as LogEntry;
      this.log = [entry, ...this.log];
      return json(entry);
    }
    if (method === 'PUT' && what === 'log') {
      this.log = this.log.map((e) =>
        e.id === id ? ({ ...e, answers: body['answers'], version: e.version + 1 } as LogEntry) : e,
      );
      return found(this.log.find((e) => e.id === id));
    }
    if (method === 'POST' && what === 'runs') return json({ kept: 0 });
    return found(undefined);
  }
}

const stored = (bakeId: string, position: number, document: ItemInput): StoredItem => ({
  id: `${bakeId}item${position + 1}`,
  version: 1,
  bakeId,
  position,
  title: document.title,
  document,
  settled: [],
  undone: [],
});
const json = (value: unknown, status = 200): Response =>
  new Response(JSON.stringify(value), { status, headers: { 'content-type': 'application/json' } });
/** A write that has not seen the newest state, as the real server answers it. */
const stale = (current: unknown): Response =>
  json({ ok: false, errors: [{ field: 'version', code: 'stale' }], current }, 409);
const found = (value: unknown): Response =>
  value === undefined ? json({ errors: [{ field: 'id', code: 'not_found' }] }, 404) : json(value);

/** Lets media queries answer as on a screen of this width; gives back how to undo it. */
export function atWidth(px: number): () => void {
  const before = (query: string) => ({ matches: false, media: query, addEventListener() {}, removeEventListener() {} });
  window.matchMedia = (query: string) =>
    ({
      matches: [...query.matchAll(/\((max|min)-width: (\d+)px\)/g)].every(([, end, edge]) =>
        end === 'max' ? px <= Number(edge) : px >= Number(edge),
      ),
      media: query,
      addEventListener() {},
      removeEventListener() {},
    }) as unknown as MediaQueryList;
  return () => {
    window.matchMedia = before as unknown as typeof window.matchMedia;
  };
}

/** Opens the whole application at an address, in place of one that is open: on a clean desk, or on the one there is. */
export function open(address: string, { keep = false } = {}): ReturnType<typeof createMemoryRouter> {
  cleanup();
  if (!keep) {
    localStorage.clear();
    void keepDrafts([]);
    void deskStore.plans.clear();
    store.dispatch(desk.actions.bakeClosed());
  }
  store.dispatch(notice.actions.dismissed());
  store.dispatch(api.util.resetApiState());
  const router = createMemoryRouter(routes, { initialEntries: [address] });
  render(
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>,
  );
  return router;
}

/** A heading of the page, once it is there. */
export const heading = (name: string | RegExp): Promise<HTMLElement> =>
  screen.findByRole('heading', { level: 1, name }, { timeout: 8000 });
