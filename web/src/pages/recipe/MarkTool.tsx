import { mostSteps, type Recipe, type Step } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Choice } from '../../parts/Choice';
import { FigureField } from '../../parts/FigureField';
import { Fold } from '../../parts/Fold';
import { Problem } from '../../parts/Problem';
import { ofShelf } from '../../workers/parts';
import { useWorker } from '../../workers/useWorker';

export interface MarkToolProps {
  recipe: Recipe;
  onLines: (steps: Step[]) => void;
}

/** A mark on a finished surface whose light follows what it is painted on, written as lines. */
export function MarkTool({ recipe, onLines }: MarkToolProps) {
  const [hex, setHex] = useState('#a6322b');
  const [keeps, setKeeps] = useState(0.7);
  const [spot, setSpot] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const workerKnowing = useWorker(ofShelf);
  const spots = recipe.spots ?? [];
  const write = async () => {
    setProblem(null);
    try {
      const aim = spots.some(({ id }) => id === spot) ? { spot } : undefined;
      const steps = await workerKnowing().markLines(recipe, {
        hex,
        keepsLight: keeps,
        ...(aim && { aim }),
      });
      const room = mostSteps - recipe.steps.length;
      if (steps.length === 0) setProblem('There is no paint at hand to mix it from.');
      else if (steps.length > room)
        setProblem(`It takes ${steps.length} lines, and there is room for ${room} more.`);
      else onLines(steps);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <Fold title="A mark that keeps the light below">
      <div className="flow">
        <label className="form-choice">
          <span>Its colour</span>
          <input type="color" value={hex} onChange={({ target }) => setHex(target.value)} />
        </label>
        <FigureField
          label="keeps of the light, %"
          value={Math.round(keeps * 100)}
          isRight={(each) => each >= 0 && each <= 100}
          expected="a number from 0 for flat to 100"
          onFigure={(each) => setKeeps(each / 100)}
        />
        <Choice
          label="Where"
          value={spot}
          onChoose={setSpot}
          options={[{ id: '', name: 'all over it' }, ...spots]}
        />
        <Button variant="outline" onClick={() => void write()}>
          Write its lines
        </Button>
      </div>
      {problem && <Problem>{problem}</Problem>}
    </Fold>
  );
}
