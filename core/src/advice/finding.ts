import type { Fix } from './fix';

/** Something found in a recipe: one sentence, the figure behind it, and what would fix it. */
export interface Finding {
  /** the line it is about; null for the recipe as a whole */
  stepId: string | null;
  sentence: string;
  figure: { value: number; unit: string };
  fixes: Fix[];
  /** the pot it is about, where it is about one */
  potId?: string;
}
