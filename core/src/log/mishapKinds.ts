/** What can go wrong with a coat, as a painter says it. */
export const mishapKinds = [
  'too bright',
  'too dark',
  'too stark',
  'patchy',
  'chalky',
  'pooled',
  'tide mark',
  'spilled',
  'wrong pot',
  'lost detail',
] as const;

export type MishapKind = (typeof mishapKinds)[number];
