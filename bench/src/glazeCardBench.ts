import { practiceFaults } from '@yellow-ledger/core';
import { judgeGlazes, type JudgedGlaze } from '../../core/src/testing/sheet/judgeGlazes';
import { ms } from './measure';

const cards = 2;
const firstSeed = 80_000;
const quantile = (figures: readonly number[], share: number) =>
  [...figures].sort((one, other) => one - other)[Math.floor(share * (figures.length - 1))] ?? 0;

/** Practice glaze cards of ten pots, four with every fault: how near the paint and the hand come. */
export function benchGlazeCard(): void {
  console.log(`Glaze cards of ten pots, ${cards} with each fault, seeds from ${firstSeed}:`);
  const all: JudgedGlaze[] = [];
  for (const [kind, fault] of practiceFaults.entries()) {
    const rows: JudgedGlaze[] = [];
    let longest = 0;
    for (let nth = 0; nth < cards; nth++)
      try {
        const judged = judgeGlazes(fault === 'none' ? [] : [fault], firstSeed + 100 * kind + nth);
        rows.push(...judged.rows);
        longest = Math.max(longest, judged.ms);
      } catch (error) {
        console.log(`  ${fault}: ${error instanceof Error ? error.message : String(error)}`);
      }
    say(fault, rows, longest);
    all.push(...rows);
  }
  say('all', all, 0);
}

function say(name: string, rows: readonly JudgedGlaze[], longest: number) {
  const sure = rows.filter(({ is }) => is === 'sure');
  const of = (figures: number[]) =>
    `${quantile(figures, 0.5).toFixed(2)}, ${quantile(figures, 0.9).toFixed(2)}, ${quantile(figures, 1).toFixed(2)}`;
  const within2 = sure.filter(
    ({ fit, filmRatio }) => Math.abs(Math.log(filmRatio)) <= 2 * (fit?.filmError ?? 0),
  ).length;
  console.log(
    `  ${name.padEnd(20)} sure ${sure.length}/${rows.length}; ΔE00 thin ${of(sure.map((each) => each.thinError))}; three passes ${of(sure.map((each) => each.glazeError))}; film off by ${of(sure.map((each) => Math.abs(Math.log(each.filmRatio))))}; within twice its error ${within2}${longest ? `; longest ${ms(longest)}` : ''} (median, 9 of 10, worst)`,
  );
}
