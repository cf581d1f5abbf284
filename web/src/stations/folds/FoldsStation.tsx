import { useItem } from '../../desk/useItem';
import { Crumb } from './Crumb';
import { Folds } from './Folds';
import { Leaves } from './Leaves';
import { Waiting } from '../_shared/StationPage';

/** Folds, Crumb or Leaves, as the pastry asks. */
export function FoldsStation() {
  const { plan } = useItem();
  if (!plan) return <Waiting />;
  const { lamination: third } = plan;
  return third.kind === 'folds' ? (
    <Folds third={third} />
  ) : third.kind === 'crumb' ? (
    <Crumb third={third} />
  ) : (
    <Leaves third={third} />
  );
}
