import type { Carried as CarriedMinutes, CarriedStep } from '@crustallum/core/oven/carried';
import { plain, span } from '../../wording/numbers';

const stepWords: Record<CarriedStep, string> = {
  size: 'its size, and how deep it lies',
  dish: 'the dish, and what it stands on',
  crusts: 'the crusts and the filling',
  start: 'how cold it goes in',
  load: 'what else is in the oven',
  heat: 'the heat',
  oven: 'this oven',
};
/** Less than this is no difference, min. */
const seenMin = 0.5;

/** How one bake comes to the minutes of another: a row for each thing that changes them. */
export function Carried({ of, from, to }: { of: CarriedMinutes; from: string; to: string }) {
  let last = of.fromMin;
  const rows = of.steps.map(({ step, minutes }) => {
    const more = minutes === null || last === null ? null : minutes - last;
    last = minutes;
    return { step, more };
  });
  return (
    <table className="what-ifs">
      <thead className="visually-hidden">
        <tr>
          <th scope="col">What changes</th>
          <th scope="col">minutes</th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">{from}</th>
          <td>{of.fromMin === null ? 'never ready' : span(of.fromMin)}</td>
        </tr>
        {rows.map(({ step, more }) => (
          <tr key={step}>
            <th scope="row">{stepWords[step]}</th>
            <td>
              {more === null
                ? 'never ready'
                : Math.abs(more) < seenMin
                  ? 'no difference'
                  : `${more > 0 ? '+' : '−'}${plain(Math.abs(more), 0)} min`}
            </td>
          </tr>
        ))}
        <tr>
          <th scope="row">{to}</th>
          <td>{of.toMin === null ? 'never ready' : span(of.toMin)}</td>
        </tr>
      </tbody>
    </table>
  );
}
