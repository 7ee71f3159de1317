import type { AimSide } from '../../../written/place/aim';
import { entry, type Entry } from './entry';

const side = (name: AimSide, phrases: string, weight?: number): Entry =>
  entry({ kind: 'side', side: name }, phrases, weight);

const lamps = ['light', 'sun', 'lamp', 'lantern', 'moon', 'glow', 'fire', 'flame', 'sunlight'];
/** “Where the sun would hit it” */
const lit = lamps.flatMap((lamp) =>
  [
    'hit',
    'hits',
    'catch',
    'catches',
    'fall',
    'falls',
    'land',
    'lands',
    'strike',
    'strikes',
    'reach',
    'reaches',
    'shine',
    'shines',
    'come',
    'comes',
  ].flatMap((verb) =>
    [
      `where the ${lamp}`,
      `wherever the ${lamp}`,
      `everything the ${lamp}`,
      `anything the ${lamp}`,
      `where ${lamp}`,
    ].flatMap((head) => [`${head} ${verb}`, `${head} would ${verb}`, `${head} might ${verb}`]),
  ),
);

export const sides: readonly Entry[] = [
  entry(
    { kind: 'side', side: 'up' },
    'from straight up|from straight above|straight above|straight from above',
    1.5,
  ),
  side('light', 'near side|nearer side|nearest side|the near side', 1.4),
  side('back', 'further back|farther back', 1.5),
  side('front', 'further forward|farther forward|further to the front', 1.5),
  side(
    'up',
    'upward faces|upward facing|upward-facing|upwards facing|facing up|faces up|face up|faces upwards|face upwards|facing upwards|upward surfaces|upward facing surfaces|upward-facing surfaces|upward planes|top faces|top face|top surfaces|top surface|top side|upper side|upper sides|topside|top sides|from above|from straight above|straight above|from directly above|from overhead|sky facing|sky-facing|surfaces facing up|upper faces|tops|upper surfaces|top planes|upper planes|what faces up|anything that faces up|anything facing up|everything facing up|everything that faces up|skyward',
    1.3,
  ),
  entry(
    { kind: 'side', side: 'up', isWeak: true },
    'top|the top|along the top|near the top|towards the top|toward the top',
    0.6,
  ),
  side(
    'down',
    'underside|undersides|underneath|from below|from underneath|facing down|faces down|face down|faces downwards|downward faces|downward facing|downward-facing|downward surfaces|lower side|lower sides|bounce light|as bounce light|bounced light|reflected light|lower surfaces|bottom surfaces|under the arms|under the arm|underbelly|under the belly|lower faces|lower planes|on the under side|from the ground|what faces down|anything facing down|anything that faces down',
    1.3,
  ),
  side(
    'light',
    "lit side|light side|lit sides|where the light falls|where the light hits|where light falls|where light hits|where the light catches|where it catches the light|where it would catch the light|where the light would hit|where light would hit|where the light would catch|towards the light|toward the light|facing the light|faces the light|face the light|light facing|light-facing|side of the light|side towards the light|lit areas|lit parts|everything the light catches|everything the light hits|everything the lantern catches|everything the lantern hits|where the lantern hits|lantern side|everything the glow hits|towards the lantern|facing the lantern|nearest the light|closest to the light|in the light|where the sun hits|sunny side|where it is lit|where it's lit",
    1.3,
  ),
  side(
    'dark',
    'dark side|shadow side|unlit side|away from the light|side away from the light|facing away from the light|out of the light|darker side|far side from the light',
    1.3,
  ),
  side('light', lit.join('|'), 1.3),
  side(
    'left',
    'from the left|left side|on the left|on the left side|left hand side|lefthand side|on the left of|on the left of the|to the left of|to the left of the|left of the|facing left|from left|left flank',
  ),
  side(
    'right',
    'from the right|right side|on the right|on the right side|right hand side|righthand side|on the right of|on the right of the|to the right of|to the right of the|right of the|facing right|from right|right flank',
  ),
  side(
    'front',
    'at the front of|at the front of the|towards the front|nearer the front|further forward|from the front|front side|facing forward|facing forwards|facing the front|at the front|front faces|on the front',
    0.9,
  ),
  side(
    'back',
    'towards the back|toward the back|nearer the back|towards the rear|from behind|from the back|back side|facing backwards|facing back|at the back|on the back side|rear side|on the rear',
    0.9,
  ),
];
