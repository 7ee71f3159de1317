import { pigments, plainPrimers } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { isOnShelf } from './begun';
import type { WayProps } from './wayProps';

/** Plain pigments to begin with, each marked as a guess; and a primer, which every recipe stands on. */
export function FromPigments({ onBegun, shelf }: WayProps) {
  const begin = () =>
    onBegun([
      ...plainPrimers
        .filter(({ name }) => !isOnShelf(name, shelf))
        .map((primer) => ({ ...primer, kind: 'primer' as const, ...guessed(primer.name) })),
      ...pigments
        .filter(({ name }) => !isOnShelf(name, shelf))
        .map((pigment) => ({ ...pigment, kind: 'paint' as const, ...guessed(pigment.name) })),
    ]);
  return (
    <div className="stacked fill-way">
      <p>
        {pigments.length} pigments by their plain names, and three primers, with colour and hiding
        as paints of them usually have: our own figures, marked as guesses until you have tried your
        bottles over black and white.
      </p>
      <Button variant="next" onClick={begin}>
        Look through them
      </Button>
    </div>
  );
}

const guessed = (name: string) => ({
  key: name,
  isIn: true,
  hidingIsGuess: true,
  notes: 'Colour and hiding guessed by its name.',
  tells: 'A guess: bottles of one name differ.',
});
