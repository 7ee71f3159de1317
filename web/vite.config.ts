import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

/** Packages that only some pages need; they go where they are used. */
const ofSomePages = [
  'recharts|@tanstack|d3-|victory|es-toolkit|decimal|eventemitter3',
  '@popperjs|downshift|date-fns|@dnd-kit',
  'ical-generator|papaparse|react-hook-form|@hookform',
  'react-bootstrap/esm/(?:useOverlay|Overlay|Popover)',
  '@restart/ui/esm/(?:Overlay|usePopper|popper|mergeOptionsWithPopperConfig)',
].join('|');

/** What goes into one file together; what is not named goes where it is used. */
const chunks = [
  {
    name: 'charts',
    test: /node_modules\/(recharts|d3-|victory|es-toolkit|decimal|eventemitter3)/,
  },
  { name: 'frame', test: new RegExp(`node_modules/(?!${ofSomePages})`) },
  { name: 'ledger', test: /core\/src\/(?!file)|web\/src\/(ledger|workers)/ },
  {
    name: 'parts',
    test: /web\/src\/parts\/(?!PotComboBox|SeenOnly|\w*Field\.|useLiveForm|useFocusAtStart|OptionalChoice)/,
  },
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
  // Written against React; what is shipped is the smaller one with its face (see docs/dependencies.md).
  resolve: {
    alias: [
      { find: /^react-dom\/client$/, replacement: 'preact/compat/client' },
      { find: /^react-dom$/, replacement: 'preact/compat' },
      { find: /^react\/jsx-runtime$/, replacement: 'preact/jsx-runtime' },
      { find: /^react$/, replacement: 'preact/compat' },
    ],
  },
  worker: { format: 'es' },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
  server: { proxy: { '/api': 'http://127.0.0.1:4747' } },
});
