import type { UntoldFault } from './untoldFault';

/** Subtler faults: a technique at the wrong place, an order that undoes itself, a step that does not do what its stage says. */
export const subtleFaults: readonly UntoldFault[] = [
  {
    fault: 'a dry brush in the recesses',
    in: 'grey fur, dry-brushed pale',
    put: { 3: 'highlight dryBrush ×1 | 1 palegrey | 0–0.3 soft 0.1 down' },
    about: [3],
  },
  {
    fault: 'a recess wash pulled up',
    in: 'chipped armour',
    put: { 6: 'shade recessWash ×1 | 1 brownwash : 1 medium | 0.5–0.9 soft 0.1 up' },
    about: [6],
  },
  {
    fault: 'edges before the layer that paints them out',
    in: 'muddy hem',
    put: {
      2: 'highlight edgeLine ×1 | 1 sky : 1 water',
      3: 'layer layer ×3 | 1 blue : 0.5 water | 0.4–1 soft 0.15 up',
    },
    about: [2, 3],
  },
  {
    fault: 'the shade painted over by the mid',
    in: 'teal robe shaded with its opposite',
    put: { 3: 'highlight layer ×3 | 2 teal + 1 coldblue : 0.5 water | 0–1 soft 0 even' },
    about: [2, 3],
  },
  {
    fault: 'a glaze called shade that lightens',
    in: 'dead skin, grey and violet',
    put: { 3: 'shade placedGlaze ×3 | 1 bone : 3 water | 0–0.3 soft 0.2 down' },
    about: [3],
  },
  {
    fault: 'a highlight that changes nothing',
    in: 'muddy hem',
    put: { 3: 'highlight layer ×1 | 1 blue : 4 water | 0.75–1 soft 0.1 up' },
    about: [3],
  },
  {
    fault: 'a highlight on all of it',
    in: 'night blue, hardly lit',
    put: { 2: 'highlight layer ×2 | 1 slate : 0.5 water | 0–1 soft 0 even' },
    about: [1, 2],
  },
  {
    fault: 'shadows glazed brighter in the end than the mid',
    in: 'steel in plain paint, black to white',
    put: { 5: 'shade placedGlaze ×6 | 1 palegrey : 2 medium | 0–0.3 soft 0.2 down' },
    about: [5],
  },
  {
    fault: 'a second highlight below the first and wider',
    in: 'grey-green brute in three opaque steps',
    put: { 5: 'highlight layer ×3 | 1 sedge : 0.5 water | 0.5–1 soft 0.1 up' },
    about: [4, 5],
  },
  {
    fault: 'matt varnish, then a gloss one over matt dust',
    in: 'tan armour, pin wash, matt, then dust',
    put: { 5: 'finish brushCoat ×1 | 1 gloss' },
    about: [5, 6],
  },
  {
    fault: 'an opaque light as a glaze in the shadows',
    in: 'dark skin, built up from brown',
    put: { 5: 'glaze placedGlaze ×4 | 1 bone : 2 water | 0–0.4 soft 0.25 down' },
    about: [5],
  },
  {
    fault: 'a point in the colour of what is below',
    in: 'black cloth lit with blue-grey',
    put: { 5: 'detail point ×1 | 1 slate + 1 midgrey : 1 water' },
    about: [4, 5],
  },
  {
    fault: 'scratches darker than leather, called highlights',
    in: 'brown leather, worn by scratches',
    put: { 3: 'highlight lineWork ×2 | 1 black : 0.5 water' },
    without: [4],
    about: [3],
  },
  {
    fault: 'a filter in the opposite colour over finished lights',
    in: 'red cloak from wine to orange',
    put: { 6: 'glaze filter ×4 | 1 green : 4 medium' },
    about: [6],
  },
  {
    fault: 'a stipple that covers everything',
    in: 'skin stippled to a texture',
    put: { 4: 'highlight stipple ×8 | 1 cheek + 1 brow : 0.5 water | 0–1 soft 0 even' },
    about: [2, 3, 4],
  },
];
