/**
 * Whether two records say the same, in whatever order their fields were written; a field that is
 * undefined is one that is not there, as in JSON.
 *
 * @example isSameContent({ a: 1, b: 2 }, { b: 2, a: 1 }) // → true
 */
export function isSameContent(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true;
  if (!isObject(one) || !isObject(other) || Array.isArray(one) !== Array.isArray(other))
    return false;
  const keys = new Set([...Object.keys(one), ...Object.keys(other)]);
  return [...keys].every((key) => isSameContent(one[key], other[key]));
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}
