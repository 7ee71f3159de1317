import { isolated } from '../record/isolated';
import { loadOf, type Mix, type Thinning } from './mix';

/** @example partsWords(0.5) // → '½' @example partsWords(3) // → '3' */
export function partsWords(parts: number): string {
  const whole = Math.floor(parts);
  const fraction = fractionSigns.find(({ value }) => Math.abs(parts - whole - value) < 1e-9);
  if (fraction) return `${whole || ''}${fraction.sign}`;
  return String(Math.round(parts * 1000) / 1000);
}

const fractionSigns = [
  { value: 0.25, sign: '¼' },
  { value: 1 / 3, sign: '⅓' },
  { value: 2 / 3, sign: '⅔' },
  { value: 0.5, sign: '½' },
  { value: 0.75, sign: '¾' },
];

/**
 * A mix as a painter says it.
 *
 * @param potName name of a pot by id
 * @param lineNumber number of the line a step stands on, from 1
 * @example '3 Marigold Clay + 1 Fen Umber'; '2 of line 3 + 1 Tallow'; 'Tallow'; 'water alone'
 */
export function mixWords(
  mix: Mix,
  potName: (potId: string) => string,
  lineNumber: (stepId: string) => number,
): string {
  if (mix.parts.length === 0) return 'water alone';
  const single = mix.parts.length === 1;
  return mix.parts
    .map((part) => {
      const parts = single ? '' : `${partsWords(part.parts)} `;
      if (part.from === 'pot') return `${parts}${isolated(potName(part.potId))}`;
      const line = `line ${lineNumber(part.stepId)}`;
      return single ? `the mix of ${line}` : `${parts}of ${line}`;
    })
    .join(' + ');
}

/** A mix, or what was on a brush. */
type OnBrush = Thinning & { parts?: readonly unknown[]; pots?: readonly unknown[] };

const holdsNone = ({ parts, pots }: OnBrush) => (parts ?? pots)?.length === 0;

/** @example '1 paint : 2 water'; 'neat'; 'no paint' for a brush that holds water alone */
export function thinningWords(mix: OnBrush): string {
  if (holdsNone(mix)) return 'no paint';
  const { waterParts, mediumParts } = mix;
  if (waterParts + mediumParts === 0) return 'neat';
  const water = waterParts > 0 ? ` : ${partsWords(waterParts)} water` : '';
  const medium = mediumParts > 0 ? ` : ${partsWords(mediumParts)} medium` : '';
  return `1 paint${water}${medium}`;
}

/** The same said the other way round. @example '33 % paint' */
export function loadWords(mix: OnBrush): string {
  if (holdsNone(mix)) return '0 % paint';
  const percent = loadOf(mix) * 100;
  return `${percent < 10 ? percent.toFixed(1) : Math.round(percent)} % paint`;
}
