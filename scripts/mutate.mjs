import { existsSync, readFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { run } from './lib/run.mjs';

// Deliberate faults, one at a time, and whether a test notices: not part of `npm test`. Without names a fixed sample of
// what must not be wrong, room by room, each asked of the tests of its own room; or `npm run mutate -- ROOM …`, or files,
// which are asked of the tests in their folders. Reports in .cache/mutation.
const ROOMS = {
  binder: {
    files: ['damp', 'freeWater', 'room', 'windows'].map(
      (name) => `src/core/results/binder/${name}.ts`,
    ),
    tests: ['src/core/results/binder/**/*.test.ts'],
  },
  evaluation: {
    files: ['ratio', 'damp', 'freeWater', 'scent', 'water', 'room'].map(
      (name) => `src/core/results/evaluation/readings/${name}.ts`,
    ),
    tests: ['src/core/results/evaluation/**/*.test.ts', 'tests/golden.test.ts'],
  },
  rebalance: {
    files: ['src/core/results/rebalance/program.ts'],
    tests: ['src/core/results/rebalance/**/*.test.ts'],
  },
  chemistry: {
    files: [
      'src/core/matter/chemistry/stoichiometry.ts',
      'src/core/matter/chemistry/equilibrium/flat.ts',
    ],
    tests: ['src/core/matter/chemistry/**/*.test.ts', 'tests/reference/**/*.test.ts'],
  },
  work: { files: ['src/core/work/flow/split.ts'], tests: ['src/core/work/**/*.test.ts'] },
  learning: {
    files: [
      'src/core/batches/records/fromBatches.ts',
      'src/core/workshop/settings/conditionsFor.ts',
    ],
    tests: [
      'src/core/results/learning/**/*.test.ts',
      'src/core/batches/records/**/*.test.ts',
      'src/core/workshop/settings/**/*.test.ts',
    ],
  },
  storage: {
    files: ['src/storage/merge/merge.ts', 'src/storage/upgrades/upgrades.ts'],
    tests: ['src/storage/{merge,records,session,folder,file}/**/*.test.ts'],
  },
};

const named = process.argv.slice(2);
const files = named.filter((name) => !(name in ROOMS));
const missing = files.filter((file) => !existsSync(file));
if (missing.length > 0)
  throw new Error(
    `there is no ${missing.join(', ')}: name files that are, or ${Object.keys(ROOMS).join(', ')}`,
  );
const asked = [
  ...Object.entries(ROOMS).filter(([room]) => named.length === 0 || named.includes(room)),
  ...files.map((file, i) => [
    `named-${i + 1}`,
    { files: [file], tests: [`${dirname(file)}/**/*.test.ts`] },
  ]),
];

const counts = [];
for (const [room, { files: mutated, tests }] of asked) {
  const report = `.cache/mutation/${room}.json`;
  const code = run('npx', ['stryker', 'run', 'stryker.config.mjs', '--mutate', mutated.join(',')], {
    ROVACK_MUTATE_TESTS: tests.join(';'),
    ROVACK_MUTATE_REPORT: report,
  });
  if (code !== 0) process.exitCode = code;
  else counts.push(countIn(report, room));
}
counts.push(counts.reduce(add, { room: 'all', noticed: 0, faults: 0 }));
for (const { room, noticed, faults } of counts)
  process.stdout.write(
    `${room}: ${noticed} of ${faults} faults noticed, ${((100 * noticed) / Math.max(1, faults)).toFixed(1)} %\n`,
  );

/** A fault that no test comes by is one that is not noticed. */
function countIn(report, room) {
  const mutants = Object.values(JSON.parse(readFileSync(report, 'utf8')).files).flatMap(
    (file) => file.mutants,
  );
  const of = (...statuses) => mutants.filter(({ status }) => statuses.includes(status)).length;
  const noticed = of('Killed', 'Timeout');
  return { room, noticed, faults: noticed + of('Survived', 'NoCoverage') };
}

function add(all, { noticed, faults }) {
  return { ...all, noticed: all.noticed + noticed, faults: all.faults + faults };
}
