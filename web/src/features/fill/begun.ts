import { potBegun, type Pot, type PotBegun } from '@yellow-ledger/core';

/** A pot that is looked through before it goes onto the shelf. */
export interface Begun extends PotBegun {
  /** among those that are looked through */
  key: string;
  isIn: boolean;
  /** where its figures come from, and how far they are to be trusted */
  tells: string;
}

/** Whether a pot of this name stands on the shelf, in capitals or not. */
export const isOnShelf = (name: string, shelf: readonly Pot[]): boolean =>
  shelf.some((pot) => pot.name.toLowerCase() === name.trim().toLowerCase());

/** The fault of its name; nothing where it can go onto the shelf. */
export function wrongName({ name }: Begun, shelf: readonly Pot[]): string | null {
  if (name.trim() === '') return 'Give it a name.';
  return isOnShelf(name, shelf) ? 'A pot of this name is on the shelf already.' : null;
}

/** Those that are ticked and have a name, as pots. */
export const potsOf = (begun: readonly Begun[]): Pot[] =>
  begun
    .filter(({ isIn, name }) => isIn && name.trim() !== '')
    .map(({ key: _key, isIn: _isIn, tells: _tells, ...pot }) => potBegun(pot, crypto.randomUUID()));
