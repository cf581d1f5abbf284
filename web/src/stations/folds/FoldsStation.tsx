import { useItem } from '../../desk/useItem';
import { Crumb } from './Crumb';
import { Folds } from './Folds';
import { Leaves } from './Leaves';
import { Waiting } from '../_shared/StationPage';

/** Folds, Crumb or Leaves, as the pastry asks. */
export function FoldsStation() {
  const { plan } = useItem();
  if (!plan) return <Waiting />;
  const { lamination } = plan;
  return lamination.kind === 'folds' ? (
    <Folds lamination={lamination} />
  ) : lamination.kind === 'crumb' ? (
    <Crumb lamination={lamination} />
  ) : (
    <Leaves lamination={lamination} />
  );
}
