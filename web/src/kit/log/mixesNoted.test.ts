import type { Brushed, CoatEntry, LogEntry } from '@yellow-ledger/core';
import { mixesNoted } from './mixesNoted';

const mix = (potId: string, waterParts = 1): Brushed => ({
  pots: [{ potId, share: 1 }],
  waterParts,
  mediumParts: 0,
});
const noted = (minute: number, brushed: Brushed, benchId = 'bench') =>
  ({
    kind: 'coat',
    id: `e${minute}`,
    at: `2026-03-01T18:${String(minute).padStart(2, '0')}:00.000Z`,
    benchId,
    brushed,
    differs: [],
  }) as unknown as LogEntry;

test('the mix as noted comes first, then others of the bench, each once, the nearest in time first', () => {
  const wrong = noted(20, mix('ochre')) as CoatEntry;
  const log = [
    noted(1, mix('umber')),
    noted(18, mix('white')),
    noted(19, mix('ochre')),
    noted(21, mix('ochre', 3)),
    noted(22, mix('black'), 'another bench'),
    wrong,
  ];
  expect(mixesNoted(wrong, log)).toEqual([
    { brushed: mix('ochre'), differs: [] },
    { brushed: mix('ochre', 3), differs: ['more thinner'] },
    { brushed: mix('white'), differs: ['improvised mix'] },
    { brushed: mix('umber'), differs: ['improvised mix'] },
  ]);
});
