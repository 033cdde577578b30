import { existsSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import { straightImports } from '../scripts/lib/straightImports';

const ROOT = resolve(import.meta.dirname, '..');
const FROM = `${ROOT}/src/stores/any.ts`;

/** What the build makes of a file of ours; null where it leaves it as it is. */
async function straightened(code: string, from = FROM): Promise<string | null> {
  const found = (source: string, id: string) => {
    const base = source.startsWith('@/')
      ? `${ROOT}/src/${source.slice(2)}`
      : resolve(dirname(id), source);
    return [base, `${base}.ts`, `${base}/index.ts`].find(
      (path) => path.endsWith('.ts') && existsSync(path),
    );
  };
  const { transform } = straightImports() as unknown as {
    transform: (code: string, id: string) => Promise<{ readonly code: string } | null>;
  };
  const context = {
    resolve: async (source: string, id: string) => {
      const path = found(source, id);
      return path ? { id: path } : null;
    },
  };
  const result = await transform.call(context, code, from);
  return result && result.code.replaceAll(ROOT, '');
}

describe('imports in the build', () => {
  it('go past an index to the file a name stands in, one by one', async () => {
    expect(await straightened("import { counted, reasonOf as why } from '@/core/words';")).toBe(
      'import { counted as counted } from "/src/core/words/numbers.ts"; import { reasonOf as why } from "/src/core/words/reason.ts";',
    );
  });

  it('go through one index after another', async () => {
    expect(await straightened("import { COLLECTION_NAMES } from '@/storage/session';")).toBe(
      'import { COLLECTION_NAMES as COLLECTION_NAMES } from "/src/storage/collections.ts";',
    );
  });

  it('go past it for one name that is loaded later, and not for all of them', async () => {
    const code = (source: string) => `import 'vue'; (await import(${source})).reasonOf;`;
    expect(await straightened(code("'@/core/words'"))).toBe(code('"/src/core/words/reason.ts"'));
  });

  it.each([
    ['a file that is no index', "import { USUAL_SETTINGS } from '@/core/workshop/settings';"],
    ['all of a module', "import * as words from '@/core/words';"],
    ['what is not ours', "import { ref } from 'vue';"],
    ['what is loaded later', "const words = () => import('@/core/words');"],
    ['for its own sake', "import '@/core/words';"],
  ])('stay as they are: %s', async (_what, code) => {
    expect(await straightened(code)).toBeNull();
  });
});
