import { resourceNames } from '@yellow-ledger/core';
import { Router } from 'express';
import { z } from 'zod';
import type { Ledger } from '../../db/ledger';
import { parseOrThrow } from '../../http/parseOrThrow';
import { notFound } from '../../http/problem';
import { isHiddenFrom, ownedAmong } from '../../open/hiddenFrom';
import { askedAt } from '../clubRequest';
import type { ClubDoor } from '../login/clubDoor';
import { settingOwners, type Whose } from './settingOwners';

const kindSchema = z.enum(resourceNames, { error: `one of ${resourceNames.join(', ')}` });
/**
 * The new owner of records: the club’s; mine, for me and for whom it is opened to; or mine, and shown
 * to all.
 */
const whoseSchema = z.strictObject({
  is: z.enum(['club', 'mine', 'shared'], { error: 'club, mine or shared' }),
  openTo: z
    .array(
      z.strictObject({
        memberId: z.string({ error: 'a member' }).max(64, 'a member'),
        mayWrite: z.boolean({ error: 'true or false' }),
      }),
      { error: 'a list of members' },
    )
    .max(200, 'at most 200 members')
    .default([]),
});
const manySchema = whoseSchema.extend({
  items: z
    .array(z.strictObject({ kind: kindSchema, id: z.string().max(64) }), {
      error: 'a list of records',
    })
    .min(1, 'at least one record')
    .max(5000, 'at most 5,000 records'),
});

/** The owner of each record, to whom it is opened, and changing that. */
export function ownerRoutes(door: ClubDoor, ledger: Ledger): Router {
  const { owners, members } = door.club;
  const setWhose = settingOwners(door.club, ledger);
  const router = Router();
  const asked = askedAt(door);

  async function refuseStrangers({ openTo }: Whose): Promise<void> {
    for (const { memberId } of openTo) if (!(await members.get(memberId))) throw notFound('member');
  }

  router.get(
    '/owners',
    asked(async ({ member }) => {
      const [opened, toChange, all] = [
        await owners.openedBy(member.id),
        await owners.openedToChange(member.id),
        await owners.list(null),
      ];
      const items = [];
      for (const kind of resourceNames) {
        const ofKind = all.filter((each) => each.kind === kind);
        const open = await ownedAmong(
          kind,
          ofKind.map(({ id }) => id),
          ledger.db,
        );
        for (const each of ofKind) {
          if (isHiddenFrom(member.id, open.get(each.id))) continue;
          const key = `${kind} ${each.id}`;
          items.push({
            ...each,
            ...(opened.has(key) && { openTo: opened.get(key) }),
            ...(toChange.has(key) && { mayWrite: true }),
          });
        }
      }
      return { items };
    }),
  );

  router.put(
    '/owners',
    asked(async (who, request) => {
      const { items, ...whose } = parseOrThrow(manySchema, request.body);
      await refuseStrangers(whose);
      const along = new Set<string>();
      await ledger.db.transaction(async (within) => {
        for (const item of items)
          for (const id of await setWhose(who, item, whose, within)) along.add(id);
      });
      return { along: [...along] };
    }),
  );

  router.put(
    '/owners/:kind/:id',
    asked(async (who, request) => {
      const item = parseOrThrow(z.object({ kind: kindSchema, id: z.string() }), request.params);
      const whose = parseOrThrow(whoseSchema, request.body);
      await refuseStrangers(whose);
      return {
        along: await ledger.db.transaction((within) => setWhose(who, item, whose, within)),
      };
    }),
  );

  return router;
}
