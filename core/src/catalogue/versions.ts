import { versionSchema, type Version } from '../written/recipe/version';
import { changed, looks, ownAndClub, ownAndJoint } from './grants';
import type { Kind } from './kind';
import { namedByRecipe, repeatedByRecipe } from './recipes';

/** A version is of its recipe: who may write that freezes it, and nothing of it changes after. */
export const versions: Kind<Version> = {
  schema: versionSchema,
  label: 'version',
  changes: 'frozen',
  rights: {
    look: looks,
    create: { keeper: changed, painter: ownAndJoint },
    delete: { keeper: ownAndClub },
  },
  repeats: repeatedByRecipe,
  names: { ...namedByRecipe, 'content.id': ['recipes'] },
  since: 0,
  isKeptInBrowser: true,
};
