import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';

/** The styles of a page travel with it: no class is styled in another page's sheet. */
const root = __dirname;
const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).map((file) =>
  relative(root, join(root, file)),
);
const read = (file: string) => readFileSync(join(root, file), 'utf8');

/** @example homeOf('features/army/plan/PlanLeaf.tsx') // → 'features/army' */
const homeOf = (file: string) =>
  file.startsWith('features/') ? file.split('/').slice(0, 2).join('/') : file.split('/')[0];

const styledIn = new Map<string, Set<string>>();
for (const sheet of files.filter((file) => file.endsWith('.scss')))
  for (const [, name] of read(sheet).matchAll(/\.([a-z][\w-]*)/g)) {
    const homes = styledIn.get(name) ?? new Set();
    styledIn.set(name, homes.add(homeOf(sheet)));
  }

const sources = files.filter((file) => file.endsWith('.tsx') && !file.endsWith('.test.tsx'));

test.each(sources)('%s is styled by its own sheet, by a part or by the theme', (file) => {
  const home = homeOf(file);
  const known = home.startsWith('features/') ? [home, 'kit', 'styles'] : ['kit', 'styles'];
  const used = [...read(file).matchAll(/className="([^"]+)"/g)].flatMap(([, names]) =>
    names.split(' '),
  );
  const strange = used.filter((name) => {
    const homes = styledIn.get(name);
    return homes && !known.some((each) => homes.has(each));
  });
  expect(strange).toEqual([]);
});

test('a sheet styles nothing that no source names', () => {
  const named = sources.map(read).join('\n');
  const mine = [...styledIn].filter(([, homes]) => [...homes].some((home) => home !== 'styles'));
  const unused = mine
    .map(([name]) => name)
    .filter((name) => !new RegExp(`\\b${name.replace(/-\w+$/, '')}`).test(named));
  expect(unused.filter((name) => !ofTheKit.test(name))).toEqual([]);
});

/** Named by the kit and by the browser. */
const ofTheKit = /^(active|btn|collapse|css|form|nav|navbar|table)/;
