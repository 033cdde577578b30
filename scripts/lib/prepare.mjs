import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { HOW_TO_GET_ONE, canInstall, findChromium } from './chromium.mjs';
import { hashOf, inputsHash } from './inputs.mjs';
import { ROOT, run } from './run.mjs';

const STAMPS = join(ROOT, 'node_modules', '.rovack');

/** Installs the packages when they are missing or the lock file has changed. */
export function ensurePackages() {
  const wanted = hashOf(ROOT, ['package.json', 'package-lock.json']);
  if (existsSync(join(ROOT, 'node_modules', 'vite')) && stamp('packages') === wanted) return;
  process.stdout.write('Installing packages…\n');
  if (run('npm', ['ci', '--no-audit', '--no-fund']) !== 0) throw new Error('npm ci failed');
  setStamp('packages', wanted);
}

/** Builds the application when nothing is built or anything it is built from has changed. */
export function ensureBuild() {
  const isThere = existsSync(join(ROOT, 'dist', 'index.html'));
  if (isThere && stamp('build') === inputsHash(ROOT)) return;
  process.stdout.write('Building…\n');
  if (run('npx', ['vite', 'build', '--logLevel', 'warn']) !== 0)
    throw new Error('the build failed');
  setStamp('build', inputsHash(ROOT) ?? '');
}

/** A browser to test with; installs Debian's Chromium where none is there and this process may. */
export function ensureChromium() {
  if (findChromium()) return;
  if (!canInstall()) throw new Error(HOW_TO_GET_ONE);
  process.stdout.write('Installing Chromium…\n');
  const apt = ['-o', 'DPkg::Lock::Timeout=300', '-q'];
  const quiet = { DEBIAN_FRONTEND: 'noninteractive' };
  run('apt-get', [...apt, 'update'], quiet);
  run('apt-get', [...apt, 'install', '-y', '--no-install-recommends', 'chromium'], quiet);
  if (!findChromium()) throw new Error(`Chromium could not be installed. ${HOW_TO_GET_ONE}`);
}

function stamp(name) {
  const file = join(STAMPS, name);
  return existsSync(file) ? readFileSync(file, 'utf8') : '';
}

function setStamp(name, value) {
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(join(STAMPS, name), value);
}
