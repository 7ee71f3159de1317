import { differenceWords, type Pot, type Recipe, type Version, shapeOf } from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import Table from 'react-bootstrap/Table';
import { useRecord } from '../../../ledger/useParts';
import { useVersions } from '../../../ledger/useVersions';
import { Choice } from '../../../parts/Choice';
import { lineOf } from '../../../parts/merge/DifferenceTable';
import { AspectStrips } from '../../../parts/AspectStrips';
import { Ribbon } from '../../../parts/Ribbon';
import { recipeWordsOf } from '../../../parts/words/recipeWords';
import { versionOptions } from '../../../parts/words/versionOptions';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { useRecipeRows } from '../../../workers/useRecipeRows';
import { Figures } from '../../../parts/figures/Figures';

export interface CompareVersionsProps {
  recipe: Recipe;
  versions: readonly Version[];
  pots: Pot[];
}

/** A state of a recipe: a version, or the page as it is now. */
interface Side {
  recipeId: string;
  version: number | null;
}

/** Any two versions or recipes, line by line and ribbon by ribbon. */
export function CompareVersions({ recipe, versions, pots }: CompareVersionsProps) {
  const now: Side = { recipeId: recipe.id, version: null };
  const [left, setLeft] = useState<Side | null>(null);
  const [right, setRight] = useState<Side>(now);
  const leftSide = left ?? { ...now, version: versions.at(-1)?.number ?? null };
  const one = useContent(leftSide, recipe);
  const other = useContent(right, recipe);
  const { answer, problem } = useAnswer(
    ofShelf,
    [one, other],
    (worker) => (one && other ? worker.compare(one, other) : Promise.resolve(null)),
    one !== null && other !== null,
  );
  const oneWords = useMemo(() => one && recipeWordsOf(one, pots, null), [one, pots]);
  const otherWords = useMemo(() => other && recipeWordsOf(other, pots, null), [other, pots]);
  return (
    <div className="compare">
      <h2>Compare</h2>
      <div className="flow">
        <SidePicker label="Left" side={leftSide} onChoose={setLeft} recipe={recipe} />
        <SidePicker label="Right" side={right} onChoose={setRight} recipe={recipe} />
      </div>
      {problem && <p role="alert">{problem}</p>}
      {answer && oneWords && otherWords && (
        <>
          <p>
            {answer.worst.difference < 0.05
              ? 'The finished surfaces are the same.'
              : `They differ most at the ${answer.worst.place}: ${differenceWords(answer.worst.difference)}.`}
            {answer.worst.difference >= 0.05 && (
              <Figures> ΔE00 {answer.worst.difference.toFixed(1)}.</Figures>
            )}
          </p>
          <div className="table-responsive" tabIndex={0} role="region" aria-label="Lines compared">
            <Table>
              <tbody>
                {answer.pairs.map(({ left: l, right: r, leftIndex, rightIndex, isSame }, index) => (
                  <tr key={index} className={isSame ? 'pair-same' : 'pair-differs'}>
                    {(
                      [
                        [l, leftIndex, answer.left, oneWords, one],
                        [r, rightIndex, answer.right, otherWords, other],
                      ] as const
                    ).map(([step, at, build, words, of], side) => (
                      <td key={side}>
                        {step && at !== null && of ? (
                          <>
                            <Ribbon
                              height={20}
                              surface={build.steps[at].surface}
                              stops={build.stops}
                              label={`${side === 0 ? 'Left' : 'Right'}, after line ${at + 1}`}
                              isEstimate={build.steps[at].isEstimate}
                            />
                            <AspectStrips
                              build={build}
                              stepId={step.id}
                              shape={shapeOf(of)}
                              isNarrow
                              label={`${side === 0 ? 'Left' : 'Right'}, after line ${at + 1}`}
                            />
                            <span dir="auto">
                              <b>{at + 1}</b> {lineOf(step, words)}
                            </span>
                          </>
                        ) : (
                          'not there'
                        )}
                      </td>
                    ))}
                    <td>{isSame ? 'same' : <b>differs</b>}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </div>
        </>
      )}
    </div>
  );
}

function useContent({ recipeId, version }: Side, own: Recipe): Recipe | null {
  const isOwn = recipeId === own.id;
  const { versions } = useVersions(recipeId);
  const kept = useRecord('recipes', recipeId);
  if (version !== null)
    return (
      versions?.find(({ number, content }) => number === version && content.id === recipeId)
        ?.content ?? null
    );
  if (isOwn) return own;
  return kept?.content.id === recipeId ? kept.content : null;
}

function SidePicker({
  label,
  side,
  onChoose,
  recipe,
}: {
  label: string;
  side: Side;
  onChoose: (side: Side) => void;
  recipe: Recipe;
}) {
  const { rows } = useRecipeRows();
  const { versions } = useVersions(side.recipeId);
  return (
    <>
      <Choice
        label={`${label}: recipe`}
        value={side.recipeId}
        onChoose={(chosen) => onChoose({ recipeId: chosen, version: null })}
        options={[
          { id: recipe.id, name: 'this recipe' },
          ...(rows ?? []).filter(({ id }) => id !== recipe.id),
        ]}
      />
      <Choice
        label={`${label}: version`}
        value={side.version ?? ''}
        onChoose={(chosen) => onChoose({ ...side, version: chosen === '' ? null : Number(chosen) })}
        options={versionOptions(versions ?? [])}
      />
    </>
  );
}
