import { filmOf } from '../../../predicted/buildUp/applyStep';
import { potsOf, type PaintedLine } from '../adviceContext';
import { isAtHand } from '../../../written/pot/stock';
import { tints } from '../../../predicted/glazes/filterEffect';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Fix } from '../fixes/fix';
import { recessFix } from '../fixes/recessFix';
import type { Finding } from '../finding';
import { depositAt } from '../../../written/recipe/depositAt';
import { placeOf } from '../../../written/place/toneAxis';
import { rule } from '../rule';

/** So much matt paint on the lights takes their shine, films; what a wash leaves there does not. */
const hidesShineFrom = 0.3;
/** From this share of metallic pots on a mix shines. */
const shines = 0.5;

/** A matt wash, filter or varnish over metal, and no metal after it. */
export const metallicDulled = rule(7, ({ lines, shelf }) => {
  const isMetal = (line: PaintedLine) =>
    line.meaning !== null &&
    potsOf(line, shelf).reduce(
      (sum, { pot, share }) => sum + (pot.finish === 'metallic' ? share : 0),
      0,
    ) >= shines;
  return lines.flatMap((line, index): Finding[] => {
    const metal = lines.slice(0, index).findLast(isMetal);
    if (!metal || lines.slice(index + 1).some(isMetal)) return [];
    // A line aimed at a part of the metal is a glow or a stain there, and is meant to be.
    if (line.step.placement.aim) return [];
    const isOverAll = tints(line.step)
      ? line.step.technique !== 'recessWash'
      : line.build.mix.isClear;
    const matt = potsOf(line, shelf).reduce(
      (sum, { pot, share }) => sum + (pot.finish === 'matt' && pot.kind !== 'medium' ? share : 0),
      0,
    );
    if (!isOverAll || line.step.placement.to < 0.75 || matt < shines) return [];
    if (!line.build.mix.isClear && filmAt(line, placeOf('crown')) < hidesShineFrom) return [];
    return [
      {
        stepId: line.step.id,
        sentence: `A matt ${line.build.mix.isClear ? 'varnish' : techniqueOf(line.step.technique).label} takes the shine off the metal of line ${metal.number}.`,
        figure: { value: Math.round(matt * 100), unit: '% matt' },
        fixes: fixesOf(line),
      },
    ];
  });

  function fixesOf(line: PaintedLine): Fix[] {
    if (!line.build.mix.isClear) return [recessFix(line.written)];
    const glossy = [...shelf.values()].find(
      (pot) => pot.kind === 'varnish' && pot.finish !== 'matt' && isAtHand(pot),
    );
    if (!glossy) return [];
    const mix = {
      ...line.written.mix,
      parts: [{ from: 'pot' as const, potId: glossy.id, parts: 1 }],
    };
    return [
      {
        label: `Use ${glossy.name}`,
        changes: [{ do: 'replace', step: { ...line.written, mix } }],
      },
    ];
  }
});

/** How much of a line lies on a place, films. */
const filmAt = ({ step }: PaintedLine, at: number) =>
  filmOf(step) * step.coats * depositAt(step, at);
