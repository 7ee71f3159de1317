import type { Knex } from 'knex';
import type { PotLink } from '../db/potLinks';
import { Problem } from '../http/problem';

/**
 * Refuses to delete a pot that something draws from; it can be retired.
 *
 * @throws Problem
 */
export async function refuseWhenInUse(id: string, within: Knex.Transaction): Promise<void> {
  const links = await within<PotLink>('drawn_pots').where({ pot_id: id });
  const recipes = new Set([
    ...links.flatMap(({ kind, record_id }) => (kind === 'recipes' ? [record_id] : [])),
    ...(await within<{ recipe_id: string; pot_id: string }>('version_pots')
      .where({ pot_id: id })
      .pluck('recipe_id')),
  ]);
  const isElsewhere = links.some(({ kind }) => kind !== 'recipes');
  if (recipes.size === 0 && !isElsewhere) return;
  throw new Problem(
    409,
    'in-use',
    `This pot cannot be deleted: ${whoDraws(recipes.size)} from it. Remove it from the shelf instead.`,
  );
}

function whoDraws(recipes: number): string {
  if (recipes === 0) return 'a well of the palette draws';
  return recipes === 1 ? 'a recipe or one of its versions draws' : `${recipes} recipes draw`;
}
