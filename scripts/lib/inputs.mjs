import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** Where a build writes down what it was made of beside `src`, below the project's root. */
export const INPUTS_FILE = 'node_modules/.rovack/build-inputs.json';
/** What every build is made of: the application, which packages there are, and how modules are read. */
const ALWAYS = ['src', 'package.json', 'package-lock.json', 'tsconfig.json', 'index.html'];
const isTest = (file) => file.endsWith('.test.ts');

/** The state of everything the last build was made of; null where that is not known. @param root the project's */
export function inputsHash(root) {
  const list = join(root, INPUTS_FILE);
  return existsSync(list)
    ? hashOf(root, [...ALWAYS, ...JSON.parse(readFileSync(list, 'utf8'))])
    : null;
}

/** One mark of files and folders by their names and what is in them. @param paths below `root` */
export function hashOf(root, paths) {
  const hash = createHash('sha256');
  for (const path of paths)
    for (const file of filesUnder(join(root, path))) {
      hash.update(`${file.slice(root.length)}\n`);
      hash.update(existsSync(file) ? readFileSync(file) : 'gone');
    }
  return hash.digest('hex');
}

function filesUnder(path) {
  if (!existsSync(path) || !statSync(path).isDirectory()) return [path];
  return readdirSync(path, { recursive: true })
    .map((name) => join(path, String(name)))
    .filter((file) => statSync(file).isFile() && !isTest(file))
    .sort();
}
