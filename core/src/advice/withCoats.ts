import type { AdviceContext, PaintedLine } from './adviceContext';

/** The line with another count of coats at the finish level it is read at. */
export function withCoats({ written }: PaintedLine, { recipe }: AdviceContext, coats: number) {
  const level = recipe.finishLevel;
  return written.coatsAt?.[level] === undefined
    ? { ...written, coats }
    : { ...written, coatsAt: { ...written.coatsAt, [level]: coats } };
}
