const stretch = /^(\d{1,4})(?:\s*[-–]\s*(\d{1,4}))?$/;

/**
 * Numbers of models as people write them.
 *
 * @param most models there are
 * @returns each once, rising; null where it is not such a list
 * @example modelsOfText('4–6, 9', 20) // → [4, 5, 6, 9]
 */
export function modelsOfText(text: string, most: number): number[] | null {
  const models = new Set<number>();
  for (const part of text.split(',')) {
    const found = stretch.exec(part.trim());
    if (!found) return null;
    const from = Number(found[1]);
    const to = Number(found[2] ?? found[1]);
    if (from < 1 || to < from || to > most) return null;
    for (let model = from; model <= to; model++) models.add(model);
  }
  return [...models].sort((one, other) => one - other);
}
