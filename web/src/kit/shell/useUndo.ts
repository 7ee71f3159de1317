import { useMatch } from 'react-router';
import { useAppSelector } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import { recipeScope } from '../paint/recipeScope';
import { useNotice } from './notices';
import type { Undo } from './undo';
import { useBenchUndo } from './useBenchUndo';

/** Undo for what is on screen: of the open recipe alone, of the bench, or of what was done elsewhere. */
export function useUndo(): Undo {
  const writer = useWriter();
  const notify = useNotice();
  const { done, undone } = useAppSelector((state) => state.deeds);
  const recipe = useMatch('/recipes/:recipeId/:leaf?')?.params.recipeId;
  const scope = recipe && recipe !== 'draft' ? recipeScope(recipe) : null;
  const benchUndo = useBenchUndo();
  if (benchUndo) return benchUndo;
  const last = done.findLast((deed) => deed.scope === scope);
  const next = undone.findLast((deed) => deed.scope === scope);
  const told = (verb: string, deed: { label: string } | null) => {
    // On its own page the recipe shows itself what was undone.
    if (deed && scope === null) notify(`${verb}: ${deed.label}.`);
  };
  return {
    canUndo: last !== undefined,
    canRedo: next !== undefined,
    undoes: scope === null ? (last?.label ?? '') : '',
    redoes: scope === null ? (next?.label ?? '') : '',
    undo: () => told('Undone', writer.undo(scope)),
    redo: () => told('Redone', writer.redo(scope)),
  };
}
