import type { PracticeFault } from './practiceFault';

/** Faults of what goes onto what: wet paint, wrong grounds, finished work spoiled, lines for nothing. */
export const faultsOfOrder: PracticeFault[] = [
  {
    fault: 'one-coat paint on black',
    in: 'one-coat skin over bone',
    ground: 'soot',
    rule: 'oneCoatGround',
  },
  {
    fault: 'one-coat paint on brown',
    in: 'dry-brushed to white, then one coat',
    ground: 'bogoak',
    without: [1, 2],
    rule: 'oneCoatGround',
  },
  {
    fault: 'inks for glass on slate',
    in: 'inks over white for coloured glass',
    ground: 'slateprime',
    rule: 'oneCoatGround',
  },
  {
    fault: 'one-coat paint over a dark first coat',
    in: 'one-coat skin over bone',
    after: { 0: 'base brushCoat ×2 | 1 wine : 0.5 water' },
    rule: 'oneCoatGround',
  },
  {
    fault: 'no wait after the wash',
    in: 'pale skin: base, wash, restore, two lights',
    put: { 2: 'shade allOverWash ×1 | 1 fleshwash : 1 medium dry 1' },
    rule: 'skippedDrying',
  },
  {
    fault: 'no wait after the base',
    in: 'dark green armour, lined and edged',
    put: { 1: 'base brushCoat ×2 | 1 forest : 1 water dry 2' },
    rule: 'skippedDrying',
  },
  {
    fault: 'no wait between glazes',
    in: 'from the light down with glazes',
    put: { 2: 'glaze placedGlaze ×3 | 1 cheek + 1 tan : 3 medium | 0–0.7 soft 0.25 down dry 1' },
    rule: 'skippedDrying',
  },
  {
    fault: 'matt varnish over steel',
    in: 'steel: base, wash, restored, edges',
    after: { 4: 'finish brushCoat ×1 | 1 matt' },
    rule: 'metallicDulled',
  },
  {
    fault: 'matt varnish over gold',
    in: 'gold over brown, gloss for a deep shade',
    after: { 7: 'finish brushCoat ×1 | 1 matt' },
    rule: 'metallicDulled',
  },
  {
    fault: 'a matt filter over copper',
    in: 'copper gone green',
    after: { 5: 'glaze filter ×3 | 1 umber : 1 medium' },
    rule: 'metallicDulled',
  },
  {
    fault: 'a grey filter over white points',
    in: 'steel in plain paint, black to white',
    after: { 6: 'glaze filter ×2 | 1 slate : 2 medium' },
    rule: 'filterOverPoints',
  },
  {
    fault: 'a black filter over finished edges',
    in: 'grey cloth in four even steps',
    after: { 5: 'glaze filter ×3 | 1 black : 3 medium' },
    rule: 'filterOverPoints',
  },
  {
    fault: 'a green filter over the points of a gem',
    in: 'red gem, light at the foot',
    put: { 6: 'glaze filter ×2 | 1 forest : 3 medium' },
    rule: 'filterOverPoints',
  },
  {
    fault: 'a neat wash over the finished cloak',
    in: 'red cloak from wine to orange',
    after: { 7: 'shade allOverWash ×2 | 1 brownwash' },
    rule: 'washOverFinished',
  },
  {
    fault: 'a neat wash over finished skin',
    in: 'dark first coat, pale at the end',
    after: { 7: 'shade allOverWash ×2 | 1 fleshwash' },
    rule: 'washOverFinished',
  },
  {
    fault: 'a black wash over finished white',
    in: 'white cloth from a leaning grey',
    after: { 4: 'shade allOverWash ×2 | 1 blackwash' },
    rule: 'washOverFinished',
  },
  {
    fault: 'a brown wash over finished green',
    in: 'green cloth, warmed rather than lightened',
    after: { 6: 'shade allOverWash ×2 | 1 brownwash' },
    rule: 'washOverFinished',
  },
  {
    fault: 'edges on satin varnish',
    in: 'red armour sprayed in three tones',
    put: {
      5: 'finish brushCoat ×1 | 1 satin',
      6: 'highlight edgeLine ×1 | 1 orange + 1 tan : 1 water',
    },
    rule: 'overVarnish',
  },
  {
    fault: 'layers on gloss',
    in: 'grey cloth in four even steps',
    after: { 2: 'finish brushCoat ×1 | 1 gloss' },
    rule: 'overVarnish',
  },
  {
    fault: 'lights on gloss',
    in: 'red gem, light at the foot',
    put: {
      4: 'finish brushCoat ×1 | 1 gloss',
      6: 'highlight layer ×2 | 1 orange + 1 cream : 1 water | 0.84–1 soft 0.08 up',
    },
    rule: 'overVarnish',
  },
  {
    fault: 'a base of green under the whole red one',
    in: 'red cloth by wash and two lights',
    after: { 0: 'base brushCoat ×2 | 1 umber : 0.5 water' },
    put: { 1: 'base brushCoat ×5 | 1 wine : 0.5 water' },
    rule: 'coveredLater',
  },
  {
    fault: 'lights painted out by the next base',
    in: 'grey cloth in four even steps',
    after: {
      1: 'highlight layer ×2 | 1 palegrey : 1 water | 0.6–1 soft 0.1 up',
      2: 'base brushCoat ×3 | 2 slate + 1 midgrey : 0.5 water',
    },
    rule: 'coveredLater',
  },
  {
    fault: 'a wash under an opaque coat over all',
    in: 'dark hair drawn in lines',
    after: { 1: 'shade recessWash ×1 | 1 violetwash' },
    put: { 2: 'layer brushCoat ×3 | 1 bark : 0.5 water' },
    rule: 'coveredLater',
  },
  {
    fault: 'edges under the layer that follows',
    in: 'black armour, edges alone',
    after: { 2: 'layer brushCoat ×3 | 1 navy : 0.5 water' },
    rule: 'coveredLater',
  },
  {
    fault: 'a layer in the colour of the base',
    in: 'grey cloth in four even steps',
    after: { 1: 'layer layer ×2 | 1 slate : 1 water | 0.3–1 soft 0.12 up' },
    rule: 'unseenStep',
  },
  {
    fault: 'edges in the colour of the layer',
    in: 'dark hair drawn in lines',
    after: { 1: 'highlight edgeLine ×1 | 1 peat + 1 black : 0.5 water' },
    rule: 'unseenStep',
  },
  {
    fault: 'a base coat on a ground of its own colour',
    in: 'black cloth lit with blue-grey',
    after: { 1: 'layer layer ×2 | 1 black : 1 water | 0.3–1 soft 0.1 up' },
    rule: 'unseenStep',
  },
];
