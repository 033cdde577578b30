import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import type { Plugin } from 'vite';
import { INPUTS_FILE } from './inputs.mjs';

/**
 * Writes down every file of ours beside `src` that a build was made of: what the configuration is made of and reads, what
 * modules take from elsewhere, what is copied as it is. The next build is skipped only where all of it is as it was.
 * @param read files that the configuration reads beside its modules
 */
export function recordInputs(root: string, read: readonly string[]): Plugin {
  let config: readonly string[] = [];
  const files = new Set<string>();
  const add = (path: string) => {
    const inside = relative(root, path.split('?')[0] ?? path);
    if (!/^(?:\.\.|node_modules|src)(?:[\\/]|$)/.test(inside) && inside !== '') files.add(inside);
  };
  return {
    name: 'record-inputs',
    apply: 'build',
    configResolved: (resolved) => {
      config = resolved.configFileDependencies;
      add(resolved.publicDir);
    },
    moduleParsed: ({ id }) => {
      if (id.startsWith('/')) add(id);
    },
    closeBundle: () => {
      for (const path of [...config, ...read.map((one) => join(root, one))]) add(path);
      const file = join(root, INPUTS_FILE);
      mkdirSync(dirname(file), { recursive: true });
      writeFileSync(file, JSON.stringify([...files].sort(), null, 1));
    },
  };
}
