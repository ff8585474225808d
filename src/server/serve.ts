/** The server at its loopback port, with patience for nobody who says nothing. */
import type { Server } from 'node:http';
import { serve } from '@hono/node-server';
import type { Hono } from 'hono';

export const HOST = '127.0.0.1';

/** Milliseconds that a socket may be silent, until the head of a request is there, and until all of it is. */
export interface Patience {
  readonly silent: number;
  readonly head: number;
  readonly whole: number;
}

const USUAL: Patience = { silent: 30_000, head: 10_000, whole: 30_000 };

/** Resolves when it listens. */
export const startServer = (app: Hono, port: number, { silent, head, whole }: Patience = USUAL): Promise<Server> =>
  new Promise((resolve, reject) => {
    const options = { headersTimeout: head, requestTimeout: whole, connectionsCheckingInterval: Math.min(head, 5000) };
    // Without certificates it is a plain one.
    const server = serve({ fetch: app.fetch, hostname: HOST, port, serverOptions: options }, () =>
      resolve(server),
    ) as Server;
    server.setTimeout(silent);
    server.once('error', reject);
  });
