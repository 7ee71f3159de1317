/**
 * Which of some words is used there for the first time: that is where its picture stands.
 * @example firstUses(['loose', 'loose', null, 'stiff']) // → [true, false, false, true]
 */
export function firstUses(words: readonly (string | null | undefined)[]): boolean[] {
  const known = new Set<string>();
  return words.map((word) => {
    if (!word || known.has(word)) return false;
    known.add(word);
    return true;
  });
}
