import { fileURLToPath } from 'node:url';
import { createServer } from './app';

const port = Number(process.env.PORT ?? 4173);
const start = process.env.ROVACK_START === 'sample' ? 'sample' : 'ask';
const distDir = fileURLToPath(new URL('../dist', import.meta.url));

const server = createServer({ distDir, start }).listen(port, '127.0.0.1', (error) => {
  if (error) {
    process.stderr.write(
      `Couldn’t start the server on port ${port}: ${error.message}. Set PORT to another one.\n`,
    );
    process.exitCode = 1;
    return;
  }
  const address = server.address();
  const bound = typeof address === 'object' && address ? address.port : port;
  // A request that dribbles in, or never ends, is let go.
  server.requestTimeout = 30_000;
  server.headersTimeout = 10_000;
  server.keepAliveTimeout = 5_000;
  server.maxHeadersCount = 60;
  process.stdout.write(`Rovack is at http://localhost:${bound}\n`);
});
