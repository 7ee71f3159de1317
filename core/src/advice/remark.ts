import type { Fix } from './fix';

/** The rules that can speak; each has a file of its own. */
export const ruleNames = [
  'doesNotCover',
  'coatsWasted',
  'starkJump',
  'unseenStep',
  'darkUpward',
  'shadeKillsHue',
  'washedOut',
  'filterOverPoints',
  'washOverFinished',
  'oneCoatGround',
  'tooThin',
  'unmeasurable',
  'chalkyDryBrush',
  'metallicDulled',
  'potGone',
  'skippedDrying',
  'caution',
  'identity',
] as const;

export type RuleName = (typeof ruleNames)[number];

/** Something found in a recipe: one sentence, the figure behind it, and what would mend it. */
export interface Remark {
  rule: RuleName;
  /** the line it is about; null for the recipe as a whole */
  stepId: string | null;
  sentence: string;
  figure: { value: number; unit: string };
  fixes: Fix[];
  /** the pot it is about, where it is about one */
  potId?: string;
}
