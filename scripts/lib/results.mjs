/**
 * What a run of tests came to. A suite that ended badly without a failed test did not run to its end: that is one failure,
 * and is said.
 * @param suites each with its exit code and the counts it printed
 */
export function resultOf(suites) {
  const unfinished = suites.filter(({ code, failed }) => code !== 0 && failed === 0);
  const empty = suites.filter(({ code, passed }) => code === 0 && passed === 0);
  const sum = (of) => suites.reduce((all, one) => all + one[of], 0);
  return {
    passed: sum('passed'),
    failed: sum('failed') + unfinished.length + empty.length,
    sentences: [...unfinished, ...empty].map(({ name }) => `The ${name} did not run to their end.`),
  };
}

/** `Tests  2 failed | 376 passed (378)` */
export function vitestCounts(output) {
  const line = /^\s*Tests\s+(.*)$/m.exec(output)?.[1] ?? '';
  return { passed: countOf(line, 'passed'), failed: countOf(line, 'failed') };
}

/** Its closing lines `  2 failed` and `  25 passed (2.5m)`. */
export function playwrightCounts(output) {
  const lines = output.split('\n').filter((line) => /^\s+\d+ (passed|failed|flaky)\b/.test(line));
  return {
    passed: countOf(lines.join('\n'), 'passed'),
    failed: countOf(lines.join('\n'), 'failed') + countOf(lines.join('\n'), 'flaky'),
  };
}

function countOf(text, word) {
  return Number(new RegExp(`(\\d+) ${word}`).exec(text)?.[1] ?? 0);
}
