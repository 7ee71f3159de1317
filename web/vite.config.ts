import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** Packages that only some pages need; they go where they are used. */
const ofSomePages = [
  'recharts|@tanstack|d3-|victory|es-toolkit|decimal|eventemitter3',
  '@popperjs|downshift|date-fns|@dnd-kit',
  'ical-generator|papaparse|react-hook-form|@hookform',
  'workbox-window',
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
    test: /web\/src\/parts\/(?!PotComboBox|SeenOnly|\w*Field\.|useLiveForm|OptionalChoice)/,
  },
].map((group, index, all) => ({
  ...group,
  priority: all.length - index,
  includeDependenciesRecursively: false,
}));

/** The pages as an app of their own that opens without the server; what the ledger holds is kept by web/src/ledger/away. */
const installed = VitePWA({
  registerType: 'prompt',
  // Registered by web/src/ledger/away/newRelease.ts: the content policy lets no script into the page.
  injectRegister: false,
  includeAssets: ['mark.svg', 'theme.js', 'icons/*.png'],
  manifest: {
    name: 'Yellow Ledger',
    short_name: 'Yellow Ledger',
    description: "A painter's account book: recipes that show what they will look like.",
    start_url: '/recipes',
    display: 'standalone',
    background_color: '#f7f6f2',
    theme_color: '#f7f6f2',
    icons: [
      { src: '/icons/192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icons/512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icons/512-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  },
  workbox: {
    globPatterns: ['**/*.{js,css,html,svg,png,woff2}'],
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /^\/healthz$/],
    cleanupOutdatedCaches: true,
    // From the first visit on: a part that is fetched later is there without the server.
    clientsClaim: true,
  },
});

/** Set by scripts/dev.mjs: the address of its server, and the core as one file instead of hundreds. */
const { YELLOW_LEDGER_API: api = 'http://127.0.0.1:4747', YELLOW_LEDGER_DEV_CORE: devCore } =
  process.env;

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react(), installed],
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
  ...(devCore && { resolve: { alias: { '@yellow-ledger/core': devCore } } }),
  server: {
    proxy: { '/api': api },
    // Read before the first page asks for them.
    warmup: {
      clientFiles: ['src/main.tsx', 'src/pages/recipes/*.tsx', 'src/workers/ledger.worker.ts'],
    },
  },
});
