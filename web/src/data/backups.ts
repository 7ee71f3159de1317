import { z } from 'zod';
import { ledgerApi } from './ledgerApi';

const backupSchema = z.object({
  name: z.string(),
  madeAt: z.string(),
  bytes: z.number(),
  counts: z.record(z.string(), z.number()),
});
const listSchema = z.object({
  folder: z.string(),
  isDaily: z.boolean(),
  items: z.array(backupSchema),
});
const restoredSchema = z.object({ replaced: z.string().nullable() });
export type Backup = z.infer<typeof backupSchema>;

/** Whole copies of the ledger, which its server keeps; asked for where they are looked at alone. */
const withBackups = ledgerApi.enhanceEndpoints({ addTagTypes: ['backups'] }).injectEndpoints({
  endpoints: (build) => ({
    backups: build.query<z.infer<typeof listSchema>, void>({
      query: () => ({ path: '/api/backups', read: (answer) => listSchema.parse(answer) }),
      providesTags: ['backups'],
    }),
    makeBackup: build.mutation<Backup, void>({
      query: () => ({
        path: '/api/backups',
        method: 'POST',
        read: (answer) => backupSchema.parse(answer),
      }),
      invalidatesTags: ['backups'],
    }),
    restoreBackup: build.mutation<{ replaced: string | null }, string>({
      query: (name) => ({
        path: `/api/backups/${name}/restored`,
        method: 'POST',
        read: (answer) => restoredSchema.parse(answer),
      }),
    }),
  }),
});

export const { useBackupsQuery, useMakeBackupMutation, useRestoreBackupMutation } = withBackups;
