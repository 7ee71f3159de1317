import type { Step } from '../recipe/step';
import { techniques } from '../recipe/techniques';
import type { Fix } from './fix';

/** Makes a wash over everything one for the recesses alone. */
export function recessFix(written: Step): Fix {
  const placement = techniques.recessWash.usualPlacement;
  return {
    label: 'Keep it to the recesses',
    changes: [{ do: 'replace', step: { ...written, technique: 'recessWash', placement } }],
  };
}
