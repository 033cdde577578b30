import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, run } from './run.mjs';

const STAMPS = join(ROOT, 'node_modules', '.rovack');

/** Installs the packages when they are missing or the lock file has changed. */
export function ensurePackages() {
  const wanted = hashOf(['package.json', 'package-lock.json']);
  if (existsSync(join(ROOT, 'node_modules', 'vite')) && stamp('packages') === wanted) return;
  process.stdout.write('Installing packages…\n');
  if (run('npm', ['ci', '--no-audit', '--no-fund']) !== 0) throw new Error('npm ci failed');
  setStamp('packages', wanted);
}

/** Builds the application when nothing is built or anything it is built from has changed. */
export function ensureBuild() {
  const wanted = hashOf([
    'package-lock.json',
    'vite.config.ts',
    'scripts/lib/straightImports.ts',
    'index.html',
    'public',
    'src',
    'demo',
  ]);
  if (existsSync(join(ROOT, 'dist', 'index.html')) && stamp('build') === wanted) return;
  process.stdout.write('Building…\n');
  if (run('npx', ['vite', 'build', '--logLevel', 'warn']) !== 0)
    throw new Error('the build failed');
  setStamp('build', wanted);
}

/** Installs Debian's Chromium when no browser is there. */
export function ensureChromium() {
  if (existsSync('/usr/bin/chromium')) return;
  process.stdout.write('Installing Chromium…\n');
  const apt = ['-o', 'DPkg::Lock::Timeout=300', '-q'];
  const quiet = { DEBIAN_FRONTEND: 'noninteractive' };
  run('apt-get', [...apt, 'update'], quiet);
  const code = run(
    'apt-get',
    [...apt, 'install', '-y', '--no-install-recommends', 'chromium'],
    quiet,
  );
  if (code !== 0) throw new Error('Chromium could not be installed by apt-get');
}

function hashOf(paths) {
  const hash = createHash('sha256');
  for (const path of paths)
    for (const file of filesUnder(join(ROOT, path))) {
      hash.update(file.slice(ROOT.length));
      hash.update(readFileSync(file));
    }
  return hash.digest('hex');
}

function filesUnder(path) {
  if (!existsSync(path)) return [];
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path, { recursive: true })
    .map((name) => join(path, String(name)))
    .filter((file) => statSync(file).isFile())
    .sort();
}

function stamp(name) {
  const file = join(STAMPS, name);
  return existsSync(file) ? readFileSync(file, 'utf8') : '';
}

function setStamp(name, value) {
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(join(STAMPS, name), value);
}
