import { surfaceColour } from '../light/colour/surfaceColour';
import { simulatedReader } from '../light/reader/simulatedReader';
import type { Lab, ReadModel } from '../answers/work/readings/controlChart';
import { groundOf, potOn, type Shelf } from '../predicted/paint/mixedPaint';
import type { Recipe } from '../written/recipe/recipe';
import { laidOver } from '../predicted/buildUp/surfaceBelow';
import { randomFrom } from '../written/record/randomFrom';

export interface PainterNoise {
  /** how much a coat's thickness varies, standard deviation as a share */
  film: number;
  /** how much each part of a mix varies, the same */
  parts: number;
  /** how far beside the place a reading is taken, on the tone axis */
  place: number;
}

/** A steady hand that counts drops. */
export const steadyHand: PainterNoise = { film: 0.08, parts: 0.04, place: 0.01 };

/** Models painted one after the other by somebody who is not a machine, and read at some places. */
export async function paintedAndRead(
  models: readonly Recipe[],
  shelf: Shelf,
  places: readonly number[],
  seed: number,
  noise: PainterNoise = steadyHand,
): Promise<ReadModel[]> {
  const random = randomFrom(seed);
  const bell = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const varied = (figure: number, by: number) => figure * Math.max(0.2, 1 + by * bell());
  const reader = simulatedReader(seed);
  const read: ReadModel[] = [];
  for (const [index, recipe] of models.entries()) {
    const painted: Recipe = {
      ...recipe,
      steps: recipe.steps.map((step) => ({
        ...step,
        coats: varied(step.coats, noise.film),
        mix: {
          ...step.mix,
          parts: step.mix.parts.map((part) => ({
            ...part,
            parts: varied(part.parts, noise.parts),
          })),
        },
      })),
    };
    const stops = places.map((at) => Math.max(0, Math.min(1, at + noise.place * bell())));
    const ground = groundOf(potOn(shelf, painted.groundPotId));
    const onto = stops.map(() => ground);
    const surface = laidOver(painted, shelf, onto, { stops });
    await reader.calibrate();
    const labs: Lab[] = [];
    for (const reflectance of surface) {
      const { value, a, b } = surfaceColour(await reader.read({ reflectance, isTouching: true }));
      labs.push([value, a, b]);
    }
    read.push({ model: index + 1, labs });
  }
  return read;
}
