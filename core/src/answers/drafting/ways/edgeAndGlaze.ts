import { addGlazedDarks, addMid, asAsked, mixOf, addWash, lightLevel, type Way } from './way';

/** A brighter edge is a little finer than the one before, and its glaze reaches a little less far. */
const edgeFrom = [0.86, 0.9, 0.94, 0.97];
const glazeFrom = [0.5, 0.6, 0.7, 0.78];

export const edgeAndGlaze: Way = {
  listedAt: 8,
  label: 'edge and glaze',
  tells:
    'An edge line, a glaze of its mix drawn up to it, a brighter edge, and again: what is between them melts.',
  groundFor: asAsked,
  write(tones, lines) {
    const { lightPot, lights, layerThinning, glazeThinning } = tones;
    const mid = addMid(tones, lines);
    if (tones.isWash) addWash(tones, lines, 'recessWash');
    addGlazedDarks(tones, lines, mid, [0.45, 0.32, 0.2]);
    lights.forEach((rung, index) => {
      if (!lightPot) return;
      const edge = lines.add({
        stage: 'highlight',
        technique: 'edgeLine',
        parts: mixOf(tones, rung, lightPot.id, mid),
        thinning: layerThinning,
        placement: { from: edgeFrom[index] },
        level: lightLevel(index),
      });
      lines.add({
        stage: 'glaze',
        technique: 'placedGlaze',
        parts: [{ from: 'step', stepId: edge, parts: 1 }],
        thinning: glazeThinning,
        placement: { from: glazeFrom[index], to: edgeFrom[index], softness: 0.12, pull: 'up' },
        passes: 2,
        dryMinutes: 20,
        level: lightLevel(index),
      });
    });
  },
};
