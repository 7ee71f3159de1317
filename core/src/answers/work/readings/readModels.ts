import type { ReadModel } from './controlChart';
import type { EntryOf, LogEntry } from '../log/entry';
import { placeKey, toneOf, type ReadPlace } from './readPlace';
import { standing } from '../log/standing';

export interface Readings {
  places: ReadPlace[];
  models: ReadModel[];
  /** models of which a place is missing */
  left: number[];
}

/**
 * The readings of one surface of a unit, model by model in the order they were read, at the places
 * that were read of the first of them. A second reading of a place takes the place of the first.
 */
export function readModels(
  entries: readonly LogEntry[],
  unitId: string,
  surfaceId: string,
): Readings {
  const readings = standing(entries).filter(
    (entry): entry is EntryOf<'reading'> =>
      entry.kind === 'reading' &&
      entry.where.unitId === unitId &&
      entry.where.surfaceId === surfaceId,
  );
  const byModel = new Map<
    number,
    Map<string, { place: ReadPlace; lab: EntryOf<'reading'>['lab'] }>
  >();
  for (const { where, place: at, line, lab } of readings) {
    const place: ReadPlace = line === undefined ? at : { at, line };
    for (const model of where.models)
      byModel.set(model, (byModel.get(model) ?? new Map()).set(placeKey(place), { place, lab }));
  }
  const first = [...byModel.values()].at(0);
  if (!first) return { places: [], models: [], left: [] };
  const places = [...first.values()]
    .map(({ place }) => place)
    .sort((one, other) => toneOf(one) - toneOf(other));
  const models: ReadModel[] = [];
  const left: number[] = [];
  for (const [model, labs] of byModel) {
    const read = places.flatMap((place) => {
      const read = labs.get(placeKey(place));
      return read ? [read.lab] : [];
    });
    if (read.length === places.length) models.push({ model, labs: read });
    else left.push(model);
  }
  return { places, models, left };
}
