import { defineConfig } from 'vitest/config';
import config from './vitest.config';

/** For deliberate faults (`npm run mutate`): a fault has to be noticed by the tests of its own rooms, and in good time. */
export default defineConfig({
  resolve: config.resolve,
  test: {
    include: [
      'src/core/{binder,chemistry,conditions,evaluation,learning,rebalance,records,work}/**/*.test.ts',
      'src/storage/{file,folder,session,unite,upgrades}/**/*.test.ts',
      'tests/golden.test.ts',
      'tests/reference/**/*.test.ts',
    ],
    testTimeout: 60_000,
    // Modules are loaded once a run, not once a file: most of a short run is loading.
    isolate: false,
  },
});
