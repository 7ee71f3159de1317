import { differenceWords, mixWords, type Substitute } from '@yellow-ledger/core';

/** The pots of a stand-in as a painter says them. @example '3 Fen Umber + 1 Peat' */
export function standInWords(
  parts: Substitute['parts'],
  potName: (potId: string) => string,
): string {
  return mixWords(
    {
      parts: parts.map((part) => ({ from: 'pot', ...part })),
      waterParts: 0,
      mediumParts: 0,
    },
    potName,
    () => 0,
  );
}

/** How near it comes. @example 'you would see it side by side; hides less' */
export function nearnessWords({ error, hidingError }: Substitute): string {
  const hides = Math.abs(hidingError) < 0.05 ? '' : `; hides ${hidingError < 0 ? 'less' : 'more'}`;
  return `${differenceWords(error)}${hides}`;
}
