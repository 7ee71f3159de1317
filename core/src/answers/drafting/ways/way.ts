import { colourOfHex } from '../../../light/colour/colourOfHex';
import type { MixPart } from '../../../written/mix/mix';
import { potOn, type Shelf } from '../../../predicted/paint/mixedPaint';
import type { FinishLevel } from '../../../written/recipe/step';
import type { Tones } from '../tones';
import type { DraftLines } from '../draftLines';
import type { LadderRung } from '../tonalLadder';

interface GroundAsked {
  groundPotId: string;
}

/** How a school goes about a surface. */
export interface Way {
  /** its place in lists, from 1 */
  listedAt: number;
  label: string;
  tells: string;
  groundFor: (asked: GroundAsked, shelf: Shelf) => string;
  write: (tones: Tones, lines: DraftLines) => void;
}

export const asAsked = ({ groundPotId }: GroundAsked) => groundPotId;
const paleFrom = 62;

/** The ground asked for where it is pale, else the palest primer at hand. */
export function palest({ groundPotId }: GroundAsked, shelf: Shelf): string {
  if (colourOfHex(potOn(shelf, groundPotId).swatch).value >= paleFrom) return groundPotId;
  const primers = [...shelf.values()].filter(({ kind, retired }) => kind === 'primer' && !retired);
  return primers.reduce(
    (best, pot) => (colourOfHex(pot.swatch).value > colourOfHex(best.swatch).value ? pot : best),
    potOn(shelf, groundPotId),
  ).id;
}

/** A rung as a mix: with the mid tone carried forward where it has been mixed already. */
export function mixOf(
  { midParts, midTotal, countable }: Tones,
  rung: LadderRung,
  otherPotId: string,
  midStepId: string | null,
): MixPart[] {
  const other = (parts: number): MixPart => ({ from: 'pot', potId: otherPotId, parts });
  if (rung.midParts === 0) return [other(1)];
  if (midStepId)
    return [{ from: 'step', stepId: midStepId, parts: rung.midParts }, other(rung.otherParts)];
  return countable([
    ...midParts.map((part) => ({ ...part, parts: part.parts * rung.midParts })),
    other(rung.otherParts * midTotal),
  ]);
}

/** Where the lights start: evenly from just above the mid to just above the crown. */
export function lightFrom(index: number, count: number): number {
  const along = count > 1 ? index / (count - 1) : 0.5;
  return Math.round((0.54 + 0.32 * along) * 100) / 100;
}

/** The first two lights belong to every finish; the finer ones to the more careful. */
export function lightLevel(index: number): FinishLevel {
  return index < 2 ? 'field' : index < 3 ? 'table' : 'display';
}

/** The mid tone all over. @returns the line's id */
export const addMid = ({ midParts, layerThinning }: Tones, lines: DraftLines): string =>
  lines.add({
    stage: 'base',
    technique: 'brushCoat',
    parts: midParts,
    thinning: layerThinning,
  });

/** Darks as glazes pulled into the recesses. @param ends where each of them ends, the broadest first */
export function addGlazedDarks(
  tones: Tones,
  lines: DraftLines,
  midStepId: string | null,
  ends: readonly number[],
) {
  const { darkPot, darks, glazeThinning } = tones;
  darks.forEach((rung, index) => {
    if (!darkPot) return;
    lines.add({
      stage: 'shade',
      technique: 'placedGlaze',
      parts: mixOf(tones, rung, darkPot.id, midStepId),
      thinning: glazeThinning,
      placement: { from: 0, to: ends[index], softness: 0.2 },
      passes: 3,
      dryMinutes: 20,
      level: index === 0 ? 'field' : 'table',
    });
  });
}

export function addLights(
  tones: Tones,
  lines: DraftLines,
  midStepId: string | null,
  softness = 0.1,
) {
  const { lightPot, lights, layerThinning } = tones;
  if (!lightPot) return;
  lights.forEach((rung, index) =>
    lines.add({
      stage: 'highlight',
      technique: 'layer',
      parts: mixOf(tones, rung, lightPot.id, midStepId),
      thinning: layerThinning,
      placement: { from: lightFrom(index, lights.length), softness },
      level: lightLevel(index),
    }),
  );
}

export function addWash(tones: Tones, lines: DraftLines, technique: 'allOverWash' | 'recessWash') {
  if (!tones.darkPot) return;
  lines.add({
    stage: 'shade',
    technique,
    parts: [{ from: 'pot', potId: tones.darkPot.id, parts: 1 }],
    thinning: { waterParts: 0, mediumParts: 1 },
    dryMinutes: 40,
  });
}
