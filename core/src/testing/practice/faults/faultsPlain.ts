import type { UntoldFault } from './untoldFault';

/**
 * Plain faults drawn into good recipes, as anybody at the table would see them. Put down before the
 * remarks that catch them were written; the ledger caught 14 of 27 of their kind before.
 */
export const plainFaults: readonly UntoldFault[] = [
  {
    fault: 'a neat wash over all of it at the end, with no line called a highlight',
    in: 'cloak blended wet in wet',
    put: { 3: 'layer wetBlend ×1 | 1 marigold + 1 orange : 0.5 medium | 0.65–1 soft 0.3 up' },
    after: { 4: 'shade allOverWash ×2 | 1 blackwash' },
    about: [5],
  },
  {
    fault: 'a neat wash over finished wood',
    in: 'grained wood',
    after: { 5: 'shade allOverWash ×2 | 1 blackwash' },
    about: [6],
  },
  {
    fault: 'silver and blue stirred half and half',
    in: 'muddy hem',
    put: { 2: 'layer layer ×2 | 1 silver + 1 blue : 1 water | 0.4–1 soft 0.15 up' },
    about: [2],
  },
  {
    fault: 'gold stirred into a brown',
    in: 'brown leather, worn by scratches',
    put: { 2: 'layer layer ×2 | 1 gold + 1 bark : 1 water | 0.45–1 soft 0.12 up' },
    about: [2],
  },
  {
    fault: 'an edge line over everything',
    in: 'dark green armour, lined and edged',
    put: { 4: 'highlight edgeLine ×1 | 1 green + 1 sedge : 1 water | 0–1 soft 0 even' },
    about: [4],
  },
  {
    fault: 'an edge line from the middle tones up',
    in: 'night blue, hardly lit',
    put: { 3: 'highlight edgeLine ×1 | 1 navy + 1 sky : 1 water | 0.4–1 soft 0.05 even' },
    about: [3],
  },
  {
    fault: 'a dry brush with two parts of water',
    in: 'grey fur, dry-brushed pale',
    put: { 2: 'layer dryBrush ×2 | 1 midgrey : 2 water | 0.35–1 soft 0.2 up' },
    about: [2],
  },
  {
    fault: 'a dry brush with one part of water',
    in: 'bone dry-brushed over brown',
    put: { 3: 'highlight dryBrush ×2 | 1 bone : 1 water | 0.45–1 soft 0.2 up' },
    about: [3],
  },
  {
    fault: 'a layer that paints out the layer before it',
    in: 'red cloak from wine to orange',
    put: { 3: 'layer layer ×4 | 1 red : 0.5 water | 0.3–1 soft 0.12 up' },
    about: [2, 3],
  },
  {
    fault: 'a second coat of everything in another colour',
    in: 'brown leather, worn by scratches',
    put: { 2: 'layer brushCoat ×3 | 1 bark : 0.5 water' },
    about: [1, 2],
  },
  {
    fault: 'a recess wash said for the crowns',
    in: 'chipped armour',
    put: { 6: 'shade recessWash ×1 | 1 brownwash : 1 medium | 0.8–1 soft 0.05 even' },
    about: [6],
  },
  {
    fault: 'lining on the edges',
    in: 'dark green armour, lined and edged',
    put: { 2: 'shade lining ×1 | 1 blackwash : 1 medium | 0.9–1 soft 0.03 even' },
    about: [2],
  },
  {
    fault: 'highlights that leave crown and edges darker than the raised places',
    in: 'grey-green brute in three opaque steps',
    put: { 4: 'highlight layer ×2 | 2 sedge + 1 bone : 1 water | 0.55–0.72 soft 0.05 even' },
    without: [5, 6],
    about: [4],
  },
  {
    fault: 'a highlight darker than what it goes on',
    in: 'teal robe shaded with its opposite',
    put: { 3: 'highlight layer ×2 | 1 forest : 1 water | 0.55–1 soft 0.15 up' },
    without: [4, 5],
    about: [3],
  },
  {
    fault: 'white glazed over red',
    in: 'red cloak from wine to orange',
    put: { 6: 'glaze filter ×3 | 1 white : 3 water' },
    about: [6],
  },
  {
    fault: 'white glazed over black',
    in: 'glossy black boots',
    after: { 2: 'glaze placedGlaze ×4 | 1 white : 4 water | 0.3–1 soft 0.2 up' },
    about: [3],
  },
  {
    fault: 'a first coat on the middle tones alone leaves bare primer',
    in: 'muddy hem',
    put: { 1: 'base brushCoat ×2 | 1 navy : 0.5 water | 0.38–0.62 soft 0.05 even' },
    about: [1],
  },
  {
    fault: 'a first coat that stops above the shadows, on white',
    in: 'one-coat skin over bone',
    put: { 1: 'base brushCoat ×2 | 1 tan : 0.5 water | 0.5–1 soft 0.05 even' },
    about: [1],
  },
  {
    fault: 'a shade lighter than what it shades',
    in: 'teal robe shaded with its opposite',
    put: { 2: 'shade placedGlaze ×3 | 1 palegrey : 3 medium | 0–0.35 soft 0.25 down' },
    about: [2],
  },
  {
    fault: 'a wash as a highlight',
    in: 'chipped armour',
    put: { 2: 'highlight allOverWash ×1 | 1 blackwash' },
    about: [2],
  },
  {
    fault: 'an ink thinned 1 : 12, as a base coat',
    in: 'muddy hem',
    put: { 1: 'base brushCoat ×1 | 1 blueink : 12 water' },
    without: [2, 3],
    about: [1],
  },
  {
    fault: 'a coat of white on yellow at the end of it all',
    in: 'yellow banner over brown',
    after: { 6: 'glaze filter ×4 | 1 white : 2 water' },
    about: [7],
  },
  {
    fault: 'points on the recesses',
    in: 'black armour, edges alone',
    put: { 4: 'detail point ×1 | 1 palegrey | 0–0.15 soft 0.02 even' },
    about: [4],
  },
  {
    fault: 'neat black over the finished cloak',
    in: 'teal robe shaded with its opposite',
    after: { 5: 'shade brushCoat ×1 | 1 black' },
    about: [1, 2, 3, 4, 5, 6],
  },
  {
    fault: 'the same highlight twice',
    in: 'muddy hem',
    after: { 3: 'highlight layer ×1 | 1 sky : 1 water | 0.75–1 soft 0.1 up' },
    put: { 3: 'highlight layer ×3 | 1 sky : 0.5 water | 0.75–1 soft 0.1 up' },
    about: [3, 4],
  },
  {
    fault: 'the base laid again over shade and lights',
    in: 'teal robe shaded with its opposite',
    after: { 5: 'base brushCoat ×3 | 1 teal : 0.5 water' },
    about: [1, 2, 3, 4, 5, 6],
  },
  {
    fault: 'neat paint said to be a wash',
    in: 'brown leather, worn by scratches',
    put: { 5: 'shade recessWash ×1 | 1 umber' },
    about: [5],
  },
];
