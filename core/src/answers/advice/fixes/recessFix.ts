import type { Step } from '../../../written/recipe/step';
import { techniques } from '../../../written/technique/techniques';
import type { Fix } from './fix';

/** Makes a wash over everything one for the recesses alone. */
export function recessFix(written: Step): Fix {
  const placement = techniques.recessWash.usualPlacement;
  return {
    label: 'Keep it to the recesses',
    changes: [{ do: 'replace', step: { ...written, technique: 'recessWash', placement } }],
  };
}
