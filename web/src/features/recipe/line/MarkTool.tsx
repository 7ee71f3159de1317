import { mostSteps, shapeOf, type MarkAsked, type Recipe, type Step } from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { ReasonButton } from '../../../kit/ReasonButton';
import { Select } from '../../../kit/Select';
import { FigureField } from '../../../kit/field/FigureField';
import { Disclosure } from '../../../kit/Disclosure';
import { FormCanvas } from '../../../kit/form/FormCanvas';
import { Problem } from '../../../kit/Problem';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { usePaintedForm } from '../../../workers/usePaintedForm';
import { PageWait } from '../../../kit/PageWait';

export interface MarkToolProps {
  recipe: Recipe;
  onLines: (steps: Step[]) => void;
}

const size = 200;

/** A mark on a finished surface whose light follows what it is painted on, seen before its lines are written. */
export const MarkTool = (props: MarkToolProps) => (
  <Disclosure title="A mark that keeps the light below">
    <MarkChoice {...props} />
  </Disclosure>
);

function MarkChoice({ recipe, onLines }: MarkToolProps) {
  const [hex, setHex] = useState('#a6322b');
  const [keepsLight, setKeepsLight] = useState(0.7);
  const [spot, setSpot] = useState('');
  const spots = recipe.spots ?? [];
  const isSpot = spots.some(({ id }) => id === spot);
  const asked: MarkAsked = { hex, keepsLight, ...(isSpot && { aim: { spot } }) };
  const { answer: steps, problem } = useAnswer(ofShelf, [recipe, JSON.stringify(asked)], (worker) =>
    worker.markLines(recipe, asked),
  );
  const room = mostSteps - recipe.steps.length;
  const isRoom = steps !== null && steps.length > 0 && steps.length <= room;
  return (
    <>
      <div className="flow">
        <label className="form-choice">
          <span>Its colour</span>
          <input type="color" value={hex} onChange={({ target }) => setHex(target.value)} />
        </label>
        <FigureField
          label="keeps of the light, %"
          value={Math.round(keepsLight * 100)}
          isRight={(each) => each >= 0 && each <= 100}
          expected="a number from 0 for flat to 100"
          onFigure={(each) => setKeepsLight(each / 100)}
        />
        <Select
          label="Where"
          value={spot}
          onChoose={setSpot}
          options={[{ id: '', name: 'all over it' }, ...spots]}
        />
        <ReasonButton
          variant="outline"
          why={isRoom ? null : unwritten(steps?.length ?? null, room)}
          onClick={() => steps && onLines(steps)}
        >
          Write its lines
        </ReasonButton>
      </div>
      {problem && <Problem>{problem}</Problem>}
      {steps && isRoom && <MarkSeen recipe={recipe} steps={steps} />}
    </>
  );
}

/** The surface with the mark on it, on its form. */
function MarkSeen({ recipe, steps }: { recipe: Recipe; steps: readonly Step[] }) {
  const marked = useMemo(
    () => ({ ...recipe, steps: [...recipe.steps, ...steps] }),
    [recipe, steps],
  );
  const { answer: build } = useAnswer(ofShelf, [marked], (worker) => worker.finished(marked));
  const ribbon = usePaintedForm(marked, build);
  if (!ribbon) return <PageWait>Painting the mark …</PageWait>;
  return (
    <figure>
      <FormCanvas
        label="The surface with the mark on it"
        picture={{
          shape: shapeOf(recipe),
          view: 'front',
          size,
          ribbon,
          light: recipe.light ?? 'above',
        }}
      />
      <figcaption>As it would look, on its form</figcaption>
    </figure>
  );
}

/** Why the lines of a mark cannot be written. */
function unwritten(lines: number | null, room: number): string {
  if (lines === null) return 'Working it out …';
  if (lines === 0) return 'You have no paint to mix it from.';
  return `It takes ${lines} lines, and there is room for ${room} more.`;
}
