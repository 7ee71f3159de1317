/** Where a model painted with the stand-in will stand. */
export const standings = [
  {
    name: 'beside',
    tells: 'beside models painted with the original',
    /** largest ΔE00 that passes there */
    limit: 2,
  },
  { name: 'apart', tells: 'in a unit of its own', limit: 5 },
  { name: 'framed', tells: 'alone, framed by a contrasting colour', limit: 8 },
] as const;

export type Standing = (typeof standings)[number]['name'];

export interface ReplacementVerdict {
  passes: boolean;
  sentence: string;
}

/**
 * Whether a stand-in will do: side by side the eye tells colours apart that pass as the same with
 * something between them, and a strong frame hides more still.
 *
 * @param worst ΔE00 at the place that differs most, 0 or more
 * @example replacementVerdict(3, 'beside').passes // → false
 * @example replacementVerdict(3, 'apart').passes // → true
 */
export function replacementVerdict(worst: number, standing: Standing): ReplacementVerdict {
  const { tells, limit } = standings.find(({ name }) => name === standing) ?? standings[0];
  const passes = worst <= limit;
  if (worst < 1) return { passes, sentence: 'It will do anywhere.' };
  return {
    passes,
    sentence: passes ? `Near enough ${tells}.` : `Too far off ${tells}.`,
  };
}
