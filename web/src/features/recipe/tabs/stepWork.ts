import {
  beforeGlazes,
  bridgeFix,
  justSeenOn,
  seenLadder,
  type BeforeGlazes,
  type Fix,
  type Recipe,
  type SurfaceColour,
} from '@yellow-ledger/core';
import { shelfInHand } from '../../../workers/shared/ledgerData';

export interface BeforeGlazesStudy {
  lines: BeforeGlazes['lines'];
  contrast: BeforeGlazes['contrast'];
  /** writes every new mix; null where nothing would be gained */
  fix: Fix | null;
}

export interface LadderStudy {
  spans: {
    fromId: string;
    toId: string;
    rungs: { fromParts: number; toParts: number; colour: SurfaceColour }[];
    largestStep: number;
  }[];
  /** L* */
  justSeen: number;
  /** puts every rung in as a line; null where there is none to put in */
  insert: Fix | null;
}

/** A mix that lands further than this from what is meant wants pushing, ΔE00. */
const worthPushing = 1;

export const stepWork = {
  beforeGlazes(recipe: Recipe): BeforeGlazesStudy | null {
    const found = beforeGlazes(recipe, shelfInHand());
    if (!found) return null;
    const { lines, contrast, steps } = found;
    const isWorthIt = lines.some(
      ({ found: { error, errorUnpushed } }) => errorUnpushed - error > worthPushing,
    );
    return {
      lines,
      contrast,
      fix: isWorthIt
        ? {
            label: 'Write these mixes',
            changes: steps.map((step) => ({ do: 'replace', step })),
          }
        : null,
    };
  },

  /** @param lineIds two or three lines, from the darkest up */
  ladder(recipe: Recipe, lineIds: readonly string[]): LadderStudy {
    const spans = seenLadder(recipe, lineIds, shelfInHand());
    const changes = spans.flatMap(
      ({ lower, upper, bridge }) => bridgeFix(lower, upper, bridge.rungs, '').changes,
    );
    return {
      spans: spans.map(({ lower, upper, bridge }) => ({
        fromId: lower.id,
        toId: upper.id,
        rungs: bridge.rungs,
        largestStep: bridge.largestStep,
      })),
      justSeen: justSeenOn(recipe.surface),
      insert: changes.length > 0 ? { label: 'Put these steps in as lines', changes } : null,
    };
  },
};
