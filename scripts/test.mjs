import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages } from './lib/prepare.mjs';
import { playwrightCounts, resultOf, vitestCounts } from './lib/results.mjs';
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
const NOT_RUN = { code: 1, output: '' };

ensurePackages();
const failedChecks = await runTogether(CHECKS);

say('\n— unit tests');
const unit = runAndRead('npx', ['vitest', 'run', '--reporter=default', '--no-color']);
say('\n— build');
const isBuilt = done(ensureBuild);
say('\n— browser tests');
const hasBrowser = isBuilt && done(ensureChromium);
const browser = hasBrowser
  ? runAndRead('npx', ['playwright', 'test'], { NO_COLOR: '1', FORCE_COLOR: '0' })
  : NOT_RUN;

for (const page of pagesThatFailed()) say(`\n— the page when it failed\n${page}`);

const { passed, failed, sentences } = resultOf([
  { name: 'unit tests', code: unit.code, ...vitestCounts(unit.output) },
  { name: 'browser tests', code: browser.code, ...playwrightCounts(browser.output) },
]);
if (failedChecks.length > 0) say(`\nNot in order: ${failedChecks.join(', ')}`);
for (const sentence of sentences) say(`\n${sentence}`);
say(`\n${passed} passed, ${failed} failed`);
process.exitCode = failedChecks.length > 0 || failed > 0 || !isBuilt ? 1 : 0;

function say(text) {
  process.stdout.write(`${text}\n`);
}

/** What throws is said, and the rest goes on. */
function done(act) {
  try {
    act();
    return true;
  } catch (error) {
    say(error instanceof Error ? error.message : String(error));
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
