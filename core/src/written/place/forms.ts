import * as all from './forms/all';
import type { Form } from './forms/form';

export type { Form, ReadySpot } from './forms/form';

/** Kinds of form a surface can have; a file each. */
export const forms: Record<keyof typeof all, Form> = all;
export type FormName = keyof typeof all;

export const formNames = (Object.keys(forms) as FormName[]).sort(
  (one, other) => forms[one].listedAt - forms[other].listedAt,
) as [FormName, ...FormName[]];
