import { consistencyWord, stiffnessOf } from '../predicted/paint/consistency';
import { flattenMix } from '../written/recipe/flattenMix';
import { groundWords } from '../predicted/ground/groundWords';
import { includedSteps } from '../written/recipe/includedSteps';
import { potOn, type Shelf } from '../predicted/paint/mixedPaint';
import { loadWords, mixWords, thinningWords } from '../written/mix/mixWords';
import type { Recipe } from '../written/recipe/recipe';
import { techniqueOf } from '../written/technique/techniques';
import { coatsInWords, howWords, whereWords } from '../written/lines/lineWords';
import { standardName } from '../written/lines/standardName';
import { shapeOf } from '../written/recipe/shapeOf';

/**
 * A recipe as Markdown: what is painted at its finish level, line by line, for pasting elsewhere.
 *
 * @throws UnknownPotError
 */
export function recipeMarkdown(recipe: Recipe, shelf: Shelf): string {
  const painted = includedSteps(recipe);
  const numberOf = (stepId: string) => recipe.steps.findIndex(({ id }) => id === stepId) + 1;
  const potName = (potId: string) => potOn(shelf, potId).name;
  const rows = painted.map((step) => {
    const { label } = techniqueOf(step.technique);
    const written = recipe.steps[numberOf(step.id) - 1];
    const earlier = recipe.steps.slice(0, numberOf(step.id) - 1);
    const stiffness = stiffnessOf(flattenMix(step.mix, earlier), shelf);
    const amount = [loadWords(step.mix), consistencyWord(step.mix, stiffness)].filter(Boolean);
    return [
      numberOf(step.id),
      `${step.stage}, ${label}`,
      mixWords(step.mix, potName, numberOf),
      `${thinningWords(step.mix)} (${amount.join(', ')})`,
      coatsInWords(written, recipe.finishLevel),
      [whereWords(step, shapeOf(recipe)), howWords(step)].filter(Boolean).join('; '),
      `${step.dryMinutes} min`,
      step.note,
    ];
  });
  const head = ['Line', 'Step', 'Mix', 'Thinned', 'Coats', 'Where', 'Drying per coat', 'Note'];
  const cautions = [
    ...new Set(painted.flatMap(({ technique }) => techniqueOf(technique).caution ?? [])),
  ];
  return [
    `# ${inline(recipe.name)}`,
    '',
    `${recipe.surface}, ${standardName(recipe.finishLevel)} standard, over ${inline(groundWords(recipe, shelf))}`,
    '',
    row(head),
    row(head.map(() => '---')),
    ...rows.map(row),
    '',
    ...cautions.map((caution) => `Caution: ${caution}\n`),
    ...(recipe.notes ? [recipe.notes.trim().split(/\r?\n/).map(inline).join('\n'), ''] : []),
  ].join('\n');
}

const row = (cells: readonly (string | number)[]) =>
  `| ${cells.map((cell) => inline(String(cell))).join(' | ')} |`;

/** Text that stays on its line and in its cell, and is no markup. */
function inline(text: string): string {
  return text.replace(/[\\|<>*_`[\]#]/g, '\\$&').replace(/\s+/g, ' ');
}
