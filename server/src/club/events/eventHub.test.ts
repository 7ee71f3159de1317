import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { LogEntry, Recipe } from '@yellow-ledger/core';
import type { Response } from 'express';
import { addDemo } from '../../demo/addDemo';
import { testClub, type TestMember } from '../testClub';

interface Event {
  id: string;
  event: string;
  data: {
    changes?: { kind: string; id: string; isOfOwner?: boolean }[];
    entries?: { sequence: number; entry: { id: string } }[];
  };
}

let clubServer: Awaited<ReturnType<typeof testClub>>;
let server: Server;
let at: string;
let painter: TestMember;
let other: TestMember;
let keeper: TestMember;
let recipe: Recipe;
const listeners: AbortController[] = [];

beforeEach(async () => {
  clubServer = await testClub();
  await addDemo(clubServer.ledger);
  recipe = (await clubServer.ledger.records.recipes.list())[0].content;
  keeper = await clubServer.member('Ottoline', 'keeper');
  painter = await clubServer.member('Barnaby', 'painter');
  other = await clubServer.member('Wren', 'painter');
  server = createServer(clubServer.app);
  await new Promise<void>((open) => server.listen(0, '127.0.0.1', open));
  at = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterEach(async () => {
  listeners.splice(0).forEach((each) => each.abort());
  server.closeAllConnections();
  await new Promise((closed) => server.close(closed));
  await clubServer.close();
});

/** Listens as a browser does. @returns what was told so far, and whether it is over */
async function listen(who: TestMember | null, after?: string) {
  const ending = new AbortController();
  listeners.push(ending);
  const response = await fetch(`${at}/api/club/events${after ? `?after=${after}` : ''}`, {
    headers: who ? { Cookie: who.cookie } : {},
    signal: ending.signal,
  });
  const told: Event[] = [];
  const state = { isOver: false };
  if (response.ok)
    void (async () => {
      let text = '';
      const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
      for (;;) {
        const { done, value } = await reader.read();
        if (done) break;
        text += value;
        const parts = text.split('\n\n');
        text = parts.pop() ?? '';
        for (const part of parts) {
          const lines = new Map(
            part.split('\n').map((line) => line.split(/: (.*)/, 2) as [string, string]),
          );
          if (lines.has('event'))
            told.push({
              id: lines.get('id') ?? '',
              event: lines.get('event') ?? '',
              data: JSON.parse(lines.get('data') ?? '{}') as Event['data'],
            });
        }
      }
      state.isOver = true;
    })().catch(() => undefined);
  return { response, told, state, end: () => ending.abort() };
}

async function until(is: () => boolean): Promise<void> {
  const since = Date.now();
  while (!is()) {
    if (Date.now() - since > 120_000) throw new Error('it did not come about');
    await new Promise((then) => setTimeout(then, 5));
  }
}

const entry = (id: string, benchId = 'a-bench-that-is-gone'): LogEntry => ({
  kind: 'strike',
  id,
  benchId,
  at: '2026-11-27T18:00:00.000Z',
  order: 0,
  of: 'nothing',
});
const press = (id: string, who = painter) =>
  clubServer
    .ask('post', '/api/log', who)
    .send({ entries: [entry(id)] })
    .expect(200);
const entriesOf = (told: readonly Event[]) =>
  told.flatMap(({ data }) => data.entries?.map(({ entry: { id } }) => id) ?? []);
const changesOf = (told: readonly Event[]) =>
  told.flatMap(({ data }) => data.changes?.map(({ kind, id }) => `${kind} ${id}`) ?? []);

test('a press is told to everybody else, as the entry it is', async () => {
  const { told } = await listen(other);
  await press('e1');
  await until(() => entriesOf(told).includes('e1'));
  expect(told[0].event).toBe('hello');
});

test('whoever was away is told what was missed, each entry once and in order', async () => {
  const first = await listen(other);
  await press('e1');
  await until(() => entriesOf(first.told).includes('e1'));
  first.end();
  for (let i = 2; i < 12; i++) await press(`e${i}`);
  const again = await listen(other, first.told.at(-1)?.id);
  await press('e12');
  await until(() => entriesOf(again.told).includes('e12'));
  expect(entriesOf(again.told)).toEqual(Array.from({ length: 11 }, (_, i) => `e${i + 2}`));
});

test('of what somebody keeps to themselves nothing is told, until it is shared', async () => {
  const [of, mine] = [await listen(other), await listen(painter)];
  const put = (name: string, revision: number) =>
    clubServer
      .ask('put', '/api/recipes/own', painter)
      .send({ content: { ...recipe, id: 'own', name }, revision });
  await put('One', 0).expect(200);
  await press('after');
  await until(() => entriesOf(of.told).includes('after') && entriesOf(mine.told).includes('after'));
  // That it is somebody’s is said, so that who had it lets go of it; of what it is, nothing.
  const ofRecord = (told: Event[]) =>
    told
      .flatMap(({ data }) => data.changes ?? [])
      .filter(({ id, isOfOwner }) => id === 'own' && !isOfOwner);
  expect(ofRecord(of.told)).toEqual([]);
  expect(ofRecord(mine.told)).not.toEqual([]);
  await clubServer
    .ask('put', '/api/club/owners/recipes/own', painter)
    .send({ is: 'shared' })
    .expect(200);
  await put('Two', 1).expect(200);
  await until(() => ofRecord(of.told).length > 0);
});

test('paint that is taken from a pot is told of the pot', async () => {
  const { told } = await listen(other);
  const log = await clubServer.ledger.log.all();
  const coat = log.find(({ kind }) => kind === 'coat');
  if (coat?.kind !== 'coat') throw new Error('the demo has painted nothing');
  const more = { ...coat, id: 'one-more', coat: coat.coat + 1, used: coat.used.slice(0, 1) };
  await clubServer
    .ask('post', '/api/log', keeper)
    .send({ entries: [more] })
    .expect(200);
  await until(() => changesOf(told).includes(`pots ${more.used[0].potId}`));
});

test('who is put out is told so, and hears no more', async () => {
  const { told, state } = await listen(other);
  await clubServer.ask('delete', `/api/club/members/${other.id}`, keeper).expect(204);
  await until(() => state.isOver);
  expect(told.at(-1)?.event).toBe('out');
  await press('later');
  expect(entriesOf(told)).not.toContain('later');
  expect(clubServer.events.listening).toBe(0);
});

test('nobody listens without having come in, and nobody by the hundred', async () => {
  expect((await listen(null)).response.status).toBe(401);
  expect(
    (await listen({ ...other, cookie: `${other.cookie.slice(0, -3)}abc` })).response.status,
  ).toBe(401);
  const statuses: number[] = [];
  for (let i = 0; i < 20; i++) statuses.push((await listen(other)).response.status);
  expect(statuses.filter((status) => status === 200)).toHaveLength(8);
  expect(statuses.slice(8)).toEqual(Array(12).fill(429));
  // Another’s are not held up by it.
  expect((await listen(painter)).response.status).toBe(200);
});

test('who comes from before a backup was put in place is told to start over', async () => {
  const { told } = await listen(other, '99999999.99999999');
  await until(() => told.length > 0);
  expect(told[0].event).toBe('anew');
});

/** A page’s connection that takes nothing until it is told to. */
function unreadStream() {
  const written: string[] = [];
  const listeners: (() => void)[] = [];
  let isRead = false;
  const response = {
    status: () => response,
    set: () => response,
    flushHeaders: () => undefined,
    once: (event: string, listener: () => void) => event === 'drain' && listeners.push(listener),
    write: (text: string) => {
      written.push(text);
      return isRead;
    },
    end: () => undefined,
    destroy: () => undefined,
  };
  return {
    response: response as unknown as Response,
    written,
    read: () => {
      isRead = true;
      listeners.splice(0).forEach((listener) => listener());
    },
  };
}

test('a page that does not read is sent nothing more until it does, and then all of it, in order', async () => {
  for (let i = 0; i < 450; i++)
    await clubServer.ledger.log.append([entry(`old-${String(i).padStart(3, '0')}`)]);
  const token = painter.cookie.split('=')[1];
  const who = (await clubServer.club.who(token))!;
  const { response, written, read } = unreadStream();
  const before = { change: 0, entry: 0 };
  await clubServer.events.listen(response, { token, address: 'here', who }, before);
  await press('e1');
  const { told } = await listen(other);
  await press('e2');
  await until(() => entriesOf(told).includes('e2'));
  expect(written).toHaveLength(1);

  read();
  await until(() => written.some((text) => text.includes('"e2"')));
  const ids = written
    .filter((text) => text.includes('event: news'))
    .flatMap((text) => {
      const data = JSON.parse(text.split('data: ')[1]) as Event['data'];
      return data.entries?.map(({ entry: { id } }) => id) ?? [];
    });
  const old = Array.from({ length: 450 }, (_, i) => `old-${String(i).padStart(3, '0')}`);
  expect(ids.filter((id) => id.startsWith('old-') || id.startsWith('e'))).toEqual([
    ...old,
    'e1',
    'e2',
  ]);
  // No message holds more than a page, whoever was away for long.
  expect(Math.max(...written.map((text) => text.length))).toBeLessThan(200_000);
});
