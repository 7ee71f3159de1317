import { coatsOf, coveredWithin, mostCoatsTried } from '@yellow-ledger/core';
import { Swatch } from '../../../parts/Swatch';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { RecipeLineProps } from '../recipeLineProps';

/** Coats needed at each place, what each looks like, and the same paint over other grounds. */
export function CoverageStudyPanel({ step, draft, words, deeds }: RecipeLineProps) {
  const recipe = draft.recipe;
  const { answer, problem } = useAnswer(ofShelf, [recipe, step.id], (worker) =>
    worker.coverage(recipe, step.id),
  );
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Counting coats …</p>;
  const { places, grounds, under } = answer;
  if (places.length === 0)
    return <p>This mix colours nothing, so there is nothing to cover with.</p>;
  const written = coatsOf(step, recipe.finishLevel);
  const isFirst = recipe.steps[0]?.id === step.id;
  const uncovered = places.filter(({ isCovered }) => !isCovered);
  return (
    <div className="coverage-study">
      <p>
        {uncovered.length === 0
          ? `With ${countOf(written)} everything it is meant to cover is covered.`
          : `With ${countOf(written)} what is below still shows at ${uncovered.map(({ place }) => place).join(', ')}.`}{' '}
        Patchy at coat 1 is right: judge the last coat, dry.
      </p>
      <div className="leaf-scroll" tabIndex={0} role="region" aria-label="Coats by place">
        <table className="coat-table">
          <thead>
            <tr>
              <th scope="col">Place</th>
              <th scope="col">Covers at</th>
              <th scope="col">Coat 1, 2, 3 …</th>
              <th scope="col">Missing with {written}</th>
            </tr>
          </thead>
          <tbody>
            {places.map(({ place, coats, after, missing }) => (
              <tr key={place}>
                <th scope="row">{place}</th>
                <td>{coats === null ? `not in ${mostCoatsTried}` : `coat ${coats}`}</td>
                <td className="coat-row">
                  {after.slice(0, 8).map((colour, index) => (
                    <span
                      key={index}
                      className={index + 1 === written ? 'coat-written' : undefined}
                      title={`After coat ${index + 1}`}
                    >
                      <Swatch hex={colour.hex} />
                    </span>
                  ))}
                  {after.length > 8 && ` … ${after.length}`}
                </td>
                <td>
                  {missing.toFixed(1)} ΔE00{missing <= coveredWithin ? ', covered' : ''}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <h2>Over other grounds</h2>
      <table className="ground-table">
        <thead>
          <tr>
            <th scope="col">Ground</th>
            <th scope="col">Covers at</th>
            <th scope="col">With {countOf(written)}</th>
            <th scope="col">
              <span className="visually-hidden">Use it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {grounds.map(({ potId, coats, surface, missing }) => (
            <tr key={potId}>
              <th scope="row" dir="auto">
                {words.potName(potId)}
              </th>
              <td>{coats === null ? `not in ${mostCoatsTried}` : `coat ${coats}`}</td>
              <td>
                <Swatch hex={surface.hex} /> {missing.toFixed(1)} ΔE00 missing
              </td>
              <td>
                {potId === recipe.groundPotId
                  ? 'the ground now'
                  : isFirst && (
                      <button
                        type="button"
                        className="plain-button"
                        onClick={() => deeds.fix({ label: '', changes: [{ do: 'ground', potId }] })}
                      >
                        Prime with it
                      </button>
                    )}
              </td>
            </tr>
          ))}
          {under && (
            <tr>
              <th scope="row" dir="auto">
                {words.potName(under.potId)} as an under-colour
              </th>
              <td>
                {countOf(under.underCoats)} of it, then{' '}
                {under.coats === null ? `not in ${mostCoatsTried}` : `coat ${under.coats}`}
              </td>
              <td>
                <Swatch hex={under.surface.hex} /> {under.missing.toFixed(1)} ΔE00 missing
              </td>
              <td>
                <button type="button" className="plain-button" onClick={() => deeds.fix(under.fix)}>
                  {under.fix.label}
                </button>
              </td>
            </tr>
          )}
        </tbody>
      </table>
      {!under && <p>No under-colour on the shelf would save a coat here.</p>}
    </div>
  );
}

const countOf = (coats: number) => `${coats} ${coats === 1 ? 'coat' : 'coats'}`;
