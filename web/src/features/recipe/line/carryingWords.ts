import type { Announcements, UniqueIdentifier } from '@dnd-kit/core';

/** Words of a screen reader while a line is carried by its grip. */
export function carryingWords(numberOf: (stepId: string) => number): Announcements {
  const line = (id: UniqueIdentifier) => numberOf(String(id));
  return {
    onDragStart: ({ active }) => `Line ${line(active.id)} is picked up.`,
    onDragOver: ({ active, over }) =>
      over
        ? `Line ${line(active.id)} would stand at place ${line(over.id)}.`
        : `Line ${line(active.id)} is over no place.`,
    onDragEnd: ({ active, over }) =>
      over
        ? `Line ${line(active.id)} was put down at place ${line(over.id)}.`
        : `Line ${line(active.id)} stays where it was.`,
    onDragCancel: ({ active }) => `Line ${line(active.id)} stays where it was.`,
  };
}
