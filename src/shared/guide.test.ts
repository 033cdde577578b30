import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { visibleStrings } from '../../scripts/words/walk';
import { CHAPTERS, NOTES } from './guide';
import { ROOMS, STATIONS } from './places';

const GUIDE = new URL('../../docs/guide/', import.meta.url);
const files = readdirSync(GUIDE)
  .filter((file) => /^\d/.test(file))
  .sort();
const textOf = (file: string) => readFileSync(new URL(file, GUIDE), 'utf8');

describe('the guide', () => {
  it('has the chapters that the application lists, in their order and under their titles', () => {
    expect(files.map((file) => file.replace(/^\d+-(.*)\.md$/, '$1'))).toEqual(
      CHAPTERS.map(({ slug }) => slug),
    );
    expect(files.map((file) => /^# (.*)$/m.exec(textOf(file))?.[1])).toEqual(
      CHAPTERS.map(({ title }) => title),
    );
  });

  it('shows pictures that are there', () => {
    for (const file of files)
      for (const [, path = ''] of textOf(file).matchAll(/!\[[^\]]+\]\(([^)]+)\)/g))
        expect(existsSync(new URL(path, GUIDE))).toBe(true);
  });

  it('names only buttons, tabs and screens that the application has', () => {
    const words = visibleStrings(process.cwd()).map(({ text }) => text);
    const known = words.join('\n').toLowerCase();
    const keys = /^(?:[A-Z?/]|Ctrl K|⌘ K|Alt\+.*)$/;
    for (const file of files)
      for (const [, name = ''] of textOf(file).matchAll(/\*\*([^*]+)\*\*/g))
        if (!keys.test(name))
          expect([file, known.includes(name.toLowerCase()) || name]).toEqual([file, true]);
  });
});

it('every place has a note of a minute, and a chapter to read on', () => {
  const slugs: readonly string[] = CHAPTERS.map(({ slug }) => slug);
  for (const { route } of [...STATIONS, ...ROOMS]) {
    const note = NOTES[route];
    expect(slugs).toContain(note?.chapter);
    expect(`${note?.what} ${note?.first}`.split(' ').length).toBeLessThan(60);
    expect(note?.first).toMatch(/^First /);
  }
});
