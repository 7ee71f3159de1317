import { randomFrom } from '@yellow-ledger/core';
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { basename, dirname, join, relative, resolve } from 'node:path';
import ts from 'typescript';

const root = resolve(import.meta.dirname, '../..');
const folder = join(root, '.cache/mutants');
const count = Number(process.env.MUTANTS ?? 400);
const parts = (process.env.MUTATED ?? 'core,server,web').split(',');
const seed = Number(process.env.MUTATION_SEED ?? Date.now() % 1_000_000);
/** So many of the tests that reach a file are asked, the nearest first. */
const nearestTests = 12;
/** A mutant that makes its tests hang this long has been noticed. */
const longestRunMs = 300_000;
const leastCaught = { core: 0.85, server: 0.85, web: 0.6 };
type Part = keyof typeof leastCaught;

/** Parts that later issues rewrite, and files that only tests and the demo use. */
const leftOut = /\/(testing|demo|simulate|shorthand|migrations)\/|\.test\.|index\.ts$|\.d\.ts$/;

const swapped = new Map<ts.SyntaxKind, string>([
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
  [ts.SyntaxKind.TrueKeyword, 'false'],
  [ts.SyntaxKind.FalseKeyword, 'true'],
]);

interface Change {
  from: number;
  to: number;
  text: string;
}

/** Every small change that could be made to a source. */
function changesOf(file: string, source: string): Change[] {
  const found: Change[] = [];
  const visit = (node: ts.Node): void => {
    // Types are not run.
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isImportDeclaration(node))
      return;
    const text = swapped.get(node.kind);
    const isOperator =
      text !== undefined && (node.parent === undefined || !ts.isPrefixUnaryExpression(node.parent));
    if (isOperator) found.push({ from: node.getStart(), to: node.getEnd(), text });
    // Of the numbers only those that say where something begins or ends. The others are measures and
    // starting points of ours: a test that repeats them checks nothing.
    if (ts.isNumericLiteral(node) && ['0', '1'].includes(node.text))
      found.push({ from: node.getStart(), to: node.getEnd(), text: node.text === '0' ? '1' : '0' });
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
      found.push({ from: node.getStart(), to: node.operand.getStart(), text: '' });
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true));
  return found;
}

/** How far a test is from a file: those that name it come first, then those of its folder. */
function distance(file: string, test: string): number {
  const name = basename(file).replace(/\.tsx?$/, '');
  const folders = relative(dirname(file), dirname(test)).split('/').filter(Boolean).length;
  const isNamedIn = new RegExp(`/${name}['/]`).test(readFileSync(test, 'utf8'));
  const isSibling = basename(test).slice(0, 4) === name.slice(0, 4);
  return folders - (isNamedIn ? 20 : 0) - (isSibling ? 10 : 0);
}

/** Small faults put into the sources one by one, and whether the tests nearest to them fail. */
export function benchMutation(): void {
  console.log(`\nMutation: ${count} mutants, seed ${seed} (MUTATION_SEED, MUTANTS, MUTATED)`);
  rmSync(folder, { recursive: true, force: true });
  execFileSync('git', ['worktree', 'prune'], { cwd: root });
  execFileSync('git', ['worktree', 'add', '--detach', '--force', folder], { cwd: root });
  for (const part of ['.', 'web', 'server'])
    if (existsSync(join(root, part, 'node_modules')))
      symlinkSync(join(root, part, 'node_modules'), join(folder, part, 'node_modules'));
  const folders = parts.map((part) => `${part}/src`);
  const files = execFileSync('git', ['ls-files', ...folders], { cwd: folder })
    .toString()
    .split('\n')
    .filter((file) => /\.tsx?$/.test(file) && !leftOut.test(file));
  const random = randomFrom(seed);
  const pick = <Item>(of: readonly Item[]) => of[Math.floor(random() * of.length)];
  const caught = { core: [0, 0], server: [0, 0], web: [0, 0] };
  const untouched = join(
    folder,
    files.find((file) => file.endsWith('/readNumber.ts'))!,
  );
  if (failsATest(untouched)) throw new Error('The tests fail without any mutant.');
  for (let made = 0; made < count;) {
    const file = pick(files);
    const path = join(folder, file);
    const source = readFileSync(path, 'utf8');
    const change = pick(changesOf(file, source));
    if (!change) continue;
    made++;
    const part = file.split('/')[0] as Part;
    writeFileSync(path, source.slice(0, change.from) + change.text + source.slice(change.to));
    const isCaught = failsATest(path);
    writeFileSync(path, source);
    caught[part][0] += isCaught ? 1 : 0;
    caught[part][1]++;
    if (made % 50 === 0) console.log(`  ${made} of ${count} tried`);
    if (!isCaught) {
      const line = source.slice(0, change.from).split('\n').length;
      const was = source.slice(change.from, change.to);
      console.log(`  survived: ${file}:${line}: “${was}” became “${change.text}”`);
    }
  }
  for (const [part, [good, all]] of Object.entries(caught)) {
    const share = all === 0 ? 1 : good / all;
    const least = leastCaught[part as Part];
    console.log(
      `  ${part.padEnd(7)} ${good} of ${all} caught, ${(100 * share).toFixed(0)} %; ${100 * least} % at least`,
    );
    if (share < least) process.exitCode = 1;
  }
  execFileSync('git', ['worktree', 'remove', '--force', folder], { cwd: root });
}

/** Whether one of the nearest tests that reach a file fails; a file no test reaches is caught by none. */
function failsATest(path: string): boolean {
  const jest = join(root, 'node_modules/jest/bin/jest.js');
  const run = (args: string[]) =>
    spawnSync(process.execPath, [jest, ...args], {
      cwd: folder,
      encoding: 'utf8',
      timeout: longestRunMs,
    });
  const tests = run(['--listTests', '--findRelatedTests', path])
    .stdout.split('\n')
    .filter((line) => /\.test\.tsx?$/.test(line))
    .sort((one, other) => distance(path, one) - distance(path, other))
    .slice(0, nearestTests);
  if (tests.length === 0) return false;
  return run(['--bail', '--maxWorkers=2', '--runTestsByPath', ...tests]).status !== 0;
}
