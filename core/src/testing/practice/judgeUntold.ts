import { goodOnScrap } from './good';
import { remarksOf } from './judge';
import { withFault } from './faults/practiceFault';
import { practiceRecipe } from './practiceRecipe';
import type { UntoldFault } from './faults/untoldFault';

/** An objection about one of its lines that the sound recipe does not draw. */
export function isUntoldCaught(fault: UntoldFault): boolean {
  const sound = goodOnScrap.find(({ name }) => name === fault.in);
  if (!sound) throw new Error(`no good recipe is called ${fault.in}`);
  const before = new Set(remarksOf(practiceRecipe(sound)).map(({ sentence }) => sentence));
  const recipe = withFault(goodOnScrap, { ...fault, rule: 'unseenStep' });
  const about = new Set(fault.about.map((number) => recipe.steps[number - 1].id));
  return remarksOf(recipe).some(
    ({ kind, sentence, stepId, alsoOf }) =>
      kind === 'objection' &&
      !before.has(sentence) &&
      [stepId, ...alsoOf].some((id) => id !== null && about.has(id)),
  );
}
