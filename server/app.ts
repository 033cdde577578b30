import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

export interface ServerOptions {
  /** Folder of the built application. */
  readonly distDir: string;
  /** What an empty database is met with: a question, or the sample workshop at once. */
  readonly start: 'ask' | 'sample';
}

/**
 * Serves the built application, and nothing else: no data is ever sent here.
 * Strict headers; styles may be inline because the interface library writes its theme into a style element.
 */
export function createServer({ distDir, start }: ServerOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
      referrerPolicy: { policy: 'no-referrer' },
    }),
  );
  app.use(compression());
  app.use(
    '/assets',
    express.static(join(distDir, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }),
  );
  app.use(express.static(distDir, { index: false }));
  app.get('/{*path}', (_request, response) => {
    response.setHeader('Cache-Control', 'no-cache').type('html').send(page(distDir, start));
  });
  return app;
}

/** The door page, read anew each time so that a rebuild under a running server is served whole. */
function page(distDir: string, start: ServerOptions['start']): string {
  return readFileSync(join(distDir, 'index.html'), 'utf8').replace(
    '<meta name="rovack-start" content="ask" />',
    `<meta name="rovack-start" content="${start}" />`,
  );
}
