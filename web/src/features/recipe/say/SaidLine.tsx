import {
  coatsInWords,
  mixWords,
  shapeOf,
  techniqueOf,
  thinningWords,
  whereWords,
  type Recipe,
  type Step,
} from '@yellow-ledger/core';
import { useMemo } from 'react';
import { MixBar } from '../../../kit/paint/MixBar';
import { PlacementMark } from '../../../kit/paint/PlacementMark';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { unknownHex } from '../../../kit/words/potHexes';
import type { RecipeWords } from '../../../kit/words/recipeWords';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';

/** A line as it was understood, with the ribbon it would buy; it is not in the recipe yet. */
export function SaidLine({
  step,
  recipe,
  words,
}: {
  step: Step;
  recipe: Recipe;
  words: RecipeWords;
}) {
  const withLine = useMemo(() => ({ ...recipe, steps: [...recipe.steps, step] }), [recipe, step]);
  const { answer } = useAnswer(ofShelf, [withLine], (worker) =>
    worker.predictLine(withLine, step.id),
  );
  const lineNumber = (stepId: string) => withLine.steps.findIndex(({ id }) => id === stepId) + 1;
  const { caution, label } = techniqueOf(step.technique);
  return (
    <div className="line-grid said-line" role="group" aria-label="The line as understood">
      <div className="line-column-step">
        <span className="line-number">{recipe.steps.length + 1}</span>
        <span className="line-step">
          <b>{step.stage}</b> <span>{label}</span>
        </span>
      </div>
      <div className="line-column-mix">
        <MixBar
          mix={step.mix}
          hexOfPot={words.potHex}
          hexOfStep={(stepId) => answer?.mixHexes[stepId] ?? unknownHex}
          lineNumber={lineNumber}
        />
        <p className="line-mix" dir="ltr">
          {mixWords(step.mix, words.potName, lineNumber)}
          <span className="line-thinning"> · {thinningWords(step.mix)}</span>
        </p>
        <p className="line-note">
          {whereWords(step, shapeOf(recipe))}
          {step.note && ` · ${step.note}`}
        </p>
        {caution && <p className="line-note">Caution: {caution}</p>}
      </div>
      <div className="line-column-coats">{coatsInWords(step, recipe.finishLevel)}</div>
      <div className="line-column-ribbon">
        <Ribbon
          stops={answer?.stops ?? []}
          surface={answer?.surface}
          isEstimate={answer?.isEstimate}
          label="The surface after this line, from pit to point"
        />
        <PlacementMark {...step.placement} coats={step.coats} />
      </div>
    </div>
  );
}
