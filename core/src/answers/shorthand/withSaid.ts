import { lifts } from '../../written/technique/techniques';
import { stepSchema, type Step } from '../../written/recipe/step';
import { lineFrom } from './lineFrom';
import type { Beside, Said } from './said';

/**
 * A line with what was said of several at once: only what was said changes, all else stays as it
 * is. A pot that was said takes the place of its mix.
 *
 * @returns the line as it was where what was said cannot be said of it
 */
export function withSaid(step: Step, said: Said, beside: Beside): Step {
  const whole = lineFrom({ ...said, technique: said.technique ?? step.technique }, beside, step.id);
  const isThinned = said.water !== undefined || said.medium !== undefined;
  const hasPaint = !lifts(whole.technique);
  const { tone, softness, pull, facing, along, height, spot } = said;
  const isAimed = [facing, along, height, spot].some((each) => each !== undefined);
  const aim = { ...step.placement.aim, ...(isAimed && whole.placement.aim) };
  const { last, ...place } = step.placement;
  const next: Step = {
    ...step,
    technique: whole.technique,
    ...(said.stage && { stage: said.stage }),
    mix: {
      parts: said.parts.length > 0 && hasPaint ? whole.mix.parts : step.mix.parts,
      waterParts: isThinned ? whole.mix.waterParts : step.mix.waterParts,
      mediumParts: isThinned ? whole.mix.mediumParts : step.mix.mediumParts,
    },
    ...(said.coats !== undefined && { coats: said.coats }),
    placement: {
      ...place,
      ...(tone && tone),
      ...(softness !== undefined && { softness }),
      ...(pull && { pull }),
      ...(Object.keys(aim).length > 0 && { aim }),
      // A last coat is within the first, which has just been moved.
      ...(last && !tone && !isAimed && { last }),
    },
    ...(said.level && { level: said.level }),
    ...(said.dryMinutes !== undefined && { dryMinutes: said.dryMinutes }),
    ...(said.meaning && { meaning: said.meaning }),
    ...(said.tool && { tool: { ...step.tool, ...said.tool } }),
    ...(said.note !== undefined && { note: said.note }),
  };
  const upTo = said.coatsUpTo ?? (said.coats === undefined ? step.coatsUpTo : undefined);
  const { coatsUpTo: _before, ...bare } = next;
  const counted = upTo === undefined ? bare : { ...bare, coatsUpTo: upTo };
  return stepSchema.safeParse(counted).success ? counted : step;
}
