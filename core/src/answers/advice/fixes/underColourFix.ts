import type { UnderColour } from '../../../predicted/coverage/compareGrounds';
import { mostCoats, type Step } from '../../../written/recipe/step';
import type { Fix } from './fix';

/** Puts an under-colour in below a line, where the line goes, and gives the line its coats over it. */
export function underColourFix(
  line: Step,
  { potId, underCoats, coats }: UnderColour,
  potName: string,
): Fix {
  const step: Step = {
    id: `under-${line.id}`,
    stage: 'base',
    technique: line.placement.from > 0 ? 'layer' : 'brushCoat',
    mix: { parts: [{ from: 'pot', potId, parts: 1 }], waterParts: 0.5, mediumParts: 0 },
    coats: underCoats,
    placement: { ...line.placement, pull: 'even' },
    dryMinutes: line.dryMinutes,
    level: line.level,
    note: '',
  };
  return {
    label: `Put ${potName} under it`,
    changes: [
      { do: 'insertBefore', stepId: line.id, step },
      ...(coats !== null && coats <= mostCoats
        ? [{ do: 'replace' as const, step: { ...line, coats } }]
        : []),
    ],
  };
}
