import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CutOff, recordsOf } from './recordsOf';

/** The text in pieces that end anywhere. */
async function* inPieces(text: string, cuts: readonly number[]): AsyncGenerator<string> {
  let from = 0;
  for (const cut of [...cuts].sort((a, b) => a - b)) {
    yield text.slice(from, cut);
    from = Math.max(from, cut);
  }
  yield text.slice(from);
}

/** What the parts come to, read as JSON. */
async function objectOf(text: string, cuts: readonly number[] = []): Promise<unknown> {
  const object: Record<string, unknown> = {};
  for await (const part of recordsOf(inPieces(text, cuts))) {
    if (part.kind === 'field') object[part.name] = part.value;
    else
      object[part.list] = [
        ...((object[part.list] as unknown[] | undefined) ?? []),
        ...part.records,
      ];
  }
  return object;
}

describe('a JSON object read by its fields and records', () => {
  const value = fc.jsonValue({ maxDepth: 3 });
  const object = fc.dictionary(fc.string(), fc.oneof(value, fc.array(value)), { maxKeys: 6 });

  it('is the same object, however it is laid out and wherever its pieces end', async () => {
    await fc.assert(
      fc.asyncProperty(
        object,
        fc.constantFrom(0, 1, 4),
        fc.array(fc.nat(400), { maxLength: 12 }),
        async (made, indent, cuts) => {
          const text = JSON.stringify(made, null, indent);
          expect(await objectOf(`\n ${text} \n`, cuts)).toEqual(JSON.parse(text));
        },
      ),
      { seed: 16, numRuns: 300 },
    );
  });

  it('cut off anywhere it says so, and in which line', async () => {
    const text = JSON.stringify(
      { formulas: [{ name: 'a "quay", {b}' }, {}], more: { x: [1] } },
      null,
      1,
    );
    for (let end = 1; end < text.length; end++)
      await expect(objectOf(text.slice(0, end))).rejects.toBeInstanceOf(CutOff);
    await expect(objectOf('{"formulas": [\n{"name": "x')).rejects.toMatchObject({ line: 2 });
  });

  it.each([
    '[1]',
    '[]',
    '7',
    'null ',
    '"x"',
    '7 {}',
    '{} {}',
    '{} x',
    '}',
    '{7: 1}',
    '{"a": [1} ]',
  ])('what is none is refused: %s', async (text) => {
    await expect(objectOf(text)).rejects.toThrow();
  });

  it('hands on a long list before it ends, so that it is never held as a whole', async () => {
    const records = Array.from({ length: 400 }, (_, i) => ({ i, note: 'harbor '.repeat(1000) }));
    const text = JSON.stringify({ batches: records });
    const cuts = Array.from({ length: 100 }, (_, i) => (i * text.length) / 100);
    const sizes: number[] = [];
    for await (const part of recordsOf(inPieces(text, cuts.map(Math.round))))
      if (part.kind === 'records') sizes.push(part.records.length);
    expect(sizes.reduce((sum, size) => sum + size, 0)).toBe(400);
    expect(Math.max(...sizes)).toBeLessThan(200);
  });
});
