import type { Step } from '../recipe/step';

/**
 * The same lines with identifiers of their own: what one carries forward or restores of another
 * among them is that one still. What they say of lines that are not among them stays as it is.
 *
 * @param newId gives an identifier no line has
 */
export function withNewIds(steps: readonly Step[], newId: () => string): Step[] {
  const ids = new Map(steps.map(({ id }) => [id, newId()]));
  const renamed = (id: string) => ids.get(id) ?? id;
  return steps.map((step) => ({
    ...step,
    id: renamed(step.id),
    ...(step.restores !== undefined && { restores: renamed(step.restores) }),
    mix: {
      ...step.mix,
      parts: step.mix.parts.map((part) =>
        part.from === 'step' ? { ...part, stepId: renamed(part.stepId) } : part,
      ),
    },
  }));
}
