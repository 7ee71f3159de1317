import { type Relation, type Role } from '../club/roles';
import { kinds } from './catalogue';
import { managersAlone, nobodys, own, type Action, type Rights } from './grants';
import { kindNames, type KindName } from './kind';

/** Further subjects of rights, beside the kinds of record. */
const furtherMatters = [
  'pictures',
  'invitations',
  'devices',
  'trail',
  'backups',
  'wholeFile',
  'ownFile',
  'sample',
] as const;

export const matters = [...kindNames, ...furtherMatters] as const;
/** The subject of a right: a kind of record, or something of the club. */
export type PermissionSubject = KindName | (typeof furtherMatters)[number];

const furtherRights: Record<(typeof furtherMatters)[number], Rights> = {
  pictures: {
    look: { keeper: nobodys, painter: nobodys, guest: nobodys },
    create: { keeper: nobodys, painter: nobodys },
  },
  invitations: managersAlone('look', 'create', 'delete'),
  devices: {
    look: { keeper: ['mine', 'other'], painter: own, guest: own },
    delete: { keeper: ['mine', 'other'], painter: own, guest: own },
  },
  trail: managersAlone('look'),
  backups: managersAlone('look', 'create', 'restore'),
  wholeFile: managersAlone('look', 'create'),
  ownFile: {
    look: { keeper: own, painter: own, guest: own },
    create: { keeper: own, painter: own },
  },
  sample: managersAlone('create'),
};

/**
 * The table of rights: role, subject, relation, action. A right that is not here is refused: the server and the pages ask this
 * table and nothing else. The rights of what is kept stand with its kind.
 */
export const rights: Record<PermissionSubject, Rights> = {
  ...(Object.fromEntries(kindNames.map((name) => [name, kinds[name].rights])) as Record<
    KindName,
    Rights
  >),
  ...furtherRights,
};

/**
 * Whether somebody may do something.
 *
 * @param relation how the thing stands to them
 * @example may('guest', 'club', 'write', 'recipes') // → false
 */
export const may = (
  role: Role,
  relation: Relation,
  action: Action,
  matter: PermissionSubject,
): boolean => rights[matter][action]?.[role]?.includes(relation) ?? false;
