import type { AdviceContext, PaintedLine } from '../adviceContext';

/** The line with another count of coats at the finish level it is read at. */
export function withCoats({ written }: PaintedLine, { recipe }: AdviceContext, coats: number) {
  const level = recipe.finishLevel;
  if (written.coatsAt?.[level] !== undefined)
    return { ...written, coatsAt: { ...written.coatsAt, [level]: coats } };
  const { coatsUpTo, ...step } = written;
  // A range keeps its most as long as that is more.
  return coatsUpTo !== undefined && coatsUpTo > coats
    ? { ...step, coats, coatsUpTo }
    : { ...step, coats };
}
