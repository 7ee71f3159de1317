import type { Fix, Recipe } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { FigureTable } from '../../../kit/FigureTable';
import { Figures } from '../../../kit/figures/Figures';
import { Swatch } from '../../../kit/paint/Swatch';
import type { RecipeWords } from '../../../kit/words/recipeWords';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';

export interface StepToolProps {
  recipe: Recipe;
  words: RecipeWords;
  onFix: (fix: Fix) => void;
}

const heads = ['Line', 'Meant', 'Ends as', 'Paint it as', 'Then it ends as'];

/** How stark the layers have to be painted for the glazes over them to bring them to what is written. */
export function BeforeGlazes({ recipe, words, onFix }: StepToolProps) {
  const { answer } = useAnswer(ofShelf, [recipe], (worker) => worker.beforeGlazes(recipe));
  if (!answer) return null;
  const { lines, contrast, fix } = answer;
  const swatch = (hex: string) => <Swatch hex={hex} />;
  return (
    <section aria-label="Before the glazes">
      <h2>Before the glazes</h2>
      <p className="quiet">
        The layers are to end as they are written, with all glazes and filters on. So they have to
        be painted stronger first.
        <Figures>
          {' '}
          Before the glazes {Math.round(contrast.before)} L* between the darkest and the lightest,
          in the end {Math.round(contrast.inTheEnd)}.
        </Figures>
      </p>
      <FigureTable
        label="Layers before the glazes, a table"
        heads={heads}
        rows={lines.map(({ stepId, place, meant, endsAs, found }) => [
          `${words.lineNumber(stepId)}, at the ${place}`,
          swatch(meant.hex),
          swatch(endsAs.hex),
          swatch(found.now.hex),
          <span key="lands" className="flow">
            {swatch(found.landsOn.hex)}
            <small>{nearnessOf(found.error)}</small>
          </span>,
        ])}
      />
      {fix ? (
        <Button variant="outline" onClick={() => onFix(fix)}>
          {fix.label}
        </Button>
      ) : (
        <p className="quiet">No other mix on this shelf brings them nearer.</p>
      )}
    </section>
  );
}

/** ΔE00 that nobody sees, and that only a trained eye does. */
const unseen = 1;
const hardlySeen = 3;
const nearnessOf = (error: number) =>
  error < unseen
    ? 'as meant'
    : error < hardlySeen
      ? 'nearly as meant'
      : 'as near as this shelf comes';
