import { readLine, PotNames } from '../core/src/index';
import { judgeSaid } from '../core/src/testing/shorthand/judgeSaid';
import { said } from '../core/src/testing/shorthand/said';
import { saidAbove, saidPots } from '../core/src/testing/shorthand/shelf';
const beside = { names: new PotNames(saidPots), recipe: saidAbove, above: saidAbove.steps } as never;
const j = said.map((e) => ({ s: e[0], m: e[1], ...judgeSaid(readLine(e[0], beside, 'new'), e) })) as any[];
const c = (k: string) => j.filter((x) => x.is === k).length;
console.log(j.length, c('right'), c('asked'), c('wrong'), 'wrong only for not asking', j.filter(x=>x.is==='wrong' && x.why.startsWith('did not ask')).length);
for (const x of j) if (x.is !== 'right' && !(x.why.startsWith('did not ask'))) console.log(x.is, '|', x.s, '|', x.why);
