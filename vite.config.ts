import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import vue from '@vitejs/plugin-vue';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';
import vuetify from 'vite-plugin-vuetify';
import { doorAhead, firstChunks } from './scripts/lib/firstChunks';
import { recordInputs } from './scripts/lib/recordInputs';
import { NONCE } from './server/nonce';

/** The largest file that is kept for work without a server: the sample workshop. */
const MOST_KEPT_BYTES = 12_000_000;

const ROOT = fileURLToPath(new URL('.', import.meta.url));
const VALIDATION_FILES = [
  'docs/rovack-file.schema.json',
  ...['problems.ts', 'materialIds.ts', 'validRecords.ts'].map(
    (name) => `src/storage/validation/${name}`,
  ),
];

/** What a whole record is: another schema or another rule, and stored records are looked through once more. */
function validationHash(): string {
  const hash = createHash('sha256');
  for (const file of VALIDATION_FILES) hash.update(readFileSync(file));
  return hash.digest('hex').slice(0, 16);
}

export default defineConfig({
  define: { __BUILD__: JSON.stringify(validationHash()) },
  plugins: [
    vue({ features: { optionsAPI: false } }),
    vuetify({ autoImport: true }),
    doorAhead(),
    recordInputs(ROOT, VALIDATION_FILES),
    VitePWA({
      // A newer version waits until the maker takes it in.
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Rovack',
        short_name: 'Rovack',
        description:
          'Formulate, scale, make and keep the record of fizzing bath and home products.',
        lang: 'en-US',
        start_url: '/',
        scope: '/',
        display: 'standalone',
        background_color: '#f4f0e6',
        theme_color: '#1f2c2b',
        icons: [
          { src: '/icon.svg', type: 'image/svg+xml', sizes: 'any' },
          { src: '/icon-192.png', type: 'image/png', sizes: '192x192' },
          { src: '/icon-512.png', type: 'image/png', sizes: '512x512' },
          { src: '/icon-maskable.png', type: 'image/png', sizes: '512x512', purpose: 'maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,svg,png,json,webmanifest}'],
        maximumFileSizeToCacheInBytes: MOST_KEPT_BYTES,
        navigateFallback: '/index.html',
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        skipWaiting: false,
        inlineWorkboxRuntime: true,
        sourcemap: false,
      },
    }),
    // Beside each file its packed one, for servers that hand it out as it is; the page itself is made anew for each visit.
    compression({
      algorithms: ['gzip', 'brotliCompress'],
      include: /assets\/.*\.(js|css|svg|json)$/,
    }),
  ],
  html: { cspNonce: NONCE },
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    target: 'es2023',
    chunkSizeWarningLimit: 700,
    sourcemap: false,
    rolldownOptions: {
      output: { codeSplitting: { includeDependenciesRecursively: false, groups: [firstChunks()] } },
    },
  },
});
