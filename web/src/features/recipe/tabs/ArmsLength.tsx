import {
  formNames,
  placeOf,
  forms,
  type BuildUp,
  type FormName,
  type Recipe,
  type SurfaceColour,
} from '@yellow-ledger/core';
import { FigureTable } from '../../../kit/FigureTable';
import { figuresOf } from '../../../kit/paint/Ribbon';
import { Swatch } from '../../../kit/paint/Swatch';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { Figures } from '../../../kit/figures/Figures';

export interface ArmsLengthProps {
  recipe: Recipe;
  form: FormName;
  build: BuildUp;
  surface: readonly SurfaceColour[];
}

/** The colour at arm's length, on this form and the others, and how the area is spread. */
export function ArmsLength({ recipe, form, build, surface }: ArmsLengthProps) {
  const { answer: areas } = useAnswer(ofShelf, [form], (worker) => worker.toneAreas(form));
  const { answer: reads } = useAnswer(ofShelf, [recipe], (worker) => worker.readsOnForms(recipe));
  return (
    <div className="columns">
      <div>
        <h2>At arm’s length</h2>
        <ul className="rows reads-list">
          {reads &&
            formNames.map((name) => (
              <li key={name} className={name === form ? 'reads-here' : undefined}>
                <Swatch hex={reads[name].hex} />
                <span>
                  <b>{forms[name].label}</b> <Figures>{figuresOf(reads[name])}</Figures>
                </span>
              </li>
            ))}
        </ul>
      </div>
      <div>
        <h2>How much of it lies where</h2>
        <FigureTable
          rows={(areas ?? []).map(({ place, share }) => [
            place,
            `${Math.round(share * 100)} %`,
            <span
              key={place}
              className="area-well"
              style={{ width: `${Math.max(2, share * 300)}%` }}
            >
              <span style={{ background: surface[build.stops.indexOf(placeOf(place))].hex }} />
            </span>,
          ])}
          className="area-table"
        />
      </div>
    </div>
  );
}
