import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MAX_CSV_ROWS, decodeText, parseTable, writeTable } from './csv';

const COLUMNS = ['code', 'note'] as const;

function rowsOf(text: string) {
  const table = parseTable(text);
  if (!table.ok) throw new Error(table.problem);
  return table.value.rows;
}

describe('a CSV table', () => {
  it('comes back cell for cell, quotes, commas, lines and formula signs too', () => {
    const cell = fc.string({ minLength: 1, maxLength: 12 }).filter((text) => text.trim() !== '');
    fc.assert(
      fc.property(fc.array(fc.record({ code: cell, note: cell }), { minLength: 1 }), (rows) => {
        // An apostrophe before a formula sign is what guards it: such a cell is not told apart.
        const plain = rows.map(({ code, note }) => ({
          code: `c${code}`.replace(/\r\n?/g, '\n'),
          note: `=${note}`.replace(/\r\n?/g, '\n'),
        }));
        expect(rowsOf(writeTable(COLUMNS, plain))).toEqual(plain);
      }),
      { seed: 91, numRuns: 100 },
    );
  });

  it.each(['=1+1', '+SUM(A1)', '-2+3', '@cmd', '\tx'])(
    'never hands a spreadsheet the formula %j',
    (note) => {
      const text = writeTable(COLUMNS, [{ code: 'a', note }]);
      expect(text.split('\r\n')[1]).toMatch(/^"a","'/);
      expect(rowsOf(text)[0]?.note).toBe(note);
    },
  );

  it('leaves a negative number a number', () => {
    expect(writeTable(COLUMNS, [{ code: 'a', note: '-4.5' }])).toContain('"a","-4.5"');
  });

  it.each([
    ['semicolons', 'code;grams\nA-1;1,5\n'],
    ['tabs', 'code\tgrams\nA-1\t1,5\n'],
    ['a mark and Windows lines', '\ufeffcode;grams\r\nA-1;1,5\r\n\r\n'],
  ])('reads %s between its cells', (_what, text) => {
    expect(rowsOf(decodeText(new TextEncoder().encode(text)))).toEqual([
      { code: 'A-1', grams: '1,5' },
    ]);
  });

  it('reads other encodings', () => {
    const utf16 = new Uint8Array([0xff, 0xfe, 0x63, 0, 0x2c, 0, 0xe9, 0]);
    expect(decodeText(utf16)).toBe('c,é');
    expect(decodeText(new Uint8Array([0x63, 0x2c, 0xe9]))).toBe('c,é');
  });

  it('refuses what is no table, and more rows than a shelf has', () => {
    expect(parseTable('hello')).toMatchObject({
      ok: false,
      problem: expect.stringMatching(/name the columns/) as string,
    });
    const long = `code,grams\n${'A,1\n'.repeat(MAX_CSV_ROWS + 1)}`;
    expect(parseTable(long)).toMatchObject({
      ok: false,
      problem: expect.stringMatching(/more than 20,000 rows/) as string,
    });
  });
});
