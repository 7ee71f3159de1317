import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/**
 * Modules bundled into one file, each group with its dependencies. The bundler places the rest: a module
 * goes to the page that uses it, or to a file shared by several pages.
 */
const chunks = [
  // Runs before the rest is read.
  { name: 'first', test: /web\/src\/workers\/firstWorker\.ts/ },
  {
    name: 'react',
    test: /node_modules\/(react|react-dom|scheduler|react-router|react-redux|redux|redux-thunk|reselect|immer|@reduxjs|use-sync-external-store|zod)\//,
  },
  // With everything it needs: exactly what the first screen runs.
  { name: 'start', test: /web\/src\/main\.tsx/ },
  { name: 'charts', test: /node_modules\/(recharts|d3-|victory|es-toolkit|decimal|eventemitter3)/ },
  { name: 'forms', test: /node_modules\/(react-hook-form|@hookform)\// },
  // Of what is left: what at least so many of the pages and their parts use.
  { name: 'shared', test: /\/(core|web|node_modules)\//, minShareCount: 12 },
  { name: 'several', test: /\/(core|web)\/src\//, minShareCount: 2 },
].map((group, index, all) => ({ ...group, priority: all.length - index }));

/** The pages as an app of their own that opens without the server; what the ledger holds is kept by web/src/data/offline. */
const installed = VitePWA({
  registerType: 'prompt',
  // Registered by web/src/data/offline/newRelease.ts: the content policy lets no script into the page.
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
      clientFiles: ['src/main.tsx', 'src/features/recipes/*.tsx', 'src/workers/ledger.worker.ts'],
    },
  },
});
