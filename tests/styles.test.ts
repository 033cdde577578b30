import { readFileSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

const SRC = fileURLToPath(new URL('../src', import.meta.url));
/** A page changes its shape at these widths, px. */
const WIDTHS = ['1150', '820', '560'];

const sheets = readdirSync(SRC, { recursive: true, encoding: 'utf8' })
  .filter((path) => /\.(vue|css)$/.test(path))
  .map((path) => {
    const text = readFileSync(`${SRC}/${path}`, 'utf8');
    return { path, style: path.endsWith('.css') ? text : text.slice(text.indexOf('<style')) };
  });

/** Every place where a style says it otherwise than by a token. */
function offenders(pattern: RegExp, isFine: (value: string) => boolean): readonly string[] {
  return sheets.flatMap(({ path, style }) =>
    [...style.matchAll(pattern)].flatMap(([whole, value = '']) =>
      isFine(value) ? [] : [`${path}: ${whole}`],
    ),
  );
}

describe('the styles', () => {
  it('use the eight sizes of type', () => {
    expect(offenders(/font-size: ([^;]+);/g, (it) => /^(var\(--text-|inherit)/.test(it))).toEqual(
      [],
    );
    expect(offenders(/\bfont: ([^;]+);/g, (it) => !/\dpx/.test(it))).toEqual([]);
    const tokens = sheets.find(({ path }) => path.endsWith('tokens.css'))?.style ?? '';
    expect(new Set(tokens.match(/--text-[a-z]+(?=:)/g)).size).toBe(8);
  });

  it('use the two corners', () => {
    expect(offenders(/border-radius: ([^;]+);/g, (it) => !/\dpx/.test(it))).toEqual([]);
  });

  it('change the page at three widths', () => {
    expect(offenders(/\(max-width: (\d+)px\)/g, (it) => WIDTHS.includes(it))).toEqual([]);
  });
});
