import { staysUsableMinutes } from '../../palette/staysUsable';
import { loadOf } from '../../../written/mix/mix';
import type { Shelf } from '../../../predicted/paint/mixedPaint';
import type { Bench } from './bench';
import type { BenchTask } from './benchTasks';
import type { EntryOf, LogEntry } from '../log/entry';
import { standing } from '../log/standing';

/** A mix that stands on the palette, usable. */
export interface WetMix {
  entry: EntryOf<'mixed'>;
  /** milliseconds it can still be used */
  ms: number;
  /** coats of one surface of one model that are still to be painted with it */
  coatsLeft: number;
}

/**
 * Mixes that still stand on the palette, those that go off first in front.
 *
 * @param tasks what is left to paint, from which it is known what is still needed
 * @throws UnknownPotError
 */
export function wetMixes(
  bench: Pick<Bench, 'keeping' | 'room'>,
  entries: readonly LogEntry[],
  tasks: readonly BenchTask[],
  shelf: Shelf,
  now: number,
): WetMix[] {
  const latest = new Map<string, EntryOf<'mixed'>>();
  for (const entry of standing(entries))
    if (entry.kind === 'mixed') latest.set(`${entry.recipeId} ${entry.stepId}`, entry);
  return [...latest.values()]
    .flatMap((entry): WetMix[] => {
      const usable = usableMs(entry, bench, shelf);
      const ms = Math.min(usable, Date.parse(entry.at) + usable - now);
      if (ms <= 0) return [];
      const coatsLeft = tasks
        .filter(({ recipeId, stepId }) => recipeId === entry.recipeId && stepId === entry.stepId)
        .reduce((sum, task) => {
          const models = task.models.length + task.waiting.length + task.later;
          return sum + models * (task.coats - task.coat + 1);
        }, 0);
      return [{ entry, ms, coatsLeft }];
    })
    .sort((one, other) => one.ms - other.ms);
}

function usableMs(
  { brushed, ml }: EntryOf<'mixed'>,
  { keeping, room }: Pick<Bench, 'keeping' | 'room'>,
  shelf: Shelf,
): number {
  const load = loadOf(brushed);
  const known = brushed.pots.filter(({ potId }) => shelf.has(potId));
  const amounts = {
    pots: known.map(({ potId, share }) => ({ potId, ml: ml * load * share })),
    waterMl: ml * load * brushed.waterParts,
    mediumMl: ml * load * brushed.mediumParts,
  };
  return staysUsableMinutes(amounts, shelf, keeping, room) * 60_000;
}
