import { resourceNames, type Action, type Matter, type Relation } from '@yellow-ledger/core';

/** What a route of the API does, and to what; of whose where it can be no one’s in particular. */
export interface RouteRight {
  method: 'GET' | 'PUT' | 'POST' | 'DELETE';
  /** below /api; `:x` stands for one part of an address */
  path: string;
  action: Action;
  matter: Matter;
  /** the club’s where not said: nothing of a ledger has another owner yet */
  relation?: Relation;
}

const recordRights = resourceNames.flatMap((name): RouteRight[] => [
  { method: 'GET', path: `/${name}`, action: 'look', matter: name },
  { method: 'GET', path: `/${name}/:id`, action: 'look', matter: name },
  { method: 'PUT', path: `/${name}/:id`, action: 'write', matter: name },
  { method: 'DELETE', path: `/${name}/:id`, action: 'delete', matter: name },
]);

/**
 * Every route of the API, with the right it asks for. What is not here is refused to everybody in a
 * club; the routes of members and of coming in ask the table of rights themselves.
 */
export const routeRights: readonly RouteRight[] = [
  ...recordRights,
  { method: 'POST', path: '/pot-batches', action: 'write', matter: 'pots' },
  { method: 'POST', path: '/replacements', action: 'write', matter: 'recipes' },
  { method: 'GET', path: '/versions', action: 'look', matter: 'versions' },
  { method: 'GET', path: '/recipes/:id/versions', action: 'look', matter: 'versions' },
  { method: 'PUT', path: '/recipes/:id/versions/:number', action: 'create', matter: 'versions' },
  { method: 'DELETE', path: '/recipes/:id/versions/:number', action: 'delete', matter: 'versions' },
  { method: 'GET', path: '/log', action: 'look', matter: 'log' },
  // What somebody adds is their own entry.
  { method: 'POST', path: '/log', action: 'create', matter: 'log', relation: 'mine' },
  { method: 'DELETE', path: '/log/:id', action: 'delete', matter: 'log' },
  { method: 'GET', path: '/pictures/:hash', action: 'look', matter: 'pictures', relation: 'none' },
  { method: 'POST', path: '/pictures', action: 'create', matter: 'pictures', relation: 'none' },
  { method: 'GET', path: '/files/recipes/:id', action: 'look', matter: 'recipes' },
  { method: 'GET', path: '/files/recipes', action: 'look', matter: 'recipes' },
  { method: 'GET', path: '/files/shelf', action: 'look', matter: 'pots' },
  { method: 'GET', path: '/files/everything', action: 'look', matter: 'wholeFile' },
  { method: 'GET', path: '/files/under-way/:name', action: 'create', matter: 'wholeFile' },
  { method: 'POST', path: '/files', action: 'create', matter: 'wholeFile' },
  { method: 'GET', path: '/backups', action: 'look', matter: 'backups' },
  { method: 'GET', path: '/backups/:name', action: 'look', matter: 'backups' },
  { method: 'POST', path: '/backups', action: 'create', matter: 'backups' },
  { method: 'POST', path: '/backups/:name/restored', action: 'restore', matter: 'backups' },
  { method: 'POST', path: '/demo/sample', action: 'create', matter: 'sample' },
];

/**
 * What a request asks for.
 *
 * @param path below /api, as it came
 * @returns null for what stands nowhere
 */
export function rightOf(method: string, path: string): RouteRight | null {
  // Looking at the head of something is looking at it.
  const asked = method === 'HEAD' ? 'GET' : method;
  const parts = partsOf(path);
  return routeRights.find((right) => right.method === asked && isOn(right.path, parts)) ?? null;
}

const partsOf = (path: string) => path.split('/').filter((part) => part !== '');

function isOn(pattern: string, parts: readonly string[]): boolean {
  const wanted = partsOf(pattern);
  return (
    wanted.length === parts.length &&
    // Addresses are told apart by the server without regard to large and small letters.
    wanted.every((part, i) => part.startsWith(':') || part === parts[i].toLowerCase())
  );
}
