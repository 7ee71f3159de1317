import type { AimSide } from '../../../written/place/aim';
import type { ToneStopName } from '../../../written/place/toneAxis';

const stops: Record<ToneStopName, string> = {
  pit: 'pit|pits|the deepest|the deepest recesses|the deepest parts|the deepest shadows|deepest recesses|deepest parts|deepest shadows|deepest',
  recess: 'recess|recesses|crevices|gaps|cracks|panel lines|seams|joints',
  shadow: 'shadow|shadows',
  mid: 'mid|mids|mid tone|mid tones|midtone|midtones|mid-tone|mid-tones|middle',
  raised: 'raised|raised folds|raised edges|upper folds|upper parts|upper areas',
  crown: 'crown|crowns',
  edge: 'edge|edges',
  point: 'point|points',
};

/** Nouns a place may be called by beside its name: raised areas. */
const nouns = ['parts', 'areas', 'area', 'details', 'detail', 'places', 'bits', 'surfaces'];

/** Painters' names for a place on the tone axis. */
export const stopsSaid = (name: ToneStopName): string[] => {
  const words = stops[name].split('|');
  return [...words, ...nouns.map((noun) => `${words[0]} ${noun}`)];
};

const sides: Record<AimSide, string> = {
  up: 'top|tops|top side|from above|facing upwards|upper side',
  down: 'underside|undersides|underneath|from below|facing downwards|from underneath|lower side',
  front: 'front|from the front|facing forward|facing forwards|front side',
  back: 'back|from behind|from the back|back side',
  left: 'from the left|left side|from its left|its left|left|on the left|on the left side',
  right: 'from the right|right side|from its right|its right|right|on the right|on the right side',
  light:
    'lit side|light side|where the light falls|where the light hits|where light falls|where light hits|towards the light|facing the light',
  dark: 'dark side|shadow side|unlit side|away from the light',
};

const faces = ['what faces', 'faces', 'surfaces that face', 'parts that face', 'surfaces facing'];
const facing: Partial<Record<AimSide, string>> = { up: 'up', down: 'down' };

/** Painters' names for a side of a form. */
export const sidesSaid = (side: AimSide): string[] => [
  ...sides[side].split('|'),
  ...(facing[side] ? faces.map((words) => `${words} ${facing[side]}`) : []),
];

/** Words for the whole surface. */
export const everywhereSaid =
  'everywhere|everything|the whole thing|the whole model|the whole figure|all over|over everything|over all of it|all of it|it all|over it all|the lot|the whole surface|whole surface|over all|whole thing|whole model|entire model|entire surface|completely';
