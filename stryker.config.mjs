/**
 * Deliberate faults, one at a time, and whether a unit test notices: `npm run mutate`, not part of `npm test`.
 * `npm run mutate -- src/core/binder/damp.ts …` mutates the files that are named; without names a fixed sample of core
 * and storage, small enough to end in twenty minutes on two cores. Report in .cache/mutation.
 */
export default {
  testRunner: 'vitest',
  plugins: ['@stryker-mutator/vitest-runner'],
  vitest: { configFile: 'vitest.mutate.config.ts', related: true },
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  tempDirName: '.cache/stryker',
  ignorePatterns: ['dist', 'test-results', 'docs/screenshots', '.git'],
  reporters: ['progress-append-only', 'clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportScoreTable: true },
  jsonReporter: { fileName: '.cache/mutation/report.json' },
  mutator: {
    excludedMutations: ['StringLiteral', 'ObjectLiteral', 'BlockStatement', 'ArrayDeclaration'],
  },
};
