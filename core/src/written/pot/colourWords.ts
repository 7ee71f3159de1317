import { colourOfHex } from '../../light/colour/colourOfHex';
import { shiftedHex } from '../../light/colour/shiftedHex';

interface WordedColour {
  /** thick and dry, sRGB */
  swatch: string;
  /** of one neat coat, 0–1 */
  hiding: number;
}

/** The usual meaning of words for colours: our own figures, to begin with. */
const colours: Record<string, WordedColour> = {
  white: { swatch: '#f2f1ec', hiding: 0.6 },
  black: { swatch: '#1d1d1f', hiding: 0.93 },
  grey: { swatch: '#84888a', hiding: 0.8 },
  brown: { swatch: '#6a4a30', hiding: 0.8 },
  red: { swatch: '#a32a24', hiding: 0.62 },
  orange: { swatch: '#d9701f', hiding: 0.6 },
  yellow: { swatch: '#e3b51f', hiding: 0.45 },
  green: { swatch: '#4a6f3c', hiding: 0.7 },
  blue: { swatch: '#2d5590', hiding: 0.62 },
  violet: { swatch: '#5a3d78', hiding: 0.62 },
  pink: { swatch: '#cf7f8c', hiding: 0.62 },
  turquoise: { swatch: '#2c8583', hiding: 0.65 },
  sand: { swatch: '#c9b48a', hiding: 0.7 },
  bone: { swatch: '#ddd0ac', hiding: 0.65 },
  skin: { swatch: '#c98d6d', hiding: 0.66 },
  olive: { swatch: '#6f6b3f', hiding: 0.75 },
  rust: { swatch: '#8a4324', hiding: 0.75 },
};

/** Other words for them. */
const alsoCalled: Record<string, string> = {
  gray: 'grey',
  purple: 'violet',
  teal: 'turquoise',
  beige: 'sand',
  buff: 'sand',
  ivory: 'bone',
  cream: 'bone',
  flesh: 'skin',
  khaki: 'olive',
};

/** How much lighter or darker a word makes it, L*. */
const lighter: Record<string, number> = {
  dark: -14,
  deep: -10,
  light: 10,
  pale: 12,
};

/** A colour taken from a word in a name. */
export interface ColourByWord extends WordedColour {
  word: string;
}

/**
 * The colour that the last word for one in a name usually means, darker or lighter where that is
 * said; null where the name has no such word. A guess: what is in a bottle differs.
 *
 * @example colourByWord('Dark sea blue')?.word // → 'blue'
 */
export function colourByWord(name: string): ColourByWord | null {
  const words = name.toLowerCase().match(/\p{L}+/gu) ?? [];
  const word = words.findLast((each) => (alsoCalled[each] ?? each) in colours);
  if (!word) return null;
  const { swatch, hiding } = colours[alsoCalled[word] ?? word];
  const value = words.reduce((sum, each) => sum + (lighter[each] ?? 0), 0);
  return { word, hiding, swatch: value === 0 ? swatch : shiftedHex(swatch, { value, a: 0, b: 0 }) };
}

const named = Object.entries(colours).flatMap(([word, { swatch }]) =>
  [
    ['', 0],
    ['dark ', lighter.dark],
    ['pale ', lighter.pale],
  ].map(([shade, value]) => ({
    name: `${shade}${word}`,
    colour: colourOfHex(
      value === 0 ? swatch : shiftedHex(swatch, { value: Number(value), a: 0, b: 0 }),
    ),
  })),
);

/**
 * The plain words that come nearest to a colour, for who hears it rather than sees it: by the plain distance
 * in CIELAB, as many are named at every edit.
 *
 * @example colourInWords('#2d5590') // → 'blue'
 */
export function colourInWords(hex: string): string {
  const colour = colourOfHex(hex);
  return named.reduce(
    (best, { name, colour: other }) => {
      const difference =
        (colour.value - other.value) ** 2 + (colour.a - other.a) ** 2 + (colour.b - other.b) ** 2;
      return difference < best.difference ? { name, difference } : best;
    },
    { name: '', difference: Infinity },
  ).name;
}
