declare const process: { env: Record<string, string | undefined> };

/** Whether every case is to be tried (`npm run test:long`); `npm test` tries a sample of them. */
export const isLong = process.env.LONG_TESTS === '1';

/** How often a property is tried. @example runs(200) // → 50 every day, 200 in the long run */
export const runs = (all: number): number => (isLong ? all : Math.max(5, Math.ceil(all / 4)));

/** Some of the cases every day, all of them in the long run; the first ones are kept. */
export const sampled = <Case>(all: readonly Case[], kept: number): readonly Case[] =>
  isLong ? all : all.slice(0, kept);
