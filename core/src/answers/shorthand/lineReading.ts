import type { Step } from '../../written/recipe/step';
import type { SaidChange } from './commands/saidChange';
import type { Reading } from './said';
import type { SpotSaid } from './speech/spotsSaid';

/** A sentence as it was read, and the line it makes; none where it cannot be one. */
export interface LineReading extends Reading {
  step: Step | null;
  /** where one sentence makes several: all of them, `step` the first */
  steps?: Step[];
  /** spots its words name that the recipe does not have: to be made, if the painter wants it */
  spots?: SpotSaid[];
  /** where it changes the lines that are there */
  change?: SaidChange;
}
