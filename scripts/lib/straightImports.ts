import { readFileSync } from 'node:fs';
import MagicString from 'magic-string';
import { parseAst, type Plugin } from 'vite';

/** Where a name of an index comes from. */
interface Origin {
  readonly source: string;
  readonly name: string;
}
/** What an index hands on, by the name it gives it; null for a file that is more than an index. */
type Index = ReadonlyMap<string, Origin> | null;

/** One name of what is loaded later: `(await import('…')).name`. */
const LATER = /\(await import\(['"]([^'"]+)['"]\)\)\.(\w+)/g;

type Resolve = (source: string, from: string) => Promise<string | null>;

/**
 * In the build only: what is imported through a module's index is imported from the file it stands in. An index names
 * everything of its module; left in the way, it ties what a screen does not need to what it does, and all of it is loaded
 * with the first view.
 */
export function straightImports(): Plugin {
  const indexes = new Map<string, Index>();
  return {
    name: 'straight-imports',
    apply: 'build',
    enforce: 'post',
    async transform(code, id) {
      if (!/\.(ts|vue)(\?|$)/.test(id) || id.includes('node_modules') || !code.includes('import'))
        return null;
      const resolve: Resolve = async (source, from) =>
        (await this.resolve(source, from))?.id ?? null;
      const straight = new MagicString(code);
      for (const node of parseAst(code).body) {
        if (node.type !== 'ImportDeclaration' || node.specifiers.length === 0) continue;
        const named = node.specifiers.filter((one) => one.type === 'ImportSpecifier');
        if (named.length < node.specifiers.length) continue;
        const source = node.source.value;
        const origins = await Promise.all(
          named.map(({ imported }) => {
            const name = imported.type === 'Identifier' ? imported.name : imported.value;
            return originOf(indexes, resolve, id, { source, name });
          }),
        );
        if (origins.every((origin) => origin.source === source)) continue;
        const parts = origins.map(
          (origin, i) =>
            `import { ${origin.name} as ${named[i]?.local.name} } from ${JSON.stringify(origin.source)};`,
        );
        straight.overwrite(node.start, node.end, parts.join(' '));
      }
      for (const later of code.matchAll(LATER)) {
        const [whole, source = '', name = ''] = later;
        const origin = await originOf(indexes, resolve, id, { source, name });
        if (origin.source === source || origin.name !== name) continue;
        const direct = `(await import(${JSON.stringify(origin.source)})).${name}`;
        straight.overwrite(later.index, later.index + whole.length, direct);
      }
      return straight.hasChanged()
        ? { code: straight.toString(), map: straight.generateMap({ hires: 'boundary' }) }
        : null;
    },
  };
}

/** Goes from index to index until a file has the name itself. */
async function originOf(
  indexes: Map<string, Index>,
  resolve: Resolve,
  from: string,
  asked: Origin,
): Promise<Origin> {
  const id = await resolve(asked.source, from);
  const handed = id === null ? undefined : indexAt(indexes, id)?.get(asked.name);
  if (id === null || !handed) return asked;
  const there = await originOf(indexes, resolve, id, handed);
  return { ...there, source: (await resolve(there.source, id)) ?? there.source };
}

function indexAt(indexes: Map<string, Index>, id: string): Index {
  const known = indexes.get(id);
  if (known !== undefined) return known;
  const index = /\/src\/.*\/index\.ts$/.test(id) ? readIndex(id) : null;
  indexes.set(id, index);
  return index;
}

function readIndex(id: string): Index {
  const names = new Map<string, Origin>();
  for (const node of parseAst(readFileSync(id, 'utf8'), { lang: 'ts' }).body) {
    if (node.type !== 'ExportNamedDeclaration' || !node.source) return null;
    for (const { exported, local } of node.specifiers)
      if (exported.type === 'Identifier' && local.type === 'Identifier')
        names.set(exported.name, { source: node.source.value, name: local.name });
  }
  return names;
}
