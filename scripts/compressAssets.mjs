/** Writes each built file beside itself as brotli and as gzip, for the server to send. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const folder = process.argv[2];
const isText = /\.(js|css|svg|json)$/;

for (const name of readdirSync(folder).filter((file) => isText.test(file))) {
  const path = join(folder, name);
  const bytes = readFileSync(path);
  writeFileSync(
    `${path}.br`,
    brotliCompressSync(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }),
  );
  writeFileSync(`${path}.gz`, gzipSync(bytes, { level: 9 }));
}
