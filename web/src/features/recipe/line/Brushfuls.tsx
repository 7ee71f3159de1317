import {
  brushfulsOf,
  mixSchema,
  partsFromBrushfuls,
  shelfOf,
  type Mix,
  type Pot,
  type Step,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo } from 'react';
import { useFormContext } from 'react-hook-form';
import type { RecipeWords } from '../../../kit/words/recipeWords';

interface BrushfulsProps {
  mix: Mix;
  pots: readonly Pot[];
  words: RecipeWords;
}

/** A mix of counted pots in brushfuls, and parts that were counted in brushfuls made parts of paint. */
export function Brushfuls({ mix, pots, words }: BrushfulsProps) {
  const { setValue } = useFormContext<Step>();
  const shelf = useMemo(() => shelfOf(pots), [pots]);
  if (mix.parts.length < 2 || !mixSchema.safeParse(mix).success) return null;
  const brushfuls = brushfulsOf(mix, shelf);
  const parts = partsFromBrushfuls(mix, shelf);
  if (!brushfuls || !parts) return null;
  return (
    <p className="quiet">
      In brushfuls: {words.mix({ ...mix, parts: brushfuls })}.{' '}
      <Button
        variant="plain"
        onClick={() => setValue('mix.parts', parts, { shouldValidate: true, shouldDirty: true })}
      >
        The parts are brushfuls: make them drops
      </Button>
    </p>
  );
}
