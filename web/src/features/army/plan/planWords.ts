import {
  isolated,
  partsOfShares,
  partsWords,
  thinningWords,
  type Army,
  type PlannedRun,
  type PlannedWork,
  type Pot,
} from '@yellow-ledger/core';
import { format } from 'date-fns';
import { potNamesOf } from '../../../kit/words/recipeWords';
import { surfaceName, unitName } from '../../../kit/words/surfaceWords';
import type { PlanGround } from './planWork';
import { inTurnWords } from '../../../kit/words/modelsWords';

/** The names a plan is told in. */
export interface PlanWords {
  surface: (run: Pick<PlannedRun, 'unitId' | 'surfaceId'>) => string;
  /** @example 'line 3 of Oilskin, coat 2' */
  line: (run: PlannedRun) => string;
  /** coats of one line that follow each other. @example 'line 3, coats 1 and 2' */
  coats: (runs: readonly PlannedRun[]) => string;
  /** @example 'models 1–10' */
  models: (run: Pick<PlannedRun, 'models'>) => string;
  /** @example '3 Marigold Clay + 1 Fen Umber' */
  mix: (mix: number) => string;
  painter: (id: string) => string;
  potName: (potId: string) => string;
  clock: (moment: number) => string;
}

export function planWords(
  army: Army,
  painters: readonly { id: string; name: string }[],
  pots: Pot[],
  { recipeNames, lineNumbers }: Pick<PlanGround, 'recipeNames' | 'lineNumbers'>,
  plan: PlannedWork,
): PlanWords {
  const potName = potNamesOf(pots);
  return {
    surface: (run) =>
      `${isolated(surfaceName(army, run))}, ${isolated(unitName(army, run.unitId))}`,
    line: ({ recipeId, stepId, coat }) =>
      `line ${lineNumbers[`${recipeId} ${stepId}`] ?? '?'} of ${recipeNames[recipeId] ?? 'its recipe'}, coat ${coat}`,
    coats: (runs) => {
      const [{ recipeId, stepId }] = runs;
      const line = `line ${lineNumbers[`${recipeId} ${stepId}`] ?? '?'}`;
      const numbers = [...new Set(runs.map(({ coat }) => coat))];
      if (numbers.length === 1) return numbers[0] === 1 ? line : `${line}, coat ${numbers[0]}`;
      return `${line}, coats ${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1) ?? ''}`;
    },
    models: ({ models }) => `${models.length === 1 ? 'model' : 'models'} ${inTurnWords(models)}`,
    mix: (mix) => {
      const { shares, waterParts, mediumParts } = plan.mixes[mix];
      if (shares.length === 0) return 'water alone';
      const named = partsOfShares(shares)
        .map(({ potId, parts }) =>
          shares.length > 1 ? `${partsWords(parts)} ${potName(potId)}` : potName(potId),
        )
        .join(' + ');
      const isThinned = waterParts + mediumParts > 0;
      return isThinned
        ? `${named} · ${thinningWords({ waterParts, mediumParts, parts: shares })}`
        : named;
    },
    painter: (id) => painters.find((each) => each.id === id)?.name ?? 'a painter',
    potName,
    clock: (moment) => format(moment, 'HH:mm'),
  };
}
