import { build } from 'esbuild';
import { serverBundle } from './serverBundle.mjs';

await build(serverBundle('server/dist'));
