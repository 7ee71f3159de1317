import type { Knex } from 'knex';
import { keepPots } from './2026-11-24-keep-pots';
import { keepRecipes } from './2026-11-24-keep-recipes';

/** In the order they are applied; forward only. */
export const migrations: Record<string, Knex.Migration> = {
  '2026-11-24-keep-pots': keepPots,
  '2026-11-24-keep-recipes': keepRecipes,
};
