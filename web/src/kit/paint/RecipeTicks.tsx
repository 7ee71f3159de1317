import Form from 'react-bootstrap/Form';
import { useId } from 'react';
import { useLastRibbons } from '../../workers/useLastRibbons';
import { useRecipeList } from '../../workers/useRecipeRows';
import { Ribbon } from './Ribbon';
import './recipeTicks.scss';

export interface RecipeTicksProps {
  legend: string;
  recipes: readonly { id: string; name: string }[];
  ticked: readonly string[];
  /** so many at once */
  most: number;
  /** called with those ticked, in the order of the recipes */
  onTicked: (ids: string[]) => void;
}

/** Several of the recipes, each shown by the surface it ends in. */
export function RecipeTicks({ legend, recipes, ticked, most, onTicked }: RecipeTicksProps) {
  const group = useId();
  const list = useRecipeList();
  const ribbons = useLastRibbons(
    recipes.map(({ id }) => id),
    list.recipes,
  );
  return (
    <fieldset className="recipe-ticks">
      <legend>{legend}</legend>
      <ul>
        {recipes.map(({ id, name }) => {
          const ribbon = ribbons[id] as (typeof ribbons)[string] | undefined;
          const isTicked = ticked.includes(id);
          return (
            <li key={id}>
              <Form.Check
                id={`${group} ${id}`}
                label={
                  <>
                    <span aria-hidden>
                      <Ribbon
                        stops={ribbon?.stops ?? []}
                        hexes={ribbon?.hexes}
                        label={name}
                        height={20}
                      />
                    </span>
                    <span dir="auto">{name}</span>
                  </>
                }
                checked={isTicked}
                disabled={ticked.length >= most && !isTicked}
                onChange={({ target }) =>
                  onTicked(
                    recipes.flatMap((each) =>
                      (each.id === id ? target.checked : ticked.includes(each.id)) ? [each.id] : [],
                    ),
                  )
                }
              />
            </li>
          );
        })}
      </ul>
    </fieldset>
  );
}
