import * as all from './mishaps/all';
import type { MishapFacts } from './mishaps/mishap';

/** Mishaps with a coat, as a painter says them. */
export type MishapKind = (typeof all)[keyof typeof all]['name'];

const sorted: readonly MishapFacts<MishapKind>[] = Object.values(all).sort(
  (one, other) => one.listedAt - other.listedAt,
);
const byKind = new Map(sorted.map((facts) => [facts.name, facts]));

export const mishapKinds = sorted.map(({ name }) => name);

/** @throws RangeError for what is none */
export function mishapOf(kind: MishapKind): MishapFacts<MishapKind> {
  const facts = byKind.get(kind);
  if (!facts) throw new RangeError(`There is no mishap called ${kind}.`);
  return facts;
}
