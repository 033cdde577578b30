import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CutOff, listsOf } from './listsOf';

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
  for await (const part of listsOf(inPieces(text, cuts))) {
    if (part.kind === 'field') object[part.name] = JSON.parse(part.text);
    else
      object[part.list] = [
        ...((object[part.list] as unknown[] | undefined) ?? []),
        ...part.texts.map((one) => JSON.parse(one) as unknown),
      ];
  }
  return object;
}

describe('a JSON object cut into its fields and records', () => {
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

  it.each(['[1]', '7 {}', '{} {}', '{} x', '}', '{7: 1}', '{"a": [1} ]'])(
    'what is none is refused: %s',
    async (text) => {
      await expect(objectOf(text)).rejects.toThrow();
    },
  );
});
