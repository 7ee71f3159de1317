import { techniqueOf } from '../../../written/technique/techniques';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** Techniques that can hurt somebody say so with the line. */
export const caution = rule(
  1,
  ({ lines }) => {
    return lines.flatMap(({ step }): Finding[] =>
      techniqueOf(step.technique).caution
        ? [
            {
              stepId: step.id,
              sentence: 'Caution, mist: mask, fresh air, no flames; read the maker’s sheet.',
              figure: {
                value: Math.ceil(step.coats),
                unit: step.coats <= 1 ? 'coat sprayed' : 'coats sprayed',
              },
              fixes: [],
            },
          ]
        : [],
    );
  },
  { kind: 'caution' },
);
