import { colourOfHex } from '../../../light/colour/colourOfHex';
import { identityLosses } from '../../../predicted/form/identityLimit';
import { finishedSurface } from '../../../predicted/buildUp/buildUp';
import { surfaceFacts } from '../../../written/recipe/surfaceFacts';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A black that reads grey, a white that reads flat, a tint that reads as a second light. */
export const identity = rule(15, ({ recipe, lines, aspects, build, form }) => {
  const { gleams, isRough } = surfaceFacts[recipe.surface];
  // Stone, wood and fur that begin in black are meant to be lit broadly, unless they are said to be black.
  const isUnsaid = isRough && recipe.meantAs === undefined;
  if (lines.length < 2 || gleams || isUnsaid) return [];
  const parts = [build, ...aspects.filter((each) => each !== build)].map((each) => ({
    aspect: each.aspect,
    surface: finishedSurface(each),
  }));
  const meant = recipe.meantAs === undefined ? undefined : colourOfHex(recipe.meantAs);
  return identityLosses(parts, build.stops, form, meant).map((loss): Finding => {
    const common = { stepId: null, fixes: [] };
    if (loss.kind === 'black reads grey')
      return {
        ...common,
        sentence: 'At arm’s length this black reads as grey: its lights cover too much.',
        figure: { value: loss.readsValue, unit: 'L* at arm’s length' },
      };
    if (loss.kind === 'white reads flat')
      return {
        ...common,
        sentence:
          'This white reads flat: too little lies between its darkest and its lightest to show a form.',
        figure: { value: loss.spread, unit: 'L* from dark to light' },
      };
    return {
      ...common,
      // Whether it was wanted is not to be seen from one surface.
      kind: 'note',
      sentence: `The tint is on ${Math.round(loss.share * 100)} % of the surface and reads as a second light; up to ${Math.round(loss.limit * 100)} % it reads as a tint.`,
      figure: { value: Math.round(loss.share * 100), unit: '% of the surface' },
    };
  });
});
