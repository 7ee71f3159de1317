import { formOf, forms, techniqueOf, type FormName, type Recipe } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { GuidePicture } from '../../../kit/form/GuidePicture';
import { shareInWords } from '../../../kit/words/shareInWords';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { RecipeLineProps } from '../line/recipeLineProps';

const size = 280;

/** Where the line goes on the form, how its strokes run and where they end. */
export function GuidePanel({ step, number, draft, words, deeds }: RecipeLineProps) {
  const recipe = draft.recipe;
  const form = formOf(recipe);
  const hex = words.stepHex(step.id);
  const { answer, problem } = useAnswer(ofShelf, [recipe, step, form, hex], (worker) =>
    worker.guide(recipe, step, { form, hex, size }),
  );
  const { softness, pull, from } = step.placement;
  const bands = answer?.bands ?? [];
  const own = bands.find(({ stepId }) => stepId === step.id);
  const canSpread =
    form === 'blade' &&
    bands.some(({ stepId, from: at }) => {
      const line = recipe.steps.find(({ id }) => id === stepId);
      return line && Math.abs(line.placement.from - at) > 0.005;
    });
  if (problem) return <p role="alert">{problem}</p>;
  return (
    <div className="guide-study">
      <GuidePicture
        guide={answer}
        size={size}
        label={`Line ${number} on ${forms[form].label}: ${answer ? shareInWords(answer.painted) : '…'} of it`}
      />
      <div className="guide-words">
        <p>
          On {forms[form].label}, the figure’s own left is on the right. It goes on about{' '}
          <b>{answer ? shareInWords(answer.painted) : '…'}</b> of the surface,{' '}
          {softness < 0.03 ? 'with hard ends' : 'with soft ends, drawn broken'}
          {from > 0 && ', inside the layers before it, drawn as faint lines'}.
        </p>
        <p>{strokeWords(step.technique, pull, form, recipe.surface)}</p>
        {answer && answer.lights.length > 1 && (
          <p>
            The lights of this recipe go on {answer.lights.map(shareInWords).join(', ')} of it, one
            after the other.
          </p>
        )}
        {own && (
          <p>
            As one band of a gradient it would cover {Math.round(own.covers * 100)} %: the layers of
            this recipe at {bands.map(({ covers }) => `${Math.round(covers * 100)}`).join(', ')} %
            add up to a gradient.{' '}
            {canSpread && (
              <Button
                variant="plain"
                onClick={() =>
                  deeds.fix({
                    label: '',
                    changes: bands.flatMap(({ stepId, from: at }) => {
                      const line = recipe.steps.find(({ id }) => id === stepId);
                      return line
                        ? [
                            {
                              do: 'replace' as const,
                              step: { ...line, placement: { ...line.placement, from: at, to: 1 } },
                            },
                          ]
                        : [];
                    }),
                  })
                }
              >
                Spread the layers so
              </Button>
            )}
          </p>
        )}
        <p>Choose the form on the tab “On a form”.</p>
      </div>
    </div>
  );
}

function strokeWords(
  technique: RecipeLineProps['step']['technique'],
  pull: 'up' | 'down' | 'even',
  form: FormName,
  surface: Recipe['surface'],
): string {
  const { strokes, label } = techniqueOf(technique);
  if (strokes) return strokes(form, surface);
  if (pull === 'even') return `${label}: strokes may end anywhere.`;
  return pull === 'up'
    ? 'Strokes end towards the light: the pigment collects at the arrow’s tip.'
    : 'Strokes end towards the dark: the pigment collects at the arrow’s tip.';
}
