import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { recipeStrip } from '../recipeStrip';
import { format } from './format';

export const strip = format({
  listedAt: 5,
  what: 'a recipe as a picture',
  endings: ['.svg'],
  mediaType: 'image/svg+xml',
  recipe: {
    says: 'Save the strip as SVG',
    write: (recipe, shelf) => recipeStrip(recipe, predictBuildUp(recipe, shelf), shelf),
  },
});
