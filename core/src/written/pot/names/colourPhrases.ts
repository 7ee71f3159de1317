import { colourOfHex } from '../../../light/colour/colourOfHex';
import { pigments } from '../pigments';
import { coolThings } from './words/cool';
import { foreignHues, hues, leaning, shades } from './words/hues';
import { metals } from './words/metals';
import { plainThings } from './words/plain';
import { warmThings } from './words/warm';

/** CIELAB, D65. */
export interface LabColour {
  value: number;
  a: number;
  b: number;
}

/**
 * The way a phrase tells a colour: a hue by itself; a shade of one; a thing of a colour, with a hue after it or
 * without; a thing that tells one only beside a hue; a metal; a pigment; or a hue that is only
 * leaned towards.
 */
export type PhraseRole = 'hue' | 'shade' | 'thing' | 'beside' | 'metal' | 'pigment' | 'leaning';

export interface ColourPhrase extends LabColour {
  /** its plain form: other words for it are the same phrase */
  word: string;
  role: PhraseRole;
  /** of one neat coat, 0–1, where it is known better than by the colour */
  hiding?: number;
}

const known = new Map<string, ColourPhrase>();

for (const [list, role] of [
  [coolThings, 'thing'],
  [warmThings, 'thing'],
  [plainThings, 'thing'],
  [metals, 'metal'],
  [hues, 'hue'],
  [shades, 'shade'],
] as const)
  for (const line of list.trim().split('\n')) read(line, role);
for (const { name, swatch, hiding } of pigments) {
  const { value, a, b } = colourOfHex(swatch);
  const word = name.toLowerCase();
  known.set(word, { word, role: 'pigment', value, a, b, hiding });
}
for (const [word, of] of Object.entries(leaning)) addAs(word, of, 'leaning');
for (const [word, of] of Object.entries(foreignHues)) addAs(word, of);

/** @param line as `navy 18 32 282 = dark marine` or, only beside a hue, `ocean 40 34 256 ~` */
function read(line: string, role: PhraseRole) {
  const match = /^([\p{L} ]+?) (\d+) (\d+) (\d+)(?: = (.+?))?( ~)?$/u.exec(line.trim());
  if (!match) throw new Error(`no colour phrase: ${line}`);
  const [, word, value, chroma, hue, others, beside] = match;
  const angle = (Number(hue) * Math.PI) / 180;
  const phrase: ColourPhrase = {
    word,
    role: beside ? 'beside' : role,
    value: Number(value),
    a: Number(chroma) * Math.cos(angle),
    b: Number(chroma) * Math.sin(angle),
  };
  for (const each of [word, ...(others?.split(', ') ?? [])]) known.set(each, phrase);
}

function addAs(word: string, of: string, role?: PhraseRole) {
  const phrase = known.get(of);
  if (!phrase) throw new Error(`no colour ${of} for ${word}`);
  known.set(word, role ? { ...phrase, role } : phrase);
}

/** Every phrase by its words, small letters, a blank between them. */
export const colourPhrases: ReadonlyMap<string, ColourPhrase> = known;

/** Words in the longest phrase. */
export const longestPhrase = Math.max(...[...known.keys()].map((key) => key.split(' ').length));
