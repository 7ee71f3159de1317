/**
 * Places on a figure, with how early they should draw the eye: 1 first. Our own division, coarse
 * enough for any figure on two legs.
 */
export const figurePlaces = {
  face: { rank: 1, says: 'face' },
  hands: { rank: 2, says: 'hands' },
  weapon: { rank: 2, says: 'weapon' },
  headgear: { rank: 3, says: 'helm, hair or hood' },
  held: { rank: 3, says: 'thing carried' },
  chest: { rank: 4, says: 'chest' },
  arms: { rank: 4, says: 'arms' },
  skirts: { rank: 5, says: 'skirts of the coat' },
  mantle: { rank: 5, says: 'mantle, over the back' },
  belt: { rank: 5, says: 'belt and straps' },
  legs: { rank: 6, says: 'legs' },
  boots: { rank: 6, says: 'boots' },
  ground: { rank: 7, says: 'base it stands on' },
} as const;

export type FigurePlace = keyof typeof figurePlaces;

export const figurePlaceNames = Object.keys(figurePlaces) as [FigurePlace, ...FigurePlace[]];
