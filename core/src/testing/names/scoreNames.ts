import { colourOfHex } from '../../light/colour/colourOfHex';
import { guessedByName, type GuessedPot } from '../../written/pot/guessedByName';
import type { AcceptedColour, BlindName } from './blindNames';

/** Wrong guesses of a list of names, by what is wrong. */
export interface NamesScored {
  kind: string[];
  finish: string[];
  colour: string[];
  /** the name tells enough, and no pot was guessed */
  leftOut: string[];
  /** the name tells nothing, and a colour was guessed */
  invented: string[];
}

const isWithin = (figure: number, [least, most]: readonly [number, number]) =>
  figure >= least && figure <= most;

/** Whether a swatch lies in the ranges somebody would accept. */
export function isAccepted(swatch: string, { value, chroma, hue }: AcceptedColour): boolean {
  const colour = colourOfHex(swatch);
  const isHue =
    hue === null ||
    (hue[0] > hue[1] ? colour.hue >= hue[0] || colour.hue <= hue[1] : isWithin(colour.hue, hue));
  return isWithin(colour.value, value) && isWithin(colour.chroma, chroma) && isHue;
}

export function scoreNames(names: readonly BlindName[]): NamesScored {
  const scored: NamesScored = { kind: [], finish: [], colour: [], leftOut: [], invented: [] };
  for (const { name, kinds, finish, colour } of names) {
    const guess = guessedByName(name);
    const says = `${name}: ${saysOf(guess)}`;
    if (colour === undefined) {
      if (guess.by !== 'nothing') scored.invented.push(says);
      continue;
    }
    if (guess.by === 'nothing') scored.leftOut.push(says);
    if (!kinds.includes(guess.kind)) scored.kind.push(says);
    if (finish && guess.finish !== finish) scored.finish.push(says);
    if (colour && !isAccepted(guess.swatch, colour)) scored.colour.push(says);
  }
  return scored;
}

function saysOf({ kind, finish, swatch }: GuessedPot): string {
  const { value, chroma, hue } = colourOfHex(swatch);
  return `${kind}, ${finish}, ${swatch}, L* ${value.toFixed(0)}, C* ${chroma.toFixed(0)}, h ${hue.toFixed(0)}`;
}
