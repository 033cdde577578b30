import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { canInstall, findChromium, type Machine } from '../scripts/lib/chromium.mjs';
import { freePorts } from '../scripts/lib/freePorts';
import { INPUTS_FILE, hashOf, inputsHash } from '../scripts/lib/inputs.mjs';
import { playwrightCounts, resultOf, vitestCounts } from '../scripts/lib/results.mjs';

const machine = (has: readonly string[], of: Partial<Machine> = {}): Machine => ({
  env: {},
  platform: 'linux',
  exists: (path) => has.includes(path),
  isRoot: false,
  ownOf: () => '/home/one/own-browser',
  ...of,
});

describe('the browser that tests use', () => {
  it('is the one that CHROMIUM names, else a usual one, else the test tool’s own, else none', () => {
    const env = { CHROMIUM: '/opt/browser' };
    const usual = '/usr/bin/chromium';
    expect(findChromium(machine(['/opt/browser', usual], { env }))).toBe('/opt/browser');
    expect(findChromium(machine([usual, '/home/one/own-browser']))).toBe(usual);
    expect(findChromium(machine(['/home/one/own-browser']))).toBe('/home/one/own-browser');
    expect(findChromium(machine([]))).toBeNull();
    expect(() => findChromium(machine([usual], { env }))).toThrow(/CHROMIUM names \/opt\/browser/);
  });

  it('is installed on Debian by root, and nowhere else', () => {
    const debian = ['/etc/debian_version'];
    expect(canInstall(machine(debian, { isRoot: true }))).toBe(true);
    expect(canInstall(machine(debian))).toBe(false);
    expect(canInstall(machine([], { isRoot: true }))).toBe(false);
    expect(canInstall(machine(debian, { isRoot: true, platform: 'darwin' }))).toBe(false);
  });
});

describe('what a run came to', () => {
  const suite = (name: string, code: number, passed: number, failed: number) => ({
    name,
    code,
    passed,
    failed,
  });
  it('is the sum of what passed and failed', () => {
    const unit = vitestCounts('\n Tests  2 failed | 376 passed (378)\n');
    const browser = playwrightCounts('  1 failed\n  1 flaky\n  25 passed (2.5m)\n');
    expect(unit).toEqual({ passed: 376, failed: 2 });
    expect(browser).toEqual({ passed: 25, failed: 2 });
    expect(resultOf([suite('a', 1, 376, 2), suite('b', 1, 25, 2)])).toEqual({
      passed: 401,
      failed: 4,
      sentences: [],
    });
  });
  it('is never green where a suite did not start or ran nothing', () => {
    const result = resultOf([suite('unit tests', 0, 9, 0), suite('browser tests', 1, 0, 0)]);
    expect(result).toMatchObject({ passed: 9, failed: 1 });
    expect(result.sentences).toEqual(['The browser tests did not run to their end.']);
    expect(resultOf([suite('unit tests', 0, 0, 0)]).failed).toBe(1);
  });
});

describe('what a build was made of', () => {
  it('has another mark when any file of it is changed, new in its folder, or gone', () => {
    const root = mkdtempSync(join(tmpdir(), 'inputs-'));
    const put = (path: string, text: string) => {
      mkdirSync(dirname(join(root, path)), { recursive: true });
      writeFileSync(join(root, path), text);
    };
    expect(inputsHash(root)).toBeNull();
    put(INPUTS_FILE, JSON.stringify(['demo/a.ts', 'public']));
    put('demo/a.ts', 'one');
    put('public/icon.svg', 'icon');
    const marks = [inputsHash(root)];
    const next = (act: () => void) => {
      act();
      const mark = inputsHash(root);
      expect(marks).not.toContain(mark);
      marks.push(mark);
    };
    next(() => put('demo/a.ts', 'two'));
    next(() => put('public/other.svg', 'icon'));
    next(() => put('package.json', '{}'));
    next(() => put('src/new.ts', 'new'));
    next(() => rmSync(join(root, 'demo/a.ts')));
    // What it was not made of changes nothing.
    put('src/b.test.ts', 'test');
    expect(inputsHash(root)).toBe(marks.at(-1));
    expect(hashOf(root, ['public'])).not.toBe(hashOf(root, ['src']));
    rmSync(root, { recursive: true });
  });
});

it('ports of a run are free and differ', () => {
  expect(new Set(freePorts(3)).size).toBe(3);
});
