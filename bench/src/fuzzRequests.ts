import { resourceNames } from '@yellow-ledger/core';
import { seeded } from '../../core/src/testing/practice/shakingHand';

/** A request, right or wrong. */
export interface Asked {
  method: string;
  path: string;
  heads: Record<string, string>;
  body: string;
}

/** A record as it is kept, to be spoilt. */
interface Kept {
  name: string;
  content: { id: string };
  revision: number;
}

/** A few identifiers of each kind that the server has. */
export async function recordsOf(url: string, heads: Record<string, string> = {}): Promise<Kept[]> {
  const lists = await Promise.all(
    resourceNames.map(async (name) => {
      const { items } = (await (await fetch(`${url}/api/${name}`, { headers: heads })).json()) as {
        items: Kept[];
      };
      return items.slice(0, 10).map((kept) => ({ ...kept, name }));
    }),
  );
  return lists.flat();
}

/** Routes that only some servers have, and what is rightly sent to them. */
export interface MoreRoutes {
  roots: readonly string[];
  bodies: readonly { method: string; path: string; body: unknown }[];
}

/** Requests over all routes, half of them nonsense and half right but for something in them. */
export function drawer(
  seed: number,
  records: readonly Kept[],
  more: MoreRoutes = { roots: [], bodies: [] },
): () => Asked {
  const random = seeded(seed);
  const pick = <Item>(items: readonly Item[]): Item => items[Math.floor(random() * items.length)];
  const oddWord = () =>
    pick([
      '',
      '%',
      '%00',
      '%2e%2e%2f',
      '..',
      '__proto__',
      'constructor',
      'a'.repeat(9000),
      '%E0%A4%A',
      '%ff',
      '‮',
      "'; drop table pots; --",
      '-1',
      '1e400',
      'NaN',
      'null',
      '{}',
      '[]',
      '0',
      '?',
      '#',
      '//',
      '*',
      '\u{1F3A8}',
      'oilskin-shadow',
      'peat',
      'lanternfen-levy',
      '1',
      '99999999999999999999',
    ]);
  const roots = [
    ...resourceNames.map((name) => `/api/${name}`),
    '/api/log',
    '/api/files',
    '/api/files/recipes',
    '/api/files/everything',
    '/api/files/shelf',
    '/api/pot-batches',
    '/api/replacements',
    '/api/versions',
    '/api/recipes/oilskin-shadow/versions',
    '/api/demo/sample',
    '/api',
    '/',
    '/assets',
    '/healthz',
    ...more.roots,
  ];
  const oddValue = (depth: number): unknown => {
    const leaf = () =>
      pick([
        null,
        true,
        -1,
        0,
        1e308,
        0.1,
        '',
        'x',
        oddWord(),
        '2026-13-45T99:99:99Z',
        '#zzzzzz',
        [],
        {},
      ]);
    if (depth > 3 || random() < 0.4) return leaf();
    if (random() < 0.4)
      return Array.from({ length: Math.floor(random() * 5) }, () => oddValue(depth + 1));
    const keys = [
      'id',
      'content',
      'revision',
      'entries',
      'name',
      'steps',
      'mix',
      'parts',
      'kind',
      'potId',
      '__proto__',
      'constructor',
      'writes',
      'note',
      'format',
      'version',
      'minor',
      'pots',
      'recipes',
      'log',
      'units',
      'wells',
      'of',
      'at',
    ];
    return Object.fromEntries(
      Array.from({ length: Math.floor(random() * 6) }, () => [pick(keys), oddValue(depth + 1)]),
    );
  };
  const body = () => {
    const kind = random();
    const json = JSON.stringify(oddValue(0)) ?? '';
    if (kind < 0.55) return json;
    if (kind < 0.7) return json.slice(0, Math.floor(json.length * random()));
    if (kind < 0.76) return '['.repeat(2000);
    if (kind < 0.82) return `{"content":${'{"a":'.repeat(1500)}1${'}'.repeat(1500)},"revision":0}`;
    if (kind < 0.88) return '\u0000\u0001\uFFFD"';
    return '';
  };
  /** Something in it, somewhere, is another thing, or is gone. */
  const spoilt = (value: unknown): unknown => {
    if (typeof value !== 'object' || value === null || random() < 0.25)
      return random() < 0.15 ? undefined : oddValue(2);
    const copy = structuredClone(value) as Record<string, unknown>;
    const keys = Object.keys(copy);
    if (keys.length === 0) return oddValue(2);
    const key = pick(keys);
    copy[key] = spoilt(copy[key]);
    return copy;
  };
  const spoiltRecord = (): Asked => {
    const { name, content, revision } = pick(records);
    const body = {
      content: spoilt(content),
      revision: pick([revision, 0, revision + 1, -1, oddWord()]),
    };
    const path = `/api/${name}/${content.id}`;
    const heads = { host: '127.0.0.1', 'content-type': 'application/json' };
    const others: Asked[] = [
      { method: 'POST', path: '/api/pot-batches', heads, body: textOf({ writes: [body] }) },
      {
        method: 'POST',
        path: '/api/log',
        heads,
        body: textOf({ entries: [spoilt(content)] }),
      },
      {
        method: 'POST',
        path: '/api/files',
        heads,
        body: textOf(spoilt({ format: 'yellow-ledger', version: 2, pots: [content], recipes: [] })),
      },
      {
        method: 'PUT',
        path: `/api/recipes/${content.id}/versions/1`,
        heads,
        body: textOf(spoilt({ note: '', revision })),
      },
      {
        method: 'POST',
        path: '/api/replacements',
        heads,
        body: textOf(spoilt({ potId: 'peat', standIn: [], recipes: [] })),
      },
    ];
    if (more.bodies.length > 0 && random() < 0.4) {
      const asked = pick(more.bodies);
      return { ...asked, heads, body: textOf(random() < 0.2 ? asked.body : spoilt(asked.body)) };
    }
    if (random() < 0.3) return pick(others);
    return {
      method: 'PUT',
      path,
      heads,
      body: textOf(random() < 0.9 ? body : spoilt(body)),
    };
  };
  return () => {
    if (random() < 0.5) return spoiltRecord();
    let path = pick(roots);
    while (random() < 0.5) path += `/${oddWord()}`;
    if (random() < 0.3)
      path += `?${pick(['revision', 'after', 'from', 'q', '__proto__[x]'])}=${oddWord()}`;
    const method = pick(['GET', 'PUT', 'POST', 'DELETE', 'PATCH', 'HEAD', 'OPTIONS', 'PROPFIND']);
    const heads: Record<string, string> = { host: '127.0.0.1' };
    if (random() < 0.8)
      heads['content-type'] = pick([
        'application/json',
        'text/plain',
        'application/json; charset=utf-99',
        'multipart/form-data',
        '',
      ]);
    if (random() < 0.1) heads['content-encoding'] = pick(['gzip', 'br', 'zip', 'x']);
    if (random() < 0.1) heads.range = pick(['bytes=9-1', 'bytes=0-99999999', 'x']);
    if (random() < 0.1) heads['if-none-match'] = oddWord().replace(/[^\x20-\x7e]/g, '');
    if (random() < 0.1) heads.accept = pick(['*/*;q=x', 'text/html', '']);
    return {
      method,
      path: encodeURI(path).replaceAll('%25', '%'),
      heads,
      body: method === 'GET' || method === 'HEAD' ? '' : body(),
    };
  };
}

/** Of what is gone there is no text. */
const textOf = (value: unknown) => JSON.stringify(value) ?? '';
