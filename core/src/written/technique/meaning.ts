/** The purpose of a line, beside its name: objections go by it. */
const meaningFacts = {
  cover: { label: 'covers', tells: 'nothing below it is to show' },
  tint: { label: 'tints', tells: 'it stains what is below and lets it through' },
  buildUp: { label: 'builds up', tells: 'thin coats that add up where they are wanted' },
  showThrough: { label: 'lets show', tells: 'what is below is to show through it' },
  mark: { label: 'marks', tells: 'a stroke that touches little area' },
} as const;

export type Meaning = keyof typeof meaningFacts;

export const meanings = Object.keys(meaningFacts) as [Meaning, ...Meaning[]];

/** @example meaningWord('cover') // → 'covers' */
export const meaningWord = (meaning: Meaning): string => meaningFacts[meaning].label;

export const meaningTells = (meaning: Meaning): string => meaningFacts[meaning].tells;
