import { potSchema, shelfOf, type Shelf } from '@yellow-ledger/core';
import { z } from 'zod';

const shelfSchema = z.array(potSchema);

let shelf: Shelf = shelfOf([]);
const onChange: (() => void)[] = [];

/** The pots the worker computes with, as the page last told them. */
export const shelfInHand = () => shelf;

export function takeShelf(pots: unknown): void {
  shelf = shelfOf(shelfSchema.parse(pots));
  for (const forget of onChange) forget();
}

/** Called with every new shelf, by whoever keeps what depends on it. */
export function whenShelfChanges(forget: () => void): void {
  onChange.push(forget);
}
