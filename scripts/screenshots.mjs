import { ensureBuild, ensureChromium, ensurePackages } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';

ensurePackages();
ensureChromium();
ensureBuild();
process.exitCode = run(process.execPath, ['--import', 'tsx', 'scripts/take-screenshots.ts']);
