import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { useRecords } from '../../data/useCollections';
import { PageWait } from '../PageWait';
import { beginning } from './beginning';

/** The first page: the recipes, or one question where nothing is written yet. */
export function FirstPlace() {
  const navigate = useNavigate();
  const recipes = useRecords('recipes');
  const pots = useRecords('pots');
  const isKnown = recipes.kept !== undefined && pots.kept !== undefined;
  const isEmpty = recipes.kept?.length === 0 && pots.kept?.length === 0;
  const isReady = isKnown || recipes.error !== undefined || pots.error !== undefined;
  const to = isEmpty && beginning.now() === null ? '/begin' : '/recipes';
  useEffect(() => {
    // A page that was chosen meanwhile may still be loading: it must not be replaced.
    if (isReady && window.location.pathname === '/') void navigate(to, { replace: true });
  }, [isReady, to, navigate]);
  return <PageWait>Opening the ledger …</PageWait>;
}
