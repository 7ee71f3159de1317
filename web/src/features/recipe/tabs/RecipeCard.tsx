import {
  hairDryerCaution,
  counted,
  includedSteps,
  aimKeyOf,
  coatsInWords,
  howWords,
  shapeOf,
  staysWetUntil,
  techniqueOf,
  thinningWords,
  whereWords,
  type BuildUp,
  type Recipe,
  type Step,
} from '@yellow-ledger/core';
import { AspectStrips } from '../../../kit/paint/AspectStrips';
import { MixBar } from '../../../kit/paint/MixBar';
import { PlacementMark } from '../../../kit/paint/PlacementMark';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { dropsWords } from '../../../kit/words/dropsWords';
import { minutesInWords } from '../../../kit/words/minutesInWords';
import type { RecipeWords } from '../../../kit/words/recipeWords';
import { useTotals } from '../useTotals';
import type { Prediction } from '../../../workers/shared/predictWork';
import { standardName } from '../../../kit/words/standards';

export interface RecipeCardProps {
  recipe: Recipe;
  words: RecipeWords;
  prediction: Prediction;
  paper: 'A6' | 'A4';
  /** which of several on one sheet it is */
  copy?: string;
}

/** The card itself. The small one has what the hand needs, the large one the drops and notes too. */
export function RecipeCard({ recipe, words, prediction, paper, copy }: RecipeCardProps) {
  const painted = includedSteps(recipe);
  const totals = useTotals(recipe)();
  const { buildUp, drops, consistency } = prediction;
  const staysWet = staysWetUntil(recipe);
  const cautions = [
    ...new Set(painted.flatMap(({ technique }) => techniqueOf(technique).caution ?? [])),
    ...(recipe.hairDryer ? [hairDryerCaution] : []),
  ];
  const last = buildUp.steps.at(-1);
  const isLarge = paper === 'A4';
  return (
    <article
      className={`recipe-card card-${paper.toLowerCase()}`}
      style={
        isLarge
          ? undefined
          : { fontSize: `${smallTypeFor(painted.length + stripsOf(painted, buildUp))}pt` }
      }
      aria-label={copy ? `Card on ${paper}, ${copy} of four` : `Card on ${paper}`}
    >
      <h2 dir="auto">{recipe.name}</h2>
      <p className="card-head">
        {recipe.surface} · {standardName(recipe.finishLevel)} · over {words.groundName}
        {` · ${minutesInWords(totals.handsOnMinutes)} hands-on, ${minutesInWords(totals.dryMinutes)} drying`}
        {recipe.hairDryer && ' with a hair dryer'}
        {isLarge && ` · drops for ${counted(recipe.models, 'model')}`}
        {last?.isEstimate && ' · ≈ estimate'}
      </p>
      <Ribbon
        height="calc(var(--height) * 1.4)"
        surface={last?.surface ?? buildUp.ground}
        stops={buildUp.stops}
        label="The finished surface on the card"
      />
      <AspectStrips
        build={buildUp}
        shape={shapeOf(recipe)}
        hasShares
        isNarrow
        label="The finished surface on the card"
      />
      <ol className="rows card-lines">
        {painted.map((step) => {
          const number = words.lineNumber(step.id);
          const { label } = techniqueOf(step.technique);
          const how = howWords(step);
          const written = recipe.steps[number - 1];
          const wet = staysWet.find(({ stepId }) => stepId === step.id);
          const needed = drops[number - 1];
          // The prediction may still be of the draft before.
          const surface =
            buildUp.steps.find(({ stepId }) => stepId === step.id)?.surface ?? buildUp.ground;
          return (
            <li key={step.id}>
              <b className="card-number">{number}</b>
              <div className="card-ribbon">
                <Ribbon
                  height="var(--height)"
                  surface={surface}
                  stops={buildUp.stops}
                  label={`On the card, after line ${number}`}
                />
                <AspectStrips
                  build={buildUp}
                  stepId={step.id}
                  shape={shapeOf(recipe)}
                  only={aimKeyOf(step)}
                  isNarrow
                  label={`On the card, after line ${number}`}
                />
                <PlacementMark {...step.placement} coats={step.coats} />
              </div>
              <div className="card-words">
                {isLarge && (
                  <MixBar
                    mix={step.mix}
                    hexOfPot={words.potHex}
                    hexOfStep={words.stepHex}
                    lineNumber={words.lineNumber}
                  />
                )}
                <b dir="ltr">{words.mix(step.mix)}</b> {thinningWords(step.mix)}
                {consistency[number - 1] && ` (${consistency[number - 1]})`}
                <br />
                {label}, {coatsInWords(written, recipe.finishLevel)},{' '}
                {whereWords(step, shapeOf(recipe))}
                {how && `, ${how}`}
                {step.dryMinutes > 0 && `, dry ${minutesInWords(step.dryMinutes)} each`}
                {isLarge && (
                  <>
                    {needed && (
                      <>
                        <br />
                        Drops: {dropsWords(needed, words.potName)}
                      </>
                    )}
                    {wet?.untilStepId &&
                      ` · keep wet until line ${words.lineNumber(wet.untilStepId)}`}
                    {step.note && (
                      <>
                        <br />
                        <i dir="auto">{step.note}</i>
                      </>
                    )}
                  </>
                )}
              </div>
            </li>
          );
        })}
      </ol>
      {cautions.map((caution) => (
        <p key={caution} className="card-caution">
          <b>Caution.</b> {caution}
        </p>
      ))}
      {isLarge && recipe.notes && <p dir="auto">{recipe.notes}</p>}
      <p className="card-foot">
        Colours are of dry paint in daylight, as the ledger predicts them.
      </p>
    </article>
  );
}

/** Strips take room as well: about two of them that of a line. */
function stripsOf(painted: readonly Step[], { aspects }: BuildUp): number {
  const keys = new Set(aspects.map(({ aspect }) => aspect.key));
  const aimed = painted.filter((step) => keys.has(aimKeyOf(step))).length;
  return Math.ceil((aimed + aspects.length) / 2);
}

/** Type size on the small card, points: what lets that many lines stand on one page. */
function smallTypeFor(lines: number): number {
  if (lines <= 6) return 9;
  if (lines <= 8) return 7.4;
  if (lines <= 10) return 7;
  return lines <= 12 ? 6.2 : 5.6;
}
