import { existsSync } from 'node:fs';
import { run } from './lib/run.mjs';

// A fixed sample of what must not be wrong: one file or two of each room.
const SAMPLE = [
  'src/core/binder/damp.ts',
  'src/core/binder/freeWater.ts',
  'src/core/binder/room.ts',
  'src/core/binder/windows.ts',
  'src/core/evaluation/readings/ratio.ts',
  'src/core/evaluation/readings/damp.ts',
  'src/core/evaluation/readings/freeWater.ts',
  'src/core/evaluation/readings/scent.ts',
  'src/core/evaluation/readings/water.ts',
  'src/core/evaluation/readings/room.ts',
  'src/core/rebalance/program.ts',
  'src/core/chemistry/stoichiometry.ts',
  'src/core/chemistry/equilibrium/flat.ts',
  'src/core/work/split.ts',
  'src/core/learning/fromBatches.ts',
  'src/core/conditions/conditionsFor.ts',
  'src/storage/unite/unite.ts',
  'src/storage/upgrades/upgrades.ts',
];

const named = process.argv.slice(2);
const files = named.length > 0 ? named : SAMPLE;
const missing = files.filter((file) => !existsSync(file));
if (missing.length > 0) throw new Error(`there is no ${missing.join(', ')}: name files that are`);
process.exitCode = run('npx', [
  'stryker',
  'run',
  'stryker.config.mjs',
  '--mutate',
  files.join(','),
]);
