import type { Placement } from '../../../written/place/placement';
import type { DraftLines } from '../draftLines';
import { addMid, asAsked, mixOf, addWash, lightFrom, lightLevel, type Way } from './way';

/** How far the damp brush goes beyond the end it draws out, and into it, on the tone axis. */
const drawnBy = 0.12;

/** A clean damp brush over the end of the line just laid, while it is wet. */
function drawOut(
  lines: DraftLines,
  at: number,
  pull: Placement['pull'],
  level: 'field' | 'table' | 'display',
) {
  const round = (place: number) => Math.round(Math.min(1, Math.max(0, place)) * 100) / 100;
  lines.add({
    stage: 'layer',
    technique: 'dampBrush',
    parts: [],
    thinning: { waterParts: 0, mediumParts: 0 },
    placement: { from: round(at - drawnBy), to: round(at + drawnBy), softness: 0.1, pull },
    dryMinutes: 15,
    level,
  });
}

export const drawnOut: Way = {
  listedAt: 9,
  label: 'drawn out with a damp brush',
  tells:
    'Each tone is laid where it is meant, and its end drawn out with a second brush while it is wet.',
  groundFor: asAsked,
  write(tones, lines) {
    const { darkPot, darks, lightPot, lights, layerThinning } = tones;
    const mid = addMid(tones, lines);
    if (tones.isWash) addWash(tones, lines, 'recessWash');
    darks.forEach((rung, index) => {
      if (!darkPot) return;
      const to = [0.4, 0.28, 0.16][index];
      const level = index === 0 ? 'field' : 'table';
      lines.add({
        stage: 'shade',
        technique: 'layer',
        parts: mixOf(tones, rung, darkPot.id, mid),
        thinning: layerThinning,
        placement: { from: 0, to, softness: 0.04, pull: 'down' },
        level,
      });
      drawOut(lines, to, 'up', level);
    });
    lights.forEach((rung, index) => {
      if (!lightPot) return;
      const from = lightFrom(index, lights.length);
      lines.add({
        stage: 'highlight',
        technique: 'layer',
        parts: mixOf(tones, rung, lightPot.id, mid),
        thinning: layerThinning,
        placement: { from, softness: 0.04 },
        level: lightLevel(index),
      });
      drawOut(lines, from, 'down', lightLevel(index));
    });
  },
};
