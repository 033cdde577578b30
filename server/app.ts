import compression from 'compression';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import sirv from 'sirv';
import { NONCE } from './nonce';

export interface ServerOptions {
  /** Folder of the built application. */
  readonly distDir: string;
  /** What an empty database is met with: a question, or the sample workshop at once. */
  readonly start: 'ask' | 'sample';
}

/**
 * Serves the built application, and nothing else: no data is ever sent here.
 * Only reading is answered; styles and scripts are Rovack’s own, and the theme that the interface library writes into a
 * style element bears the nonce of this answer.
 */
export function createServer({ distDir, start }: ServerOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use((_request, response, next) => {
    response.locals.nonce = randomBytes(16).toString('base64url');
    response.setHeader('Permissions-Policy', PERMISSIONS);
    next();
  });
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", (_, response) => `'nonce-${nonceOf(response as Response)}'`],
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
  // After the headers: what is refused has them too.
  app.use((request, response, next) => {
    if (!READING.has(request.method)) {
      response.setHeader('Allow', [...READING].join(', '));
      refuse(response, 405, 'Only GET and HEAD are answered.');
    } else if (request.url.length > LONGEST_URL) refuse(response, 414, 'The address is too long.');
    else next();
  });
  app.use(compression());
  // Packed once, by the build: a home server has better to do than to pack it for each visit. Looked for at each, as a build
  // may come meanwhile.
  app.use('/assets', (request, _response, next) => {
    // Scripts and typefaces are wanted whole; a range that is none would break the answer off.
    delete request.headers.range;
    next();
  });
  app.use(
    '/assets',
    sirv(join(distDir, 'assets'), {
      dev: true,
      gzip: true,
      brotli: true,
      etag: true,
      setHeaders: (response) => response.setHeader('Cache-Control', FOR_GOOD),
    }),
  );
  app.use('/assets', (_request, response) => refuse(response, 404, 'There is no such file.'));
  // The page under its own name too: what is kept for work without a server is the page as it is served.
  app.get(['/index.html', '/'], sendPage);
  app.use(express.static(distDir, { index: false, maxAge: 0 }));
  app.get('/{*path}', sendPage);
  app.use(
    (error: { readonly status?: number }, _: Request, response: Response, next: NextFunction) => {
      // Nothing of how the server is made goes out.
      if (response.headersSent) next(error);
      else if (error.status === 404) refuse(response, 404, 'There is no such file.');
      else refuse(response, error.status ?? 500, 'Couldn’t answer that.');
    },
  );
  return app;

  function sendPage(_: Request, response: Response): void {
    const html = page(distDir, start).replaceAll(NONCE, nonceOf(response));
    response.setHeader('Cache-Control', 'no-cache').type('html').send(html);
  }
}

const READING = new Set(['GET', 'HEAD']);
const LONGEST_URL = 2000;
/** What a name with a hash stands for never changes. */
const FOR_GOOD = 'public, max-age=31536000, immutable';
/** A scale and a camera are Rovack’s; nothing else of the machine is. */
const PERMISSIONS = [
  'camera=(self)',
  'serial=(self)',
  'fullscreen=(self)',
  // The bench keeps the screen on while hands are busy.
  'screen-wake-lock=(self)',
  ...[
    'accelerometer',
    'display-capture',
    'encrypted-media',
    'geolocation',
    'gyroscope',
    'hid',
    'magnetometer',
    'microphone',
    'midi',
    'payment',
    'publickey-credentials-get',
    'usb',
    'xr-spatial-tracking',
  ].map((name) => `${name}=()`),
].join(', ');

const nonceOf = (response: Response): string => String(response.locals.nonce ?? '');

function refuse(response: Response, status: number, sentence: string): void {
  response.status(status).type('text').send(sentence);
}

/** The door page, read again each time so that a rebuild under a running server is served whole. */
function page(distDir: string, start: ServerOptions['start']): string {
  return readFileSync(join(distDir, 'index.html'), 'utf8').replace(
    '<meta name="rovack-start" content="ask" />',
    `<meta name="rovack-start" content="${start}" />`,
  );
}
