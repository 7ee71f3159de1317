import { workSurfaces } from '../../army/surfaces/workSurfaces';
import type { Unit } from '../../army/army';
import type { EntryOf } from '../entry';

/** Said wherever it is told that paint can be taken off again. */
export const strippingCaution =
  'What takes paint off can burn skin, eyes and lungs, some of it catches fire, and some eats plastic, resin and glue. Wear gloves and eye protection, work in fresh air, with no flame or heat near it. Never in the mouth or down the drain. Try it on a hidden spot, and follow its maker’s sheet and local rules.';

type Head = Pick<EntryOf<'stripped'>, 'id' | 'at' | 'order' | 'benchId' | 'by'>;

/**
 * The entries noted when models are stripped: that nothing is left on
 * any surface, nor of the effects over them. The earlier coats stay in the log.
 *
 * @param head makes the head of an entry, after those there are
 * @param models places in the line of the unit, from 1
 */
export function strippedEntries(
  armyId: string | null,
  unit: Unit,
  models: readonly number[],
  head: (before: readonly EntryOf<'stripped'>[]) => Head,
): EntryOf<'stripped'>[] {
  const entries: EntryOf<'stripped'>[] = [];
  for (const { id } of workSurfaces(unit))
    entries.push({
      kind: 'stripped',
      ...head(entries),
      where: { armyId, unitId: unit.id, surfaceId: id, models: [...models] },
    });
  return entries;
}
