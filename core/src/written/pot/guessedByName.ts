import { colourOfLab } from '../../light/colour/colourOfLab';
import { readPotName } from './names/readPotName';
import { guessedHiding, usualHiding } from './names/usualHiding';
import { clearKinds, type Pot, type PotKind } from './pot';

/** A guess of a pot by its name alone. */
export interface GuessedPot extends Pick<Pot, 'kind' | 'finish' | 'flow' | 'swatch' | 'hiding'> {
  /**
   * The source of the guess: a pigment, of which bottles look much alike; a kind that colours nothing; a word
   * for a colour, which is a rough guess; or nothing, and its colour is not known at all.
   */
  by: 'pigment' | 'clear' | 'word' | 'nothing';
}

/** Nothing is known of its colour: the grey of the wells. */
const unknownSwatch = '#8a7f6a';
const unknownHiding = 0.6;
/** A screen shows no less and no more, L*. */
const darkest = 4;
const lightest = 98;

const thinKinds: readonly PotKind[] = ['wash', 'ink', 'one-coat'];

/**
 * A guess of a pot by its name alone: its kind, finish and colour where they are in the name, and
 * how such a colour usually covers.
 *
 * @example guessedByName('Matt varnish').kind // → 'varnish'
 */
export function guessedByName(name: string): GuessedPot {
  const { kind, finish, colour } = readPotName(name);
  const flow = thinKinds.includes(kind) ? 'thin' : 'normal';
  if (clearKinds.includes(kind))
    return { kind, finish, flow, swatch: '#ffffff', hiding: guessedHiding(kind, 0), by: 'clear' };
  if (!colour) {
    const hiding = guessedHiding(kind, unknownHiding);
    return { kind, finish, flow, swatch: unknownSwatch, hiding, by: 'nothing' };
  }
  const value = Math.min(lightest, Math.max(darkest, colour.value));
  const shown = colourOfLab(value, colour.a, colour.b);
  const hiding =
    colour.hiding === undefined || kind === 'primer'
      ? usualHiding({ kind, finish }, shown)
      : guessedHiding(kind, colour.hiding);
  return {
    kind,
    finish,
    flow,
    swatch: shown.hex,
    hiding,
    by: colour.isPigment ? 'pigment' : 'word',
  };
}
