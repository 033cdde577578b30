import { defineConfig } from 'vitest/config';
import config from './vitest.config';

/** For deliberate faults (`npm run mutate`, which says which tests): a fault has to be noticed by the tests of its own room. */
export default defineConfig({
  resolve: config.resolve,
  test: {
    include: (process.env.ROVACK_MUTATE_TESTS ?? 'src/core/**/*.test.ts').split(';'),
    testTimeout: 60_000,
    // Modules are loaded once a run, not once a file: most of a short run is loading.
    isolate: false,
  },
});
