import type { PracticeFault } from './practiceFault';

/** Faults in manners that go another way. */
export const faultsOfOddities: PracticeFault[] = [
  {
    fault: 'cream on brown in one coat',
    in: 'slime, wet at the end',
    ground: 'bogoak',
    put: { 1: 'base brushCoat ×1 | 1 cream : 1 water' },
    rule: 'doesNotCover',
  },
  {
    fault: 'orange on black in two coats, under a wash',
    in: 'orange cape from red, no white at all',
    ground: 'soot',
    put: { 1: 'base brushCoat ×2 | 1 orange : 1 water' },
    without: [2],
    rule: 'doesNotCover',
  },
  {
    fault: 'pale blue on black in one coat',
    in: 'teal robe shaded with its opposite',
    put: { 1: 'base brushCoat ×1 | 1 coldblue : 0.5 water' },
    without: [3],
    rule: 'doesNotCover',
  },
  {
    fault: 'gold in plain paint shaded with black',
    in: 'gold in plain paint, brown to near white',
    put: { 5: 'shade placedGlaze ×4 | 1 black : 6 medium | 0.3–0.7 soft 0.2 down' },
    without: [6],
    rule: 'shadeKillsHue',
  },
  {
    fault: 'yellow slime shaded with slate',
    in: 'slime, wet at the end',
    put: {
      1: 'base brushCoat ×4 | 1 yellow : 0.5 water',
      2: 'shade placedGlaze ×4 | 1 slate : 5 medium | 0–0.4 soft 0.2 down',
    },
    without: [3],
    rule: 'shadeKillsHue',
  },
  {
    fault: 'a filter of neat white',
    in: 'violet hood lit with pink',
    after: { 4: 'glaze filter ×2 | 1 white' },
    rule: 'opaqueGlaze',
  },
  {
    fault: 'neat slate glazed into the shadow',
    in: 'teal robe shaded with its opposite',
    put: { 2: 'shade placedGlaze ×3 | 1 slate | 0–0.35 soft 0.25 down' },
    rule: 'opaqueGlaze',
  },
  {
    fault: 'a spoon of silver in black',
    in: 'scales: steel dry-brushed over black',
    put: { 1: 'base brushCoat ×2 | 3 black + 1 silver : 0.5 water' },
    rule: 'metalInMatt',
  },
  {
    fault: 'lights on gloss',
    in: 'violet hood lit with pink',
    after: { 3: 'finish brushCoat ×1 | 1 gloss' },
    rule: 'overVarnish',
  },
  {
    fault: 'white dry-brushed on slate cloth',
    in: 'night blue, hardly lit',
    put: { 2: 'highlight dryBrush ×2 | 1 white | 0.5–1 soft 0.15 up' },
    without: [3],
    rule: 'chalkyDryBrush',
  },
  {
    fault: 'teal lit with white',
    in: 'teal robe shaded with its opposite',
    put: {
      3: 'highlight layer ×4 | 1 teal + 3 white : 0.5 water | 0.58–1 soft 0.1 up',
      4: 'highlight layer ×4 | 1 white : 0.5 water | 0.68–1 soft 0.1 up',
    },
    without: [5],
    rule: 'washedOut',
  },
  {
    fault: 'a neat black wash over the finished hood',
    in: 'violet hood lit with pink',
    after: { 5: 'shade allOverWash ×2 | 1 blackwash' },
    rule: 'washOverFinished',
  },
  {
    fault: 'matt varnish on scales',
    in: 'scales: steel dry-brushed over black',
    after: { 5: 'finish brushCoat ×1 | 1 matt' },
    rule: 'metallicDulled',
  },
  {
    fault: 'red paint for the candy',
    in: 'candy red: ink over silver',
    put: { 2: 'glaze filter ×2 | 1 red : 0.5 medium' },
    rule: 'opaqueGlaze',
  },
  {
    fault: 'no grey slapped on before the ink',
    in: 'slapped grey, then inks',
    without: [1, 2],
    rule: 'oneCoatGround',
  },
  {
    fault: 'a hard pink on violet',
    in: 'violet hood lit with pink',
    put: { 4: 'highlight layer ×4 | 2 pink + 1 white : 0.5 water | 0.58–1 soft 0.01 up' },
    without: [3],
    rule: 'starkJump',
  },
  {
    fault: 'wine where the light falls',
    in: 'orange cape from red, no white at all',
    after: { 5: 'layer layer ×2 | 1 wine : 0.5 water | 0.7–1 soft 0.1 up' },
    rule: 'darkUpward',
  },
  {
    fault: 'a first coat of seven waters',
    in: 'teal robe shaded with its opposite',
    put: { 1: 'base brushCoat ×5 | 1 teal : 7 water' },
    rule: 'tooThin',
  },
  {
    fault: 'eight coats of plank',
    in: 'brown leather, worn by scratches',
    put: { 1: 'base brushCoat ×8 | 1 plank : 0.5 water' },
    rule: 'coatsWasted',
  },
  {
    fault: 'no wait after the first coat',
    in: 'orange cape from red, no white at all',
    put: { 1: 'base brushCoat ×3 | 1 scarlet : 0.5 water dry 1' },
    rule: 'skippedDrying',
  },
  {
    fault: 'a stripe painted out by the next coat',
    in: 'night blue, hardly lit',
    after: {
      0: 'base layer ×3 | 1 bone : 0.5 water | 0.5–0.8 soft 0.05 even',
      1: 'base brushCoat ×3 | 1 black : 0.5 water',
    },
    rule: 'coveredLater',
  },
];
