import { z } from 'zod';
import type { TechniqueName } from './techniques';

interface Brush {
  label: string;
  tells: string;
  /** what is painted with it, where nothing else is said */
  isFor?: TechniqueName;
}

const brushes = {
  round: { label: 'round', tells: 'a belly of paint and a point' },
  pointed: { label: 'fine round', tells: 'for lines, edges and dots' },
  liner: { label: 'long liner', tells: 'one long line from one load' },
  flat: { label: 'flat', tells: 'an even coat on a plane' },
  filbert: { label: 'flat with a round end', tells: 'no corners to leave marks' },
  mop: { label: 'soft domed', tells: 'for bristles nearly dry, and for powder' },
  stiff: { label: 'stiff short', tells: 'to stipple and to scrub' },
  sponge: { label: 'torn sponge', tells: 'broken specks', isFor: 'stipple' },
  other: { label: 'another', tells: 'what the note says' },
} as const satisfies Record<string, Brush>;

type BrushName = keyof typeof brushes;
export const brushNames = Object.keys(brushes) as [BrushName, ...BrushName[]];
export const brushFacts = (name: BrushName): Brush => brushes[name];

const sizes = { tiny: 'tiny', small: 'small', medium: 'medium', large: 'large' } as const;
type BrushSize = keyof typeof sizes;
export const brushSizes = Object.keys(sizes) as [BrushSize, ...BrushSize[]];

const strokes = {
  along: { label: 'along the grain', tells: 'with the hair, the fibre, the muscle, the fall' },
  across: { label: 'across it', tells: 'for wear, for weave' },
  stippled: { label: 'stippled', tells: 'dabbed on end' },
  drawn: { label: 'drawn towards', tells: 'laid down away and drawn to where it is to be most' },
  circled: { label: 'in small circles', tells: 'to even a coat out' },
} as const;

type StrokeName = keyof typeof strokes;
export const strokeNames = Object.keys(strokes) as [StrokeName, ...StrokeName[]];
export const strokeFacts = (name: StrokeName) => strokes[name];

/** The tool of a line, and how it is moved. */
export const toolSchema = z.strictObject({
  brush: z.enum(brushNames, { error: `one of ${brushNames.join(', ')}` }).optional(),
  size: z.enum(brushSizes, { error: `one of ${brushSizes.join(', ')}` }).optional(),
  isOld: z.boolean({ error: 'true or false' }).optional().describe('a worn one is wanted'),
  uses: z.enum(['tip', 'side'], { error: 'tip or side' }).optional(),
  stroke: z.enum(strokeNames, { error: `one of ${strokeNames.join(', ')}` }).optional(),
  feathers: z
    .boolean({ error: 'true or false' })
    .optional()
    .describe('a second, damp brush draws its ends out while they are wet'),
});

export type Tool = z.infer<typeof toolSchema>;

/** @example toolWords({ brush: 'stiff', size: 'medium', isOld: true, uses: 'tip' }) // → 'old medium stiff short brush, tip' */
export function toolWords({ brush, size, isOld, uses, stroke, feathers }: Tool): string {
  const named =
    brush === 'sponge' ? brushes.sponge.label : brush && `${brushes[brush].label} brush`;
  const which = [isOld && 'old', size, named ?? (isOld || size || uses ? 'brush' : undefined)];
  return [
    which.filter(Boolean).join(' '),
    uses && (uses === 'tip' ? 'its tip' : 'its side'),
    stroke && strokes[stroke].label,
    feathers && 'ends drawn out with a damp brush',
  ]
    .filter(Boolean)
    .join(', ');
}
