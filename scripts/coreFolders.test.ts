import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';

const core = join(__dirname, '../core/src');
const folders = readdirSync(core, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ parentPath, name }) => join(parentPath, name));
const filesOf = (folder: string) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isFile() && entry.name.endsWith('.ts') ? [entry.name] : [],
  );
/** The names an index gives away, one by one. */
const namesOf = (index: string) =>
  [...readFileSync(index, 'utf8').matchAll(/\{([^}]*)\}/g)].flatMap(([, names]) =>
    names.split(',').filter((name) => name.trim() !== ''),
  );
const shown = (folder: string) => relative(core, folder);

/** Folders with one file for each kind of a thing: as many as there are kinds. */
const oneFileAKind = /(?:^|\/)(?:rules|techniques|forms|mishaps|ways|formats|catalogue)$/;

test('a folder of the core has up to 25 files, beside its index', () => {
  const tooLarge = folders.filter(
    (folder) =>
      !oneFileAKind.test(shown(folder)) &&
      filesOf(folder).filter((name) => name !== 'index.ts').length > 25,
  );
  expect(folders.length).toBeGreaterThan(30);
  expect(tooLarge.map(shown)).toEqual([]);
});

test('an index gives away up to 40 names, and a ring only what its folders give away', () => {
  const indexes = folders.filter((folder) => filesOf(folder).includes('index.ts'));
  const tooMany = indexes.filter((folder) => namesOf(join(folder, 'index.ts')).length > 40);
  expect(tooMany.map(shown)).toEqual([]);
  for (const ring of ['light', 'written', 'predicted', 'answers'])
    expect(namesOf(join(core, ring, 'index.ts'))).toEqual([]);
});

test('every folder with an index is in the index of its ring, so that nothing is forgotten', () => {
  for (const ring of ['light', 'written', 'predicted', 'answers']) {
    const listed = [
      ...readFileSync(join(core, ring, 'index.ts'), 'utf8').matchAll(/from '\.\/([^']+)'/g),
    ].map(([, folder]) => folder);
    const there = folders
      .filter((folder) => shown(folder).startsWith(`${ring}/`))
      .filter((folder) => filesOf(folder).includes('index.ts'))
      .map((folder) => relative(join(core, ring), folder));
    expect(listed.toSorted()).toEqual(there.toSorted());
  }
});
