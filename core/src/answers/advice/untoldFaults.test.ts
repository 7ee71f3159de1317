import { goodOnScrap } from '../../testing/practice/good';
import { plainFaults } from '../../testing/practice/faultsPlain';
import { subtleFaults } from '../../testing/practice/faultsSubtle';
import type { UntoldFault } from '../../testing/practice/untoldFault';
import { morePlainFaults, moreSubtleFaults } from '../../testing/practice/faultsUntoldMore';
import { remarksOf } from '../../testing/practice/judge';
import { withFault } from '../../testing/practice/practiceFault';
import { practiceRecipe } from '../../testing/practice/practiceRecipe';

/** An objection about one of its lines, or the recipes', that the sound recipe does not draw. */
function isCaught(fault: UntoldFault): boolean {
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

const caughtOf = (faults: readonly UntoldFault[]) => faults.filter(isCaught).length;

test('of plain faults drawn into good recipes at least 92 in a hundred are caught', () => {
  const faults = [...plainFaults, ...morePlainFaults];
  expect(faults).toHaveLength(47);
  expect(caughtOf(faults) / faults.length).toBeGreaterThanOrEqual(0.92);
});

test('of subtler ones at least 60 in a hundred', () => {
  const faults = [...subtleFaults, ...moreSubtleFaults];
  expect(faults).toHaveLength(25);
  expect(caughtOf(faults) / faults.length).toBeGreaterThanOrEqual(0.6);
});
