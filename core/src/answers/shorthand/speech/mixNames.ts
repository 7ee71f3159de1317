import { phraseKey } from '../lexicon/lexicon';
import { wordsOf } from '../words';

const given =
  /(?:\bfor|\bto make|\bmakes?|\bmaking|\bgives?(?: you)?|\bgets?(?: you)?|=)\s+(?:a|an|the|my|some)?\s*((?:(?:very|nice|good)\s+)?(?:pale|light|dark|mid|warm|cool|deep|bright|dull|dirty|muddy)?\s*(?:white|black|grey|gray|brown|red|orange|yellow|green|blue|purple|violet|pink|teal|turquoise|tan|cream|bone|flesh|mix|mid ?tone|highlight mix|shadow mix|base mix))\b/iu;

/** Where a sentence names what it mixes: that is no pot. */
export function mixNameAt(sentence: string): { from: number; to: number } | null {
  const match = given.exec(sentence);
  if (!match?.[1]) return null;
  const from = match.index + match[0].lastIndexOf(match[1]);
  return { from, to: from + match[1].length };
}

/**
 * Names a sentence gives to what it mixes.
 * @example mixNames('heron mixed into gull white for a pale grey') // → ['pale grey', 'grey']
 */
export function mixNames(sentence: string): string[] {
  const [, name] = given.exec(sentence) ?? [];
  if (!name) return [];
  const words = wordsOf(name).map(({ text }) => text);
  const last = words.at(-1);
  return [
    ...new Set([phraseKey(words), `the ${phraseKey(words)}`, ...(last ? [phraseKey([last])] : [])]),
  ];
}
