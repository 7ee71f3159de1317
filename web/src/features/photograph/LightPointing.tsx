import { techniqueOf, wayUp, type Recipe } from '@yellow-ledger/core';
import { useEffect, useRef, useState } from 'react';
import { Figures } from '../../kit/figures/Figures';
import { PictureWell } from '../../kit/picture/PictureWell';
import type { PicturePoint } from '../../kit/picture/usePicture';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { LightRead } from '../../workers/shared/pictureWork';

/** Half the side of the patch that is read, pixels: one pixel alone is mostly noise. */
const reach = 3;

export interface LightPointingProps {
  light: LightRead | null;
  recipe: Recipe | undefined;
}

/** The map of light itself; pointed at, it says which place that is, and as which line. */
export function LightPointing({ light, recipe }: LightPointingProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [chosen, setChosen] = useState<PicturePoint | null>(null);
  useEffect(() => {
    const sheet = canvas.current;
    if (!sheet || !light) return;
    sheet.width = light.width;
    sheet.height = light.height;
    sheet
      .getContext('2d')
      ?.putImageData(new ImageData(light.pixels, light.width, light.height), 0, 0);
  }, [light]);
  const at: PicturePoint = light
    ? withinSize(chosen ?? [Math.floor(light.width / 2), Math.floor(light.height / 2)], light)
    : [0, 0];
  return (
    <figure>
      <PictureWell
        picture={{ canvas, size: light }}
        label="The photograph in greys: arrow keys move to a place, with Shift ten at a time"
        at={at}
        marks={[at]}
        onMove={setChosen}
        onPress={setChosen}
      />
      <figcaption>
        <p role="status">
          {light ? <Pointed light={light} at={at} recipe={recipe} /> : 'Reading the light …'}
        </p>
      </figcaption>
    </figure>
  );
}

interface PointedProps {
  light: LightRead;
  at: PicturePoint;
  recipe: Recipe | undefined;
}

/** Words for the place that is pointed at. */
function Pointed({ light, at, recipe }: PointedProps) {
  const value = meanAround(light, at);
  const tone = value === null ? null : wayUp(value, light.darkest, light.lightest);
  const { answer } = useAnswer(
    ofShelf,
    [recipe, tone],
    async (worker) =>
      recipe && tone !== null ? { ...(await worker.lineAtTone(recipe, tone)), tone } : null,
    recipe !== undefined && tone !== null,
  );
  if (tone === null)
    return <>This is behind the figure. Point at the figure, or let what is behind it count.</>;
  const far = `${Math.round(tone * 100)} % of the way from the darkest to the lightest of it`;
  if (!recipe || answer?.tone !== tone) return <>Here it is {far}.</>;
  const line = recipe.steps.findIndex(({ id }) => id === answer.stepId);
  return (
    <>
      This is <b>{answer.stop}</b>
      {line < 0 ? (
        ', where no line of the recipe is seen'
      ) : (
        <>
          , as <b>line {line + 1}</b> ({techniqueOf(recipe.steps[line].technique).label})
        </>
      )}
      : {far}.<Figures> The recipe is L* {Math.round(answer.value)} there.</Figures>
    </>
  );
}

const withinSize = ([x, y]: PicturePoint, { width, height }: LightRead): PicturePoint => [
  Math.min(width - 1, x),
  Math.min(height - 1, y),
];

/** L* around a place, what is left out not counted; null where all of it is. */
function meanAround({ width, height, value }: LightRead, [x, y]: PicturePoint): number | null {
  let sum = 0;
  let count = 0;
  for (let row = Math.max(0, y - reach); row <= Math.min(height - 1, y + reach); row++)
    for (let column = Math.max(0, x - reach); column <= Math.min(width - 1, x + reach); column++) {
      const each = value[row * width + column];
      if (Number.isNaN(each)) continue;
      sum += each;
      count++;
    }
  return count === 0 ? null : sum / count;
}
