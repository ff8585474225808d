/** The server: strict headers, honest caching, and the checks as a service. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { connect, type AddressInfo } from 'node:net';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { createApp } from './app';
import { startChecks, type Checks } from './checks';
import { startServer } from './serve';

let folder: string;
let app: ReturnType<typeof createApp>;
let checks: Checks;

beforeAll(() => {
  mkdirSync('test-results', { recursive: true });
  folder = mkdtempSync(path.join('test-results', 'served-'));
  mkdirSync(path.join(folder, 'assets'));
  writeFileSync(path.join(folder, 'index.html'), '<title>slate</title>');
  writeFileSync(path.join(folder, 'assets', 'a-1234.js'), 'void 0');
  checks = startChecks();
  app = createApp({ folder, checks, usual: 'http://127.0.0.1:4173/' });
});
afterAll(async () => {
  rmSync(folder, { recursive: true });
  await checks.stop();
});

const PAGES: [path: string, status: number, cache: string, body: RegExp][] = [
  ['/', 200, 'no-cache', /slate/],
  ['/dance/abc/sheet', 200, 'no-cache', /slate/],
  ['/assets/a-1234.js', 200, 'public, max-age=31536000, immutable', /void 0/],
  ['/assets/gone-1234.js', 404, 'no-cache', /Not found/],
  ['/api/nothing', 404, '', /nothing at this address/],
  ['/../package.json', 200, 'no-cache', /slate/],
];

test.each(PAGES)('GET %s', async (address, status, cache, body) => {
  const response = await app.request(`http://127.0.0.1:4173${address}`);
  expect(response.status).toBe(status);
  expect(response.headers.get('cache-control') ?? '').toBe(cache);
  expect(await response.text()).toMatch(body);
});

test('every answer carries the security policy: own scripts only, no inline style but the empty one', async () => {
  for (const address of ['/', '/assets/a-1234.js', '/api/nothing']) {
    const policy = (await app.request(`http://127.0.0.1${address}`)).headers.get('content-security-policy') ?? '';
    expect(policy).toContain("script-src 'self';");
    expect(policy).toContain("object-src 'none'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toContain('unsafe');
  }
  expect((await app.request('http://127.0.0.1/')).headers.get('x-content-type-options')).toBe('nosniff');
});

describe('POST /api/check', () => {
  const check = (body: BodyInit) => app.request('/api/check', { method: 'POST', body });

  test('answers with the report of the text', async () => {
    const response = await check('# Ebb\n\n## Section 1 (4 counts)\n1-2 Rock R forward, recover L\n3&4 Coaster L');
    expect(response.status).toBe(200);
    expect(await response.json()).toMatchObject({
      title: 'Ebb',
      totals: { counts: 4 },
      findings: expect.arrayContaining([
        expect.objectContaining({ code: 'foot-not-free', line: 5, fix: '3&4 Coaster R' }),
      ]) as unknown,
    });
  });

  test('a slip in a plan names its wall', async () => {
    const text =
      '## Section 1\n1-4 Jazz box R\n5-8 Jazz box R\n\n## Tag "ebb"\n1-2 Sway R, sway L\n\n## Plan\nwall 3: restart after 4 (6:00)\nwall 2: tag ebb\n';
    expect(await (await check(text)).json()).toMatchObject({
      walls: [
        { wall: 1 },
        { wall: 2, tags: [{ name: 'ebb', after: 8 }] },
        { wall: 3, restart: true, counts: 4 },
        {},
        {},
        {},
        {},
        {},
      ],
      findings: [{ code: 'plan-facing', group: 'plan', wall: 3, line: 9, fix: 'wall 3: restart after 4 (12:00)' }],
    });
  });

  test('empty text is a finding, not an error', async () => {
    expect(await (await check('')).json()).toMatchObject({ findings: [{ code: 'nothing-to-dance' }] });
  });

  test('a page of another site is refused, one of this slate is not', async () => {
    const from = (origin: string) =>
      app.request('http://127.0.0.1:4173/api/check', { method: 'POST', body: '# Ebb', headers: { origin } });
    expect((await from('https://elsewhere.example')).status).toBe(403);
    expect((await from('http://127.0.0.1:9')).status).toBe(403);
    expect((await from('http://127.0.0.1:4173')).status).toBe(200);
  });

  test('a text that takes too long is given up and said, and keeps no other waiting', async () => {
    const given: AbortController[] = [];
    const patience = (): AbortSignal => given[given.push(new AbortController()) - 1].signal;
    const endless = startChecks({ limit: 1500, worker: new URL('./test/slow-worker.mjs', import.meta.url), patience });
    const slow = createApp({ folder, checks: endless });
    const ask = (body: string) => slow.request('/api/check', { method: 'POST', body });
    const waiting = ask('endless');
    // Patience ends when another text was answered beside it, however long that takes here.
    const small = await ask('# Ebb');
    given[0].abort();
    const vast = await waiting;
    expect([vast.status, await vast.json()]).toEqual([422, { problem: 'This text takes longer than 1.5 seconds to work out, and was given up.' }]); // prettier-ignore
    expect([small.status, await small.json()]).toEqual([200, { title: '# Ebb' }]);
    const broken = await ask('broken');
    expect([broken.status, await broken.json()]).toEqual([422, { problem: 'This text could not be worked out.' }]);
    await endless.stop();
  });

  test('what goes wrong inside is a sentence', async () => {
    const failing = createApp({ folder, checks: { check: () => Promise.reject(new Error('x')), stop: async () => undefined } }); // prettier-ignore
    const response = await failing.request('/api/check', { method: 'POST', body: '# Ebb' });
    expect([response.status, await response.json()]).toEqual([500, { problem: expect.stringMatching(/went wrong/) }]);
  });

  test('refuses what is no text and what is too long', async () => {
    expect((await check(new Uint8Array([0, 1, 2]))).status).toBe(400);
    expect((await check('x'.repeat(1_100_000))).status).toBe(413);
  });
});

test('the machine’s other name leads to the one address that dances are kept under', async () => {
  const response = await app.request('http://localhost:4173/dance/a?wall=2');
  expect([response.status, response.headers.get('location')]).toEqual([308, 'http://127.0.0.1:4173/dance/a?wall=2']);
});

test.each(['http://slate.example:4173', 'http://192.168.1.7:4173', 'http://127.0.0.1.example', 'http://0.0.0.0:4173'])(
  'asked as %s it tells nothing: not a page, not a check',
  async (site) => {
    for (const [address, order] of [['/', {}], ['/assets/a-1234.js', {}], ['/api/check', { method: 'POST', body: '# Ebb' }]] as const) {
      const response = await app.request(site + address, order);
      expect([response.status, await response.text()]).toEqual([421, 'This slate answers to this machine alone, at 127.0.0.1.']);
    }
  },
); // prettier-ignore

test.each(['http://127.0.0.1:4173', 'http://[::1]:4173', 'http://127.1.2.3'])('asked as %s it answers', async (site) =>
  expect((await app.request(`${site}/`)).status).toBe(200),
);

describe('at its socket', () => {
  const limits = { silent: 60, head: 60, whole: 120 };

  test('one that says nothing is closed, and so is one that stops in the middle; one that asks is answered', async () => {
    const server = await startServer(app, 0, limits);
    const { port } = server.address() as AddressInfo;
    const end = (words: string) =>
      new Promise<string>((resolve) => {
        let heard = '';
        const socket = connect(port, '127.0.0.1', () => words && socket.write(words));
        socket.on('data', (data) => (heard += String(data)));
        socket.on('close', () => resolve(heard));
        socket.on('error', () => undefined);
      });
    expect(await end('')).toBe('');
    expect(await end('GET / HT')).not.toContain('slate');
    expect(await end('GET / HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n')).toContain('<title>slate</title>');
    expect(await end('GET / HTTP/1.1\r\nHost: slate.example\r\nConnection: close\r\n\r\n')).toContain(' 421 ');
    server.close();
  });
}); // prettier-ignore

test('an application that stands elsewhere than usual can say so', async () => {
  const where = async (own: typeof app) => (await own.request('http://127.0.0.1:4174/api/where')).json();
  expect(await where(app)).toEqual({ usual: 'http://127.0.0.1:4173/' });
  expect(await where(createApp({ folder, checks }))).toEqual({ usual: null });
});
