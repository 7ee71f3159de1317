import {
  differencesBetween,
  isSameContent,
  lineLimit,
  type Kept,
  type Pot,
  type Recipe,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import Form from 'react-bootstrap/Form';
import { ReasonButton } from '../../kit/ReasonButton';
import { useRecord } from '../../data/useCollections';
import { useVersions } from '../../data/useVersions';
import { useMerging } from '../../kit/merge/useMerging';
import { useNotice } from '../../kit/shell/notices';
import { recipeWordsOf } from '../../kit/words/recipeWords';
import { usePromoting } from './usePromoting';

export interface PromoteSheetProps {
  /** the recipe as it stood when it was painted by */
  painted: Recipe;
  /** as it was really painted */
  done: Recipe;
  pots: Pot[];
  onDone: () => void;
}

/** Planned beside done; what was done can become a new version of the recipe, or a variant of it. */
export function PromoteSheet(props: PromoteSheetProps) {
  const kept = useRecord('recipes', props.painted.id);
  if (kept === null) return <p>The recipe is no longer here, so nothing can be written into it.</p>;
  if (!kept) return <p>Fetching the recipe …</p>;
  return <Promoting {...props} kept={kept} />;
}

function Promoting({
  painted,
  done,
  pots,
  kept,
  onDone,
}: PromoteSheetProps & { kept: Kept<Recipe> }) {
  const now = kept.content;
  const notify = useNotice();
  const { versions = [] } = useVersions(now.id);
  const [name, setName] = useState(`${now.name.slice(0, lineLimit - 12)}, as painted`);
  const [made, setMade] = useState<{ says: string; recipeId: string } | null>(null);
  const { asRecipe, asVersion, asVariant, isBusy } = usePromoting(kept, versions);
  const differences = useMemo(
    () => differencesBetween(painted, now, done).filter(({ changedBy }) => changedBy !== 'mine'),
    [painted, now, done],
  );
  const words = useMemo(() => recipeWordsOf(done, pots, null), [done, pots]);
  const { merged, isRight, table } = useMerging({
    differences,
    mine: now,
    theirs: done,
    words,
    heads: { mine: 'The recipe', theirs: 'As it was done' },
  });
  if (made)
    return (
      <p role="status" dir="auto">
        {made.says} <Link to={`/recipes/${made.recipeId}`}>Look at it</Link>
      </p>
    );
  if (differences.length === 0)
    return <p>The recipe says already what was done; there is nothing to take over.</p>;
  const isNothing = isSameContent(merged, now);
  const open = !isRight
    ? 'Choose for each difference first.'
    : isNothing
      ? 'Nothing of what was done is chosen.'
      : null;
  type Made = { says: string; recipeId: string } | { problem: string };
  const make = async (way: Promise<Made> | Made) => {
    const result = await way;
    if ('problem' in result) notify(result.problem, { isProblem: true });
    else setMade(result);
  };
  return (
    <div className="promote">
      {table}
      <div className="flow">
        <ReasonButton
          variant="next"
          why={open}
          isBusy={isBusy}
          onClick={() => void make(asRecipe(merged))}
        >
          Make it the recipe
        </ReasonButton>
        <ReasonButton
          variant="outline"
          why={open}
          isBusy={isBusy}
          onClick={() => void make(asVersion(merged))}
        >
          Make it version {(versions.at(-1)?.number ?? 0) + 1}
        </ReasonButton>
        <label className="variant-name">
          Name of a variant
          <Form.Control
            size="sm"
            dir="auto"
            maxLength={lineLimit}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <ReasonButton
          variant="outline"
          why={open ?? (name.trim() === '' ? 'Name the variant first.' : null)}
          isBusy={isBusy}
          onClick={() => void make(asVariant(merged, name.trim()))}
        >
          Make it a variant
        </ReasonButton>
        <Button variant="plain" onClick={onDone}>
          Leave the recipe as it is
        </Button>
      </div>
    </div>
  );
}
