import {
  deviationsOf,
  isSameBrushed,
  type Brushed,
  type CoatEntry,
  type Deviation,
  type LogEntry,
} from '@yellow-ledger/core';

/** A mix that may have been on the brush. */
export interface MixNoted {
  brushed: Brushed;
  differs: Deviation[];
}

const most = 8;

/**
 * Mixes that may have been on the brush for a coat, its own first: those noted at the same bench,
 * the nearest in time first.
 */
export function mixesNoted(entry: CoatEntry, log: readonly LogEntry[]): MixNoted[] {
  const at = Date.parse(entry.at);
  const near = log
    .flatMap((each) =>
      (each.kind === 'coat' || each.kind === 'mixed') && each.benchId === entry.benchId
        ? [{ brushed: each.brushed, apart: Math.abs(Date.parse(each.at) - at) }]
        : [],
    )
    .filter(({ brushed }) => brushed.pots.length > 0)
    .sort((one, other) => one.apart - other.apart);
  const found: MixNoted[] = [{ brushed: entry.brushed, differs: entry.differs }];
  for (const { brushed } of near) {
    if (found.length === most) break;
    if (found.some((each) => isSameBrushed(each.brushed, brushed))) continue;
    const differs = entry.differs.length === 0 ? deviationsOf(brushed, entry.brushed) : [];
    // How a third mix differs from the line is not known here: it is another than was written.
    found.push({ brushed, differs: differs.length > 0 ? differs : ['improvised mix'] });
  }
  return found;
}
