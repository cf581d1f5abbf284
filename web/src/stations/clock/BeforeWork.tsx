import { Link } from 'react-router';
import { useAppSelector } from '../../desk/store';
import { Because } from '../../design/ui/Because';
import { clockOn, momentAt, served, weight } from '../../wording/numbers';
import { neededWords, shopWords, takenOutWhy, takenOutWords } from '../../wording/shopping';
import { useBeforeWork } from './useBeforeWork';

/** What has to be in the house and out of the cold before the work of the day, by when it is wanted. */
export function BeforeWork() {
  const { meal, items, kitchen } = useAppSelector((s) => s.desk);
  const { buy, out } = useBeforeWork();
  if (!meal || !kitchen || (buy.length === 0 && out.length === 0)) return null;
  const table = served(meal.serveAt);
  const byHour = [...buy].sort((a, b) => (a.byMin ?? 0) - (b.byMin ?? 0));
  return (
    <section aria-label="Before the work" className="flex flex-wrap gap-x-12 gap-y-3 py-2">
      {out.length > 0 && (
        <div style={{ maxWidth: 560 }}>
          <h2 className="sign m-0" style={{ fontSize: 22 }}>
            To take out
          </h2>
          <ul className="plain-list m-0">
            {out.map((o) => (
              <li key={`${o.itemIndex}${o.name}${o.to}`}>
                <strong>{clockOn(momentAt(meal.serveAt, o.atMin), table)}</strong> {takenOutWords(o)}
                {items.length > 1 && <span className="quiet-ink">, {items[o.itemIndex]?.document.title}</span>}{' '}
                <Because>{takenOutWhy(o, meal.serveAt, kitchen)}</Because>
              </li>
            ))}
          </ul>
        </div>
      )}
      {buy.length > 0 && (
        <div style={{ maxWidth: 560 }}>
          <h2 className="sign m-0" style={{ fontSize: 22 }}>
            To buy
          </h2>
          <ul className="plain-list m-0">
            {byHour.map((b) => (
              <li key={b.name}>
                {weight(b.shortG)} {b.name.toLowerCase()}
                <span className="quiet-ink">
                  , {shopWords[b.shelf].toLowerCase()}
                  {b.byMin === null ? '' : `, ${neededWords(meal.serveAt, b.byMin)}`}
                </span>
              </li>
            ))}
          </ul>
          <Link to="/larder" className="press quiet mt-2">
            See the larder
          </Link>
        </div>
      )}
    </section>
  );
}
