import { useMembership } from '../../data/club/membership';

export const ownPages = [
  { path: '/recipes', name: 'Recipes' },
  { path: '/shelf', name: 'Shelf' },
  { path: '/match', name: 'Match' },
  { path: '/palette', name: 'Palette' },
  { path: '/armies', name: 'Armies' },
  { path: '/bench', name: 'Bench' },
  { path: '/log', name: 'Log' },
];

/** The pages there are: a ledger of one painter has no club. */
export function usePages() {
  const isOfClub = useMembership().is !== 'alone';
  return isOfClub ? [...ownPages, { path: '/club', name: 'Club' }] : ownPages;
}
