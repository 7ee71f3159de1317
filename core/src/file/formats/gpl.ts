import { readGimpPalette, writeGimpPalette } from '../gimpPalette';
import { format } from './format';

export const gpl = format({
  listedAt: 2,
  what: 'a palette',
  endings: ['.gpl'],
  mediaType: 'text/plain',
  largestBytes: 60_000_000,
  readTable: readGimpPalette,
  shelf: {
    what: 'The swatches as a palette',
    tells: 'Names and colours of the pots in use, for drawing programs.',
    write: (pots) =>
      writeGimpPalette(
        pots.filter(({ retired }) => !retired),
        'Shelf',
      ),
  },
});
