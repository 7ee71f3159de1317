import { palest, mixOf, addLights, addWash, type Way } from './way';

export const oneCoat: Way = {
  listedAt: 4,
  label: 'transparent over pale',
  tells: 'One transparent coat over a pale ground does colour, shade and light at once.',
  groundFor: palest,
  write(tones, lines) {
    const { midParts, darkPot, darks, isWash } = tones;
    const coat = lines.add({
      stage: 'base',
      technique: 'oneCoat',
      parts: midParts,
      thinning: { waterParts: 0, mediumParts: 1 },
      dryMinutes: 40,
    });
    if (isWash) addWash(tones, lines, 'recessWash');
    darks.slice(-1).forEach((rung) => {
      if (!darkPot) return;
      lines.add({
        stage: 'shade',
        technique: 'recessWash',
        parts: mixOf(tones, rung, darkPot.id, coat),
        thinning: { waterParts: 0, mediumParts: 0.5 },
        passes: 2,
        dryMinutes: 40,
      });
    });
    // Where the coat is thin it is light already, so the first light would darken it.
    const lights = tones.lights.slice(tones.lights.length > 1 ? 1 : 0);
    addLights({ ...tones, lights }, lines, coat, 0.16);
  },
};
