import { recipeMarkdown } from '../recipeMarkdown';
import { format } from './format';

export const markdown = format({
  listedAt: 4,
  what: 'a recipe as text',
  endings: ['.md'],
  mediaType: 'text/markdown',
  recipe: { says: 'Save as Markdown', write: recipeMarkdown },
});
