import type { SurfaceColour } from '../light/colour/surfaceColour';
import { aimKeyOf } from '../written/recipe/aimOf';
import { buildUpOfAim, type BuildUp } from '../predicted/buildUp/buildUp';
import { groundWords } from '../predicted/ground/groundWords';
import { includedSteps } from '../written/recipe/includedSteps';
import { potOn, type Shelf } from '../predicted/paint/mixedPaint';
import { mixWords, thinningWords } from '../written/mix/mixWords';
import type { Recipe } from '../written/recipe/recipe';

const width = 720;
const rowHeight = 34;
const headHeight = 44;
const ribbonWidth = 260;

/**
 * A recipe as a picture: a strip of ribbons, one a line, each with its mix. SVG 1.1 with no
 * outside references, so that it can be put anywhere.
 *
 * @throws UnknownPotError
 */
export function recipeStrip(recipe: Recipe, build: BuildUp, shelf: Shelf): string {
  const painted = includedSteps(recipe);
  const numberOf = (stepId: string) => recipe.steps.findIndex(({ id }) => id === stepId) + 1;
  const potName = (potId: string) => potOn(shelf, potId).name;
  const lines = painted.map((step) => ({
    label: `${numberOf(step.id)} ${mixWords(step.mix, potName, numberOf)} · ${thinningWords(step.mix)} · ${step.coats}×`,
    // An aimed line is shown where it goes on.
    surface: buildUpOfAim(build, aimKeyOf(step)).steps[numberOf(step.id) - 1].surface,
  }));
  const rows = [{ label: groundWords(recipe, shelf), surface: build.ground }, ...lines];
  const height = headHeight + rows.length * rowHeight + 8;
  const gradients = rows.map(({ surface }, index) => gradient(index, surface, build.stops));
  const drawn = rows.map(({ label }, index) => {
    const top = headHeight + index * rowHeight;
    return (
      `<rect x="8" y="${top}" width="${ribbonWidth + 6}" height="${rowHeight - 6}" fill="#777777"/>` +
      `<rect x="11" y="${top + 3}" width="${ribbonWidth}" height="${rowHeight - 12}" fill="url(#r${index})"/>` +
      `<text x="${ribbonWidth + 26}" y="${top + 19}" font-size="14">${escaped(shortened(label))}</text>`
    );
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" font-family="sans-serif" fill="#22211e">`,
    `<title>${escaped(recipe.name)}</title>`,
    `<defs>${gradients.join('')}</defs>`,
    `<rect width="${width}" height="${height}" fill="#ffffff"/>`,
    `<text x="8" y="28" font-size="20" font-weight="bold">${escaped(shortened(recipe.name))}</text>`,
    ...drawn,
    '</svg>',
  ].join('\n');
}

function gradient(
  index: number,
  surface: readonly SurfaceColour[],
  stops: readonly number[],
): string {
  const colours = surface.map(
    ({ hex }, i) => `<stop offset="${(stops[i] * 100).toFixed(1)}%" stop-color="${hex}"/>`,
  );
  return `<linearGradient id="r${index}">${colours.join('')}</linearGradient>`;
}

const longestLabel = 62;
const shortened = (text: string) =>
  text.length > longestLabel ? `${text.slice(0, longestLabel - 1)}…` : text;

const escapes: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
/** Characters XML has no place for, escaped or not. */
const notInXml = /[^\t\n\r\u0020-\ud7ff\ue000-\ufffd\u{10000}-\u{10ffff}]/gu;
const escaped = (text: string) =>
  text.replace(notInXml, '').replace(/[&<>"]/g, (sign) => escapes[sign]);
