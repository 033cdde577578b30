import { ensureBuild, ensurePackages } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';

// Installs and builds only what changed, then serves with the sample workshop for an empty browser.
ensurePackages();
ensureBuild();
process.exitCode = run(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  ROVACK_START: 'sample',
});
