import type { Army, PlannedRun, PlannedWork, Pot } from '@yellow-ledger/core';
import { format } from 'date-fns';
import { potNamesOf } from '../../../kit/words/recipeWords';
import { surfaceName, unitName } from '../../../kit/words/surfaceWords';
import type { PlanGround } from './planWork';
import { inTurnWords } from '../../../kit/words/modelsWords';

/** The names a plan is told in. */
export interface PlanWords {
  surface: (run: Pick<PlannedRun, 'unitId' | 'surfaceId'>) => string;
  /** @example 'line 3, coat 2' */
  line: (run: PlannedRun) => string;
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
    surface: (run) => `${surfaceName(army, run)}, ${unitName(army, run.unitId)}`,
    line: ({ recipeId, stepId, coat }) =>
      `line ${lineNumbers[`${recipeId} ${stepId}`] ?? '?'} of ${recipeNames[recipeId] ?? 'its recipe'}, coat ${coat}`,
    models: ({ models }) => `${models.length === 1 ? 'model' : 'models'} ${inTurnWords(models)}`,
    mix: (mix) => {
      const { shares, waterParts, mediumParts } = plan.mixes[mix];
      const named = shares
        .map(({ potId, share }) =>
          shares.length > 1 ? `${Math.round(share * 100)} % ${potName(potId)}` : potName(potId),
        )
        .join(' + ');
      const thinner = [
        ...(waterParts > 0 ? [`${waterParts} water`] : []),
        ...(mediumParts > 0 ? [`${mediumParts} medium`] : []),
      ];
      return thinner.length > 0 ? `${named} · 1 paint : ${thinner.join(' : ')}` : named;
    },
    painter: (id) => painters.find((each) => each.id === id)?.name ?? 'a painter',
    potName,
    clock: (moment) => format(moment, 'HH:mm'),
  };
}
