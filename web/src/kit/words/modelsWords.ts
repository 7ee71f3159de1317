/** Models of a unit, stretches together. @example modelsWords([7, 1, 2, 3]) // → '1–3, 7' */
export function modelsWords(models: readonly number[]): string {
  return inTurnWords([...models].sort((one, other) => one - other));
}

/** The same in the order they are given. @example inTurnWords([7, 1, 2, 3]) // → '7, 1–3' */
export function inTurnWords(models: readonly number[]): string {
  const stretches: [number, number][] = [];
  for (const model of models) {
    const last = stretches.at(-1);
    if (last && last[1] === model - 1) last[1] = model;
    else stretches.push([model, model]);
  }
  return stretches.map(([from, to]) => (from === to ? `${from}` : `${from}–${to}`)).join(', ');
}
