import type { UntoldFault } from './untoldFault';

/** Faults written after the remarks for the first set, and before the ledger was tried on these. */
export const morePlainFaults: readonly UntoldFault[] = [
  {
    fault: 'an all-over wash of neat brown paint',
    in: 'grained wood',
    put: { 4: 'shade allOverWash ×1 | 1 peat' },
    about: [4],
  },
  {
    fault: 'cream glazed over navy',
    in: 'night blue, hardly lit',
    after: { 3: 'glaze placedGlaze ×4 | 1 cream : 2 water | 0–1 soft 0 even' },
    about: [4],
  },
  {
    fault: 'copper stirred into green',
    in: 'chipped armour',
    put: { 1: 'base brushCoat ×2 | 1 copper + 1 green : 0.5 water' },
    about: [1],
  },
  {
    fault: 'brass in white',
    in: 'pale dress, translucent pinks',
    put: { 1: 'base brushCoat ×2 | 1 brass + 3 white : 0.5 water' },
    about: [1],
  },
  {
    fault: 'a dry brush of one to three with medium',
    in: 'grey fur, dry-brushed pale',
    put: { 5: 'highlight dryBrush ×1 | 1 white : 3 medium | 0.8–1 soft 0.1 up' },
    about: [5],
  },
  {
    fault: 'edge lines in the recesses',
    in: 'night blue, hardly lit',
    put: { 3: 'highlight edgeLine ×1 | 1 navy + 1 sky : 1 water | 0–0.15 soft 0.02 even' },
    about: [3],
  },
  {
    fault: 'highlight of black on grey',
    in: 'steel in plain paint, black to white',
    put: { 4: 'highlight layer ×3 | 1 black : 1 water | 0.8–1 soft 0.04 up' },
    without: [5, 6],
    about: [4],
  },
  {
    fault: 'shadows painted with white',
    in: 'muddy hem',
    put: { 2: 'shade layer ×2 | 1 white : 1 water | 0–0.3 soft 0.1 down' },
    about: [2],
  },
  {
    fault: 'one thin coat of yellow on black and no more',
    in: 'yellow banner over brown',
    ground: 'soot',
    put: { 1: 'base brushCoat ×1 | 1 yellow : 1 water' },
    without: [2, 3, 4, 5, 6],
    about: [1],
  },
  {
    fault: 'black shadows on yellow',
    in: 'yellow banner over brown',
    put: { 5: 'shade placedGlaze ×4 | 1 black : 3 water | 0–0.4 soft 0.2 down' },
    about: [5],
  },
  {
    fault: 'base over the top half alone',
    in: 'teal robe shaded with its opposite',
    put: { 1: 'base brushCoat ×3 | 1 teal : 0.5 water | 0.5–1 soft 0 even' },
    without: [2],
    about: [1],
  },
  {
    fault: 'two neat washes at the end over lights',
    in: 'red cloak from wine to orange',
    after: { 7: 'shade allOverWash ×2 | 1 blackwash' },
    about: [8],
  },
  {
    fault: 'varnish in the middle and a wash after',
    in: 'muddy hem',
    after: { 2: 'finish brushCoat ×1 | 1 matt' },
    put: { 3: 'highlight layer ×1 | 1 sky : 1 water | 0.75–1 soft 0.1 up' },
    about: [3, 4],
  },
  {
    fault: 'a base painted in full over a finished base',
    in: 'brown leather, worn by scratches',
    after: { 1: 'base brushCoat ×3 | 1 peat : 0.5 water' },
    about: [1, 2],
  },
  {
    fault: 'a filter of white over a finished black',
    in: 'black armour, edges alone',
    after: { 4: 'glaze filter ×3 | 1 white : 4 water' },
    about: [5],
  },
  {
    fault: 'a layer thinned 1 : 8 to cover black with tan',
    in: 'one-coat skin over bone',
    ground: 'soot',
    put: { 1: 'base brushCoat ×2 | 1 tan : 8 water' },
    about: [1],
  },
  {
    fault: 'bone straight on wine with a hard end',
    in: 'red cloak from wine to orange',
    put: { 4: 'highlight layer ×3 | 1 bone : 0.5 water | 0.6–1 soft 0 up' },
    without: [5, 6, 7],
    about: [4],
  },
  {
    fault: 'a highlight of the base colour',
    in: 'teal robe shaded with its opposite',
    put: { 3: 'highlight layer ×2 | 1 teal : 1 water | 0.55–1 soft 0.15 up' },
    without: [4, 5],
    about: [3],
  },
  {
    fault: 'point in mid grey on everything',
    in: 'glossy black boots',
    put: { 4: 'detail point ×1 | 1 midgrey | 0–1 soft 0 even' },
    about: [4],
  },
  {
    fault: 'opaque white coat as the last glaze',
    in: 'dead skin, grey and violet',
    put: { 6: 'glaze placedGlaze ×2 | 1 white | 0.2–1 soft 0.2 even' },
    about: [6],
  },
];

export const moreSubtleFaults: readonly UntoldFault[] = [
  {
    fault: 'a highlight narrower and duller than the one before',
    in: 'red cloak from wine to orange',
    put: { 5: 'highlight layer ×2 | 1 wine + 1 midgrey : 1 water | 0.8–1 soft 0.1 up' },
    without: [6, 7],
    about: [5],
  },
  {
    fault: 'a shade on the raised places',
    in: 'muddy hem',
    put: { 2: 'shade recessWash ×1 | 1 brownwash | 0.6–0.9 soft 0.1 up' },
    about: [2],
  },
  {
    fault: 'lights placed before the base',
    in: 'night blue, hardly lit',
    put: {
      1: 'highlight layer ×2 | 2 navy + 1 slate : 1.5 water | 0.7–1 soft 0.12 up',
      2: 'base brushCoat ×3 | 2 navy + 1 black : 0.5 water',
    },
    about: [1, 2],
  },
  {
    fault: 'a dry brush of the base colour',
    in: 'grey fur, dry-brushed pale',
    put: { 2: 'layer dryBrush ×2 | 1 slate | 0.35–1 soft 0.2 up' },
    about: [2],
  },
  {
    fault: 'a green glaze over the lights of red',
    in: 'red cloak from wine to orange',
    put: { 6: 'glaze placedGlaze ×3 | 1 green : 3 water | 0.5–1 soft 0.1 up' },
    without: [7],
    about: [6],
  },
  {
    fault: 'a gradient whose middle step is darker',
    in: 'grey-green brute in three opaque steps',
    put: { 3: 'layer layer ×3 | 1 peat : 0.5 water | 0.5–1 soft 0.08 up' },
    without: [4, 5, 6],
    about: [3],
  },
  {
    fault: 'lining lighter than the plates',
    in: 'dark green armour, lined and edged',
    put: { 2: 'shade lining ×1 | 1 bone : 1 water | 0–0.2 soft 0.05 even' },
    about: [2],
  },
  {
    fault: 'an all-over glaze so thin it is not there',
    in: 'muddy hem',
    after: { 3: 'glaze filter ×1 | 1 navy : 30 water' },
    about: [4],
  },
  {
    fault: 'a mid that covers the shade it was to leave',
    in: 'chipped armour',
    put: {
      1: 'base brushCoat ×2 | 1 green : 0.5 water',
      2: 'layer brushCoat ×3 | 1 duckweed : 0.5 water',
    },
    about: [1, 2],
  },
  {
    fault: 'matt dust glazed before the wash that drowns it',
    in: 'old rope and sacking',
    put: {
      2: 'highlight dryBrush ×1 | 1 dryreed | 0.6–1 soft 0.1 up',
      3: 'shade allOverWash ×2 | 1 blackwash',
    },
    about: [2, 3],
  },
];
