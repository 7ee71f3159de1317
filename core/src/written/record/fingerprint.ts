/**
 * A short mark of a value: equal for equal values whatever the order of their keys, and hardly ever
 * for others. For telling that something has changed, and not for keeping anything safe.
 *
 * @returns 14 hexadecimal digits
 * @source cyrb53, a public-domain hash of 53 bits after Austin Appleby's MurmurHash
 */
export function fingerprint(value: unknown): string {
  const text = JSON.stringify(inKeyOrder(value)) ?? 'undefined';
  let high = 0xdeadbeef;
  let low = 0x41c6ce57;
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    high = Math.imul(high ^ code, 2654435761);
    low = Math.imul(low ^ code, 1597334677);
  }
  high = Math.imul(high ^ (high >>> 16), 2246822507) ^ Math.imul(low ^ (low >>> 13), 3266489909);
  low = Math.imul(low ^ (low >>> 16), 2246822507) ^ Math.imul(high ^ (high >>> 13), 3266489909);
  return (4294967296 * (2097151 & low) + (high >>> 0)).toString(16).padStart(14, '0');
}

function inKeyOrder(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(inKeyOrder);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([one], [other]) => (one < other ? -1 : 1))
      .map(([key, each]) => [key, inKeyOrder(each)]),
  );
}
