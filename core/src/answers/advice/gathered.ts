import type { Recipe } from '../../written/recipe/recipe';
import type { Fix } from './fixes/fix';
import type { Remark } from './remark';

/** The same remark on several lines, said once, with the first of them, naming the others. */
export function gathered(remarks: readonly Remark[], { steps }: Recipe): Remark[] {
  const numberOf = (stepId: string) => steps.findIndex(({ id }) => id === stepId) + 1;
  const said = new Set<Remark>();
  return remarks.flatMap((remark): Remark[] => {
    if (said.has(remark)) return [];
    const same = remark.stepId === null ? [remark] : remarks.filter((each) => isSame(remark, each));
    same.forEach((each) => said.add(each));
    const others = same.slice(1).flatMap(({ stepId }) => (stepId === null ? [] : [stepId]));
    if (others.length === 0) return [remark];
    return [
      {
        ...remark,
        alsoOf: others,
        sentence: `${remark.sentence} So of line${others.length > 1 ? 's' : ''} ${listed(others.map(numberOf))}.`,
        fixes: [...remark.fixes, ...togetherFix(same)],
      },
    ];
  });
}

const isSame = (one: Remark, other: Remark) =>
  other.stepId !== null &&
  one.rule === other.rule &&
  one.kind === other.kind &&
  one.isSetAside === other.isSetAside &&
  one.potId === other.potId;

/** The first mend of each line in one press, where each has one that is called the same. */
function togetherFix(remarks: readonly Remark[]): Fix[] {
  const firsts = remarks.flatMap(({ fixes }) => fixes.slice(0, 1));
  const isOnLines = firsts.every(({ changes }) => changes.every((each) => each.do === 'replace'));
  if (firsts.length !== remarks.length || !isOnLines) return [];
  return [
    {
      label: `Mend all ${remarks.length}`,
      changes: firsts.flatMap(({ changes }) => changes),
    },
  ];
}

/** @example listed([3, 4, 7]) // → '3, 4 and 7' */
function listed(numbers: readonly number[]): string {
  const last = numbers.at(-1);
  return numbers.length < 2 ? `${last}` : `${numbers.slice(0, -1).join(', ')} and ${last}`;
}
