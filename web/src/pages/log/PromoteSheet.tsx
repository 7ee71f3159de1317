import {
  differencesBetween,
  isSameContent,
  lineLimit,
  mergeRecipes,
  recipeSchema,
  usualChoices,
  type Kept,
  type Pot,
  type Recipe,
  type Side,
} from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import Form from 'react-bootstrap/Form';
import { useNotice } from '../../parts/shell/notices';
import { recipeWordsOf } from '../../parts/words/recipeWords';
import { useRecord } from '../../ledger/useParts';
import { useVersions } from '../../ledger/useVersions';
import { CannotMerge } from '../../parts/merge/CannotMerge';
import { DifferenceTable } from '../../parts/merge/DifferenceTable';
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
  const [chosen, setChosen] = useState<Record<string, Side>>({});
  const [name, setName] = useState(`${now.name.slice(0, lineLimit - 12)}, as painted`);
  const [made, setMade] = useState<{ says: string; recipeId: string } | null>(null);
  const { asVersion, asVariant, isBusy } = usePromoting(kept, versions);
  const differences = useMemo(
    () => differencesBetween(painted, now, done).filter(({ changedBy }) => changedBy !== 'mine'),
    [painted, now, done],
  );
  const words = useMemo(() => recipeWordsOf(done, pots, null), [done, pots]);
  if (made)
    return (
      <p role="status" dir="auto">
        {made.says} <Link to={`/recipes/${made.recipeId}`}>Look at it</Link>
      </p>
    );
  if (differences.length === 0)
    return <p>The recipe says already what was done; there is nothing to take over.</p>;
  const choices = { ...usualChoices(differences), ...chosen };
  const merged = mergeRecipes(now, done, differences, choices);
  const check = recipeSchema.safeParse(merged);
  const isNothing = check.success && isSameContent(check.data, now);
  const make = async (way: Promise<{ says: string; recipeId: string } | { problem: string }>) => {
    const result = await way;
    if ('problem' in result) notify(result.problem);
    else setMade(result);
  };
  return (
    <div className="promote">
      <DifferenceTable
        differences={differences}
        mine={now}
        theirs={done}
        words={words}
        heads={{ mine: 'The recipe', theirs: 'As it was done' }}
        choices={choices}
        onChoose={(key, side) => setChosen({ ...chosen, [key]: side })}
      />
      <CannotMerge check={check} merged={merged} />
      <div className="promote-deeds">
        <button
          type="button"
          className="next-button"
          disabled={!check.success || isNothing || isBusy}
          onClick={() => check.success && void make(asVersion(check.data))}
        >
          Make it version {(versions.at(-1)?.number ?? 0) + 1}
        </button>
        <label>
          Name of a variant
          <Form.Control
            size="sm"
            dir="auto"
            maxLength={lineLimit}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <button
          type="button"
          className="outline-button"
          disabled={!check.success || isNothing || isBusy || name.trim() === ''}
          onClick={() => check.success && void make(asVariant(check.data, name.trim()))}
        >
          Make it a variant
        </button>
        <button type="button" className="plain-button" onClick={onDone}>
          Leave the recipe as it is
        </button>
      </div>
    </div>
  );
}
