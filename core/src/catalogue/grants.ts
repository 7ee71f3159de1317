import type { Relation, Role } from '../club/roles';

export const actions = ['look', 'create', 'write', 'delete', 'share', 'decide', 'restore'] as const;
export type Action = (typeof actions)[number];

/** For each role, what a thing has to be to them. */
export type Granted = Partial<Record<Role, readonly Relation[]>>;
/** The rights to a kind of thing, by action; an action that is missing is refused. */
export type Rights = Partial<Record<Action, Granted>>;

export const own = ['mine'] as const;
export const ownAndClub = ['mine', 'club'] as const;
/** Own, the club's, and what its owner opened to others, to look at or to change. */
export const seen = ['mine', 'club', 'shared', 'joint'] as const;
/** Own, the club's, and what its owner opened to be changed. */
export const changed = ['mine', 'club', 'joint'] as const;
export const ownAndJoint = ['mine', 'joint'] as const;
export const ofClub = ['club'] as const;
export const nobodys = ['none'] as const;

/** Rights to look at things of members and of the club. A guest owns the things they made while they painted. */
export const looks: Granted = { keeper: seen, painter: seen, guest: seen };

/** A painter's own records; the club's are the manager's to change. */
export const keptByManagers: Rights = {
  look: looks,
  create: { keeper: ownAndClub, painter: own },
  write: { keeper: changed, painter: ownAndJoint },
  delete: { keeper: ownAndClub, painter: own },
  share: { keeper: own, painter: own },
};

/** Records painters of a club work on together: all of them change them, managers alone delete them. */
export const workedOnTogether: Rights = {
  ...keptByManagers,
  create: { keeper: ownAndClub, painter: ownAndClub },
  write: { keeper: changed, painter: changed },
};

/** Records painters put on the table together and clear away again. */
export const onTheTable: Rights = {
  ...workedOnTogether,
  delete: { keeper: ownAndClub, painter: ownAndClub },
};

export const managersAlone = (...does: readonly Action[]): Rights =>
  Object.fromEntries(does.map((action) => [action, { keeper: ofClub }]));
