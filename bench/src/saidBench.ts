import { PotNames, readLine, type Pot } from '@yellow-ledger/core';
import { judgeSaid } from '../../core/src/testing/shorthand/judgeSaid';
import { said } from '../../core/src/testing/shorthand/said';
import { saidAbove, saidPots } from '../../core/src/testing/shorthand/shelf';
import { ms } from './measure';

const mostMs = 16;
/** Sentences once expected to be asked about are read by their sense now, so they are left out. */
const clear = said.filter(([, { asks = [] }]) => asks.length === 0);

/** The corpus of sentences: read right, asked about, wrong; and what a key press costs on 500 pots. */
export function benchSaid(): void {
  const beside = { names: new PotNames(saidPots), recipe: saidAbove, above: saidAbove.steps };
  const judged = clear.map((each) => judgeSaid(readLine(each[0], beside, 'new'), each).is);
  const count = (is: string) => judged.filter((each) => each === is).length;
  console.log(
    `Sentences in the ledger’s own manner: ${clear.length}, right ${count('right')}, asked about needlessly ${count('asked')}, wrong without a word ${count('wrong')}`,
  );
  const many = Array.from({ length: 500 }, (_, index): Pot => {
    const pot = saidPots[index % saidPots.length];
    const letter = String.fromCharCode(97 + (index % 26));
    return { ...pot, id: `pot-${index}`, name: `${pot.name} ${letter}${index}` };
  });
  const full = { ...beside, names: new PotNames([...saidPots, ...many]) };
  const times: number[] = [];
  for (const [sentence] of said)
    for (let letters = 1; letters <= sentence.length; letters++) {
      const started = performance.now();
      readLine(sentence.slice(0, letters), full, 'new');
      times.push(performance.now() - started);
    }
  times.sort((one, other) => one - other);
  const at = (share: number) => times[Math.min(times.length - 1, Math.floor(share * times.length))];
  console.log(
    `  a key press, ${saidPots.length + many.length} pots: median ${ms(at(0.5))}, 99 of 100 ${ms(at(0.99))}, longest ${ms(at(1))}`,
  );
  if (count('wrong') > 0.02 * clear.length || at(0.99) > mostMs) process.exitCode = 1;
}
