import { photographKinds, type Photograph } from '@yellow-ledger/core';
import { format } from 'date-fns';

const order = photographKinds.map(({ name }) => name);

/** As sentences and screen readers call a photograph. @example 'Photograph, before, 26 Nov 2026' */
export function photographName({ caption, shows, addedAt }: Photograph): string {
  return caption ?? `Photograph, ${shows}, ${format(new Date(addedAt), 'd MMM yyyy')}`;
}

/** The intended look first, then from before to after; of each kind the oldest first. */
export const inTheirOrder = (one: Photograph, other: Photograph): number =>
  order.indexOf(one.shows) - order.indexOf(other.shows) || one.addedAt.localeCompare(other.addedAt);

/** As a choice of what it shows. */
export const kindOptions = photographKinds.map(({ name, tells }) => ({
  id: name,
  name: `${name}: ${tells}`,
}));
