import {
  techniqueOf,
  type Mix,
  type Placement,
  type Recipe,
  type Step,
  type TechniqueName,
} from '@yellow-ledger/core';

type LineDetails = Partial<Omit<Step, 'placement' | 'mix'>> & { placement?: Partial<Placement> };

/** Parts of pots by name; `'@3'` carries the mix of line 3 forward. */
export type WrittenMix = Record<string, number> & { water?: never };

/** Writes the lines of a sample recipe one after the other, numbering as it goes. */
export function linesOf(recipeId: string) {
  const idOf = (number: number) => `${recipeId}-${number}`;
  const steps: Step[] = [];
  const line = (
    stage: Step['stage'],
    technique: TechniqueName,
    parts: WrittenMix,
    { water = 0, medium = 0 }: { water?: number; medium?: number } = {},
    { placement, ...details }: LineDetails = {},
  ) => {
    const mix: Mix = {
      parts: Object.entries(parts).map(([source, count]) =>
        source.startsWith('@')
          ? { from: 'step', stepId: idOf(Number(source.slice(1))), parts: count }
          : { from: 'pot', potId: source, parts: count },
      ),
      waterParts: water,
      mediumParts: medium,
    };
    steps.push({
      id: idOf(steps.length + 1),
      stage,
      technique,
      mix,
      coats: 1,
      dryMinutes: 15,
      level: 'field',
      note: '',
      ...details,
      placement: { ...techniqueOf(technique).usualPlacement, ...placement },
    });
  };
  return { steps, line };
}

export function sampleRecipe(
  part: Omit<Recipe, 'models' | 'archived'> & { models?: number },
): Recipe {
  return { models: 6, archived: false, ...part };
}
