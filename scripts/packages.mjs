import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';

/**
 * Compares what package-lock.json asks for with what npm noted that it installed. The two files are
 * never equal: npm leaves optional packages of other machines out of the second.
 *
 * @param {string} folder of the project
 * @returns {string | null} the first difference as words for a person; null when all is there
 */
export function missingPackage(folder) {
  const wanted = packagesIn(join(folder, 'package-lock.json'));
  const noted = join(folder, 'node_modules/.package-lock.json');
  if (!existsSync(noted)) return 'no finished install';
  const installed = packagesIn(noted);
  for (const [path, { version, integrity, optional, link }] of Object.entries(wanted)) {
    // Workspaces are links to folders of this project.
    if (!path.startsWith('node_modules/') && !path.includes('/node_modules/')) continue;
    const name = path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);
    const there = installed[path];
    if (optional) continue;
    if (!there) return `${name} is missing`;
    if (there.version !== version) return `${name} is ${there.version} and should be ${version}`;
    if (there.integrity !== integrity) return `${name} ${version} has other contents`;
    // An interrupted install or removal leaves the note behind without the folder.
    if (!link && !existsSync(join(folder, path, 'package.json')))
      return `${name} is noted, but its folder is empty`;
    if (link && !existsSync(join(folder, path))) return `the link to ${name} is missing`;
  }
  return null;
}

function packagesIn(file) {
  return JSON.parse(readFileSync(file, 'utf8')).packages ?? {};
}

/**
 * @param {string} folder of the project
 * @returns {string | null} why SQLite's native part cannot be loaded by this Node; null when it can
 */
export function nativeProblem(folder) {
  const probe = "new (require('better-sqlite3'))(':memory:').close()";
  const { status, stderr } = spawnSync(process.execPath, ['-e', probe], {
    cwd: folder,
    encoding: 'utf8',
  });
  if (status === 0) return null;
  return /NODE_MODULE_VERSION/.test(stderr)
    ? `SQLite was compiled for another Node than ${process.versions.node}`
    : 'SQLite was not compiled';
}
