import {
  resourceNames,
  type Action,
  type PermissionSubject,
  type Relation,
} from '@yellow-ledger/core';
import type { TrailKind } from './trail';

/** The action of a route of the API, and its subject; and its owner where it can be no one’s in particular. */
export interface RouteRight {
  method: 'GET' | 'PUT' | 'POST' | 'DELETE';
  /** below /api; `:x` stands for one part of an address */
  path: string;
  action: Action;
  matter: PermissionSubject;
  /** the club’s where not said; where it hangs on the record, the route asks for the rest */
  relation?: Relation | 'of the record';
  /** it asks for the passphrase once more */
  isWeighty?: true;
  /** what is written into the trail once it is done */
  trail?: TrailKind;
}

const ofRecord = 'of the record' as const;

const recordRights = resourceNames.flatMap((name): RouteRight[] => [
  { method: 'GET', path: `/${name}`, action: 'look', matter: name, relation: ofRecord },
  { method: 'GET', path: `/${name}/:id`, action: 'look', matter: name, relation: ofRecord },
  ...['history', 'history/:revision'].map((path): RouteRight => ({
    method: 'GET',
    path: `/${name}/:id/${path}`,
    action: 'look',
    matter: name,
    relation: ofRecord,
  })),
  { method: 'PUT', path: `/${name}/:id`, action: 'write', matter: name, relation: ofRecord },
  {
    method: 'DELETE',
    path: `/${name}/:id`,
    action: 'delete',
    matter: name,
    relation: ofRecord,
    trail: 'deleted',
  },
]);

/**
 * Every route of the API, with the right it asks for. What is not here is refused to everybody in a
 * club; the routes of members and of coming in ask the table of rights themselves.
 */
export const routeRights: readonly RouteRight[] = [
  ...recordRights,
  { method: 'POST', path: '/pot-batches', action: 'write', matter: 'pots', relation: ofRecord },
  { method: 'POST', path: '/replacements', action: 'write', matter: 'recipes', relation: ofRecord },
  { method: 'GET', path: '/versions', action: 'look', matter: 'versions', relation: ofRecord },
  {
    method: 'GET',
    path: '/recipes/:id/versions',
    action: 'look',
    matter: 'versions',
    relation: ofRecord,
  },
  {
    method: 'PUT',
    path: '/recipes/:id/versions/:number',
    action: 'create',
    matter: 'versions',
    relation: ofRecord,
  },
  { method: 'DELETE', path: '/recipes/:id/versions/:number', action: 'delete', matter: 'versions' },
  { method: 'GET', path: '/log', action: 'look', matter: 'log', relation: ofRecord },
  // An entry belongs to the member who adds it.
  { method: 'POST', path: '/log', action: 'create', matter: 'log', relation: 'mine' },
  { method: 'DELETE', path: '/log/:id', action: 'delete', matter: 'log' },
  { method: 'GET', path: '/pictures/:hash', action: 'look', matter: 'pictures', relation: 'none' },
  { method: 'POST', path: '/pictures', action: 'create', matter: 'pictures', relation: 'none' },
  {
    method: 'GET',
    path: '/files/recipes/:id',
    action: 'look',
    matter: 'recipes',
    relation: ofRecord,
    trail: 'exported',
  },
  {
    method: 'GET',
    path: '/files/recipes',
    action: 'look',
    matter: 'recipes',
    relation: ofRecord,
    trail: 'exported',
  },
  {
    method: 'GET',
    path: '/files/shelf',
    action: 'look',
    matter: 'pots',
    relation: ofRecord,
    trail: 'exported',
  },
  {
    method: 'GET',
    path: '/files/everything',
    action: 'look',
    matter: 'wholeFile',
    trail: 'exported',
  },
  {
    method: 'GET',
    path: '/files/mine',
    action: 'look',
    matter: 'ownFile',
    relation: 'mine',
    trail: 'exported',
  },
  // Records in a file belong to the member who imports it.
  {
    method: 'GET',
    path: '/files/under-way/:name',
    action: 'create',
    matter: 'ownFile',
    relation: 'mine',
  },
  {
    method: 'POST',
    path: '/files',
    action: 'create',
    matter: 'ownFile',
    relation: 'mine',
    trail: 'took in a file',
  },
  { method: 'GET', path: '/backups', action: 'look', matter: 'backups' },
  // Private records of members are in it: it is exported on the machine itself, by no member's press.
  { method: 'GET', path: '/backups/:name', action: 'share', matter: 'backups' },
  { method: 'POST', path: '/backups', action: 'create', matter: 'backups' },
  {
    method: 'POST',
    path: '/backups/:name/restored',
    action: 'restore',
    matter: 'backups',
    isWeighty: true,
    trail: 'restored a backup',
  },
  { method: 'POST', path: '/demo/sample', action: 'create', matter: 'sample' },
];

/**
 * The right a request needs.
 *
 * @param path below /api, as it came
 * @returns null for what stands nowhere
 */
export function rightOf(method: string, path: string): RouteRight | null {
  // Looking at the head of something is looking at it.
  const asked = method === 'HEAD' ? 'GET' : method;
  const parts = partsOf(path);
  const found = known.find(({ right, wanted }) => right.method === asked && isOn(wanted, parts));
  return found?.right ?? null;
}

const partsOf = (path: string) => path.split('/').filter((part) => part !== '');

/** Asked at every request: taken apart once. */
const known = routeRights.map((right) => ({ right, wanted: partsOf(right.path) }));

const isOn = (wanted: readonly string[], parts: readonly string[]) =>
  wanted.length === parts.length &&
  // Addresses are told apart by the server without regard to large and small letters.
  wanted.every((part, i) => part.startsWith(':') || part === parts[i].toLowerCase());
