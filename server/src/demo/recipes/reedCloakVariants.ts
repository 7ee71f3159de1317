import type { Recipe } from '@yellow-ledger/core';
import { reedCloak } from './reedCloak';

/** The reed cloak from other reeds: the same lines, other pots. */
function fromOtherReeds(
  id: string,
  name: string,
  instead: Readonly<Record<string, string>>,
  notes: string,
): Recipe {
  return {
    ...reedCloak,
    id,
    name,
    notes,
    steps: reedCloak.steps.map((step) => ({
      ...step,
      mix: {
        ...step.mix,
        parts: step.mix.parts.map((part) =>
          part.from === 'pot' ? { ...part, potId: instead[part.potId] ?? part.potId } : part,
        ),
      },
    })),
  };
}

export const reedCloakVariants = [
  fromOtherReeds(
    'reed-cloak-wet',
    'Cloak of rain-dark reeds',
    { reedstraw: 'rushbrown', dryreed: 'reedstraw', rushbrown: 'tarredplank' },
    'For every fourth militiaman or so: out in the rain all night.',
  ),
  fromOtherReeds(
    'reed-cloak-bleached',
    'Cloak of bleached reeds',
    { reedstraw: 'dryreed', dryreed: 'tallow', rushbrown: 'ottercoat' },
    'Last year’s reeds, bleached on the dike.',
  ),
  fromOtherReeds(
    'reed-cloak-mossy',
    'Cloak of mossy reeds',
    { reedstraw: 'sedge', dryreed: 'duckweed', rushbrown: 'aldershade' },
    'Cut green, and never dried.',
  ),
];
