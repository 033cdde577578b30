import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { seededRandom } from '../src/core/basics/numeric/random';
import { faultsOf, faultsOfComponent, withFault, type Fault } from './mutate/faults';

/**
 * Deliberate faults, one at a time, and whether a unit test notices: `npm run mutate -- [faults] [seed] [path …]`. Each
 * fault is drawn at random: a file first (of core, storage, stores and components, or of the paths), then a place in it.
 * The tests of its folder are asked first, then every test that reaches the file. It works on a copy of what is committed, so
 * that no fault is left behind when it is broken off. Not part of `npm test`.
 */
const [count = '40', seed = String(Date.now() % 1_000_000), ...paths] = process.argv.slice(2);
const ROOT = fileURLToPath(new URL('..', import.meta.url));
const WHERE = [
  'src/core',
  'src/storage',
  'src/stores',
  'src/stations',
  'src/rooms',
  'src/shared',
  'src/ui',
];
const random = seededRandom(Number(seed));
const say = (text: string) => process.stdout.write(`${text}\n`);

const copy = mkdtempSync(join(tmpdir(), 'rovack-faults-'));
execFileSync('git', ['clone', '-q', ROOT, copy]);
symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'));
process.chdir(copy);

const files = execFileSync('git', ['ls-files', ...(paths.length > 0 ? paths : WHERE)], {
  encoding: 'utf8',
})
  .split('\n')
  .filter((path) => /\.(ts|vue)$/.test(path) && !/\.(test|worker)\.ts$/.test(path));
const faulty = files.filter((path) => faultsIn(path).length > 0);
if (faulty.length === 0) throw new Error('no file there holds anything to get wrong');

say(`${count} faults over ${faulty.length} files, seed ${seed}`);
const missed: string[] = [];
for (let i = 1; i <= Number(count); i++) {
  const path = pick(faulty);
  const fault = pick(faultsIn(path));
  const whole = readFileSync(path, 'utf8');
  const what = `${placeOf(path, whole, fault)}: ${whole.slice(fault.start, fault.end)} → ${fault.text}`;
  writeFileSync(path, withFault(whole, fault));
  const isNoticed = fails(['run', dirname(path)]) || fails(['related', '--run', path]);
  writeFileSync(path, whole);
  if (!isNoticed) missed.push(what);
  say(`${i}. ${isNoticed ? 'noticed' : 'MISSED '} ${what}`);
}
const noticed = Number(count) - missed.length;
say(
  `\nseed ${seed}: ${noticed} of ${count} noticed, ${((100 * noticed) / Number(count)).toFixed(1)}%`,
);
for (const what of missed) say(`missed ${what}`);
rmSync(copy, { recursive: true });

function faultsIn(path: string): readonly Fault[] {
  const text = readFileSync(path, 'utf8');
  return path.endsWith('.vue') ? faultsOfComponent(text) : faultsOf(text);
}

function fails(command: readonly string[]): boolean {
  const run = spawnSync('npx', ['vitest', ...command, '--bail=1', '--passWithNoTests'], {
    stdio: 'ignore',
    timeout: 600_000,
  });
  return run.status !== 0;
}

function placeOf(path: string, text: string, { start }: Fault): string {
  return `${path}:${text.slice(0, start).split('\n').length}`;
}

function pick<T>(list: readonly T[]): T {
  const one = list[Math.floor(random() * list.length)];
  if (one === undefined) throw new Error('nothing to pick from');
  return one;
}
