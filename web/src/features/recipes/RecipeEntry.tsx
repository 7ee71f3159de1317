import { counted } from '@yellow-ledger/core';
import { formatDistanceToNow } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { memo } from 'react';
import { Link } from 'react-router';
import { theClubs } from '../../data/club/useWhose';
import { IfMay, IfMayCreate } from '../../kit/club/IfMay';
import { lastLeaf } from '../../kit/hooks/lastLeaf';
import { Ribbon } from '../../kit/paint/Ribbon';
import type { RecipeRow } from '../../workers/useRecipeRows';
import type { LastRibbon } from '../../workers/shared/listWork';
import type { RecipeDeeds } from './useRecipeDeeds';

export interface RecipeEntryProps {
  row: RecipeRow;
  ribbon: LastRibbon | undefined;
  ground: string;
  /** in a club */
  whose?: string | undefined;
  deeds: RecipeDeeds;
}

/** One recipe of the list, with the surface it ends in as its picture. */
export const RecipeEntry = memo(function RecipeEntry(props: RecipeEntryProps) {
  const { row, ribbon, ground, whose, deeds } = props;
  const { id, name, surface, lines, models, archived, savedAt } = row;
  const at = lastLeaf.of(`/recipes/${id}`);
  return (
    <div className={archived ? 'recipe-entry recipe-archived' : 'recipe-entry'}>
      <Link to={at} className="recipe-picture" tabIndex={-1} aria-hidden>
        <Ribbon stops={ribbon?.stops ?? []} hexes={ribbon?.hexes} label={name} height={44} />
      </Link>
      <div className="recipe-words">
        <Link to={at} className="recipe-name" dir="auto">
          {name}
        </Link>
        <small>
          {whose && whose !== theClubs && `${whose} · `}
          {surface} · {counted(lines, 'line')} over {ground} · {counted(models, 'model')} · saved{' '}
          {formatDistanceToNow(savedAt, { addSuffix: true })}
          {ribbon?.isEstimate && ' · ≈ estimate'}
          {archived && ' · archived'}
        </small>
      </div>
      <div className="flow">
        <IfMayCreate kind="recipes">
          <Button
            variant="plain"
            aria-label={`Duplicate ${name}`}
            onClick={() => void deeds.duplicate(id)}
          >
            Duplicate
          </Button>
        </IfMayCreate>
        <a
          className="btn btn-plain"
          href={`/api/files/recipes/${id}`}
          download
          aria-label={`Export ${name}`}
        >
          Export
        </a>
        <IfMay to="write" kind="recipes" id={id}>
          <Button
            variant="plain"
            aria-label={`${archived ? 'Restore' : 'Archive'} ${name}`}
            onClick={() => void deeds.archive(id)}
          >
            {archived ? 'Restore' : 'Archive'}
          </Button>
        </IfMay>
      </div>
    </div>
  );
});
