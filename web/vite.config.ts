import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react()],
  build: {
    target: 'es2022',
    // The content policy lets no data: fonts or styles in.
    assetsInlineLimit: 0,
    manifest: true,
  },
  worker: { format: 'es' },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
  server: { proxy: { '/api': 'http://127.0.0.1:4747' } },
});
