import { colourByWord } from './colourWords';
import { pigments } from './pigments';
import { clearKinds, potKinds, type Pot, type PotKind } from './pot';

/** A guess of a pot by its name alone. */
export interface GuessedPot extends Pick<Pot, 'kind' | 'swatch' | 'hiding'> {
  /**
   * The source of the guess: a pigment, of which bottles look much alike; a kind that colours nothing; a word
   * for a colour, which is a rough guess; or nothing, and its colour is not known at all.
   */
  by: 'pigment' | 'clear' | 'word' | 'nothing';
}

/** Nothing is known of its colour: the grey of the wells. */
const unknownSwatch = '#8a7f6a';
const unknownHiding = 0.6;

const hidingOfKind: Partial<Record<PotKind, number>> = {
  ink: 0.3,
  wash: 0.08,
  'one-coat': 0.25,
  medium: 0,
  varnish: 0,
};

/** Hiding of one neat coat of a kind that lets light through, 0–1: our own starting point. */
export const guessedHiding = (kind: PotKind, otherwise: number): number =>
  hidingOfKind[kind] ?? otherwise;

/**
 * A guess of a pot by its name alone: its kind where that is in the name, the colour of
 * its pigment, or of the word for a colour that it has.
 *
 * @example guessedByName('Matt varnish').kind // → 'varnish'
 */
export function guessedByName(name: string): GuessedPot {
  const words = ` ${name
    .toLowerCase()
    .replace(/[^\p{L}]+/gu, ' ')
    .trim()} `;
  const isSaid = (phrase: string) => words.includes(` ${phrase.toLowerCase()} `);
  const kind = potKinds.find((each) => isSaid(each.replace('-', ' '))) ?? 'paint';
  const pigment = pigments
    .filter((each) => isSaid(each.name))
    .sort((one, other) => other.name.length - one.name.length)
    .at(0);
  if (pigment)
    return {
      kind,
      swatch: pigment.swatch,
      hiding: guessedHiding(kind, pigment.hiding),
      by: 'pigment',
    };
  if (clearKinds.includes(kind))
    return { kind, swatch: '#ffffff', hiding: guessedHiding(kind, 0), by: 'clear' };
  const worded = colourByWord(name);
  if (worded)
    return { kind, swatch: worded.swatch, hiding: guessedHiding(kind, worded.hiding), by: 'word' };
  return { kind, swatch: unknownSwatch, hiding: guessedHiding(kind, unknownHiding), by: 'nothing' };
}
