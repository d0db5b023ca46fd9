/// <reference types="node" />
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vitest/config';

/** The core as it was compiled for the browser, beside this build. */
const CORE = '../browser/target/classes/static/core/core.js';

/** How the core reads figures, compiled alone: the page is built with it inside. */
const FIGURES = fileURLToPath(new URL('../browser/target/figures/figures.js', import.meta.url));

function core() {
  if (!existsSync(CORE)) return [];
  const revision = createHash('sha256').update(readFileSync(CORE)).digest('hex').slice(0, 16);
  return [{ url: '/core/core.js', revision }];
}

/** Tests in which this stands. */
function tests(that: RegExp): string[] {
  return readdirSync('src', { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.test\.tsx?$/.test(file))
    .map((file) => `src/${file}`)
    .filter((file) => that.test(readFileSync(file, 'utf8')));
}

/**
 * Tests that begin with a device of their own, or that put something in the place of a module: no other may have it. All others
 * share their modules, which saves most of the time; those that draw also share a page, which takes long to come.
 * The first have each a machine of their own within one process, which reads what makes a page only once.
 */
const ALONE = tests(/vi\.(mock|resetModules)\(|fake-indexeddb/);
const DRAWN = tests(/@vitest-environment happy-dom/);

const TOGETHER = { isolate: false, unstubGlobals: true, setupFiles: 'src/testing/clean.ts' };

export default defineConfig({
  resolve: { alias: { 'core-figures': FIGURES } },
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      // A newer page is taken when asked for: an open one would lose its parts.
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Morphotera',
        short_name: 'Morphotera',
        description: 'Field tests of soil, scored, explained and followed over the years',
        start_url: '/',
        display: 'standalone',
        background_color: '#f7f4ec',
        theme_color: '#f7f4ec',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
        shortcuts: [{ name: 'The visit that runs', url: '/?running' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,woff2}'],
        additionalManifestEntries: core(),
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/v3\//, /^\/actuator/],
      },
    }),
  ],
  // A plain jar of static files is what the app takes up.
  build: {
    outDir: 'target/classes/static',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    target: 'es2022',
    // A part's own imports tell what it needs; a link for each of them first cost a throttled phone a fifth of a second.
    modulePreload: { resolveDependencies: (_, needs, { hostType }) => (hostType === 'html' ? needs : []) },
  },
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:8080', '/core': 'http://127.0.0.1:8080' } },
  test: {
    maxWorkers: '100%',
    pool: 'threads',
    projects: [
      { extends: true, test: { name: 'alone', include: ALONE, pool: 'vmThreads' } },
      {
        extends: true,
        test: { ...TOGETHER, name: 'drawn', environment: 'happy-dom', include: DRAWN, exclude: ALONE },
      },
      {
        extends: true,
        test: {
          ...TOGETHER,
          name: 'reckoned',
          include: ['src/**/*.test.{ts,tsx}'],
          exclude: [...ALONE, ...DRAWN],
        },
      },
    ],
  },
});
