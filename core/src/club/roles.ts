/** What a member of a club may do, from most to least. */
export const roles = [
  { name: 'keeper', tells: 'keeps the house in order, approves, lets in' },
  { name: 'painter', tells: 'paints, owns, proposes' },
  { name: 'guest', tells: 'looks' },
] as const;

export type Role = (typeof roles)[number]['name'];

export const roleNames = roles.map(({ name }) => name);

/**
 * How a thing stands to who asks: their own, the club’s, another member’s who lets them look at it
 * (shared) or change it (joint), another member’s who does neither, or nobody’s, where there is no
 * owner to speak of.
 */
export const relations = ['mine', 'club', 'shared', 'joint', 'other', 'none'] as const;

export type Relation = (typeof relations)[number];
