import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { screenFiles, stringsOf } from './screenStrings.mjs';

/** Before this commit the strings were worded as the left column says. */
const before = process.argv[2] ?? '56bbc70';
const output = 'docs/strings.md';

const git = (...args) =>
  execFileSync('git', args, {
    encoding: 'utf8',
    maxBuffer: 1e9,
    stdio: ['ignore', 'pipe', 'ignore'],
  });
const formerNames = new Map(
  git('diff', '-M', '--name-status', '--diff-filter=R', before)
    .split('\n')
    .filter(Boolean)
    .map((line) => line.split('\t').slice(1).reverse()),
);

/** The strings of a file as they were; none where it was not there. */
function stringsBefore(file) {
  const name = formerNames.get(file) ?? file;
  try {
    return stringsOf(name, git('show', `${before}:${name}`)).map(({ text }) => text);
  } catch {
    return [];
  }
}

/** Two lists side by side: what is in both stands opposite, by the longest common part. */
function sideBySide(old, now) {
  const common = Array.from({ length: old.length + 1 }, () => new Uint16Array(now.length + 1));
  for (let i = old.length - 1; i >= 0; i--)
    for (let j = now.length - 1; j >= 0; j--)
      common[i][j] =
        old[i] === now[j] ? common[i + 1][j + 1] + 1 : Math.max(common[i + 1][j], common[i][j + 1]);
  const rows = [];
  let gone = [];
  let come = [];
  const flush = () => {
    for (let k = 0; k < Math.max(gone.length, come.length); k++) rows.push([gone[k], come[k]]);
    gone = [];
    come = [];
  };
  let [i, j] = [0, 0];
  while (i < old.length || j < now.length) {
    if (i < old.length && j < now.length && old[i] === now[j]) {
      flush();
      rows.push([old[i++], now[j++]]);
    } else if (j >= now.length || (i < old.length && common[i + 1][j] >= common[i][j + 1]))
      gone.push(old[i++]);
    else come.push(now[j++]);
  }
  flush();
  return rows;
}

const cell = (text) => (text ?? '').replace(/\|/gu, '\\|').replace(/</gu, '&lt;');
const parts = [];
for (const file of screenFiles()) {
  const now = stringsOf(file, readFileSync(file, 'utf8')).map(({ text }) => text);
  const rows = sideBySide(stringsBefore(file), now);
  if (rows.length === 0) continue;
  const lines = rows.map(([old, text]) =>
    old === text ? `| ${cell(text)} | |` : `| ${cell(old)} | ${cell(text)} |`,
  );
  parts.push(
    `## ${file}\n\n| before | now, where it changed |\n| --- | --- |\n${lines.join('\n')}\n`,
  );
}
writeFileSync(
  output,
  `# Strings of the screens\n\nEvery string people read, in the order of its file, with the wording before it was gone through. “…” is something worked out. Written by \`node scripts/writeStrings.mjs\`.\n\n${parts.join('\n')}`,
);
console.log(`wrote ${output}`);
