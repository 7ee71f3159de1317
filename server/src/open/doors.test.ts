import { anyWorld } from './anyWorld';
import { foreignChangesIn, leaksIn } from './doors';

/** The same worlds at every run; the bench walks through three hundred. */
const seeds = Array.from({ length: 10 }, (_, index) => 3200 + index);

test.each(seeds)(
  'through no door anything is told, or changed, of what is another’s: world %i',
  async (seed) => {
    const world = await anyWorld(seed);
    const wrong = [
      ...(await leaksIn(world)),
      ...(await foreignChangesIn(world, 40)),
      ...(await leaksIn(world)),
    ];
    await world.close();
    expect(wrong).toEqual([]);
  },
);
