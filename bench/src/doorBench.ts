import { anyWorld } from '../../server/src/open/anyWorld';
import { foreignChangesIn, leaksIn } from '../../server/src/open/doors';

const worlds = Number(process.env.WORLDS ?? 300);
const firstSeed = Number(process.env.DOOR_SEED ?? 7000);
/** Writes tried in each world, between two walks through every door. */
const tries = 60;

/** Walks through every door of clubs whose records name each other past their rights. */
export async function benchDoors(): Promise<void> {
  console.log(`Doors: ${worlds} worlds from seed ${firstSeed} (WORLDS, DOOR_SEED)`);
  let leaks = 0;
  let changes = 0;
  for (let seed = firstSeed; seed < firstSeed + worlds; seed++) {
    const world = await anyWorld(seed);
    const before = await leaksIn(world);
    const changed = await foreignChangesIn(world, tries);
    const after = await leaksIn(world);
    await world.close();
    leaks += before.length + after.length;
    changes += changed.length;
    for (const wrong of [...before, ...changed, ...after]) console.log(`  world ${seed}: ${wrong}`);
    if ((seed - firstSeed + 1) % 20 === 0)
      console.log(`  ${seed - firstSeed + 1} worlds: ${leaks} leaks, ${changes} foreign changes`);
  }
  console.log(`  ${worlds} worlds: ${leaks} leaks, ${changes} foreign changes or failures`);
  if (leaks + changes > 0) process.exitCode = 1;
}
