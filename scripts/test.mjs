import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages } from './lib/prepare.mjs';
import { runAndRead, runTogether } from './lib/run.mjs';

// One command from a bare checkout: install, format, lint, types, unit, build, browser. Every part runs; any failure fails it.
const CHECKS = [
  ['formatting', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']],
  ['lint', 'npx', ['eslint', '.']],
  ['layers', 'npx', ['depcruise', '--config', '.dependency-cruiser.mjs', 'src', 'server']],
  ['types', 'npx', ['vue-tsc', '--noEmit']],
];

/** Of pages that failed so many are printed, so far down. */
const MOST_PAGES = 2;
const MOST_LINES = 300;

ensurePackages();
ensureChromium();
const failed = await runTogether(CHECKS);

process.stdout.write('\n— unit tests\n');
const unit = runAndRead('npx', ['vitest', 'run', '--reporter=default', '--no-color']);
process.stdout.write('\n— build\n');
const isBuilt = built();
process.stdout.write('\n— browser tests\n');
const browser = isBuilt
  ? runAndRead('npx', ['playwright', 'test'], { NO_COLOR: '1', FORCE_COLOR: '0' })
  : { code: 1, output: '' };

for (const page of pagesThatFailed())
  process.stdout.write(`\n— the page when it failed\n${page}\n`);

const counts = [vitestCounts(unit.output), playwrightCounts(browser.output)];
const passed = counts.reduce((sum, count) => sum + count.passed, 0);
const broken = counts.reduce((sum, count) => sum + count.failed, 0);
const isRed =
  failed.length > 0 || unit.code !== 0 || browser.code !== 0 || !isBuilt || passed === 0;
if (failed.length > 0) process.stdout.write(`\nNot in order: ${failed.join(', ')}\n`);
if (!isBuilt) process.stdout.write('\nThe build failed; no browser test ran.\n');
process.stdout.write(`\n${passed} passed, ${broken} failed\n`);
process.exitCode = isRed ? 1 : 0;

function built() {
  try {
    ensureBuild();
    return true;
  } catch {
    return false;
  }
}

/** What stood on the page when a browser test gave up: a machine elsewhere keeps no files. */
function pagesThatFailed() {
  const results = 'test-results';
  if (browser.code === 0 || !existsSync(results)) return [];
  return readdirSync(results, { recursive: true })
    .filter((path) => path.endsWith('error-context.md'))
    .slice(0, MOST_PAGES)
    .map((path) => readFileSync(join(results, path), 'utf8').split('\n').slice(0, MOST_LINES))
    .map((lines) => lines.join('\n'));
}

/** `Tests  2 failed | 376 passed (378)` */
function vitestCounts(output) {
  const line = /^\s*Tests\s+(.*)$/m.exec(output)?.[1] ?? '';
  return { passed: countOf(line, 'passed'), failed: countOf(line, 'failed') };
}

/** Its closing lines `  2 failed` and `  25 passed (2.5m)`. */
function playwrightCounts(output) {
  const lines = output.split('\n').filter((line) => /^\s+\d+ (passed|failed|flaky)\b/.test(line));
  return {
    passed: countOf(lines.join('\n'), 'passed'),
    failed: countOf(lines.join('\n'), 'failed') + countOf(lines.join('\n'), 'flaky'),
  };
}

function countOf(text, word) {
  return Number(new RegExp(`(\\d+) ${word}`).exec(text)?.[1] ?? 0);
}
