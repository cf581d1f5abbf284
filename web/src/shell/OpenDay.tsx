import { Navigate, useParams } from 'react-router';
import { useAppSelector } from '../desk/store';

/** A day by its address alone: on to the brief of its first pie, as soon as it lies open. */
export function OpenDay() {
  const { bakeId } = useParams();
  const first = useAppSelector((s) => (s.desk.bakeId === bakeId ? s.desk.items[0]?.id : undefined));
  return first ? (
    <Navigate replace to={`/bakes/${bakeId}/${first}/brief`} />
  ) : (
    <main className="sheet" aria-busy="true" style={{ display: 'block', padding: 40 }}>
      <p className="working">One moment</p>
    </main>
  );
}
