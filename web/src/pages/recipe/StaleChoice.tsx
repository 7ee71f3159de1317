import {
  differencesBetween,
  fieldErrors,
  mergeRecipes,
  recipeSchema,
  sentenceOf,
  techniqueOf,
  thinningWords,
  usualChoices,
  type Difference,
  type Kept,
  type Recipe,
  type Side,
  type Step,
} from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { settleDraft } from '../../store/draft/draftAutosave';
import type { Draft } from '../../store/draft/draftSlice';
import { useAppDispatch } from '../../store/store';
import type { RecipeWords } from './recipeWords';

export interface StaleChoiceProps {
  draft: Draft;
  theirs: Kept<Recipe> | null;
  words: RecipeWords;
}

/** The recipe was changed elsewhere too: both versions, line by line, for the painter to choose. */
export function StaleChoice({ draft, theirs, words }: StaleChoiceProps) {
  const dispatch = useAppDispatch();
  const mine = draft.history.present;
  const differences = useMemo(
    () => (theirs ? differencesBetween(draft.base.content, mine, theirs.content) : []),
    [draft.base, mine, theirs],
  );
  const [chosen, setChosen] = useState<Record<string, Side>>({});
  const choices = { ...usualChoices(differences), ...chosen };
  const merged = theirs ? mergeRecipes(mine, theirs.content, differences, choices) : mine;
  const check = recipeSchema.safeParse(merged);
  return (
    <section className="problem stale" aria-label="Changed elsewhere" role="alert">
      <h2>
        {theirs ? 'This recipe was changed elsewhere too' : 'This recipe was deleted elsewhere'}
      </h2>
      <p>
        {theirs
          ? 'Nothing is lost yet: choose for each difference what is to stand.'
          : 'What you see is kept in this browser. You can put it back on the list.'}
      </p>
      {differences.length > 0 && (
        <table>
          <thead>
            <tr>
              <th scope="col">Where</th>
              <th scope="col">Here</th>
              <th scope="col">There</th>
            </tr>
          </thead>
          <tbody>
            {differences.map((difference) => (
              <tr key={difference.key}>
                <th scope="row">{placeOf(difference, mine, theirs?.content)}</th>
                {(['mine', 'theirs'] as const).map((side) => (
                  <td key={side}>
                    <label>
                      <input
                        type="radio"
                        name={difference.key}
                        checked={choices[difference.key] === side}
                        onChange={() => setChosen({ ...chosen, [difference.key]: side })}
                      />{' '}
                      <span dir="auto">{valueOf(difference, side, words)}</span>
                    </label>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {!check.success && (
        <p>
          <b>These do not go together.</b>{' '}
          {fieldErrors(check.error, merged).map(sentenceOf).join(' ')}
        </p>
      )}
      <button
        type="button"
        className="next-button"
        disabled={!check.success}
        onClick={() => void dispatch(settleDraft(theirs, differences, choices))}
      >
        {theirs ? 'Keep what is chosen' : 'Put it back'}
      </button>
    </section>
  );
}

function placeOf(difference: Difference, mine: Recipe, theirs: Recipe | undefined): string {
  if (difference.kind === 'order') return 'Order of the lines';
  if (difference.kind === 'head') return headWords[difference.field];
  const numberIn = (recipe: Recipe | undefined) =>
    (recipe?.steps.findIndex(({ id }) => id === difference.stepId) ?? -1) + 1;
  return `Line ${numberIn(mine) || numberIn(theirs)}`;
}

const headWords = {
  name: 'Name',
  surface: 'Surface',
  groundPotId: 'Ground',
  finishLevel: 'Finish level',
  models: 'Models',
  areaCm2: 'Area a model',
  notes: 'Notes',
  archived: 'Archived',
} as const;

function valueOf(difference: Difference, side: Side, words: RecipeWords): string {
  if (difference.kind === 'order') return side === 'mine' ? 'as here' : 'as there';
  if (difference.kind === 'line') return lineOf(difference[side], words);
  const value = String(difference[side]);
  return difference.field === 'groundPotId' ? words.potName(value) : value;
}

function lineOf(step: Step | undefined, words: RecipeWords): string {
  if (!step) return 'not there';
  const { from, to } = step.placement;
  return [
    `${step.stage}, ${techniqueOf(step.technique).label}`,
    words.mix(step.mix),
    thinningWords(step.mix),
    `${step.coats}×`,
    `${from.toFixed(2)}–${to.toFixed(2)}`,
    step.note,
  ]
    .filter(Boolean)
    .join(' · ');
}
