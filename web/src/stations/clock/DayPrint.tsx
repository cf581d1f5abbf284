import { useEffect } from 'react';
import { createPortal } from 'react-dom';
import type { DayPaper } from './dayPapers';
import { weight } from '../../wording/numbers';
import { dayRows, tableLine, type DayFile } from '../../files/dayFiles';

/** The list of the day on paper, a sheet of its own for each of these; shown by the printer only. */
export function DayPrint({ day, cooks, paper }: { day: DayFile; cooks: readonly (string | null)[]; paper: DayPaper }) {
  // it is there now: the printer may have it
  useEffect(() => window.print(), []);
  return createPortal(
    <div className="print-pages" aria-hidden="true">
      <style>{`@media print { @page { size: ${paper === 'Letter' ? 'letter' : paper}; margin: 12mm } }`}</style>
      {cooks.map((cook) => (
        <section key={cook ?? ''} className={`day-sheet ${paper === 'A5' ? 'small' : ''}`}>
          <h1>{cook ? `${day.title}: ${cook}` : day.title}</h1>
          <p>{tableLine(day)}</p>
          {day.buy.length > 0 && (
            <p>To buy: {day.buy.map((b) => `${weight(b.shortG)} ${b.name.toLowerCase()}`).join(', ')}</p>
          )}
          {dayRows(day, cook).map(({ day: name, rows }) => (
            <table key={name}>
              <caption>{name}</caption>
              <tbody>
                {rows.map((r, i) => (
                  <tr key={i}>
                    <td className="tick" />
                    <td>{r.at}</td>
                    <td>
                      <strong>{r.step}</strong> {r.pie}
                    </td>
                    <td>{cook && r.cook === null ? '' : r.cook}</td>
                    <td>{r.lasts}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          ))}
        </section>
      ))}
    </div>,
    document.body,
  );
}
