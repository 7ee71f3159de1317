export function syllables(word: string): number;
export function sentencesOf(text: string): string[];
export function readingGrade(text: string): number;
export function measuredStrings(mostWords?: number): {
  count: number;
  median: number;
  long: { at: string; sentence: string }[];
};
