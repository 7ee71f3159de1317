import { useNavigate } from 'react-router';
import { useShortcut } from '../../kit/keyboard/useShortcut';
import { Tabs } from '../../kit/Tabs';

/** The leaves of a recipe's page: its lines first, and what the ledger knows about them. */
export const leaves = [
  { path: '', label: 'Lines' },
  { path: 'form', label: 'On a form' },
  { path: 'values', label: 'Light steps' },
  { path: 'levels', label: 'Standards' },
  { path: 'recolour', label: 'Recolour' },
  { path: 'versions', label: 'Versions' },
  { path: 'photographs', label: 'Photographs' },
  { path: 'text', label: 'From notes' },
  { path: 'card', label: 'Card' },
] as const;

export type LeafPath = (typeof leaves)[number]['path'];

export function RecipeLeaves({ recipeId }: { recipeId: string }) {
  const navigate = useNavigate();
  const addressOf = (path: LeafPath) => `/recipes/${recipeId}${path && `/${path}`}`;
  const turn = (by: number) => {
    // By the address and not by what is drawn: a second press may come before the leaf does.
    const [, , , now = ''] = window.location.pathname.split('/');
    const at = leaves.findIndex(({ path }) => path === now);
    void navigate(addressOf(leaves[(at + by + leaves.length) % leaves.length].path));
  };
  useShortcut('[', () => turn(-1));
  useShortcut(']', () => turn(1));
  return <Tabs label="Tabs of the recipe" at={`/recipes/${recipeId}`} leaves={leaves} />;
}
