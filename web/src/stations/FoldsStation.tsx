import { useItem } from '../app/useItem';
import { Crumb } from './folds/Crumb';
import { Folds } from './folds/Folds';
import { Leaves } from './folds/Leaves';
import { Waiting } from './StationPage';

/** Folds, Crumb or Leaves, as the pastry asks. */
export function FoldsStation() {
  const { plan } = useItem();
  if (!plan) return <Waiting />;
  const { third } = plan;
  return third.kind === 'folds' ? (
    <Folds third={third} />
  ) : third.kind === 'crumb' ? (
    <Crumb third={third} />
  ) : (
    <Leaves third={third} />
  );
}
