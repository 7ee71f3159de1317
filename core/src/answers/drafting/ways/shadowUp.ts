import { asAsked, mixOf, addLights, addWash, type Way } from './way';

export const shadowUp: Way = {
  listedAt: 2,
  label: 'from the shadow up',
  tells: 'The darkest tone everywhere, and each lighter one starts a little higher.',
  groundFor: asAsked,
  write(tones, lines) {
    const { midParts, darkPot, darks, layerThinning, isWash } = tones;
    const rising = [...darks].reverse();
    rising.forEach((rung, index) => {
      if (!darkPot) return;
      lines.add({
        stage: 'base',
        technique: index === 0 ? 'brushCoat' : 'layer',
        parts: mixOf(tones, rung, darkPot.id, null),
        thinning: layerThinning,
        placement: index === 0 ? {} : { from: [0, 0.22, 0.3][index] },
      });
    });
    const mid = lines.add({
      stage: rising.length > 0 ? 'layer' : 'base',
      technique: rising.length > 0 ? 'layer' : 'brushCoat',
      parts: midParts,
      thinning: layerThinning,
      placement: rising.length > 0 ? { from: 0.38 } : {},
    });
    if (isWash) addWash(tones, lines, 'recessWash');
    addLights(tones, lines, mid);
  },
};
