import type { HtmlTagDescriptor, Plugin, Rolldown } from 'vite';
import { NONCE } from '../../server/nonce';

type ModuleOf = (id: string) => { readonly importedIds: readonly string[] } | null;

/** What stands before the first screen: the frame of every page, and the station that is its door. */
const DOORS = [
  { name: 'frame', entry: '/src/app/main.ts' },
  { name: 'design', entry: '/src/stations/design/DesignStation.vue' },
] as const;

/** What is not our own, and both go without being told apart: it changes seldom. */
const LIBRARIES = 'libraries';

/**
 * The modules of the first view in one file each for libraries, frame and door: sixty small ones keep a home server and the
 * page waiting for one another. All else is parted as the bundler parts it.
 */
export function firstChunks(): Rolldown.CodeSplittingGroup {
  const chunkOf = new Map<string, string>();
  let isKnown = false;
  return {
    debugName: 'the first view',
    name: (id, context) => {
      const moduleOf: ModuleOf = (of) => context.getModuleInfo(of);
      if (!isKnown) for (const { name, entry } of DOORS) walk(root + entry, name, moduleOf);
      isKnown = true;
      return chunkOf.get(id) ?? null;
    },
  };

  function walk(id: string, name: string, moduleOf: ModuleOf): void {
    const imports = moduleOf(id)?.importedIds ?? [];
    if (chunkOf.has(id) || [id, ...imports].some(looksThrough)) return;
    chunkOf.set(id, isOwn(id) ? name : LIBRARIES);
    for (const imported of imports) walk(imported, name, moduleOf);
  }
}

/** Letters that every screen is written in; others come when a text asks for them. */
const LETTERS = /-latin-wght-normal-[\w-]+\.woff2$/;

/** The page asks for the door and for its letters at once, not only when frame and styles have been read. */
export function doorAhead(): Plugin {
  return {
    name: 'door-ahead',
    apply: 'build',
    transformIndexHtml: {
      order: 'post',
      handler: (html, { bundle = {} }) => {
        const chunks = Object.values(bundle).filter((one) => one.type === 'chunk');
        const door = chunks.find(({ moduleIds }) => moduleIds.includes(root + DOORS[1].entry));
        if (!door) throw new Error(`no chunk holds ${DOORS[1].entry}: name the door again`);
        const scripts = [door.fileName, ...door.imports].map((file) => link('modulepreload', file));
        const styles = [...(door.viteMetadata?.importedCss ?? [])].map((file) =>
          link('preload', file, { as: 'style' }),
        );
        const letters = Object.keys(bundle)
          .filter((file) => LETTERS.test(file))
          .map((file) => link('preload', file, { as: 'font', type: 'font/woff2' }));
        return [...scripts, ...styles, ...letters].filter(
          ({ attrs }) => !html.includes(`"${attrs.href}"`),
        );
      },
    },
  };
}

function link(rel: string, file: string, more: Readonly<Record<string, string>> = {}) {
  return {
    tag: 'link',
    attrs: { rel, href: `/${file}`, crossorigin: true, nonce: NONCE, ...more },
    injectTo: 'head',
  } satisfies HtmlTagDescriptor;
}

/** Schemas stand beside what they are of, and the first view goes without them: they are wanted when records come in. */
const looksThrough = (id: string) => id.includes('/node_modules/zod/');
const root = process.cwd().replaceAll('\\', '/');
const isOwn = (id: string) => id.startsWith(`${root}/src/`);
