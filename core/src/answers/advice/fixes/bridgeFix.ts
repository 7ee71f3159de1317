import type { Rung } from '../../../predicted/glazes/bridgeMixes';
import { mixBetween } from '../../../predicted/glazes/mixBetween';
import type { Step } from '../../../written/recipe/step';
import type { Fix } from './fix';

/** Puts the rungs of a bridge in as lines below its upper end, their places as even as their mixes. */
export function bridgeFix(
  lower: Step,
  upper: Step,
  rungs: readonly Pick<Rung, 'fromParts' | 'toParts'>[],
  label: string,
): Fix {
  const low = lower.placement.from;
  const rise = upper.placement.from - low;
  return {
    label,
    changes: rungs.map((rung, index) => ({
      do: 'insertBefore',
      stepId: upper.id,
      step: {
        ...upper,
        id: `between-${index + 1}-${upper.id}`,
        note: '',
        mix: mixBetween(lower, upper, rung),
        placement: {
          ...upper.placement,
          from: Math.round((low + (rise * (index + 1)) / (rungs.length + 1)) * 100) / 100,
        },
      },
    })),
  };
}

/** Gives the lines between two others the mixes of a bridge, one each, in order. */
export function evenedFix(
  lower: Step,
  upper: Step,
  between: readonly Step[],
  rungs: readonly Pick<Rung, 'fromParts' | 'toParts'>[],
  label: string,
): Fix {
  return {
    label,
    changes: between.slice(0, rungs.length).map((step, index) => {
      const mix = mixBetween(lower, upper, rungs[index]);
      return { do: 'replace', step: { ...step, mix: { ...step.mix, parts: mix.parts } } };
    }),
  };
}
