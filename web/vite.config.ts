import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

/** Packages that only some pages need; they go where they are used. (Ids on the server are the kit’s.) */
const ofSomePages =
  'recharts|@tanstack|d3-|victory|es-toolkit|decimal|eventemitter3|react-aria(?!.*SSRProvider)|react-stately|@react(?!-aria/ssr)|@internationalized|@dnd-kit|ical-generator|papaparse|react-hook-form|@hookform';

/** What goes into one file together; what is not named goes where it is used. */
const chunks = [
  {
    name: 'charts',
    test: /node_modules\/(recharts|d3-|victory|es-toolkit|decimal|eventemitter3)/,
  },
  { name: 'frame', test: new RegExp(`node_modules/(?!${ofSomePages})`) },
  { name: 'ledger', test: /core\/src\/(?!file)|web\/src\/(ledger|workers)/ },
  { name: 'parts', test: /web\/src\/parts\/(?!PotComboBox|ColourField|SeenOnly)/ },
].map((group, index, all) => ({
  ...group,
  priority: all.length - index,
  includeDependenciesRecursively: false,
}));

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react()],
  build: {
    target: 'es2022',
    // The content policy lets no data: fonts or styles in.
    assetsInlineLimit: 0,
    manifest: true,
    // A page is a few files: each costs a way to the server and back.
    cssCodeSplit: false,
    rolldownOptions: { output: { codeSplitting: { groups: chunks } } },
  },
  worker: { format: 'es' },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
  server: { proxy: { '/api': 'http://127.0.0.1:4747' } },
});
