/** The server: the built application with its headers, and the checks as a stateless service. */
import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { secureHeaders } from 'hono/secure-headers';
import { MOST_BYTES, readTextBytes } from '../formats/text-file';
import type { Checks } from './checks';

/** Emotion adds one empty style element and fills it through the style sheet object: the hash is that of the empty string. */
const EMPTY_STYLE = "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='";

const YEAR = 31_536_000;

export interface Serving {
  /** The built application, relative to the working directory. */
  readonly folder: string;
  readonly checks: Checks;
  /** Where the application usually stands, when it stands elsewhere this time: dances belong to the address they were written at. */
  readonly usual?: string;
}

/** Browsers keep things by address: one machine has one name here, so that dances are found again. */
function atOneAddress(address: string): string | undefined {
  const url = new URL(address);
  if (url.hostname !== 'localhost') return undefined;
  url.hostname = '127.0.0.1';
  return url.href;
}

/** Names of this machine on itself. Another name that leads here (DNS rebinding) is another site's: it is told nothing. */
const isLoopback = (address: string): boolean => {
  const { hostname } = new URL(address);
  return hostname === 'localhost' || hostname === '[::1]' || /^127(?:\.\d{1,3}){3}$/.test(hostname);
};

/** A page of another site can send plain text here without asking; it is told nothing, and makes no work. */
const isForeign = (origin: string | undefined, address: string): boolean =>
  origin !== undefined && origin !== new URL(address).origin;

export function createApp({ folder, checks, usual }: Serving): Hono {
  const app = new Hono();
  app.onError((_, c) => c.json({ problem: 'Something went wrong here. Nothing was changed; try it again.' }, 500));
  app.use('*', async (c, next) =>
    isLoopback(c.req.url) ? next() : c.text('This slate answers to this machine alone, at 127.0.0.1.', 421),
  );
  app.get('*', async (c, next) => {
    const one = atOneAddress(c.req.url);
    return one ? c.redirect(one, 308) : next();
  });
  app.use(
    secureHeaders({
      contentSecurityPolicy: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        styleSrc: ["'self'", EMPTY_STYLE],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        // A recording is looked at before all of it is decoded.
        mediaSrc: ["'self'", 'blob:'],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        frameAncestors: ["'none'"],
        formAction: ["'none'"],
      },
      referrerPolicy: 'no-referrer',
    }),
  );
  app.post(
    '/api/check',
    bodyLimit({
      maxSize: MOST_BYTES,
      onError: (c) => c.json({ problem: 'The text is larger than 1 MB.' }, 413),
    }),
    async (c) => {
      if (isForeign(c.req.header('origin'), c.req.url))
        return c.json({ problem: 'Only pages of this slate may ask for checks.' }, 403);
      const file = readTextBytes(new Uint8Array(await c.req.arrayBuffer()));
      if ('problem' in file) return c.json(file, 400);
      const checked = await checks.check(file.text);
      return 'report' in checked ? c.json(checked.report) : c.json({ problem: checked.problem }, checked.status);
    },
  );
  app.get('/api/where', (c) => c.json({ usual: usual ?? null }));
  app.all('/api/*', (c) => c.json({ problem: 'There is nothing at this address.' }, 404));
  app.use('*', async (c, next) => {
    await next();
    // Built files carry a hash in their names and never change; everything else is asked for again.
    const hashed = c.req.path.startsWith('/assets/') && c.res.status === 200;
    c.res.headers.set('Cache-Control', hashed ? `public, max-age=${YEAR}, immutable` : 'no-cache');
  });
  app.use('*', serveStatic({ root: folder }));
  app.get('/assets/*', (c) => c.text('Not found', 404));
  app.get('*', serveStatic({ root: folder, path: 'index.html' }));
  return app;
}
