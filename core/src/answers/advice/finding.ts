import type { Fix } from './fixes/fix';

export const remarkKinds = ['objection', 'note', 'caution'] as const;
export type RemarkKind = (typeof remarkKinds)[number];

/** Something found in a recipe: one sentence, the figure behind it, and what would fix it. */
export interface Finding {
  /** the line it is about; null for the recipe as a whole */
  stepId: string | null;
  sentence: string;
  figure: { value: number; unit: string };
  fixes: Fix[];
  /**
   * An objection says the result will not be what is written or wanted; a note is worth knowing; a
   * caution is about somebody’s health. As its rule usually speaks where not said.
   */
  kind?: RemarkKind;
  /** the pot it is about, where it is about one */
  potId?: string;
}
