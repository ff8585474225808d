/** The server: the built application with its headers, and the checks as a stateless service. */
import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { secureHeaders } from 'hono/secure-headers';
import { reportDance, studyText } from '../core';
import { MOST_BYTES, readTextBytes } from '../formats/text-file';

/** Emotion adds one empty style element and fills it through the style sheet object: the hash is that of the empty string. */
const EMPTY_STYLE = "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='";

const YEAR = 31_536_000;

/** `folder`: the built application, relative to the working directory. */
export function createApp(folder: string): Hono {
  const app = new Hono();
  app.use(
    secureHeaders({
      contentSecurityPolicy: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        styleSrc: ["'self'", EMPTY_STYLE],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
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
      const file = readTextBytes(new Uint8Array(await c.req.arrayBuffer()));
      if ('problem' in file) return c.json(file, 400);
      const { dance, findings } = studyText(file.text);
      return c.json(reportDance(dance, findings));
    },
  );
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
