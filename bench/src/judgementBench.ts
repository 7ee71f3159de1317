import { judge, type Judgement } from '../../core/src/testing/practice/judge';
import {
  morePlainFaults,
  moreSubtleFaults,
} from '../../core/src/testing/practice/faults/faultsUntoldMore';
import { plainFaults } from '../../core/src/testing/practice/faults/faultsPlain';
import { subtleFaults } from '../../core/src/testing/practice/faults/faultsSubtle';
import { isUntoldCaught } from '../../core/src/testing/practice/judgeUntold';
import { practicePots } from '../../core/src/testing/practice/practicePots';
import { byAnotherHand, ofAnotherMaker } from '../../core/src/testing/practice/shakingHand';

/** Seeds of hands and makers the rules were not shaped on. */
const seeds = [2201, 2202, 2203, 2204, 2205, 2206, 2207, 2208];

/** Wrong objections on good recipes and faults caught, by rule; then by hands and makers unseen. */
export function benchJudgement(): void {
  console.log('\nJudgement: the corpus as it is written');
  const written = judge();
  tell(written);
  byRule(written);
  untold();
  console.log('\nThe same by other hands and of other makers');
  for (const seed of seeds) {
    const other = judge(
      (recipe) => byAnotherHand(recipe, seed),
      ofAnotherMaker(practicePots, seed),
    );
    summary(other, `seed ${seed}`);
  }
}

function tell({ good, faulty }: Judgement): void {
  for (const { recipe, wrong } of good)
    for (const remark of wrong)
      console.log(`  wrong   ${recipe.name}: ${remark.rule}: ${remark.sentence}`);
  for (const { fault, isCaught, said } of faulty)
    if (!isCaught) {
      const other = said.map(({ rule }) => rule).join(', ') || 'nothing';
      console.log(`  missed  ${fault.fault} (${fault.in}): wanted ${fault.rule}, said ${other}`);
    }
}

function byRule({ good, faulty }: Judgement): void {
  const wrong = new Map<string, number>();
  for (const remark of good.flatMap((each) => each.wrong))
    wrong.set(remark.rule, (wrong.get(remark.rule) ?? 0) + 1);
  const names = new Set([...wrong.keys(), ...faulty.map(({ fault }) => fault.rule)]);
  console.log(`  ${'rule'.padEnd(18)} wrong   caught`);
  for (const rule of [...names].sort()) {
    const wanted = faulty.filter(({ fault }) => fault.rule === rule);
    const caught = wanted.filter(({ isCaught }) => isCaught).length;
    console.log(
      `  ${rule.padEnd(18)} ${String(wrong.get(rule) ?? 0).padStart(5)}   ${caught} of ${wanted.length}`,
    );
  }
  summary({ good, faulty }, 'together');
}

function summary({ good, faulty }: Judgement, what: string): void {
  const objections = good.reduce((sum, { wrong }) => sum + wrong.length, 0);
  const spoken = good.filter(({ wrong }) => wrong.length > 0).length;
  const caught = faulty.filter(({ isCaught }) => isCaught).length;
  console.log(
    `  ${what}: ${objections} wrong objections on ${spoken} of ${good.length} good recipes; ${caught} of ${faulty.length} faults caught`,
  );
}

/** Faults that were put down before the remarks that catch them; then those written after. */
function untold(): void {
  for (const [what, faults] of [
    ['plain', plainFaults],
    ['subtle', subtleFaults],
    ['more plain', morePlainFaults],
    ['more subtle', moreSubtleFaults],
  ] as const) {
    const missed = faults.filter((fault) => !isUntoldCaught(fault));
    console.log(`  ${what} faults: ${faults.length - missed.length} of ${faults.length} caught`);
    for (const { fault } of missed) console.log(`    missed  ${fault}`);
  }
}
