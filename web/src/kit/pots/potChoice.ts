import type { Pot } from '@yellow-ledger/core';

export interface PotChoice {
  id: string;
  name: string;
  hex: string;
  /** a word or two more, such as the kind */
  hint?: string;
}

export interface PotPickerProps {
  label: string;
  choices: PotChoice[];
  chosen: string;
  onChoose: (id: string) => void;
  /** it was asked for just now: typing goes there at once */
  isAsked?: boolean;
  /** it was left without a choice */
  onLeave?: () => void;
}

/** The pots in use, to be chosen among. */
export const potChoices = (pots: readonly Pot[]): PotChoice[] =>
  pots
    .filter(({ retired }) => !retired)
    .map(({ id, name, swatch, kind }) => ({ id, name, hex: swatch, hint: kind }));
