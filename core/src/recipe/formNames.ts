/** Kinds of form a surface can have. What each is like is in `form/forms.ts`. */
export const formNames = ['folds', 'limb', 'plate', 'blade', 'gem', 'hair'] as const;

export type FormName = (typeof formNames)[number];
