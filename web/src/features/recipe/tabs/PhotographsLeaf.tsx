import { formOf, forms, shapeOf, techniqueOf, type Photograph } from '@yellow-ledger/core';
import { Select } from '../../../kit/Select';
import { FormCanvas } from '../../../kit/form/FormCanvas';
import { AddPhotograph } from '../../../kit/photographs/AddPhotograph';
import { PhotographList } from '../../../kit/photographs/PhotographList';
import { usePhotographs } from '../../../kit/photographs/usePhotographs';
import { usePaintedForm } from '../../../workers/usePaintedForm';
import type { LeafProps } from '../leafProps';

const size = 320;

/** Photographs of a recipe and of its lines, beside what the recipe is predicted to look like. */
export default function PhotographsLeaf({ draft, prediction }: LeafProps) {
  const { recipe } = draft;
  const of = usePhotographs({ kind: 'recipe', recipeId: recipe.id });
  const ribbon = usePaintedForm(recipe, prediction?.buildUp);
  const form = formOf(recipe);
  return (
    <section aria-label="Photographs">
      <h2>Photographs</h2>
      <AddPhotograph of={of} shows="reference" isNext />
      <PhotographList
        of={of}
        empty="What it is to look like, how far it has come, how it came out: a photograph stands here beside what is predicted. It is scaled down, and where and with what it was taken is left out of it."
        first={
          ribbon && (
            <figure>
              <span className="photograph-well">
                <FormCanvas
                  label={`${forms[form].label}, as predicted`}
                  picture={{
                    shape: shapeOf(recipe),
                    view: 'front',
                    size,
                    ribbon,
                    light: recipe.light ?? 'above',
                  }}
                />
              </span>
              <figcaption>As predicted, in daylight ({forms[form].label})</figcaption>
            </figure>
          )
        }
        more={(photograph) => (
          <Select
            label="Of"
            value={stepIdOf(photograph)}
            onChoose={(stepId) =>
              of.change(photograph, {
                of: { kind: 'recipe', recipeId: recipe.id, ...(stepId && { stepId }) },
              })
            }
            options={[
              { id: '', name: 'all of the recipe' },
              ...recipe.steps.map(({ id, technique }, index) => ({
                id,
                name: `line ${index + 1}, ${techniqueOf(technique).label}`,
              })),
            ]}
          />
        )}
      />
    </section>
  );
}

const stepIdOf = ({ of }: Photograph) => (of.kind === 'recipe' ? (of.stepId ?? '') : '');
