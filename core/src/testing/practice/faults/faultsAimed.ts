import type { PracticeFault } from './practiceFault';

/** Faults in lines that say where on the body. */
export const faultsAimed: PracticeFault[] = [
  {
    fault: 'a spot that is not there',
    in: 'a face with cheeks, lips and stubble',
    put: { 6: 'glaze placedGlaze ×2 | 1 wine : 6 water | 0–1 soft 0.1 even @ spot mouth' },
    rule: 'aimedNowhere',
  },
  {
    fault: 'from root to tip on an eye',
    in: 'an eye on a stalk with iris, pupil and glint',
    put: { 2: 'glaze placedGlaze ×3 | 1 violet : 9 water | 0–0.45 soft 0.2 down @ along 0–0.5' },
    rule: 'aimedNowhere',
  },
  {
    fault: 'facing left within no angle at all',
    in: 'a cloak lit from its left by a lantern',
    put: { 4: 'glaze placedGlaze ×3 | 1 orange : 7 water | 0.35–1 soft 0.25 up @ left 0' },
    rule: 'aimedNowhere',
  },
  {
    fault: 'cheeks of neat red',
    in: 'a face with cheeks, lips and stubble',
    put: { 5: 'glaze placedGlaze ×3 | 1 brick | 0.2–0.9 soft 0.2 even @ spot cheeks' },
    rule: 'opaqueGlaze',
  },
  {
    fault: 'the glow painted out where it is',
    in: 'a green glow from below on a grey robe',
    after: { 6: 'highlight brushCoat ×4 | 1 slate : 0.5 water | 0–1 even @ down 120' },
    rule: 'coveredLater',
  },
  {
    fault: 'a pale tip in the colour that is there',
    in: 'hair dark at the scalp and fair at its ends',
    after: { 1: 'layer layer ×1 | 1 plank : 1 water | 0–1 @ along 0.5–1' },
    rule: 'unseenStep',
  },
  {
    fault: 'the underside on wet paint',
    in: 'a tentacle, suckered underside pale',
    put: { 2: 'layer layer ×3 | 1 pink + 1 tallow : 1 water | 0–1 soft 0.1 even @ down 70 dry 1' },
    rule: 'skippedDrying',
  },
  {
    fault: 'water without end for the nose',
    in: 'a pale face with violet sockets and a red nose',
    put: { 4: 'glaze placedGlaze ×1 | 1 red : 29 water | 0.2–1 soft 0.2 even @ spot nose' },
    rule: 'tooThin',
  },
  {
    fault: 'a white jump with a hard end on one side',
    in: 'a cloak lit from its left by a lantern',
    put: { 5: 'highlight layer ×3 | 1 white : 0.5 water | 0.6–1 soft 0 up @ left 55' },
    without: [7],
    rule: 'starkJump',
  },
  {
    fault: 'one coat of yellow for the pale underside',
    in: 'a tentacle, suckered underside pale',
    put: { 2: 'base layer ×1 | 1 yellow : 1 water | 0–1 soft 0.1 even @ down 70' },
    without: [3],
    rule: 'doesNotCover',
  },
];
