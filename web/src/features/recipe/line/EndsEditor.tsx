import { pulls, type Step } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { FigureField } from '../../../kit/field/FigureField';
import { Figures } from '../../../kit/figures/Figures';
import { LastCoat } from '../aim/LastCoat';
import type { PlacementPartProps } from '../aim/placementProps';
import { pullWords, softnessWords } from './placeWords';

/** How soft the ends of a line are, where its strokes finish, and how its last coat shrinks. */
export function EndsEditor(props: PlacementPartProps) {
  const { placement, onPlace } = props;
  const { register } = useFormContext<Step>();
  const { softness } = placement;
  const put = (each: number) => onPlace({ ...placement, softness: each });
  return (
    <>
      <div className="flow">
        <label className="flow">
          <span>Ends: {softnessWords(softness)}</span>
          <Form.Range
            className="short-range"
            aria-label="Softness of the ends"
            min={0}
            max={0.5}
            step={0.01}
            value={softness}
            onChange={({ target }) => put(Number(target.value))}
          />
        </label>
        <Figures>
          <FigureField
            label="Softness, 0 to 0.5"
            value={softness}
            isRight={(each) => each >= 0 && each <= 0.5}
            expected="a number from 0 to 0.5"
            onFigure={put}
          />
        </Figures>
        <div role="radiogroup" aria-label="Strokes finish" className="flow">
          <span>Strokes finish</span>
          {pulls.map((each) => (
            <Form.Check
              key={each}
              type="radio"
              id={`pull-${each}`}
              label={pullWords[each]}
              value={each}
              {...register('placement.pull')}
            />
          ))}
        </div>
      </div>
      <LastCoat {...props} />
    </>
  );
}
