import { counted, shapeOf, type EstimateCause, type Recipe } from '@yellow-ledger/core';
import { AspectStrips } from '../../kit/paint/AspectStrips';
import { FormCanvas } from '../../kit/form/FormCanvas';
import { figuresOf, Ribbon } from '../../kit/paint/Ribbon';
import { minutesInWords } from '../../kit/words/minutesInWords';
import { minutesRange } from '../../kit/words/minutesRange';
import type { RecipeWords } from '../../kit/words/recipeWords';
import { usePaintedForm } from '../../workers/usePaintedForm';
import { useTotals } from './useTotals';
import type { Prediction } from '../../workers/shared/predictWork';

const smallSize = 64;

export interface RecipeResultProps {
  recipe: Recipe;
  prediction: Prediction | null;
  words: RecipeWords;
}

/** The result of the recipe: the last ribbon, the form, the colour at arm's length, the totals. */
export function RecipeResult({ recipe, prediction, words }: RecipeResultProps) {
  const totals = useTotals(recipe);
  const { steps, coats, handsOnMinutes, dryMinutes, pots: potCount, isOwn } = totals();
  const build = prediction?.buildUp;
  const last = build?.steps.at(-1);
  const surface = last?.surface ?? build?.ground;
  const ribbon = usePaintedForm(recipe, build);
  return (
    <div className="recipe-result">
      {build && surface && (
        <Ribbon
          height={34}
          stops={build.stops}
          surface={surface}
          label={`The finished surface over ${words.groundName}, from pit to point`}
          isEstimate={last?.isEstimate}
        />
      )}
      {build && (
        <AspectStrips
          build={build}
          shape={shapeOf(recipe)}
          label="The finished surface"
          hasShares
        />
      )}
      <div className="result-row">
        {ribbon &&
          (['above', 'front', 'below'] as const).map((view) => (
            <FormCanvas
              key={view}
              picture={{
                shape: shapeOf(recipe),
                view,
                size: smallSize,
                ribbon,
                light: recipe.light ?? 'above',
              }}
              label={`The form seen from ${view === 'front' ? 'the front' : `straight ${view}`}`}
            />
          ))}
        {prediction && (
          <span
            className="arms-length"
            role="img"
            aria-label={`At arm’s length: ${figuresOf(prediction.readsAs)}`}
            title={`At arm’s length: ${figuresOf(prediction.readsAs)}`}
          >
            <span style={{ background: prediction.readsAs.hex }} />
          </span>
        )}
        <p className="recipe-totals">
          {counted(steps, 'step')} · {counted(coats, 'coat')} ·{' '}
          {unbroken(minutesRange(handsOnMinutes, isOwn))} hands-on ·{' '}
          {unbroken(minutesInWords(dryMinutes))} drying
          {recipe.hairDryer && ' with a hair dryer'} · {counted(potCount, 'pot')}
          {isOwn && ', at your own pace'}
          <small className="below">
            {prediction && prediction.estimates.length > 0
              ? estimateWords(prediction.estimates, words)
              : 'Seen from above, front, below; at arm’s length.'}
          </small>
        </p>
      </div>
    </div>
  );
}

/** A time is not broken over two rows. */
const unbroken = (words: string) => words.replaceAll(' ', '\u00a0');

/** The reasons of an estimate. @example // → '≈ estimate: Helm Copper, as metal turns with the light.' */
function estimateWords(causes: readonly EstimateCause[], words: RecipeWords): string {
  const reasons = [...new Set(causes.map(({ because }) => because))].map((because) => {
    const pots = causes.filter((each) => each.because === because);
    return `${pots.map(({ potId }) => words.potName(potId)).join(', ')}, as ${because}`;
  });
  return `≈ estimate: ${reasons.join('; ')}.`;
}
