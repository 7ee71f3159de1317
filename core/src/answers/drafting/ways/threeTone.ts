import type { LadderRung } from '../tonalLadder';
import { addMid, asAsked, mixOf, lightLevel, addWash, type Way } from './way';

export const threeTone: Way = {
  listedAt: 6,
  label: 'three tones',
  tells:
    'Dark, mid and light, and whole parts between them: 2 dark to 1 mid, 2 mid to 1 light, half and half, pure light.',
  groundFor: asAsked,
  write(tones, lines) {
    const { darkPot, lightPot, layerThinning, isWash } = tones;
    const mid = addMid(tones, lines);
    const rung = (midShare: number, otherParts: number): LadderRung => ({
      midParts: midShare,
      otherParts,
      value: 0,
    });
    if (isWash) addWash(tones, lines, 'recessWash');
    if (darkPot && !isWash) {
      lines.add({
        stage: 'shade',
        technique: 'layer',
        parts: mixOf(tones, rung(1, 2), darkPot.id, mid),
        thinning: layerThinning,
        placement: { from: 0, to: 0.36, softness: 0.14, pull: 'down' },
      });
      lines.add({
        stage: 'shade',
        technique: 'lineWork',
        parts: [{ from: 'pot', potId: darkPot.id, parts: 1 }],
        thinning: layerThinning,
        placement: { from: 0, to: 0.16, softness: 0.08, pull: 'down' },
        level: 'table',
      });
    }
    if (!lightPot) return;
    [rung(2, 1), rung(1, 1), rung(0, 1)].forEach((tone, index) =>
      lines.add({
        stage: 'highlight',
        technique: 'layer',
        parts: mixOf(tones, tone, lightPot.id, mid),
        thinning: layerThinning,
        placement: { from: [0.55, 0.68, 0.84][index], softness: 0.08 },
        level: lightLevel(index),
      }),
    );
  },
};
