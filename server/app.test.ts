import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { gzipSync } from 'node:zlib';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createServer } from './app';

const PAGE = '<html><meta name="rovack-start" content="ask" /></html>';
const WITH_NONCE = '<meta property="csp-nonce" nonce="rovack-nonce">';
const servers: Server[] = [];
let distDir = '';

beforeAll(() => {
  distDir = mkdtempSync(join(tmpdir(), 'rovack-dist-'));
  mkdirSync(join(distDir, 'assets'));
  writeFileSync(join(distDir, 'index.html'), PAGE);
  writeFileSync(join(distDir, 'assets', 'app-1.js'), 'export {};');
});
afterAll(() => {
  for (const server of servers) server.close();
  rmSync(distDir, { recursive: true });
});

async function listening(start: 'ask' | 'sample'): Promise<string> {
  const server = createServer({ distDir, start }).listen(0, '127.0.0.1');
  servers.push(server);
  await new Promise((resolve) => server.once('listening', resolve));
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
}

describe('the server', () => {
  it('serves the page at every address, told how to start', async () => {
    const ask = await listening('ask');
    expect(await (await fetch(`${ask}/`)).text()).toBe(PAGE);
    const sample = await listening('sample');
    for (const path of ['/', '/design', '/almanac/some-batch'])
      expect(await (await fetch(sample + path)).text()).toContain('content="sample"');
  });

  it('allows nothing from outside, and does not say what it is made of', async () => {
    const { headers } = await fetch(await listening('ask'));
    const policy = headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("connect-src 'self'");
    expect(policy).not.toMatch(/https?:/);
    expect(headers.get('x-powered-by')).toBeNull();
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('referrer-policy')).toBe('no-referrer');
  });

  it('gives scale and camera to itself alone, and styles only to what bears the nonce of this answer', async () => {
    writeFileSync(join(distDir, 'index.html'), PAGE + WITH_NONCE);
    const home = await listening('ask');
    const nonces = await Promise.all(
      ['/', '/index.html'].map(async (path) => {
        const answer = await fetch(home + path);
        const policy = answer.headers.get('content-security-policy') ?? '';
        expect(policy).not.toContain('unsafe-inline');
        const permissions = answer.headers.get('permissions-policy') ?? '';
        expect(permissions).toContain('camera=(self)');
        expect(permissions).toContain('serial=(self)');
        expect(permissions).toContain('geolocation=()');
        const nonce = /'nonce-([^']+)'/.exec(policy)?.[1] ?? 'none';
        expect(await answer.text()).toContain(`nonce="${nonce}"`);
        return nonce;
      }),
    );
    expect(new Set(nonces).size).toBe(2);
    writeFileSync(join(distDir, 'index.html'), PAGE);
  });

  it('answers reading alone, bears no endless address, and says nothing of how it is made', async () => {
    const home = await listening('ask');
    for (const method of ['POST', 'PUT', 'DELETE', 'OPTIONS']) {
      const refused = await fetch(home, { method });
      expect(refused.status).toBe(405);
      expect(refused.headers.get('allow')).toBe('GET, HEAD');
    }
    expect((await fetch(home, { method: 'HEAD' })).status).toBe(200);
    expect((await fetch(`${home}/${'a'.repeat(1999)}`)).status).toBe(200);
    expect((await fetch(`${home}/${'a'.repeat(2000)}`)).status).toBe(414);
    for (const path of ['/assets/gone.js', '/assets/%E0%A4%A', '/%E0%A4%A'])
      expect(await (await fetch(home + path)).text()).not.toMatch(/node_modules|Error:|\n/);
  });

  it('lets hashed files be kept for good and the page never, and has no page for a missing file', async () => {
    const home = await listening('ask');
    expect((await fetch(`${home}/assets/app-1.js`)).headers.get('cache-control')).toContain(
      'immutable',
    );
    expect((await fetch(`${home}/`)).headers.get('cache-control')).toBe('no-cache');
    expect((await fetch(`${home}/assets/gone.js`)).status).toBe(404);
  });

  it('hands out what the build has packed, to those who can unpack it', async () => {
    const home = await listening('ask');
    writeFileSync(join(distDir, 'assets', 'app-1.js.gz'), gzipSync('packed by the build'));
    const asked = (encodings: string) =>
      fetch(`${home}/assets/app-1.js`, { headers: { 'accept-encoding': encodings } });
    const packed = await asked('gzip, br');
    expect(packed.headers.get('content-encoding')).toBe('gzip');
    expect(packed.headers.get('vary')).toContain('Accept-Encoding');
    expect(packed.headers.get('cache-control')).toContain('immutable');
    expect(packed.headers.get('content-type')).toContain('javascript');
    expect(await packed.text()).toBe('packed by the build');
    expect(await (await asked('identity')).text()).toBe('export {};');
    rmSync(join(distDir, 'assets', 'app-1.js.gz'));
  });

  it('hands out the file whole where a range of it is none, or is asked for', async () => {
    const home = await listening('ask');
    for (const range of [
      'bytes=9-3',
      'bytes=x-y',
      'bytes=-',
      'bytes=99999-',
      'lines=1-2',
      'bytes=0-3',
    ])
      for (const path of ['/assets/app-1.js', '/']) {
        const answer = await fetch(home + path, { headers: { range } });
        expect([200, 206, 416]).toContain(answer.status);
        if (path.startsWith('/assets')) expect(await answer.text()).toBe('export {};');
      }
  });

  it('refuses with all its headers', async () => {
    const home = await listening('ask');
    const post = await fetch(home, { method: 'POST', body: 'x' });
    const long = await fetch(`${home}/${'a'.repeat(2000)}`);
    expect([post.status, long.status]).toEqual([405, 414]);
    for (const { headers } of [post, long]) {
      expect(headers.get('content-security-policy')).toContain("default-src 'none'");
      expect(headers.get('x-content-type-options')).toBe('nosniff');
      expect(headers.get('permissions-policy')).toContain('geolocation=()');
    }
  });

  it('gives nothing of what lies beside its folder', async () => {
    const home = await listening('ask');
    writeFileSync(join(distDir, 'assets-secret.js'), 'a secret');
    for (const path of ['/assets/..%2Fassets-secret.js', '/assets/..%2F..%2Fetc%2Fpasswd'])
      expect((await fetch(home + path)).status).toBe(404);
  });

  it('takes a rebuild without a restart', async () => {
    const home = await listening('ask');
    await fetch(home);
    writeFileSync(join(distDir, 'assets', 'app-2.js'), 'rebuilt();');
    expect(await (await fetch(`${home}/assets/app-2.js`)).text()).toBe('rebuilt();');
    writeFileSync(join(distDir, 'index.html'), `${PAGE}<!-- rebuilt -->`);
    expect(await (await fetch(home)).text()).toContain('rebuilt');
    writeFileSync(join(distDir, 'index.html'), PAGE);
  });
});
