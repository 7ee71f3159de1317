import { Link } from 'react-router';
import { useLastRibbons } from '../../workers/useLastRibbons';
import { useRecipeList } from '../../workers/useRecipeRows';
import { Ribbon } from './Ribbon';
import './recipeGrid.scss';

/** Recipes side by side, each by the surface it ends in and its name; a press opens it. */
export function RecipeGrid({ recipes }: { recipes: readonly { id: string; name: string }[] }) {
  const list = useRecipeList();
  const ribbons = useLastRibbons(
    recipes.map(({ id }) => id),
    list.recipes,
  );
  return (
    <ul className="recipe-grid">
      {recipes.map(({ id, name }) => {
        const ribbon = ribbons[id] as (typeof ribbons)[string] | undefined;
        return (
          <li key={id}>
            <Link to={`/recipes/${id}`}>
              <Ribbon
                stops={ribbon?.stops ?? []}
                hexes={ribbon?.hexes}
                isEstimate={ribbon?.isEstimate}
                label={name}
                height={24}
              />
              <span dir="auto">{name}</span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
