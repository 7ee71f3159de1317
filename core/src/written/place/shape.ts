import { z } from 'zod';
import { idSchema, lineOfText, numberWithin, wholeNumberWithin } from '../record/fields';
import { formNames, type FormName } from './forms';
import { lightNames, type LightDirection } from './light';

const sectionWays = {
  repeated: { label: 'repeated', tells: 'dark to light, and dark to light again' },
  alternating: {
    label: 'alternating',
    tells: 'each dark to light; beside it, on the other facet, light to dark',
  },
  mirrored: { label: 'mirrored', tells: 'dark to light and back to dark' },
} as const;

export type SectionWay = keyof typeof sectionWays;
export const sectionWayNames = Object.keys(sectionWays) as [SectionWay, ...SectionWay[]];
export const sectionWay = (way: SectionWay) => sectionWays[way];

/** The gradient of a surface, from dark to light, gone through several times along it. */
export const sectionsSchema = z.strictObject({
  count: wholeNumberWithin(2, 12),
  way: z.enum(sectionWayNames, { error: `one of ${sectionWayNames.join(', ')}` }),
});

export type Sections = z.infer<typeof sectionsSchema>;

/** Where on the picture of a form something is: from the left, from the bottom; on its back or not. */
const markSchema = z.strictObject({
  u: numberWithin(0, 1),
  v: numberWithin(0, 1),
  isBehind: z.boolean({ error: 'true or false' }).optional(),
});

export type SpotMark = z.infer<typeof markSchema>;

/** A named small area of a surface, with its share of it. */
export const spotSchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  share: numberWithin(0, 1).describe('of the area of the surface'),
  softness: numberWithin(0, 1)
    .optional()
    .describe('how broad the fade at its edge is, as a share of its size; crisp where not said'),
  at: z
    .array(markSchema, { error: 'a list of places' })
    .max(12, 'at most 12 places')
    .optional()
    .describe('where it is on the form; as the form has it, or foremost, where not said'),
});

export type Spot = z.infer<typeof spotSchema>;

export const mostSpots = 20;

/** A surface as far as places on it go: its form, the light it is painted for, what is on it. */
export interface Shape {
  form: FormName;
  light?: LightDirection | undefined;
  sections?: Sections | undefined;
  spots?: readonly Spot[] | undefined;
}

/** All that the places of a shape depend on, as text. */
export const shapeKey = ({ form, light, sections, spots }: Shape): string =>
  JSON.stringify([form, light, sections, spots]);

export const lightSchema = z.enum(lightNames, { error: `one of ${lightNames.join(', ')}` });
export const formSchema = z.enum(formNames, { error: `one of ${formNames.join(', ')}` });
