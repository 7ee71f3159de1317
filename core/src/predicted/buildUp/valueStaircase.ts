import type { AspectBuildUp } from './buildUp';
import { placeOf } from '../../written/place/toneAxis';

/** The places a staircase is read at. */
export const staircasePlaces = ['mid', 'crown', 'edge'] as const;

/** L* of the surface at the three places, and of the mix itself, after one line. */
export interface Stair {
  stepId: string | null;
  mid: number;
  crown: number;
  edge: number;
  /** of the mix when thick; null for the ground, and for a mix that colours nothing */
  mix: number | null;
}

/** The value of the surface line by line, the ground first; lines left out are left out. */
export function valueStaircase({ stops, ground, steps }: AspectBuildUp): Stair[] {
  const [mid, crown, edge] = staircasePlaces.map((place) => stops.indexOf(placeOf(place)));
  const first: Stair = {
    stepId: null,
    mid: ground[mid].value,
    crown: ground[crown].value,
    edge: ground[edge].value,
    mix: null,
  };
  return [
    first,
    ...steps
      .filter(({ isIncluded }) => isIncluded)
      .map(({ stepId, surface, mix }) => ({
        stepId,
        mid: surface[mid].value,
        crown: surface[crown].value,
        edge: surface[edge].value,
        mix: mix.isClear ? null : mix.colour.value,
      })),
  ];
}
