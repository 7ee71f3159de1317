import { stages, type Step } from '../../../written/recipe/step';
import { techniqueNames, techniqueOf } from '../../../written/technique/techniques';
import type { Beside } from '../said';
import { small } from '../words';

const ordinals = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'];

/** Index of the line that is meant; what cannot be found as a sentence. */
export function lineMeant(
  match: readonly (string | undefined)[],
  from: number,
  { above }: Beside,
): number | string {
  const [number, ordinal, word] = match.slice(from, from + 3);
  if (number !== undefined) {
    const index = Number(number) - 1;
    return above.at(index) && index >= 0 && index < above.length
      ? index
      : `there is no line ${number}: a line from 1 to ${above.length}`;
  }
  if (ordinal !== undefined) {
    const index = /last|final/iu.test(ordinal)
      ? above.length - 1
      : ordinals.indexOf(small(ordinal));
    return above.at(index) && index >= 0 ? index : `there is no ${ordinal} line`;
  }
  const called = small(word ?? '').trim();
  const found = above.flatMap((step, index) => (isCalled(step, called) ? [index] : []));
  if (found.length === 1) return found[0];
  return found.length > 1
    ? `several lines are called “${called}”: say its number`
    : `no line is called “${called}”: say its number`;
}

/** Words a line may be called by. */
const callings = new Set<string>([
  ...stages,
  ...stages.map((stage) => `${stage} coat`),
  ...techniqueNames.flatMap((name) => [techniqueOf(name).label, ...techniqueOf(name).saidAs]),
]);
const manyLines =
  /^(?:everything|all|them all|all of them|it all|every line|all lines|the lot|(?:every|all(?: the| of the)?|each|both)\s+\p{L}+)$/u;

/** “Ditch Ochre” is no command to ditch something: what a line is called has to be a way or a part of a scheme. */
export const isLineWord = (word: string): boolean => callings.has(word) || manyLines.test(word);

/** “The wash”, “the base”, “the highlight”. */
function isCalled({ technique, stage }: Step, called: string): boolean {
  const { saidAs, label } = techniqueOf(technique);
  return (
    stage === called ||
    label === called ||
    saidAs.includes(called) ||
    `${stage} coat` === called ||
    `${stage} highlight` === called
  );
}

/** “Every wash”, “line 4”, “everything”. */
export function whichLines(
  match: readonly (string | undefined)[],
  from: number,
  beside: Beside,
): number[] | string {
  const word = small(match[from + 2] ?? '').trim();
  const every = /^(?:every|all(?: the| of the)?|each|both)\s+(.+?)e?s?$/u.exec(word)?.[1];
  if (/^(?:everything|all|them all|all of them|it all|every line|all lines|the lot)$/u.test(word))
    return beside.above.map((_, index) => index);
  if (every) {
    const lines = beside.above.flatMap((step, index) =>
      isCalled(step, every) || isCalled(step, `${every}e`) ? [index] : [],
    );
    return lines.length > 0 ? lines : `no line is called “${every}”`;
  }
  const line = lineMeant(match, from, beside);
  return typeof line === 'string' ? line : [line];
}
