import { formatDistanceToNow } from 'date-fns';
import { Link } from 'react-router';
import { Ribbon } from '../../parts/Ribbon';
import type { LastRibbon } from '../../workers/work/listWork';
import type { RecipeRow } from '../../workers/useRecipeRows';
import type { RecipeDeeds } from './useRecipeDeeds';

export interface RecipeEntryProps {
  row: RecipeRow;
  ribbon: LastRibbon | undefined;
  ground: string;
  deeds: RecipeDeeds;
}

/** One recipe of the list, with the surface it ends in as its picture. */
export function RecipeEntry({ row, ribbon, ground, deeds }: RecipeEntryProps) {
  const { id, name, surface, lines, models, archived, savedAt } = row;
  return (
    <li className={archived ? 'recipe-entry recipe-archived' : 'recipe-entry'}>
      <Link to={`/recipes/${id}`} className="recipe-picture" tabIndex={-1} aria-hidden>
        {ribbon ? (
          <Ribbon stops={ribbon.stops} hexes={ribbon.hexes} label="" />
        ) : (
          <div className="ribbon-well">
            <div className="ribbon" />
          </div>
        )}
      </Link>
      <div className="recipe-words">
        <Link to={`/recipes/${id}`} className="recipe-name" dir="auto">
          {name}
        </Link>
        <span className="recipe-facts">
          {surface} · {lines === 1 ? '1 line' : `${lines} lines`} over {ground} ·{' '}
          {models === 1 ? '1 model' : `${models} models`} · saved{' '}
          {formatDistanceToNow(savedAt, { addSuffix: true })}
          {ribbon?.isEstimate && ' · ≈ estimate'}
          {archived && ' · archived'}
        </span>
      </div>
      <div className="recipe-actions">
        <button
          type="button"
          className="plain-button"
          aria-label={`Duplicate ${name}`}
          onClick={() => void deeds.duplicate(id)}
        >
          Duplicate
        </button>
        <a
          className="plain-button"
          href={`/api/files/recipes/${id}`}
          download
          aria-label={`Export ${name}`}
        >
          Export
        </a>
        <button
          type="button"
          className="plain-button"
          aria-label={`${archived ? 'Bring back' : 'Archive'} ${name}`}
          onClick={() => void deeds.archive(id)}
        >
          {archived ? 'Bring back' : 'Archive'}
        </button>
      </div>
    </li>
  );
}
