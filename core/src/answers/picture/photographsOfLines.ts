import type { Photograph } from './photograph';

/** One line of a recipe on one model, by when it was painted; ISO 8601, UTC. */
export interface PaintedLine {
  on: { holderId: string; unitId: string; model: number };
  from: string;
  to: string;
}

/** A picture of an evening is taken by then after the last coat, ms. */
const eveningMs = 12 * 3600_000;

const isOn = ({ of }: Photograph, { on }: PaintedLine) =>
  of.kind === 'model' &&
  of.holderId === on.holderId &&
  of.unitId === on.unitId &&
  of.model === on.model;

/**
 * The photographs of a model by the line that was begun last before each was put in.
 *
 * @param lines of one model, in any order
 * @returns by the index of the line; none for a photograph from before them all
 */
export function photographsOfLines(
  lines: readonly PaintedLine[],
  photographs: readonly Photograph[],
): Map<number, Photograph[]> {
  const found = new Map<number, Photograph[]>();
  for (const photograph of photographs) {
    const addedAt = Date.parse(photograph.addedAt);
    let last = -1;
    lines.forEach((line, index) => {
      if (!isOn(photograph, line) || Date.parse(line.from) > addedAt) return;
      if (last < 0 || Date.parse(line.from) >= Date.parse(lines[last].from)) last = index;
    });
    if (last >= 0) found.set(last, [...(found.get(last) ?? []), photograph]);
  }
  return found;
}

/** The first photograph put in once a line was on its model, the same evening; undefined where none was. */
export function photographAfter(
  line: PaintedLine,
  photographs: readonly Photograph[],
): Photograph | undefined {
  const to = Date.parse(line.to);
  return photographs
    .filter((each) => {
      const addedAt = Date.parse(each.addedAt);
      return isOn(each, line) && addedAt >= to && addedAt <= to + eveningMs;
    })
    .sort((one, other) => Date.parse(one.addedAt) - Date.parse(other.addedAt))
    .at(0);
}
