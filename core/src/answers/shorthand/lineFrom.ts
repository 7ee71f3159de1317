import { potOn } from '../../predicted/paint/mixedPaint';
import type { MixPart, Thinning } from '../../written/mix/mix';
import { mostCoats, type Step } from '../../written/recipe/step';
import { lifts, techniqueOf, type TechniqueName } from '../../written/technique/techniques';
import { brushFacts } from '../../written/technique/tool';
import { thinningHabit } from '../../predicted/paint/thinningHabit';
import { comesReady, usualStage, usualTechnique } from '../../written/technique/usualLine';
import type { PotKind } from '../../written/pot/pot';
import { partsFrom } from './strict/partsFrom';
import { placementFrom } from './strict/placementFrom';
import type { Beside, Said } from './said';

/**
 * The line a sentence is of. What it does not say follows from the line above and the technique:
 * the pots of the line above, thinner as its owner likes it, a place that goes on upwards.
 *
 * @param id the identifier it is to have
 */
export function lineFrom(said: Said, beside: Beside, id: string): Step {
  const before = beside.above.at(-1);
  const { shelf } = beside.names;
  const saidParts = said.parts.length > 0 ? partsFrom(said, beside) : [];
  const kinds = new Set(
    saidParts.map((part) => (part.from === 'pot' ? potOn(shelf, part.potId).kind : 'paint')),
  );
  const known = { kinds, stage: said.stage, stageAbove: before?.stage };
  const brush = said.tool?.brush;
  const technique = said.technique ?? (brush && brushFacts(brush).isFor) ?? usualTechnique(known);
  const stage = said.stage ?? usualStage(technique, known);
  const parts = lifts(technique) && said.parts.length === 0 ? [] : partsFrom(said, beside);
  const coats = said.coats ?? (stage === 'base' && !techniqueOf(technique).tints ? 2 : 1);
  const coatsUpTo = said.coatsUpTo ?? (said.untilEven && Math.min(mostCoats, coats + 1));
  const repaired = said.repairs !== undefined && beside.above.at(said.repairs - 1)?.id;
  return {
    id,
    stage,
    technique,
    mix: { parts, ...thinningFrom(said, technique, parts, beside, kinds) },
    coats,
    ...(coatsUpTo !== undefined && coatsUpTo > coats && { coatsUpTo }),
    placement: placementFrom(said, stage, technique, before),
    // Nothing written is reckoned from the film, as the plan does.
    dryMinutes: said.dryMinutes ?? 0,
    level: said.level ?? before?.level ?? 'field',
    ...(said.coatsAt && { coatsAt: said.coatsAt }),
    ...(said.isOut && { isOut: true }),
    ...(repaired && { restores: repaired }),
    ...(said.meaning && { meaning: said.meaning }),
    ...(said.density !== undefined && { density: said.density }),
    ...(said.tool && { tool: said.tool }),
    note: said.note ?? '',
  };
}

function thinningFrom(
  { water, medium, parts: said }: Said,
  technique: TechniqueName,
  parts: readonly MixPart[],
  { above, names }: Beside,
  kinds: ReadonlySet<PotKind>,
): Thinning {
  if (water !== undefined || medium !== undefined)
    return { waterParts: water ?? 0, mediumParts: medium ?? 0 };
  if (lifts(technique)) return { waterParts: 0, mediumParts: 0 };
  const before = above.at(-1);
  const [only] = parts;
  const pot =
    parts.length === 1 && only.from === 'pot' && names.pots.find(({ id }) => id === only.potId);
  const habit = pot && thinningHabit(pot, { technique });
  if (habit) return habit;
  if (before?.technique === technique && (said.length === 0 || kinds.has('paint')))
    return { waterParts: before.mix.waterParts, mediumParts: before.mix.mediumParts };
  if (comesReady(kinds) && !techniqueOf(technique).isThinned)
    return { waterParts: 0, mediumParts: 0 };
  return techniqueOf(technique).usualThinning;
}
