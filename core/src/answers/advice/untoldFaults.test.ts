import { plainFaults } from '../../testing/practice/faults/faultsPlain';
import { subtleFaults } from '../../testing/practice/faults/faultsSubtle';
import type { UntoldFault } from '../../testing/practice/faults/untoldFault';
import { morePlainFaults, moreSubtleFaults } from '../../testing/practice/faults/faultsUntoldMore';
import { isUntoldCaught } from '../../testing/practice/judgeUntold';

const caughtOf = (faults: readonly UntoldFault[]) => faults.filter(isUntoldCaught).length;

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
