import { mostThinner } from '../../../written/mix/mix';
import { moveStep } from '../../../written/lines/moveStep';
import { mostCoats, type Step } from '../../../written/recipe/step';
import { withoutStep } from '../../../written/lines/withoutStep';
import type { Beside } from '../said';
import { isSameContent } from '../../../written/record/sameContent';
import { bestPath } from '../speech/bestPath';
import { readFrame } from '../speech/frame/readFrame';
import { settleFrame } from '../speech/settleFrame';
import { withSaid } from '../withSaid';
import type { SaidChange } from './saidChange';

/** The recipe as far as the sentence sees it. */
const recipeOf = ({ recipe, above }: Beside) => ({ ...recipe, steps: [...above] });

export function removed(index: number | string, beside: Beside): SaidChange | string {
  if (typeof index === 'string') return index;
  const { above } = beside;
  return {
    words: `Delete line ${index + 1} of ${above.length}`,
    steps: withoutStep(recipeOf(beside), above[index].id).steps,
  };
}

/** Several at once. @param numbers of the lines, from 1 */
export function removedAll(numbers: readonly number[], beside: Beside): SaidChange | string {
  const { above } = beside;
  const wrong = numbers.find((number) => !above.at(number - 1) || number < 1);
  if (wrong !== undefined) return `there is no line ${wrong}: a line from 1 to ${above.length}`;
  const ids = numbers.map((number) => above[number - 1].id);
  return {
    words: `Delete lines ${numbers.join(', ')} of ${above.length}`,
    steps: ids.reduce((recipe, id) => withoutStep(recipe, id), recipeOf(beside)).steps,
  };
}

export function moved(
  index: number | string,
  where: string,
  to: number | string,
  beside: Beside,
): SaidChange | string {
  if (typeof index === 'string') return index;
  if (typeof to === 'string') return to;
  if (index === to) return 'that is the same line';
  const { above } = beside;
  const isBefore = /before|above|ahead|front/iu.test(where);
  const place = isBefore ? (index < to ? to - 1 : to) : index < to ? to : to + 1;
  const steps = movedTo(beside, above[index].id, place);
  return typeof steps === 'string'
    ? steps
    : { words: `Move line ${index + 1} ${isBefore ? 'before' : 'after'} line ${to + 1}`, steps };
}

/** The lines with one at another place; a sentence where it cannot stand there. */
function movedTo(
  beside: Beside,
  id: string,
  place: number,
  from = recipeOf(beside),
): Step[] | string {
  const result = moveStep(from, id, place);
  if (!('carrier' in result)) return result.steps;
  return result.because === 'carries'
    ? `line ${result.carrier} carries the mix of line ${result.carried} forward, so it stays below it`
    : `line ${result.carrier} repairs what line ${result.carried} dulls, so it stays below it`;
}

export function swapped(
  one: number | string,
  other: number | string,
  beside: Beside,
): SaidChange | string {
  if (typeof one === 'string') return one;
  if (typeof other === 'string') return other;
  const [low, high] = [Math.min(one, other), Math.max(one, other)];
  if (low === high) return 'that is the same line';
  const { above } = beside;
  const first = movedTo(beside, above[high].id, low);
  if (typeof first === 'string') return first;
  const steps = movedTo(beside, above[low].id, high, { ...beside.recipe, steps: first });
  return typeof steps === 'string'
    ? steps
    : { words: `Swap lines ${low + 1} and ${high + 1}`, steps };
}

/** The one pot some words mean; a sentence where they mean none, or several. */
function potMeant(words: string, beside: Beside): { id: string; name: string } | string {
  const pots = bestPath(words, beside).flatMap((chunk) =>
    chunk.kind === 'pot' ? [chunk.pots] : [],
  );
  const [found] = pots;
  if (pots.length !== 1 || !found) return `“${words}” is no pot on the shelf`;
  if (found.length > 1) return `“${words}” may be any of ${found.length} pots: say which`;
  return found[0];
}

export function replaced(from: string, to: string, beside: Beside): SaidChange | string {
  const [one, other] = [potMeant(from, beside), potMeant(to, beside)];
  if (typeof one === 'string') return one;
  if (typeof other === 'string') return other;
  const count = beside.above.filter(({ mix }) =>
    mix.parts.some((part) => part.from === 'pot' && part.potId === one.id),
  ).length;
  if (count === 0) return `no line draws from ${one.name}`;
  return {
    words: `Use ${other.name} instead of ${one.name} in ${count === 1 ? 'one line' : `${count} lines`}`,
    steps: beside.above.map((step) => withPot(step, one.id, other.id)),
  };
}

export function replacedInLast(to: string, beside: Beside): SaidChange | string {
  const pot = potMeant(to, beside);
  if (typeof pot === 'string') return pot;
  const last = beside.above.at(-1);
  const [part] = last?.mix.parts ?? [];
  if (!last || last.mix.parts.length !== 1 || part.from !== 'pot')
    return 'instead of which paint? say “swap X for Y”';
  return {
    words: `Use ${pot.name} in line ${beside.above.length}`,
    steps: [...beside.above.slice(0, -1), withPot(last, part.potId, pot.id)],
  };
}

const withPot = (step: Step, from: string, to: string): Step => ({
  ...step,
  mix: {
    ...step.mix,
    parts: step.mix.parts.map((part) =>
      part.from === 'pot' && part.potId === from ? { ...part, potId: to } : part,
    ),
  },
});

const listed = (lines: readonly number[]) =>
  lines.length === 1 ? `line ${lines[0] + 1}` : `lines ${lines.map((line) => line + 1).join(', ')}`;

/** Half as much thinner more, and at least a quarter of a part; or a third less. */
export function thinned(
  lines: number[] | string,
  isThinner: boolean,
  { above }: Beside,
): SaidChange | string {
  if (typeof lines === 'string') return lines;
  const more = (parts: number) =>
    Math.min(mostThinner, Math.max(parts + 0.25, Math.round(parts * 6) / 4));
  const less = (parts: number) => Math.round(Math.max(0, parts * 0.67) * 4) / 4;
  return {
    words: `${isThinner ? 'Thin' : 'Thicken'} ${listed(lines)}`,
    steps: above.map((step, index) => {
      if (!lines.includes(index)) return step;
      const { waterParts, mediumParts } = step.mix;
      const isMedium = mediumParts > 0 && waterParts === 0;
      const change = isThinner ? more : less;
      return {
        ...step,
        mix: {
          ...step.mix,
          ...(isMedium ? { mediumParts: change(mediumParts) } : { waterParts: change(waterParts) }),
        },
      };
    }),
  };
}

export function coated(
  lines: number[] | string,
  by: number,
  { above }: Beside,
): SaidChange | string {
  if (typeof lines === 'string') return lines;
  if (lines.some((line) => !above.at(line) || line < 0)) return `a line from 1 to ${above.length}`;
  return {
    words: `${by > 1 ? `${by} times the coats` : 'Half the coats'} of ${listed(lines)}`,
    steps: above.map((step, index) => {
      if (!lines.includes(index)) return step;
      const { coatsUpTo: _upTo, ...rest } = step;
      return { ...rest, coats: Math.min(mostCoats, Math.max(1, Math.round(step.coats * by))) };
    }),
  };
}

/** “Add another coat to line 2”. */
export function oneMoreCoat(lines: number[] | string, { above }: Beside): SaidChange | string {
  if (typeof lines === 'string') return lines;
  return {
    words: `One more coat of ${listed(lines)}`,
    steps: above.map((step, index) => {
      if (!lines.includes(index)) return step;
      const { coatsUpTo: _upTo, ...rest } = step;
      return { ...rest, coats: Math.min(mostCoats, step.coats + 1) };
    }),
  };
}

/** “Make line 2 two coats”: that line with what was said of it. */
export function changedLine(
  index: number | string,
  words: string,
  beside: Beside,
): SaidChange | string {
  if (typeof index === 'string') return index;
  const step = beside.above[index];
  const before = { ...beside, above: beside.above.slice(0, index) };
  const frame = readFrame(bestPath(words, before), before);
  if (frame.marks.length > 0) return frame.marks[0].message;
  const said = settleFrame(frame, before);
  const changed = withSaid(step, said, before);
  if (isSameContent(changed, step)) return `“${words}” changes nothing of line ${index + 1}`;
  return {
    words: `Change line ${index + 1}: ${words}`,
    steps: beside.above.map((each, at) => (at === index ? changed : each)),
  };
}
