import { Navigate } from 'react-router';
import { useRecords } from '../../data/useCollections';
import { beginning } from './beginning';
import { PageWait } from '../PageWait';

/** Where somebody arrives: at the recipes, or, where nothing is written yet, at one question. */
export function FirstPlace() {
  const recipes = useRecords('recipes');
  const pots = useRecords('pots');
  const isKnown = recipes.kept !== undefined && pots.kept !== undefined;
  if (!isKnown && !recipes.error && !pots.error) return <PageWait>Opening the ledger …</PageWait>;
  const isEmpty = recipes.kept?.length === 0 && pots.kept?.length === 0;
  return <Navigate to={isEmpty && beginning.now() === null ? '/begin' : '/recipes'} replace />;
}
