import type { Pot } from '../../written/pot/pot';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import type { PotTable } from '../csv/potTable';

/** All there is to say of a kind of file. What is left out it cannot do. */
export interface FileFormat {
  /** its place in lists, from 1 */
  listedAt: number;
  /** @example 'a table of pots' */
  what: string;
  /** endings it is known by, the usual one first */
  endings: readonly [string, ...string[]];
  mediaType: string;
  /** more than this is not taken in, bytes */
  largestBytes?: number;
  /**
   * Taken in as a table, which is looked at before anything is written.
   *
   * @throws TableError
   */
  readTable?: (text: string) => PotTable;
  /** taken in by the server as a whole; nothing that is there is overwritten */
  isTakenWhole?: true;
  /** the shelf going out as such a file */
  shelf?: { what: string; tells: string; write: (pots: readonly Pot[]) => string };
  /** a recipe going out as such a file; throws UnknownPotError, CarryError */
  recipe?: { says: string; write: (recipe: Recipe, shelf: Shelf) => string };
}

export const format = (facts: FileFormat): FileFormat => facts;
