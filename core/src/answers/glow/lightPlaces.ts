import type { Vector } from './figureBody';

/** Where lights usually stand, in the figure's own frame. */
export const lightPlaces = [
  { id: 'left hand', label: 'in its left hand, low', at: [0.32, 0.4, 0.2] },
  { id: 'right hand', label: 'in its right hand, low', at: [-0.32, 0.4, 0.2] },
  { id: 'raised left', label: 'raised, on its left', at: [0.34, 0.95, 0.18] },
  { id: 'raised right', label: 'raised, on its right', at: [-0.34, 0.95, 0.18] },
  { id: 'face', label: 'before its face', at: [0, 0.84, 0.35] },
  { id: 'chest', label: 'before its chest', at: [0, 0.6, 0.4] },
  { id: 'feet', label: 'before its feet, on the base', at: [0, 0.04, 0.4] },
  { id: 'behind', label: 'behind it', at: [0, 0.6, -0.45] },
  { id: 'beside left', label: 'beside it, on its left', at: [0.6, 0.5, 0.05] },
  { id: 'beside right', label: 'beside it, on its right', at: [-0.6, 0.5, 0.05] },
] as const satisfies readonly { id: string; label: string; at: Vector }[];
