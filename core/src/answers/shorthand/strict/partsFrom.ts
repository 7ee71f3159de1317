import type { MixPart } from '../../../written/mix/mix';
import type { Beside, Said } from '../said';

/** The parts of a mix as they were said, or as the last line above that holds paint has them. */
export function partsFrom({ parts }: Pick<Said, 'parts'>, { above, names }: Beside): MixPart[] {
  if (parts.length > 0)
    return parts.map((part): MixPart =>
      'potId' in part
        ? { from: 'pot', potId: part.potId, parts: part.parts ?? 1 }
        : { from: 'step', stepId: above[part.line - 1].id, parts: part.parts ?? 1 },
    );
  const before = above.findLast(({ mix }) => mix.parts.length > 0);
  if (before) return before.mix.parts;
  const first =
    names.pots.find(({ kind, retired }) => kind === 'paint' && !retired) ??
    names.pots.find(({ retired }) => !retired);
  return first ? [{ from: 'pot', potId: first.id, parts: 1 }] : [];
}
