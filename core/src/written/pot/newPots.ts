import { lineLimit } from '../record/fields';
import type { Pot } from './pot';

/** The known facts of a pot that is to be put on the shelf. */
export type PotBegun = Pick<Pot, 'name' | 'kind' | 'swatch' | 'hiding'> &
  Partial<Pick<Pot, 'finish' | 'flow' | 'swatchShows' | 'hidingIsGuess' | 'notes'>>;

/** A pot with what is known of it, and the rest as most pots are. @param id its own */
export function potBegun({ swatchShows, ...begun }: PotBegun, id: string): Pot {
  return {
    finish: 'matt',
    flow: 'normal',
    hidingIsGuess: true,
    volumeMl: null,
    notes: '',
    retired: false,
    ...begun,
    ...(swatchShows && { swatchShows }),
    name: begun.name.trim().slice(0, lineLimit),
    id,
  };
}

/** More names than this are not taken at once. */
export const mostNames = 500;

/**
 * Names as they are listed, one a line: bullets and numbers before them left away, each name once.
 *
 * @example namesListed('1. Marigold\n- Fen Umber\nmarigold') // → ['Marigold', 'Fen Umber']
 */
export function namesListed(text: string): string[] {
  const names = text
    .split(/\r\n|\r|\n|\t/u)
    .map((line) =>
      line
        .replace(/^\s*(?:[-*•–]\s+|\(?\d{1,3}[.):]\s*)/u, '')
        .trim()
        .slice(0, lineLimit),
    )
    .filter((name) => name !== '');
  const known = new Set<string>();
  return names.filter((name) => {
    const isNew = !known.has(name.toLowerCase());
    known.add(name.toLowerCase());
    return isNew;
  });
}
