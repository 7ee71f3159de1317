import { convertLrgbToRgb, convertRgbToLrgb, parseHex } from 'culori/fn';
import { lightDirections, type LightDirection } from '../../written/place/light';
import { formField, type FormField } from '../../written/place/formField';
import { viewOf, type View } from './formView';
import type { Shape } from '../../written/place/shape';
import { lookOfPlaces, type PaintedRibbon } from './paintedForm';

export interface FormPicture {
  shape: Shape;
  view: View;
  size: number;
  ribbon: PaintedRibbon;
  light: LightDirection;
  /** a second, coloured light */
  second?: { from: LightDirection; hex: string };
  greysOnly?: boolean;
  /** another surface on the picture's right, for judging one beside the other */
  beside?: PaintedRibbon;
  /** draws the rest dimmed, so that the one surface stands alone */
  alone?: boolean;
}

const tones = 256;
const ambient = 0.4;
const mainLight = 0.68;
const secondLight = 0.55;
const besideFrom = 0.56;

/**
 * The form as it looks painted and lit: colour from the tone axis, light from the relief's normals
 * (Lambert), summed as light and only then turned into screen colours.
 *
 * @returns RGBA, `size` × `size`, transparent where there is no surface
 */
export function drawForm(picture: FormPicture): Uint8ClampedArray<ArrayBuffer> {
  const { size, greysOnly = false, alone = false, beside, second } = picture;
  const field = formField(picture.shape, size);
  const cellOf = viewOf(field, picture.view);
  const own = looksOf(picture.ribbon, field);
  const other = beside ? looksOf(beside, field) : own;
  const isBehind = picture.view === 'behind';
  const behind = isBehind ? field.inside.length : 0;
  const [lightX, lightY, lightZ] = lightDirections[picture.light];
  const [secondX, secondY, secondZ] = lightDirections[second?.from ?? 'above'];
  const secondColour = second ? linearOf(second.hex) : [0, 0, 0];
  const pixels = new Uint8ClampedArray(size * size * 4);
  for (let pixel = 0; pixel < cellOf.length; pixel++) {
    const cell = cellOf[pixel];
    if (cell < 0) continue;
    const x = field.normalX[cell];
    const y = field.normalY[cell];
    // The room is lit where it is looked at from; what is painted on is the figure's own.
    const z = field.normalZ[cell];
    const turned = isBehind ? -x : x;
    const lit = Math.max(0, turned * lightX + y * lightY + z * lightZ);
    const glow = Math.max(0, turned * secondX + y * secondY + z * secondZ);
    const isBeside = beside !== undefined && isOnOtherSide(field, cell);
    const { tables, lookOf } = isBeside ? other : own;
    const from = tables[lookOf ? lookOf[cell + behind] : 0];
    const tone = Math.round(field.tone[cell] * (tones - 1)) * 3;
    const strength = ambient + mainLight * lit;
    let r = from[tone] * (strength + secondLight * glow * secondColour[0]);
    let g = from[tone + 1] * (strength + secondLight * glow * secondColour[1]);
    let b = from[tone + 2] * (strength + secondLight * glow * secondColour[2]);
    if (greysOnly) r = g = b = 0.2126 * r + 0.7152 * g + 0.0722 * b;
    if (alone && isBeside) {
      const grey = 0.2126 * r + 0.7152 * g + 0.0722 * b;
      r = g = b = 0.08 + 0.25 * grey;
    }
    pixels[pixel * 4] = screenOf(r);
    pixels[pixel * 4 + 1] = screenOf(g);
    pixels[pixel * 4 + 2] = screenOf(b);
    pixels[pixel * 4 + 3] = 255;
  }
  return pixels;
}

/** Linear light of every look of a surface, and which of them a place has. */
function looksOf(ribbon: PaintedRibbon, field: FormField) {
  const { stops, hexes, aimed } = ribbon;
  if (!aimed) return { tables: [linearTones(stops, hexes)], lookOf: null };
  return {
    tables: aimed.looks.map((look) => linearTones(stops, look.hexes)),
    lookOf: lookOfPlaces(field, aimed),
  };
}

/** The border between the two surfaces: a seam that wanders a little on its way down. */
function isOnOtherSide({ size }: FormField, cell: number): boolean {
  const u = (cell % size) / size;
  const v = Math.floor(cell / size) / size;
  return u > besideFrom + 0.03 * Math.sin(7 * v);
}

/** Linear light of 256 tones from pit to point, three figures each. */
function linearTones(stops: readonly number[], hexes: readonly string[]): Float32Array {
  const linear = hexes.map(linearOf);
  const table = new Float32Array(tones * 3);
  let next = 1;
  for (let tone = 0; tone < tones; tone++) {
    const at = tone / (tones - 1);
    while (next < stops.length - 1 && stops[next] < at) next++;
    const width = stops[next] - stops[next - 1];
    const along = Math.min(1, Math.max(0, (at - stops[next - 1]) / width));
    for (let band = 0; band < 3; band++)
      table[tone * 3 + band] =
        linear[next - 1][band] + (linear[next][band] - linear[next - 1][band]) * along;
  }
  return table;
}

function linearOf(hex: string): [number, number, number] {
  const rgb = parseHex(hex);
  if (!rgb) throw new RangeError(`${hex} is no colour`);
  const { r, g, b } = convertRgbToLrgb(rgb);
  return [r, g, b];
}

const screenSteps = 4096;
const screenTable = Uint8ClampedArray.from({ length: screenSteps + 1 }, (_, step) => {
  const grey = step / screenSteps;
  return Math.round((convertLrgbToRgb({ r: grey, g: grey, b: grey }).r ?? 0) * 255);
});

const screenOf = (linear: number) =>
  screenTable[Math.min(screenSteps, Math.round(linear * screenSteps))];
