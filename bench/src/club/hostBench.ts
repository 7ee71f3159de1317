import { seeded } from '../../../core/src/testing/practice/shakingHand';

/** A host of so many clubs, each with a process of its own that sleeps while nobody calls. */
const clubs = Number(process.env.CLUBS ?? 1000);
const weeks = 4;
const seed = Number(process.env.SEED ?? 23);
/** Figures measured by `npm run bench -- club`, on the machine it says. */
const memoryMb = Number(process.env.MEMORY_MB ?? 170);
const startSeconds = Number(process.env.START_S ?? 1.2);
const idleMinutes = 15;

const minutesOfWeek = 7 * 24 * 60;

interface Club {
  /** minute of the week their evening begins, and how long it is */
  evening: number;
  length: number;
  /** calls a day outside of it: somebody looks something up */
  callsADay: number;
}

/**
 * How many processes run at once, and how many have to be started in the worst minute. Evenings lie
 * between half past six and eight, most of them from Tuesday to Friday.
 */
export function benchHost(): void {
  const random = seeded(seed);
  const weekday = () => [1, 1, 2, 2, 2, 3, 3, 3, 4, 4, 0, 5][Math.floor(random() * 12)];
  const all: Club[] = Array.from({ length: clubs }, () => ({
    evening: weekday() * 24 * 60 + 18 * 60 + 30 + Math.floor(random() * 90),
    length: 150 + Math.floor(random() * 90),
    callsADay: 1 + Math.floor(random() * 12),
  }));
  const awake = new Int32Array(weeks * minutesOfWeek);
  const starts = new Int32Array(weeks * minutesOfWeek);
  for (const club of all) run(club, random, awake, starts);
  const most = Math.max(...awake);
  const usual = [...awake].sort((one, other) => one - other)[Math.floor(awake.length / 2)];
  const mostStarts = Math.max(...starts);
  const woken = starts.reduce((sum, each) => sum + each, 0);
  console.log(`\nA host of ${clubs} clubs, ${weeks} weeks, seed ${seed}`);
  console.log(
    `  awake at once: usually ${usual}, at most ${most}: ${((most * memoryMb) / 1024).toFixed(0)} GB at ${memoryMb} MB each`,
  );
  console.log(
    `  started: ${(woken / weeks / 7).toFixed(0)} a day, at most ${mostStarts} in a minute: ${((mostStarts * startSeconds) / 60).toFixed(2)} cores for starting alone`,
  );
}

function run(club: Club, random: () => number, awake: Int32Array, starts: Int32Array): void {
  const called = new Uint8Array(awake.length);
  for (let week = 0; week < weeks; week++) {
    const evening = week * minutesOfWeek + club.evening;
    called.fill(1, evening, Math.min(called.length, evening + club.length));
    for (let call = 0; call < club.callsADay * 7; call++) {
      // Between seven in the morning and eleven at night.
      const day = Math.floor(random() * 7);
      const at = week * minutesOfWeek + day * 1440 + 420 + Math.floor(random() * 960);
      called.fill(1, at, Math.min(called.length, at + 1 + Math.floor(random() * 8)));
    }
  }
  let lastCall = -Infinity;
  let isAwake = false;
  for (let minute = 0; minute < called.length; minute++) {
    if (called[minute]) lastCall = minute;
    const isCalled = minute - lastCall < idleMinutes;
    if (isCalled && !isAwake) starts[minute]++;
    if (isCalled) awake[minute]++;
    isAwake = isCalled;
  }
}
