import type { Chunk, ChunkKind } from './chunk';

/** Kinds of words that come right before a pot. */
const beforePots = new Set<ChunkKind>([
  'number',
  'amount',
  'fraction',
  'percent',
  'unit',
  'of',
  'plus',
  'with',
  'ratio',
  'evenly',
  'more',
  'add',
]);
/** Where something stands rather than what is used. */
const beforePlaces = new Set<ChunkKind>(['on', 'in', 'below', 'not', 'upTo', 'from', 'only']);
/** Kinds of words an amount can count. */
const afterAmount = new Set<ChunkKind>([
  'pot',
  'water',
  'medium',
  'paint',
  'mixAbove',
  'baseMix',
  'quiet',
  'of',
  'unknown',
  'more',
  'in',
  'comma',
]);
const places = new Set<ChunkKind>(['place', 'fold', 'side', 'all', 'spot', 'body', 'shareEnd']);

/** A run of words of a reading, and those before it. */
export interface Before {
  chunk: Chunk;
  before: Before | null;
}

/** The last run before that says something. */
function saying(before: Before | null): Before | null {
  let each = before;
  while (each?.chunk.kind === 'quiet') each = each.before;
  return each ?? before;
}

/** How well a run of words follows those before it, beside what each explains. */
export function fits(chunk: Chunk, last: Before | null): number {
  const before = last?.chunk;
  const said = saying(last);
  const prior = said?.chunk;
  const earlier = saying(said?.before ?? null)?.chunk;
  if (chunk.kind === 'amount' && prior?.kind === 'number') return -2;
  if (prior?.kind === 'amount' && chunk.kind === 'unknown') return -0.6;
  if (prior?.kind === 'amount' && !afterAmount.has(chunk.kind)) return -1.5;
  if (chunk.kind === 'pot') return potFits(prior, chunk, earlier, before);
  if (places.has(chunk.kind) && prior && beforePlaces.has(prior.kind)) return 0.6;
  if (chunk.kind === 'coats' && prior && ['number', 'thin', 'fraction'].includes(prior.kind))
    return 0.8;
  if (chunk.kind === 'amount' && before?.kind === 'comma') return -0.2;
  if (before?.kind === 'shareEnd' && (chunk.kind === 'fraction' || chunk.kind === 'number'))
    return 1.4;
  if (chunk.kind === 'shareEnd' || chunk.kind === 'percent')
    return prior?.kind === 'number' ? 0.6 : 0;
  if (chunk.kind === 'unit')
    return prior?.kind === 'number' || prior?.kind === 'amount' ? 0.5 : -0.6;
  // “Lines 1 and 2”, but “thin lines”.
  if (chunk.kind === 'number' && before?.kind === 'line') return 1.6;
  if (chunk.kind === 'colon') return -0.2;
  return 0;
}

const isAllThe = ({ text }: Chunk) => text === 'all the';

function potFits(
  prior: Chunk | undefined,
  chunk: Chunk & { kind: 'pot' },
  earlier: Chunk | undefined,
  before: Chunk | undefined,
): number {
  // “Coot, heron, cheek”: in a list of pots an everyday word is one of them.
  if (chunk.isEveryday) {
    const isListed = prior !== undefined && ['comma', 'and', 'plus'].includes(prior.kind);
    return isListed &&
      earlier?.kind === 'pot' &&
      /cheek|brow|knuckle|wing|plank|clay|smoke/u.test(chunk.text)
      ? 1.5
      : -0.5;
  }
  if (!prior || prior.kind === 'comma' || prior.kind === 'then') return 0.5;
  // “The shadows of the yellow” are where, and nothing of what.
  if (prior.kind === 'of' && earlier && places.has(earlier.kind) && !chunk.isWhole) return -4;
  // “Over all the copper” is what is there.
  // “Everywhere green” too.
  if (
    !chunk.isWhole &&
    (isAllThe(prior) || (prior.kind === 'all' && /^(?:the|everywhere)$/u.test(before?.text ?? '')))
  )
    return -4;
  if (beforePots.has(prior.kind)) return 1;
  if (prior.kind === 'and' || prior.kind === 'or') return 0.4;
  // “Round the teeth”, “leave the slate”: a part of a name is what is there, not what is used.
  if (beforePlaces.has(prior.kind) && !chunk.isWhole) return -1.4;
  return 0;
}
