import type { AnyRecord, Kept, LogEntry } from '@yellow-ledger/core';
import fc from 'fast-check';
import { AckedWrites } from './ackedWrites';

const kept = (id: string, revision: number): Kept<AnyRecord> => ({
  content: { id } as AnyRecord,
  revision,
  savedAt: '2026-03-01T18:00:00.000Z',
});

test('a list that was asked for before a write and answered after shows what was written', () => {
  const known = new AckedWrites();
  const asked = known.now();
  known.record('recipes', kept('helm', 2));
  known.record('recipes', kept('new', 1));
  known.deleted('recipes', 'cloak', 3);
  const older = [kept('helm', 1), kept('cloak', 3), kept('boots', 9)];
  expect(known.recordsSince(asked, 'recipes', older)).toEqual([
    kept('helm', 2),
    kept('boots', 9),
    kept('new', 1),
  ]);
  // Asked for afterwards, it says what is so: a record may have been deleted elsewhere since.
  expect(known.recordsSince(known.now(), 'recipes', older)).toEqual(older);
  expect(known.recordsSince(asked, 'pots', older)).toEqual(older);
});

test('what somebody else has written since is newer than what was written here', () => {
  const known = new AckedWrites();
  known.record('recipes', kept('helm', 2));
  known.deleted('recipes', 'cloak', 3);
  const list = [kept('helm', 3), kept('cloak', 4)];
  expect(known.recordsSince(0, 'recipes', list)).toEqual(list);
});

test('whatever is written while a list is under way, no record in it is older than what is known', () => {
  const write = fc.record({ id: fc.constantFrom('a', 'b', 'c'), isDeleted: fc.boolean() });
  fc.assert(
    fc.property(fc.array(write), fc.array(write), (before, after) => {
      const known = new AckedWrites();
      const server = new Map<string, Kept<AnyRecord>>();
      const revisions = new Map<string, number>();
      const apply = ({ id, isDeleted }: { id: string; isDeleted: boolean }) => {
        const revision = revisions.get(id) ?? 0;
        if (isDeleted) {
          server.delete(id);
          return known.deleted('recipes', id, revision);
        }
        revisions.set(id, revision + 1);
        server.set(id, kept(id, revision + 1));
        known.record('recipes', kept(id, revision + 1));
      };
      before.forEach(apply);
      const asked = known.now();
      const list = [...server.values()];
      after.forEach(apply);
      const now = known.recordsSince(asked, 'recipes', list);
      expect(new Map(now.map((each) => [each.content.id, each.revision]))).toEqual(
        new Map([...server].map(([id, each]) => [id, each.revision])),
      );
    }),
  );
});

test('entries written while the log is under way are in it', () => {
  const known = new AckedWrites();
  known.written([{ id: 'one' } as LogEntry]);
  const asked = known.now();
  known.written([{ id: 'two' } as LogEntry]);
  expect(known.entriesSince(asked).map(({ id }) => id)).toEqual(['two']);
});
