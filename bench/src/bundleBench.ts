import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { gzipSync } from 'node:zlib';
import { z } from 'zod';

const dist = resolve(import.meta.dirname, '../../web/dist');
const manifestSchema = z.record(
  z.string(),
  z.object({
    file: z.string(),
    imports: z.array(z.string()).optional(),
    isEntry: z.boolean().optional(),
  }),
);

/** JavaScript the browser fetches before a screen can be used, gzipped. */
export function benchBundle(): void {
  const manifest = manifestSchema.parse(
    JSON.parse(readFileSync(resolve(dist, '.vite/manifest.json'), 'utf8')),
  );
  const entry = Object.keys(manifest).find((key) => manifest[key].isEntry) ?? '';
  const filesOf = (key: string, known = new Set<string>()): Set<string> => {
    if (known.has(key)) return known;
    known.add(key);
    for (const imported of manifest[key].imports ?? []) filesOf(imported, known);
    return known;
  };
  const sizeOf = (keys: Iterable<string>) =>
    [...keys].reduce(
      (sum, key) => sum + gzipSync(readFileSync(resolve(dist, manifest[key].file))).length,
      0,
    );
  console.log('\nJavaScript of a screen, gzipped (the worker comes beside it)');
  for (const page of ['recipes/RecipesPage', 'shelf/ShelfPage', 'recipe/RecipePage']) {
    const keys = filesOf(`src/pages/${page}.tsx`, filesOf(entry));
    console.log(`  ${page.padEnd(40)}  ${(sizeOf(keys) / 1000).toFixed(1)} KB`);
  }
}
