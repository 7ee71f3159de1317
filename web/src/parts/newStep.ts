import { techniqueOf, thinningHabit, type Pot, type Recipe, type Step } from '@yellow-ledger/core';

/**
 * A line to begin with: a base coat on an empty page, afterwards a layer that starts a little
 * higher than the line above. Null when no pot is there to paint with.
 */
export function newStep({ steps }: Recipe, pots: readonly Pot[]): Step | null {
  const last = steps.at(-1);
  const pot =
    pots.find(({ kind, retired }) => kind === 'paint' && !retired) ??
    pots.find(({ retired }) => !retired);
  if (!pot) return null;
  const technique = last ? 'layer' : 'brushCoat';
  const { usualPlacement } = techniqueOf(technique);
  const from =
    last && last.placement.from >= 0.3 ? Math.min(0.92, last.placement.from + 0.14) : 0.4;
  return {
    id: crypto.randomUUID(),
    stage: last ? (last.stage === 'base' ? 'layer' : last.stage) : 'base',
    technique,
    mix: {
      parts: [{ from: 'pot', potId: pot.id, parts: 1 }],
      ...(thinningHabit(pot, { technique }) ?? { waterParts: 0.5, mediumParts: 0 }),
    },
    coats: last ? 1 : 2,
    placement: last ? { ...usualPlacement, from: Math.round(from * 100) / 100 } : usualPlacement,
    // Nothing written is reckoned from the film, as the plan does.
    dryMinutes: 0,
    level: last?.level ?? 'field',
    note: '',
  };
}
