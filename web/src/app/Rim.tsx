import { stations, type Station } from '@crustallum/core/plan/figure';
import { useEffect, useRef } from 'react';
import { NavLink, useLocation } from 'react-router';
import { useAppSelector } from '../store/store';
import { stationWord } from '../wording/words';
import { useItem } from './useItem';

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

/** The top edge: the mark, the eight stations in order, the places. Crimped under what is settled. */
export function Rim() {
  const { item } = useItem();
  const bakeId = useAppSelector((s) => s.desk.bakeId);
  const { pathname } = useLocation();
  const pastry = item?.document.dough.pastry;
  const edge = useRef<HTMLElement>(null);
  useEffect(() => {
    edge.current?.querySelector('[aria-current="page"]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [pathname]);
  const to = (station: Station) => (item && bakeId ? `/bakes/${bakeId}/${item.id}/${station}` : '/');
  const here = (station: Station) => pathname.endsWith(`/${station}`);
  return (
    <header className="rim" ref={edge}>
      <NavLink to="/" className="mark sign" aria-label="Crustallum: Today">
        <img src="/mark.svg" width="32" height="32" alt="" />
        <span>Crustallum</span>
      </NavLink>
      <nav className="stations" aria-label="Stations">
        {stations.map((station) => {
          const settled = item?.settled.includes(station) ?? false;
          const undone = item?.undone.some((u) => u.station === station) ?? false;
          return (
            <NavLink
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
            </NavLink>
          );
        })}
      </nav>
      <nav className="places" aria-label="Places">
        <NavLink to="/bench" className="go">
          Bench
        </NavLink>
        <NavLink to="/log" className={({ isActive }) => (isActive ? 'here' : '')}>
          Log
        </NavLink>
        <NavLink to="/larder" className={({ isActive }) => (isActive ? 'here' : '')}>
          Larder
        </NavLink>
      </nav>
    </header>
  );
}
