import { isSameContent } from '@yellow-ledger/core';
import type { KeptSection } from '@yellow-ledger/core';
import type { Knex } from 'knex';

interface SectionRow {
  name: string;
  since: number;
  value: string;
}

/** Whole parts of files of a newer version, kept unread. */
export interface SectionStore {
  list(within?: Knex.Transaction): Promise<KeptSection[]>;
  /** @returns names of those that are here already and say something else; they were left alone */
  keep(sections: readonly KeptSection[], within: Knex.Transaction): Promise<string[]>;
}

export function sectionStore(db: Knex): SectionStore {
  const list = async (from: Knex | Knex.Transaction): Promise<KeptSection[]> =>
    (await from<SectionRow>('file_sections').select('*')).map(({ name, since, value }) => ({
      name,
      since,
      value: JSON.parse(value) as unknown,
    }));
  return {
    list: (within) => list(within ?? db),

    async keep(sections, within) {
      const here = new Map((await list(within)).map((section) => [section.name, section]));
      for (const { name, since, value } of sections)
        if (!here.has(name))
          await within<SectionRow>('file_sections').insert({
            name,
            since,
            value: JSON.stringify(value),
          });
      return sections
        .filter(({ name, value }) => here.has(name) && !isSameContent(here.get(name)?.value, value))
        .map(({ name }) => name);
    },
  };
}
