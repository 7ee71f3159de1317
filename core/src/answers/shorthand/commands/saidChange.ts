import type { Step } from '../../../written/recipe/step';
import type { Mark } from '../said';

/** A change to the lines that are there, as it was said. */
export interface SaidChange {
  /** what will be done, in words */
  words: string;
  /** the lines of the recipe afterwards */
  steps: Step[];
}

/** A sentence that changes what is there: with what it does, or why it cannot be done here. */
export interface CommandReading {
  change: SaidChange | null;
  marks: Mark[];
}
