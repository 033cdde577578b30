import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    environment: 'node',
    include: [
      'src/**/*.test.ts',
      'server/**/*.test.ts',
      'tests/reference/**/*.test.ts',
      'tests/*.test.ts',
    ],
    testTimeout: 60_000,
    // Both cores of a small machine: one alone is what the tool would take.
    maxWorkers: 2,
  },
});
