import { render } from '@testing-library/react';
import type { Role } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { clubApi } from '../data/club/clubApi';
import type { Owned } from '../data/club/clubSchemas';
import { memberships, type Member } from '../data/club/membership';
import { createStore } from '../data/store';

const joinedAt = '2026-11-27T18:00:00.000Z';
const member = (id: string, role: Role): Member => ({
  id,
  name: id[0].toUpperCase() + id.slice(1),
  role,
  joinedAt,
});

/** A club of four, one of whom sits here. */
export const clubOf = (me: Role): Member[] => [
  member('me', me),
  member('wren', 'painter'),
  member('sedge', 'painter'),
  member('ottoline', 'keeper'),
];

/** The requests of a club's page to its server, and the answers. */
export interface HouseServer {
  asked: { method: string; path: string; body: unknown }[];
  answers: Record<string, { status?: number; body?: unknown }>;
}

/** Answers a page in place of the server of a club. What is not said answers with nothing. */
export function houseServer(answers: HouseServer['answers'] = {}): HouseServer {
  const server: HouseServer = { asked: [], answers };
  global.fetch = (path, init) => {
    const method = init?.method ?? 'GET';
    const asked = String(path).replace('/api/club', '');
    const body = typeof init?.body === 'string' ? (JSON.parse(init.body) as unknown) : undefined;
    server.asked.push({ method, path: asked, body });
    const answer = server.answers[`${method} ${asked}`] ?? {};
    const status = answer.status ?? (answer.body === undefined ? 204 : 200);
    const text = answer.body === undefined ? null : JSON.stringify(answer.body);
    return Promise.resolve(new Response(text, { status }));
  };
  return server;
}

/** Comes in on the page under test. */
export async function sitHere(me: Role, isShared = false): Promise<void> {
  houseServer({
    'GET /me': {
      body: { member: clubOf(me)[0], deviceId: 'd', isShared, endsAt: '2999-01-01T00:00:00.000Z' },
    },
  });
  await memberships.look();
}

/** Shows a part of a page as a member of a club sees it. */
export async function renderInClub(me: Role, owners: Owned[], part: ReactNode) {
  const store = createStore();
  const put = (made: unknown) => store.dispatch(made as never);
  await put(clubApi.util.upsertQueryData('owners', undefined, owners));
  await put(clubApi.util.upsertQueryData('members', undefined, clubOf(me)));
  return { store, ...render(<Provider store={store}>{part}</Provider>) };
}

/** Lets what was asked for be answered. */
export async function answered(): Promise<void> {
  for (let turn = 0; turn < 50; turn++) await Promise.resolve();
}
