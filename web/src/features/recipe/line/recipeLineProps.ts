import type {
  BuildUp,
  Consistency,
  Drops,
  Meaning,
  Pot,
  Remark,
  Step,
  StepBuildUp,
} from '@yellow-ledger/core';
import type { KeyboardEvent } from 'react';
import type { Draft } from '../useDraft';
import type { RecipeWords } from '../../../kit/words/recipeWords';
import type { LineDeeds } from './useLineDeeds';

/** The props of a line of the page, closed or open. */
export interface RecipeLineProps {
  step: Step;
  number: number;
  draft: Draft;
  words: RecipeWords;
  pots: Pot[];
  build: BuildUp | undefined;
  buildUp: StepBuildUp | undefined;
  drops: Drops | null;
  /** of the mix on the brush, in a word */
  consistency: Consistency['name'] | '' | undefined;
  /** words of ours that no line above uses: their pictures stand here */
  firstUse: { consistency: boolean; meaning: boolean };
  /** what the line is for; nothing where it is left out or holds no paint */
  meaning: Meaning | undefined;
  remarks: readonly Remark[];
  /** a painter may stop after this line */
  mayStop: boolean;
  isOpen: boolean;
  /** it was open when the page was come back to */
  wasOpen: boolean;
  deeds: LineDeeds;
  onKey: (stepId: string, event: KeyboardEvent) => void;
  onToggle: () => void;
  onClose: () => void;
  onFocus: (stepId: string | null) => void;
}
