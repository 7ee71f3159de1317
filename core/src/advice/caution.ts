import { techniqueOf } from '../recipe/techniques';
import type { AdviceContext } from './adviceContext';
import type { Remark } from './remark';

/** Techniques that can hurt somebody say so with the line. */
export function caution({ lines }: AdviceContext): Remark[] {
  return lines.flatMap(({ step }): Remark[] =>
    techniqueOf(step.technique).caution
      ? [
          {
            rule: 'caution',
            stepId: step.id,
            sentence: 'Caution, mist: mask, fresh air, no flames; read the maker’s sheet.',
            figure: {
              value: step.coats,
              unit: step.coats === 1 ? 'coat sprayed' : 'coats sprayed',
            },
            fixes: [],
          },
        ]
      : [],
  );
}
