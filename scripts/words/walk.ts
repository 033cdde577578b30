import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { stringsOfCode, stringsOfComponent, type VisibleString } from './visibleStrings';

/** Tables of the trade's names, codes and laws' own words, and what only reads words: nothing of them is a sentence of ours. */
const NOT_OURS = [
  'src/core/matter/materials/rows/',
  'src/core/matter/materials/names/',
  'src/core/formula/reading/phrases/',
  // Words that older releases stored.
  'src/storage/upgrades/',
  // Recipes, as people write them.
  'scripts/lib/sampleFormulas',
  'scripts/lib/golden',
  'scripts/lib/bomb25',
];

export interface PlacedString extends VisibleString {
  readonly path: string;
}

/** Every visible string of the application and its commands, file by file. @param root the project's folder */
export function visibleStrings(
  root: string,
  folders = ['src', 'scripts/lib', 'server'],
): PlacedString[] {
  return folders.flatMap((folder) =>
    readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
      .map((path) => join(folder, path))
      .filter(
        (path) =>
          /\.(ts|vue)$/.test(path) &&
          !/\.(test|d)\.ts$/.test(path) &&
          !NOT_OURS.some((place) => path.startsWith(place)),
      )
      .sort()
      .flatMap((path) => {
        const source = readFileSync(join(root, path), 'utf8');
        const strings = path.endsWith('.vue') ? stringsOfComponent(source) : stringsOfCode(source);
        return strings.map((string) => ({ ...string, path }));
      }),
  );
}
