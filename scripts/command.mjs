import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { ROOT } from './lib/run.mjs';

const args = process.argv.slice(2);

// Standard output belongs to the answer, so an install speaks on standard error.
if (!existsSync(join(ROOT, 'node_modules', 'tsx'))) {
  const install = spawnSync('npm', ['ci', '--no-audit', '--no-fund'], {
    cwd: ROOT,
    stdio: ['ignore', 2, 2],
  });
  if (install.status !== 0) process.exit(2);
}
// Paths are the caller's: npm changes into the project but remembers where it was called.
const answer = spawnSync(process.execPath, ['--import', 'tsx', 'scripts/answer.ts', ...args], {
  stdio: 'inherit',
  cwd: ROOT,
  env: { ...process.env, INIT_CWD: process.env.INIT_CWD ?? process.cwd() },
});
process.exitCode = answer.status ?? 2;
