import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    testTimeout: 60_000,
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
          exclude: ['src/core/**'],
        },
      },
    ],
  },
});
