import { flattenMix, loadOf, waterShareOf, type WantedMix } from '@yellow-ledger/core';
import { useState } from 'react';
import { ReasonButton } from '../../kit/ReasonButton';
import { useRecord } from '../../data/useCollections';
import { Select } from '../../kit/Select';
import { useRecipeRows } from '../../workers/useRecipeRows';

/** The mix of a line of a recipe, as what a well is meant to be. */
export function WantedFromRecipe({
  onWanted,
}: {
  /** with what it is called */
  onWanted: (wanted: WantedMix, words: string) => void;
}) {
  const { rows = [] } = useRecipeRows();
  const [recipeId, setRecipeId] = useState<string | null>(null);
  const [lineId, setLineId] = useState<string | null>(null);
  const id = recipeId ?? rows.at(0)?.id;
  const kept = useRecord('recipes', id ?? '');
  if (rows.length === 0) return <p>There is no recipe yet.</p>;
  const steps = kept?.content.steps ?? [];
  const index = Math.max(
    0,
    steps.findIndex((step) => step.id === lineId),
  );
  const step = steps.at(index);
  return (
    <div className="flow">
      <Select label="Recipe" value={id ?? ''} onChoose={setRecipeId} options={rows} />
      <Select
        label="Line"
        value={step?.id ?? ''}
        onChoose={setLineId}
        options={steps.map((each, at) => ({ id: each.id, name: `${at + 1}, ${each.stage}` }))}
      />
      <ReasonButton
        variant="outline"
        why={step ? null : 'Choose a recipe with lines first.'}
        onClick={() =>
          step &&
          onWanted(
            {
              pots: flattenMix(step.mix, steps.slice(0, index)),
              load: loadOf(step.mix),
              mediumShare: 1 - waterShareOf(step.mix),
            },
            `line ${index + 1} of ${kept?.content.name ?? 'a recipe'}`,
          )
        }
      >
        This is what it should be
      </ReasonButton>
    </div>
  );
}
