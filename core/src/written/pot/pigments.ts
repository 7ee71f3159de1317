import type { PotBegun } from './newPots';

/** A pigment by its plain name, with what a paint of it usually looks like. */
export interface Pigment {
  name: string;
  /** thick and dry, sRGB */
  swatch: string;
  /** of one neat coat, 0–1 */
  hiding: number;
}

/**
 * Plain pigments with typical colour and hiding: our own figures, to begin with until the pots on
 * the shelf have been tried. Bottles of one name differ.
 */
export const pigments: readonly Pigment[] = [
  { name: 'Titanium white', swatch: '#f6f5f0', hiding: 0.72 },
  { name: 'Zinc white', swatch: '#f3f3ef', hiding: 0.4 },
  { name: 'Unbleached titanium', swatch: '#dccfb4', hiding: 0.7 },
  { name: 'Bone black', swatch: '#23201f', hiding: 0.9 },
  { name: 'Lamp black', swatch: '#1c1c1e', hiding: 0.94 },
  { name: 'Yellow ochre', swatch: '#c08b34', hiding: 0.66 },
  { name: 'Raw sienna', swatch: '#a5692c', hiding: 0.5 },
  { name: 'Burnt sienna', swatch: '#7c3d22', hiding: 0.6 },
  { name: 'Raw umber', swatch: '#5d4a35', hiding: 0.78 },
  { name: 'Burnt umber', swatch: '#4a2f22', hiding: 0.82 },
  { name: 'Red iron oxide', swatch: '#7f3327', hiding: 0.88 },
  { name: 'Violet iron oxide', swatch: '#513236', hiding: 0.88 },
  { name: 'Yellow iron oxide', swatch: '#bd8a2a', hiding: 0.78 },
  { name: 'Cadmium yellow', swatch: '#f2b70f', hiding: 0.66 },
  { name: 'Cadmium orange', swatch: '#e0701c', hiding: 0.74 },
  { name: 'Cadmium red', swatch: '#b5271f', hiding: 0.76 },
  { name: 'Arylide yellow', swatch: '#f0cf2a', hiding: 0.28 },
  { name: 'Pyrrole red', swatch: '#b01f23', hiding: 0.6 },
  { name: 'Quinacridone magenta', swatch: '#7c1c46', hiding: 0.3 },
  { name: 'Dioxazine violet', swatch: '#33204e', hiding: 0.4 },
  { name: 'Ultramarine blue', swatch: '#233a8e', hiding: 0.42 },
  { name: 'Cobalt blue', swatch: '#1f4c9a', hiding: 0.52 },
  { name: 'Phthalo blue', swatch: '#123263', hiding: 0.4 },
  { name: 'Phthalo green', swatch: '#0c4b40', hiding: 0.4 },
  { name: 'Chromium oxide green', swatch: '#4c6c3c', hiding: 0.9 },
];

/** Primers to stand on, as they usually are. */
const plainPrimers: readonly Pigment[] = [
  { name: 'Black primer', swatch: '#1c1c1e', hiding: 0.96 },
  { name: 'Grey primer', swatch: '#8d8f90', hiding: 0.95 },
  { name: 'White primer', swatch: '#efeeea', hiding: 0.88 },
];

/** The note of a pot of which no more was known. */
export const guessedByNameNote = 'Colour and hiding guessed by its name.';

const asGuess = (kind: PotBegun['kind']) => (plain: Pigment) => ({
  ...plain,
  kind,
  hidingIsGuess: true,
  notes: guessedByNameNote,
});

/** The plain primers as they go onto a shelf. */
export const primerPots: readonly PotBegun[] = plainPrimers.map(asGuess('primer'));

/** All plain pots as they go onto a shelf, primers first. */
export const plainPots: readonly PotBegun[] = [...primerPots, ...pigments.map(asGuess('paint'))];
