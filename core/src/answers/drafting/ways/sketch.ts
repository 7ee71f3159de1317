import { asAsked, mixOf, lightFrom, lightLevel, addWash, type Way } from './way';

export const sketch: Way = {
  listedAt: 5,
  label: 'sketch stark, then unify',
  tells: 'Light and dark set down harshly, then filters of the mid tone tie them together.',
  groundFor: asAsked,
  write(tones, lines) {
    const { midParts, darkPot, darks, lightPot, lights, layerThinning, filterThinning } = tones;
    const darkest = darks.at(-1);
    lines.add({
      stage: 'base',
      technique: 'brushCoat',
      parts: darkest && darkPot ? mixOf(tones, darkest, darkPot.id, null) : midParts,
      thinning: layerThinning,
    });
    if (darkest)
      lines.add({
        stage: 'layer',
        technique: 'layer',
        parts: midParts,
        thinning: layerThinning,
        placement: { from: 0.4, softness: 0.04 },
      });
    // Pushed up by one rung: the filters to come pull the lights down again.
    const pushed = lights.slice(1);
    if (lights.at(-1)?.midParts) pushed.push({ midParts: 0, otherParts: 1, value: 100 });
    pushed.forEach((rung, index) => {
      if (!lightPot) return;
      lines.add({
        stage: 'highlight',
        technique: 'layer',
        parts: mixOf(tones, rung, lightPot.id, null),
        thinning: layerThinning,
        placement: { from: lightFrom(index, pushed.length), softness: 0.04 },
        level: lightLevel(index),
      });
    });
    lines.add({
      stage: 'glaze',
      technique: 'filter',
      parts: midParts,
      thinning: filterThinning,
      passes: 2,
      dryMinutes: 25,
    });
    if (tones.isWash) addWash(tones, lines, 'recessWash');
  },
};
