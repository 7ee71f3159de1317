import { convertLrgbToRgb, convertRgbToXyz65 } from 'culori/fn';
import { colourDifference } from '../../light/colour/colourDifference';
import { reflectanceFromXyz } from '../../light/colour/reflectanceFromHex';
import { colourOfXyz, type SurfaceColour } from '../../light/colour/surfaceColour';
import { fitGlaze, type FittedGlaze, type GlazeReading } from '../../predicted/paint/fitGlaze';
import type { Pixels } from '../picture/pixels';
import { findSheet, type FoundSheet } from './findSheet';
import {
  glazeBoxes,
  glazeField,
  glazeGrounds,
  passesBrushed,
  type GlazeGround,
} from './glazeLayout';
import { meanOf, type Light, type SeenBox } from './readBox';
import { sheetLight, type SheetLight } from './sheetLight';
import { barePaper, printedBlack, type Box } from './sheetLayout';

/** The reading of one row of a glaze card. */
export interface GlazeRowReading {
  /** from 1 */
  row: number;
  is: 'sure' | 'unsure' | 'empty' | 'unread';
  fit: FittedGlaze | null;
  /** passes that were brushed, 0 to 5 */
  passes: number;
  /** why it is not sure, in a sentence */
  because?: string;
}

/** Nearer to the bare card than this, ΔE00 over every ground, nothing was brushed. */
const bareWithin = 2.2;
/** Strokes that lie further than this from any one paint in the mean, CIELAB, do not go together. */
const mostMisfit = 5;
const mostBurnt = 0.02;
const mostFilmError = 0.25;
const leastPasses = 2;

/** Reads the row of a number, from 1, that was glazed with a paint taken to leave so many films a pass. */
export type ReadGlazeRow = (row: number, assumed: number) => GlazeRowReading;

/**
 * Finds a glaze card in a picture and learns its light from the patches; each row is read by itself.
 *
 * @throws PictureError where no card is to be seen, with what is missing
 */
export function openGlazeCard(picture: Pixels): ReadGlazeRow {
  const sheet = findSheet(picture);
  const light = sheetLight(picture, sheet, {
    black: glazeBoxes('black').above,
    white: glazeBoxes('white').above,
  });
  return (row, assumed) => readRow(picture, sheet, light, row, assumed);
}

interface Seen {
  passes: number;
  ground: GlazeGround;
  stroke: SurfaceColour;
  bare: SurfaceColour;
  bareLight: Light;
  burnt: number;
}

function readRow(
  picture: Pixels,
  sheet: FoundSheet,
  light: SheetLight,
  row: number,
  assumed: number,
): GlazeRowReading {
  const fields = passesBrushed.map((passes) => seenOn(picture, sheet, light, row, passes));
  if (fields.some((field) => field === null))
    return { row, is: 'unread', fit: null, passes: 0, because: 'It lies outside the picture.' };
  const seen = fields.flatMap((field) => field ?? []);
  const shows = (passes: number) =>
    Math.max(
      ...seen
        .filter((each) => each.passes === passes)
        .map(({ stroke, bare }) => colourDifference(stroke, bare)),
    );
  if (shows(0) < bareWithin) return { row, is: 'empty', fit: null, passes: 0 };
  // A first pass may hardly show; from the last one that shows on nothing was brushed.
  const brushed = Math.max(
    0,
    ...passesBrushed.filter((passes) => passes > 0 && shows(passes) > bareWithin),
  );
  if (brushed < leastPasses)
    return {
      row,
      is: 'unsure',
      fit: null,
      passes: brushed,
      because: 'Fewer than two passes of glaze are to be seen.',
    };
  const bareOf = (ground: GlazeGround) => reflectanceOf(meanLight(seen, ground));
  const grounds = { black: bareOf('black'), white: bareOf('white'), colour: bareOf('colour') };
  const readings = seen
    .filter(({ passes }) => passes <= brushed)
    .map(({ passes, ground, stroke }): GlazeReading => ({
      ground: grounds[ground],
      passes,
      lab: [stroke.value, stroke.a, stroke.b],
    }));
  const fit = fitGlaze(readings, assumed);
  const because = doubtOf(fit, seen);
  return {
    row,
    is: because ? 'unsure' : 'sure',
    fit,
    passes: brushed,
    ...(because && { because }),
  };
}

function doubtOf(fit: FittedGlaze, seen: readonly Seen[]): string | undefined {
  if (Math.max(...seen.map(({ burnt }) => burnt)) > mostBurnt)
    return 'Part of it is burnt out: too light, or a glare.';
  if (fit.misfit > mostMisfit)
    return 'The strokes do not go together: one was brushed unevenly, or a shadow or a glare lies on the row.';
  if (fit.filmError > mostFilmError)
    return 'Its neat coat hides too well to tell how thick a pass of it is.';
  return undefined;
}

/** The strokes of a field, with the light corrected by the paper and the bare black in it. */
function seenOn(
  picture: Pixels,
  { toPicture }: FoundSheet,
  light: SheetLight,
  row: number,
  passes: number,
): Seen[] | null {
  const field = glazeField(row, passes);
  const at = (box: Box) =>
    meanOf(picture, toPicture, { ...box, x: field.x + box.x, y: field.y + box.y });
  const boxes = glazeGrounds.map((ground) => {
    const { stroke, above, below } = glazeBoxes(ground);
    return { ground, stroke: at(stroke), above: at(above), below: at(below) };
  });
  const left = at({ x: -2.4, y: 7, width: 0.8, height: 5 });
  const right = at({ x: field.width + 1, y: 7, width: 0.8, height: 5 });
  const [black, white] = boxes;
  if (!left || !right || boxes.some(({ stroke, above, below }) => !stroke || !above || !below))
    return null;
  const middle = between((white.above as SeenBox).light, (white.below as SeenBox).light, 0.5);
  // The light of the paper across the field: left edge, its white third, right edge.
  const paperUnder = {
    black: between(left.light, middle, 0.4),
    white: middle,
    colour: between(middle, right.light, 0.6),
  };
  const reflected = (seen: SeenBox, ground: GlazeGround) =>
    light(seen.light.map((each, i) => each / paperUnder[ground][i]) as Light);
  const veil = between(
    reflected(black.above as SeenBox, 'black'),
    reflected(black.below as SeenBox, 'black'),
    0.5,
  );
  // Glare adds the same to black as to what lies on it: bare black tells how much.
  const unveiled = (one: Light) =>
    one.map(
      (each, i) =>
        printedBlack + ((each - veil[i]) * (barePaper - printedBlack)) / (barePaper - veil[i]),
    ) as Light;
  return boxes.map(({ ground, stroke, above, below }) => {
    const bareLight = unveiled(
      between(reflected(above as SeenBox, ground), reflected(below as SeenBox, ground), 0.5),
    );
    return {
      passes,
      ground,
      stroke: colourOf(unveiled(reflected(stroke as SeenBox, ground))),
      bare: colourOf(bareLight),
      bareLight,
      burnt: Math.max(
        (stroke as SeenBox).burnt,
        (above as SeenBox).burnt,
        (below as SeenBox).burnt,
      ),
    };
  });
}

const between = (one: Light, other: Light, share: number) =>
  one.map((each, i) => each + (other[i] - each) * share) as Light;

function meanLight(seen: readonly Seen[], ground: GlazeGround): Light {
  const lights = seen.filter((each) => each.ground === ground).map(({ bareLight }) => bareLight);
  return [0, 1, 2].map(
    (i) => lights.reduce((sum, each) => sum + each[i], 0) / lights.length,
  ) as Light;
}

const xyzOf = (light: Light) => {
  const [r, g, b] = light.map((each) => Math.min(1, Math.max(0.0005, each)));
  return convertRgbToXyz65(convertLrgbToRgb({ r, g, b }));
};
const colourOf = (light: Light) => colourOfXyz(xyzOf(light));
const reflectanceOf = (light: Light) => reflectanceFromXyz(xyzOf(light));
