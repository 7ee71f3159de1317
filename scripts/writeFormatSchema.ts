import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ledgerFileJsonSchema } from '@yellow-ledger/core';

const file = resolve(
  dirname(fileURLToPath(import.meta.url)),
  '../docs/format/ledger-file.schema.json',
);
mkdirSync(dirname(file), { recursive: true });
writeFileSync(file, `${JSON.stringify(ledgerFileJsonSchema(), null, 2)}\n`);
console.log(`Wrote ${file}`);
