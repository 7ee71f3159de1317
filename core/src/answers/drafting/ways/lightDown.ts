import { addGlazedDarks, asAsked, mixOf, addWash, type Way } from './way';

export const lightDown: Way = {
  listedAt: 3,
  label: 'from the light down',
  tells: 'The lightest tone everywhere; what is darker goes on as glazes pulled into the recesses.',
  groundFor: asAsked,
  write(tones, lines) {
    const { midParts, lightPot, lights, glazeThinning, layerThinning } = tones;
    const lightest = lights.at(-1);
    lines.add({
      stage: 'base',
      technique: 'brushCoat',
      parts: lightest && lightPot ? mixOf(tones, lightest, lightPot.id, null) : midParts,
      thinning: layerThinning,
    });
    const inner = [...lights].slice(0, -1).reverse();
    inner.forEach((rung, index) => {
      if (!lightPot) return;
      lines.add({
        stage: 'glaze',
        technique: 'placedGlaze',
        parts: mixOf(tones, rung, lightPot.id, null),
        thinning: glazeThinning,
        placement: { from: 0, to: [0.86, 0.76, 0.68][index], softness: 0.22 },
        passes: 3,
        dryMinutes: 20,
      });
    });
    const mid = lightest
      ? lines.add({
          stage: 'glaze',
          technique: 'placedGlaze',
          parts: midParts,
          thinning: glazeThinning,
          placement: { from: 0, to: 0.6, softness: 0.25 },
          passes: 4,
          dryMinutes: 20,
        })
      : null;
    if (tones.isWash) addWash(tones, lines, 'recessWash');
    addGlazedDarks(tones, lines, mid, [0.42, 0.3, 0.18]);
  },
};
