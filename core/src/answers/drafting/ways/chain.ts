import { asAsked, type Way } from './way';

/** Where each link begins: evenly from just above the pit to just below the point. */
const beginsAt = (index: number, count: number) =>
  Math.round((0.12 + (0.78 * index) / Math.max(1, count)) * 100) / 100;

export const chain: Way = {
  listedAt: 7,
  label: 'from a chain of pots',
  tells:
    'Pot after pot from dark to pale, each with a half-mix before it and on less of the surface than the last.',
  groundFor: asAsked,
  write({ chain: links, layerThinning }, lines) {
    const count = 2 * (links.length - 1);
    links.forEach((pots, index) => {
      const before = links.at(index - 1);
      if (index > 0 && before)
        lines.add({
          stage: 'layer',
          technique: 'layer',
          parts: [...before, ...pots],
          thinning: layerThinning,
          placement: { from: beginsAt(2 * index - 2, count), softness: 0.12 },
          level: index > 2 ? 'table' : 'field',
        });
      lines.add({
        stage: index === 0 ? 'base' : index === links.length - 1 ? 'highlight' : 'layer',
        technique: index === 0 ? 'brushCoat' : 'layer',
        parts: pots,
        thinning: layerThinning,
        placement: index === 0 ? {} : { from: beginsAt(2 * index - 1, count), softness: 0.12 },
        level: index > 2 ? 'table' : 'field',
      });
    });
  },
};
