import { asAsked, mixOf, addLights, addWash, type Way } from './way';

export const restore: Way = {
  listedAt: 1,
  label: 'base, shade, restore, highlight',
  tells: 'The mid tone everywhere, a shade over it, the mid tone restored, then the lights.',
  groundFor: asAsked,
  write(tones, lines) {
    const { midParts, darkPot, darks, isWash, layerThinning } = tones;
    const base = lines.add({
      stage: 'base',
      technique: 'brushCoat',
      parts: midParts,
      thinning: layerThinning,
    });
    if (isWash) addWash(tones, lines, 'allOverWash');
    darks.forEach((rung, index) => {
      if (!darkPot) return;
      lines.add({
        stage: 'shade',
        technique: 'layer',
        parts: mixOf(tones, rung, darkPot.id, base),
        thinning: layerThinning,
        placement: { from: 0, to: [0.52, 0.3, 0.16][index], softness: 0.14, pull: 'down' },
        level: index === 0 ? 'field' : 'table',
      });
    });
    if (darkPot)
      lines.add({
        stage: 'layer',
        technique: 'layer',
        parts: [{ from: 'step', stepId: base, parts: 1 }],
        thinning: layerThinning,
        placement: { from: 0.4 },
      });
    addLights(tones, lines, base);
  },
};
