import { greyByteOf, valueGreys, type Recipe } from '@yellow-ledger/core';
import { FigureTable } from '../../kit/FigureTable';
import { Swatch } from '../../kit/paint/Swatch';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { LightRead } from '../../workers/shared/pictureWork';

export interface ValueSharesProps {
  light: LightRead;
  values: number;
  recipe: Recipe | undefined;
}

/** How much of a photograph lies in each value, and how much of a recipe does. */
export function ValueShares({ light, values, recipe }: ValueSharesProps) {
  const { answer } = useAnswer(
    ofShelf,
    [recipe, values],
    async (worker) => (recipe ? await worker.valuesOfRecipe(recipe, values) : null),
    recipe !== undefined,
  );
  // While another number of values is worked out, both still show the last.
  if (light.shares.length !== values) return null;
  const given = recipe && answer?.shares.length === values ? answer : null;
  const greys = valueGreys(values);
  return (
    <section aria-label="How much lies in each value">
      <h2>How much lies in each value</h2>
      <FigureTable
        heads={['Value', 'Of the photograph', ...(given ? [`Of ${recipe?.name ?? ''}`] : [])]}
        rows={greys
          .map((grey, index) => [
            `${index + 1}${index === 0 ? ', darkest' : index === values - 1 ? ', lightest' : ''}`,
            <Share key="photograph" value={grey} share={light.shares[index]} />,
            ...(given ? [<Share key="recipe" value={grey} share={given.shares[index]} />] : []),
          ])
          .reverse()}
      />
      <p className="quiet">
        Each is laid out between its own darkest and its own lightest: a photograph tells what is
        lighter than what, not how light anything is. In the photograph is the light of its lamp, in
        the recipe only what is painted.
      </p>
    </section>
  );
}

/** A grey and how much there is of it. */
function Share({ value, share }: { value: number; share: number }) {
  const byte = greyByteOf(value).toString(16).padStart(2, '0');
  return (
    <span className="value-share">
      <Swatch hex={`#${byte}${byte}${byte}`} />
      <span className="value-bar" style={{ width: `${Math.round(share * 100)}%` }} />
      {Math.round(share * 100)} %
    </span>
  );
}
