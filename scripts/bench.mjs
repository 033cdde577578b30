import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'vite';

// Measured as people run it: bundled like the application. A loader that keeps every function's name slows all of them.
const root = fileURLToPath(new URL('..', import.meta.url));
const outDir = fileURLToPath(new URL('../node_modules/.cache/rovack-bench', import.meta.url));
await build({
  root,
  configFile: fileURLToPath(new URL('../vite.config.ts', import.meta.url)),
  logLevel: 'error',
  build: {
    ssr: fileURLToPath(new URL('bench.ts', import.meta.url)),
    outDir,
    emptyOutDir: true,
    rollupOptions: { output: { entryFileNames: 'bench.mjs' } },
  },
});
await import(pathToFileURL(`${outDir}/bench.mjs`).href);
