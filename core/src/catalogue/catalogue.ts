import type { z } from 'zod';
import { armies } from './armies';
import { benches } from './benches';
import { brings } from './brings';
import { claims } from './claims';
import type { Kind, KindName, RecordHolder, Resource } from './kind';
import { loans } from './loans';
import { logEntries } from './logEntries';
import { members } from './members';
import { palettes } from './palettes';
import { photographs } from './photographs';
import { pots } from './pots';
import { proposals } from './proposals';
import { recipes } from './recipes';
import { remarks } from './remarks';
import { timetables } from './timetables';
import { versions } from './versions';

/** The kinds whose records are edited; in an order in which they can be taken in one by one. */
export const resources = { pots, recipes, palettes, armies, benches, timetables, photographs };

/** Every kind that is kept. */
export const kinds: Record<KindName, Kind> = {
  ...(resources as unknown as Record<ResourceName, Kind>),
  versions: versions as Kind,
  log: logEntries as Kind,
  proposals: proposals as Kind,
  remarks: remarks as Kind,
  claims: claims as Kind,
  loans: loans as Kind,
  brings: brings as Kind,
  members: members as Kind,
};

export type ResourceName = keyof typeof resources;
export type ContentOf<Name extends ResourceName> = z.infer<(typeof resources)[Name]['schema']>;
/** A record of any kind that is edited. */
export type AnyRecord = ContentOf<ResourceName>;

export const resourceNames = Object.keys(resources) as ResourceName[];

/** The name of a record, as it stands in sentences. */
export const recordName = (name: ResourceName, record: AnyRecord): string =>
  (resources[name] as Resource<AnyRecord>).nameOf(record);

/** Pots a record of a kind draws from. */
export function potsDrawnBy(name: ResourceName, record: AnyRecord): string[] {
  // The kind says which schema its records have passed.
  return (resources[name] as Resource<AnyRecord>).potsDrawn(record);
}

/** The owner of a new record of a kind. */
export function belongsTo(name: ResourceName, record: AnyRecord): RecordHolder[] {
  return (resources[name] as Resource<AnyRecord>).belongsTo(record);
}
