import { ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { memo, useEffect, useRef } from 'react';
import { shallowEqual } from 'react-redux';
import { Link, NavLink, useLocation, useNavigate, useParams } from 'react-router';
import type { StoredItem } from '@crustallum/core/contracts/bake';
import { useAppSelector } from '../desk/store';
import { useNarrow } from '../design/ui/useWidth';
import { stationWord } from '../wording/words';
import { inHand } from '../desk/useInput';
import { stations, type Station } from '@crustallum/core/contracts/stations';

/** The crimp that runs under a settled station. */
const Crimp = () => (
  <svg className="edge" width="100%" height="9" aria-hidden="true">
    <defs>
      <pattern id="crimp" width="14" height="9" patternUnits="userSpaceOnUse">
        <path d="M0 0v2c3 6 5 6 7 6s4 0 7-6V0z" fill="var(--color-rim)" />
        <path d="M0 2c3 5 5 6 7 6s4-1 7-6" fill="none" stroke="var(--color-ink)" strokeWidth="2" />
      </pattern>
    </defs>
    <rect width="100%" height="9" fill="url(#crimp)" />
  </svg>
);

const places = [
  ['/bench', 'Bench'],
  ['/log', 'Log'],
  ['/larder', 'Larder'],
] as const;

/** On narrow screens Bench and the places stand behind the mark's arrow. */
function PlacesMenu() {
  const navigate = useNavigate();
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="key" aria-label="Places">
        <ChevronDown size={22} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className="slip" align="start" style={{ padding: 6 }}>
          {[['/', 'Today'] as const, ['/days', 'Days'] as const, ...places].map(([to, word]) => (
            <DropdownMenu.Item
              key={to}
              className="flex min-h-12 min-w-40 cursor-pointer items-center rounded px-3 outline-none data-[highlighted]:bg-slab"
              style={{ fontSize: 18 }}
              onSelect={() => void navigate(to)}
            >
              {word}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** What of an item shows on the edge. */
const edgeOf = (item: StoredItem | undefined) =>
  item && { id: item.id, pastry: item.document.dough.pastry, settled: item.settled, undone: item.undone };

/** The top edge: the mark, the eight stations in order, the places. Crimped under what is settled. */
export const Rim = memo(function Rim() {
  const { itemId } = useParams();
  const item = useAppSelector((s) => edgeOf(s.desk.items[inHand(s.desk.items, itemId)]), shallowEqual);
  const bakeId = useAppSelector((s) => s.desk.bakeId);
  const { pathname } = useLocation();
  const pastry = item?.pastry;
  const narrow = useNarrow();
  const edge = useRef<HTMLElement>(null);
  useEffect(() => {
    const here = edge.current?.querySelector<HTMLElement>('.stations [aria-current="page"]');
    const row = here?.parentElement;
    if (row) row.scrollLeft = here.offsetLeft - row.offsetLeft - (row.clientWidth - here.offsetWidth) / 2;
  }, [pathname, narrow, item?.id]);
  const to = (station: Station) => (item && bakeId ? `/bakes/${bakeId}/${item.id}/${station}` : '/');
  const here = (station: Station) =>
    pathname.endsWith(`/${station}`) || (station === 'brief' && pathname.endsWith('/eaters'));
  return (
    <header className="rim" ref={edge}>
      <NavLink to="/" className="mark sign" aria-label="Crustallum: Today">
        <img src="/mark.svg" width="32" height="32" alt="" />
        <span>Crustallum</span>
      </NavLink>
      {narrow && <PlacesMenu />}
      <nav className="stations" aria-label="Stations">
        {stations.map((station) => {
          const settled = item?.settled.includes(station) ?? false;
          const undone = item?.undone.some((u) => u.station === station) ?? false;
          return (
            <Link
              key={station}
              to={to(station)}
              aria-current={here(station) ? 'page' : undefined}
              className={undone ? 'undone' : ''}
              aria-disabled={!item}
            >
              {stationWord(station, pastry)}
              {settled && (
                <>
                  <span className="visually-hidden">, settled</span>
                  <Crimp />
                </>
              )}
              {undone && <span className="visually-hidden">, came undone</span>}
            </Link>
          );
        })}
      </nav>
      {!narrow && (
        <nav className="places" aria-label="Places">
          {places.map(([to, word]) => (
            <NavLink key={to} to={to} className={({ isActive }) => (to === '/bench' ? 'go' : isActive ? 'here' : '')}>
              {word}
            </NavLink>
          ))}
        </nav>
      )}
    </header>
  );
});
