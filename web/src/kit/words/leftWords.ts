/** Time left, for looking at in passing. @example leftWords(754_000) // → '12:34' */
export function leftWords(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor((seconds % 3600) / 60);
  if (hours > 0) return `${hours} h ${minutes} min`;
  return `${minutes}:${String(seconds % 60).padStart(2, '0')}`;
}
