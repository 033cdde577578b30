import process from 'node:process';

/** Deliberate faults, one at a time, and whether a test of their room notices: see scripts/mutate.mjs, which runs it. */
export default {
  testRunner: 'vitest',
  plugins: ['@stryker-mutator/vitest-runner'],
  vitest: { configFile: 'vitest.mutate.config.ts', related: false },
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  tempDirName: '.cache/stryker',
  ignorePatterns: ['dist', 'test-results', 'docs/screenshots', '.git'],
  reporters: ['clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportScoreTable: true },
  jsonReporter: { fileName: process.env.ROVACK_MUTATE_REPORT ?? '.cache/mutation/report.json' },
  mutator: {
    excludedMutations: ['StringLiteral', 'ObjectLiteral', 'BlockStatement', 'ArrayDeclaration'],
  },
};
