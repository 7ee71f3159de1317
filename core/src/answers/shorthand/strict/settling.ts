import { isSameContent } from '../../../written/record/sameContent';
import type { Fact } from './clause';
import type { Mark, Rough, Said, Span } from '../said';

/** The meaning of a run of words, and where they stand. */
export interface FactAt {
  fact: Exclude<Fact, { mark: unknown }>;
  span: Span;
  /** nothing before it says that it belongs to what came before */
  isUnjoined: boolean;
}

/** The facts of a sentence gathered so far. */
export interface Settling {
  said: Said;
  marks: Mark[];
  rough: Rough[];
}

/** Adds what was said; what was said otherwise before is marked, and the first of both holds. */
export function put({ said, marks }: Settling, more: Partial<Said>, { from, to }: Span): void {
  for (const [field, value] of Object.entries(more)) {
    const before = said[field as keyof Said];
    if (field === 'tool' || field === 'coatsAt')
      Object.assign(said, { [field]: { ...(before as object | undefined), ...(value as object) } });
    else if (before === undefined) Object.assign(said, { [field]: value });
    else if (!isSameContent(before, value))
      marks.push({ from, to, message: 'was said already, and differently' });
  }
}
