import type { FormField } from '../../written/place/formField';

/**
 * From the front, from straight above (the front of the figure lies at the bottom), from straight
 * below, and from behind, where the back is as the front.
 */
export const views = ['front', 'above', 'below', 'behind'] as const;

export type View = (typeof views)[number];

const viewsKept = new WeakMap<FormField, Map<View, Int32Array>>();

/**
 * Which cell of a form is seen at each pixel of a picture as large as its field; −1 for none.
 *
 * From above and below, a column of the relief is walked away from the eye: what does not stand
 * out further than what was met before is hidden by it.
 */
export function viewOf(field: FormField, view: View): Int32Array {
  const known = viewsKept.get(field) ?? new Map<View, Int32Array>();
  viewsKept.set(field, known);
  const cells = known.get(view) ?? project(field, view);
  known.set(view, cells);
  return cells;
}

function project(field: FormField, view: View): Int32Array {
  const { size, inside, height } = field;
  const cells = new Int32Array(size * size).fill(-1);
  if (view === 'front') {
    for (let cell = 0; cell < cells.length; cell++) if (inside[cell]) cells[cell] = cell;
    return cells;
  }
  if (view === 'behind') {
    for (let cell = 0; cell < cells.length; cell++) {
      const across = cell - 2 * (cell % size) + size - 1;
      if (inside[across]) cells[cell] = across;
    }
    return cells;
  }
  const highest = height.reduce((most, z) => Math.max(most, z), 0);
  // Half the body is behind the picture, so what there is fills the middle half.
  const depth = Math.min(1.6, 0.62 / highest) * size;
  const back = size / 2 - (highest * depth) / 2;
  for (let column = 0; column < size; column++) {
    let reached = 0;
    for (let walked = 0; walked < size; walked++) {
      const row = view === 'above' ? walked : size - 1 - walked;
      const cell = row * size + column;
      if (!inside[cell]) continue;
      const out = Math.round(height[cell] * depth);
      for (let at = reached; at < out; at++) {
        const shown = Math.round(view === 'above' ? back + at : size - 1 - back - at);
        if (shown >= 0 && shown < size) cells[shown * size + column] = cell;
      }
      reached = Math.max(reached, out);
    }
  }
  return cells;
}
