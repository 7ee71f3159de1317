import { techniqueOf, type EntryOf, type LogEntry, type Recipe } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Select } from '../../../kit/Select';
import { Disclosure } from '../../../kit/Disclosure';
import { ofArmies } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { BenchPartProps } from '../benchPart';

/** Starting in the middle: what is on the figures already, up to which line. */
export function FoundSheet({ bench, army, hand, words }: Omit<BenchPartProps, 'view'>) {
  const { answer: surfaces } = useAnswer(ofArmies, [bench, army], (worker) =>
    worker.benchSurfaces({ bench, army }),
  );
  const [key, setKey] = useState('');
  const [stepId, setStepId] = useState('');
  const chosen = surfaces?.find((each) => each.key === key) ?? surfaces?.at(0);
  if (!surfaces || !chosen) return null;
  const lines = chosen.recipe.steps;
  const line = lines.find(({ id }) => id === stepId) ?? lines.at(0);
  const declare = () => {
    if (!line) return;
    const entry: EntryOf<'found'> = {
      kind: 'found',
      ...hand.head(),
      benchId: bench.id,
      where: {
        armyId: bench.armyId ?? null,
        unitId: chosen.unitId,
        surfaceId: chosen.surfaceId,
        models: chosen.models,
      },
      recipeId: chosen.recipe.id,
      version: chosen.version,
      stepId: line.id,
      line: numberOf(chosen.recipe, line.id),
    };
    hand.write([entry]);
  };
  const found = hand.log.entries.filter(isFound).length;
  return (
    <Disclosure
      title={`Painted before it came to this bench${found > 0 ? ` (${found} noted)` : ''}`}
    >
      <div className="flow">
        <Select
          label="Surface"
          value={chosen.key}
          onChoose={setKey}
          options={surfaces.map(({ key: id, unitId, surfaceId, recipe, models }) => ({
            id,
            name: `${words.surface(unitId, surfaceId)}, ${words.unit(unitId)}, ${recipe.name} (${models.length})`,
          }))}
        />
        <Select
          label="is painted up to and with"
          value={line?.id ?? ''}
          onChoose={setStepId}
          options={lines.map(({ id, stage, technique }, index) => ({
            id,
            name: `line ${index + 1}: ${stage}, ${techniqueOf(technique).label}`,
          }))}
        />
        <Button variant="outline" onClick={declare}>
          Note it for all {chosen.models.length}
        </Button>
      </div>
    </Disclosure>
  );
}

const isFound = (entry: LogEntry): entry is EntryOf<'found'> => entry.kind === 'found';
const numberOf = (recipe: Recipe, stepId: string) =>
  recipe.steps.findIndex(({ id }) => id === stepId) + 1;
