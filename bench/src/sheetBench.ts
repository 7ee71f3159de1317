import { practiceFaults } from '@yellow-ledger/core';
import { judgeSheet, rightWithin } from '../../core/src/testing/sheet/judgeSheet';
import { ms } from './measure';

const pictures = 10;
const firstSeed = 70_000;
const longest = 1800;
const wanted = { found: 0.98, right: 0.9, longestMs: 3000 } as const;

/** A hundred practice pictures, ten of every kind: fields found, read right, said to be unsure. */
export function benchSheet(): void {
  const all = { fields: 0, found: 0, right: 0, unsure: 0, wrong: 0, ms: 0 };
  const within = `${rightWithin.colour} ΔE00 and ${rightWithin.hiding}`;
  console.log(`Sheets, seeds from ${firstSeed}; right is within ${within}:`);
  for (const [kind, fault] of practiceFaults.entries()) {
    const of = { fields: 0, found: 0, right: 0, unsure: 0, wrong: 0, ms: 0 };
    for (let nth = 0; nth < pictures; nth++) {
      of.fields += 60;
      try {
        const seed = firstSeed + kind * 100 + nth;
        const judged = judgeSheet(fault === 'none' ? [] : [fault], seed, longest);
        of.found += judged.found;
        of.right += judged.right;
        of.unsure += judged.unsure;
        of.wrong += judged.wrong.length;
        of.ms = Math.max(of.ms, judged.ms);
      } catch (error) {
        console.log(`  ${fault}: ${error instanceof Error ? error.message : String(error)}`);
      }
    }
    say(fault, of);
    for (const key of ['fields', 'found', 'right', 'unsure', 'wrong'] as const) all[key] += of[key];
    all.ms = Math.max(all.ms, of.ms);
  }
  say('all', all);
  const isBelow =
    all.found < wanted.found * all.fields ||
    all.right < wanted.right * all.fields ||
    all.ms > wanted.longestMs;
  if (isBelow) process.exitCode = 1;
}

function say(
  name: string,
  of: Record<'fields' | 'found' | 'right' | 'unsure' | 'wrong' | 'ms', number>,
) {
  const share = (part: number) => `${((100 * part) / of.fields).toFixed(1)} %`;
  console.log(
    `  ${name.padEnd(20)} found ${share(of.found)}, right ${share(of.right)}, said to be unsure ${share(of.unsure)}, sure and wrong ${share(of.wrong)}, longest ${ms(of.ms)}`,
  );
}
