const sizes = [
  { upTo: 2.5, word: 'hardly' },
  { upTo: 8, word: 'a little' },
  { upTo: 18, word: 'clearly' },
  { upTo: Infinity, word: 'much' },
];

/** How far value moves, as painters say it. @param change L*, below 0 for darker @example 'a little darker' */
export function valueWords(change: number): string {
  const { word } = sizes.find(({ upTo }) => Math.abs(change) < upTo) ?? sizes[3];
  return `${word} ${change < 0 ? 'darker' : 'lighter'}`;
}
