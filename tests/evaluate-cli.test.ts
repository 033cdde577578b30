import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
let folder = '';

beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'rovack-'));
});
afterAll(() => {
  rmSync(folder, { recursive: true });
});

/** The command as a caller types it, from a folder of its own. */
function evaluate(recipe: string | null, ...options: string[]) {
  if (recipe !== null) writeFileSync(join(folder, 'recipe.txt'), recipe);
  const { status, stdout, stderr } = spawnSync(
    'npm',
    ['--prefix', ROOT, 'run', '--silent', 'evaluate', '--', 'recipe.txt', ...options],
    { cwd: folder, encoding: 'utf8' },
  );
  const own = stderr.split('\n').filter((line) => line !== '' && !line.startsWith('npm warn'));
  return { status, stdout, errors: own };
}

describe('npm run evaluate', () => {
  it('answers with one JSON object and nothing else', () => {
    const { status, stdout } = evaluate(
      '2 cups baking soda\n1 cup citric acid\n3 tbsp castor oil\nsalt 5 g\n',
      '--method',
      'hand',
      '--humidity-pct',
      '40',
    );
    const answer = JSON.parse(stdout);
    expect(status).toBe(0);
    expect(answer.lines).toHaveLength(3);
    expect(answer.unread).toEqual([
      { line: 4, text: 'salt 5 g', reason: expect.stringMatching(/which one/) },
    ]);
    expect(answer.binder.windowLowPct).toBeCloseTo(10.4, 9);
    expect(answer.fizz.balanceSodaToAcidByMass).toBeCloseTo(1.312, 3);
  });

  it.each([
    ['prose', 'It was a gray morning on the quay.', []],
    ['an option out of range', '1 g water', ['--humidity-pct', '140']],
    ['an option nobody knows', '1 g water', ['--sparkle', '3']],
    ['a broken file', '{"format":"rovack-workshop","formatVersion":1}', []],
  ])('refuses %s in one line on standard error', (_what, text, options) => {
    const { status, stdout, errors } = evaluate(text, ...options);
    expect(status).toBe(2);
    expect(stdout).toBe('');
    expect(errors).toHaveLength(1);
  });
});
