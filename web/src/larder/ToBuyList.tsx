import { shopShelves, type ToBuy } from '@crustallum/core/plan/needs/shopping';
import { Press } from '../design/ui/Press';
import { fileName, saveFile } from '../files/save';
import { weight } from '../wording/numbers';
import { neededWords, shopWords, toBuyText } from '../wording/shopping';

/** What is to be bought, by where it stands in a shop and when it is needed; to be taken along as a list. */
export function ToBuyList({ short, serveAt }: { short: readonly ToBuy[]; serveAt: string | null }) {
  // of a day that is not worked out nothing is known
  if (serveAt === null) return <p className="m-0 quiet-ink">what the day is short of, once it is laid</p>;
  if (!short.length) return <p className="m-0">nothing is short</p>;
  return (
    <>
      {shopShelves.map((shelf) => {
        const here = short.filter((s) => s.shelf === shelf);
        return here.length ? (
          <section key={shelf} aria-label={shopWords[shelf]}>
            <span className="quiet-ink">{shopWords[shelf]}</span>
            <ul className="plain-list">
              {here.map((s) => (
                <li key={s.name}>
                  {weight(s.shortG)} {s.name.toLowerCase()}{' '}
                  <span className="quiet-ink">
                    (needs {weight(s.needG)}, there is {weight(s.haveG)}
                    {s.byMin !== null ? `; ${neededWords(serveAt, s.byMin)}` : ''})
                  </span>
                </li>
              ))}
            </ul>
          </section>
        ) : null;
      })}
      <Press
        quiet
        className="mt-1"
        onClick={() => void saveFile(fileName('To buy', 'txt'), toBuyText(short, serveAt), 'text/plain')}
      >
        Take the list along
      </Press>
    </>
  );
}
