import { isSameContent } from '../../written/record/sameContent';
import type { Mix } from '../../written/mix/mix';
import type { Step } from '../../written/recipe/step';
import { lifts, type TechniqueName } from '../../written/technique/techniques';
import { lineFrom } from './lineFrom';
import type { Beside, Said } from './said';

const noPaint: Mix = { parts: [], waterParts: 0, mediumParts: 0 };

/**
 * The line put on in another way. Its mix is kept, and where it goes if its painter said so; a place
 * that only followed from the technique follows from the new one.
 */
export function withTechnique(step: Step, technique: TechniqueName, beside: Beside): Step {
  const bare = (name: TechniqueName) =>
    lineFrom({ ...mixSaidBy(step, beside), technique: name, stage: step.stage }, beside, step.id);
  const [usual, next] = [bare(step.technique), bare(technique)];
  const kept = <Part>(now: Part, was: Part, then: Part) => (isSameContent(now, was) ? then : now);
  const { aim, last, ...tone } = step.placement;
  const { aim: usualAim, last: _none, ...usualTone } = usual.placement;
  const { aim: nextAim, last: _neither, ...nextTone } = next.placement;
  const place = kept(tone, usualTone, nextTone);
  const aimed = kept(aim, usualAim, nextAim);
  const hadPaint = !lifts(step.technique);
  return {
    ...step,
    technique,
    mix: lifts(technique) ? noPaint : hadPaint ? step.mix : next.mix,
    placement: {
      ...place,
      ...(aimed && { aim: aimed }),
      // A last coat is within the first: it goes with what it was said of.
      ...(last && isSameContent(place, tone) && isSameContent(aimed, aim) && { last }),
    },
  };
}

function mixSaidBy({ mix }: Step, { above }: Beside): Pick<Said, 'parts'> {
  const parts = mix.parts.map((part) =>
    part.from === 'pot'
      ? { potId: part.potId, parts: part.parts }
      : { line: above.findIndex(({ id }) => id === part.stepId) + 1, parts: part.parts },
  );
  return { parts };
}
