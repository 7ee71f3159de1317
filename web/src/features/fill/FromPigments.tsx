import { pigments, plainPots } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { isOnShelf } from './begun';
import type { WayProps } from './wayProps';

/** Plain pigments to begin with, each marked as a guess; and a primer, which every recipe stands on. */
export function FromPigments({ onBegun, shelf }: WayProps) {
  const begin = () =>
    onBegun(
      plainPots
        .filter(({ name }) => !isOnShelf(name, shelf))
        .map((pot) => ({
          ...pot,
          key: pot.name,
          isIn: true,
          tells: 'A guess: bottles of one name differ.',
        })),
    );
  return (
    <div className="stacked fill-way">
      <p>
        {pigments.length} pigments by their plain names, and three primers. Colour and coverage are
        what such paints usually have. They are marked as guesses until you try your bottles over
        black and white.
      </p>
      <Button variant="next" onClick={begin}>
        Check these pigments
      </Button>
    </div>
  );
}
