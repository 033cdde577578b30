import vue from '@vitejs/plugin-vue';
import { fileURLToPath } from 'node:url';
import vuetify from 'vite-plugin-vuetify';
import { defineConfig } from 'vitest/config';

/** Components are tested as they are drawn, beside their file as `Name.vue.test.ts`. */
const DRAWN = 'src/**/*.vue.test.ts';

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    // No limit decides on speed: these end a test that hangs.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    teardownTimeout: 60_000,
    setupFiles: ['tests/fixtures/patience.ts'],
    // Both cores of a small machine: one alone is what the tool would take.
    maxWorkers: 2,
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          include: ['src/core/**/*.test.ts', 'tests/reference/**/*.test.ts'],
          // It remembers nothing: its modules are loaded once, not once a file.
          isolate: false,
        },
      },
      {
        extends: true,
        test: {
          name: 'around it',
          include: ['{src,server}/**/*.test.ts', 'tests/*.test.ts'],
          exclude: ['src/core/**', DRAWN],
        },
      },
      {
        extends: true,
        plugins: [vue(), vuetify({ autoImport: true })],
        test: {
          name: 'drawn',
          include: [DRAWN],
          environment: 'happy-dom',
          isolate: false,
          setupFiles: ['tests/fixtures/patience.ts', 'tests/fixtures/drawnSetup.ts'],
          server: { deps: { inline: ['vuetify'] } },
        },
      },
    ],
  },
});
