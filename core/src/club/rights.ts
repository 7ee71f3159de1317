import { resourceNames, type ResourceName } from '../record/resources';
import type { Relation, Role } from './roles';

/** What can be asked for beside the records of a ledger. */
const houseMatters = [
  'versions',
  'log',
  'pictures',
  'proposals',
  'remarks',
  'members',
  'invitations',
  'devices',
  'trail',
  'backups',
  'wholeFile',
  'ownFile',
  'sample',
] as const;

export const matters = [...resourceNames, ...houseMatters] as const;
/** What a right is about: a kind of record, or something of the house. */
export type Matter = ResourceName | (typeof houseMatters)[number];

export const actions = ['look', 'create', 'write', 'delete', 'share', 'decide', 'restore'] as const;
export type Action = (typeof actions)[number];

/** For each role, what a thing has to be to them. */
type Granted = Partial<Record<Role, readonly Relation[]>>;
type Rights = Partial<Record<Action, Granted>>;

const own = ['mine'] as const;
const ownAndClub = ['mine', 'club'] as const;
const seen = ['mine', 'club', 'shared'] as const;
const house = ['club'] as const;
const nobodys = ['none'] as const;

/** Who looks at things of members and of the club. A guest owns what they made while they painted. */
const looks: Granted = { keeper: seen, painter: seen, guest: seen };

/** What a painter owns, and the club’s own is the keeper’s to change. */
const keptByKeepers: Rights = {
  look: looks,
  create: { keeper: ownAndClub, painter: own },
  write: { keeper: ownAndClub, painter: own },
  delete: { keeper: ownAndClub, painter: own },
  share: { keeper: own, painter: own },
};

/** What painters of a club work on together: all of them change it, keepers alone delete it. */
const workedOnTogether: Rights = {
  ...keptByKeepers,
  create: { keeper: ownAndClub, painter: ownAndClub },
  write: { keeper: ownAndClub, painter: ownAndClub },
};

/** What painters put on the table together and clear away again. */
const onTheTable: Rights = {
  ...workedOnTogether,
  delete: { keeper: ownAndClub, painter: ownAndClub },
};

const keepersAlone = (...does: readonly Action[]): Rights =>
  Object.fromEntries(does.map((action) => [action, { keeper: house }]));

/**
 * Who may do what, to what, of whose. What is not here is refused: the server and the pages ask this
 * table and nothing else.
 */
export const rights: Record<Matter, Rights> = {
  pots: workedOnTogether,
  recipes: keptByKeepers,
  palettes: onTheTable,
  armies: workedOnTogether,
  benches: onTheTable,
  timetables: onTheTable,
  photographs: onTheTable,
  // A version is of its recipe: who may write that freezes it, and nothing of it changes after.
  versions: {
    look: looks,
    create: { keeper: ownAndClub, painter: own },
    delete: { keeper: ownAndClub },
  },
  // Entries are added and struck out, each by who wrote it; none is changed.
  log: {
    look: { keeper: seen, painter: seen, guest: seen },
    create: { keeper: own, painter: own },
    delete: { keeper: house },
  },
  pictures: {
    look: { keeper: nobodys, painter: nobodys, guest: nobodys },
    create: { keeper: nobodys, painter: nobodys },
  },
  proposals: {
    look: { keeper: ownAndClub, painter: ownAndClub },
    create: { keeper: own, painter: own },
    write: { keeper: own, painter: own },
    delete: { keeper: own, painter: own },
    decide: { keeper: ownAndClub },
  },
  remarks: {
    look: { keeper: ownAndClub, painter: ownAndClub },
    create: { keeper: own, painter: own },
    delete: { keeper: ownAndClub, painter: own },
  },
  members: {
    // Whoever looks at the table sees who sits at it.
    look: { keeper: ownAndClub, painter: ownAndClub, guest: ownAndClub },
    write: { keeper: ownAndClub, painter: own, guest: own },
    delete: { keeper: ownAndClub, painter: own, guest: own },
  },
  invitations: keepersAlone('look', 'create', 'delete'),
  devices: {
    look: { keeper: ['mine', 'other'], painter: own, guest: own },
    delete: { keeper: ['mine', 'other'], painter: own, guest: own },
  },
  trail: keepersAlone('look'),
  backups: keepersAlone('look', 'create', 'restore'),
  wholeFile: keepersAlone('look', 'create'),
  ownFile: {
    look: { keeper: own, painter: own, guest: own },
    create: { keeper: own, painter: own },
  },
  sample: keepersAlone('create'),
};

/**
 * Whether somebody may do something.
 *
 * @param relation how the thing stands to them
 * @example may('guest', 'club', 'write', 'recipes') // → false
 */
export const may = (role: Role, relation: Relation, action: Action, matter: Matter): boolean =>
  rights[matter][action]?.[role]?.includes(relation) ?? false;
