/** The roles of a club, from most rights to least. */
export const roles = [
  // Kept in ledgers and files under the name it had first.
  { name: 'keeper', label: 'manager', tells: 'manages the club, approves, lets in' },
  { name: 'painter', label: 'painter', tells: 'paints, owns, proposes' },
  { name: 'guest', label: 'guest', tells: 'looks' },
] as const;

export type Role = (typeof roles)[number]['name'];

export const roleNames = roles.map(({ name }) => name);

export const roleLabel = (role: Role): string =>
  roles.find(({ name }) => name === role)?.label ?? role;

/**
 * How a thing stands to who asks: their own, the club’s, another member’s who lets them look at it
 * (shared) or change it (joint), another member’s who does neither, or nobody’s, where there is no
 * owner to speak of.
 */
export const relations = ['mine', 'club', 'shared', 'joint', 'other', 'none'] as const;

export type Relation = (typeof relations)[number];
