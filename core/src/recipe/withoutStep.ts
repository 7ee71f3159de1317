import type { Mix, MixPart } from './mix';
import type { Recipe } from './recipe';
import type { Step } from './step';

/**
 * Takes a line out of a recipe. Lines that carried its mix forward get that mix written out in its
 * own parts, so that their colour stays what it was.
 *
 * @returns a new recipe; the same one when no line has this id
 */
export function withoutStep(recipe: Recipe, stepId: string): Recipe {
  const gone = recipe.steps.find(({ id }) => id === stepId);
  if (!gone) return recipe;
  const steps = recipe.steps
    .filter((step) => step !== gone)
    .map((step) => ({ ...step, mix: writtenOut(step.mix, gone) }));
  return { ...recipe, steps };
}

/** Lines that carry a step's mix forward. */
export function carriersOf(steps: readonly Step[], stepId: string): Step[] {
  return steps.filter(({ mix }) =>
    mix.parts.some((part) => part.from === 'step' && part.stepId === stepId),
  );
}

function writtenOut(mix: Mix, gone: Step): Mix {
  if (!mix.parts.some((part) => part.from === 'step' && part.stepId === gone.id)) return mix;
  const total = gone.mix.parts.reduce((sum, { parts }) => sum + parts, 0);
  // Multiplied through by the total, so that whole parts stay whole.
  const spread = mix.parts.flatMap((part): MixPart[] =>
    part.from === 'step' && part.stepId === gone.id
      ? gone.mix.parts.map((inner) => ({ ...inner, parts: inner.parts * part.parts }))
      : [{ ...part, parts: part.parts * total }],
  );
  return { ...mix, parts: simplest(sameTogether(spread)) };
}

function sameTogether(parts: readonly MixPart[]): MixPart[] {
  const bySource = new Map<string, MixPart>();
  for (const part of parts) {
    const source = part.from === 'pot' ? `pot ${part.potId}` : `step ${part.stepId}`;
    const so = bySource.get(source);
    bySource.set(source, so ? { ...so, parts: so.parts + part.parts } : part);
  }
  return [...bySource.values()];
}

/** The same proportions in the smallest whole numbers, or scaled to fit where none are whole. */
function simplest(parts: readonly MixPart[]): MixPart[] {
  const figures = parts.map((part) => part.parts);
  const divisor = figures.every(Number.isInteger) ? figures.reduce(greatestDivisor) : 1;
  const largest = Math.max(...figures) / divisor;
  const scale = largest > 100 ? divisor * (largest / 100) : divisor;
  return parts.map((part) => ({ ...part, parts: part.parts / scale }));
}

function greatestDivisor(one: number, other: number): number {
  return other === 0 ? one : greatestDivisor(other, one % other);
}
