/** Serves the built application on a loopback port. `--port N` is tried first; a busy port gives way to the next free one. */
import { createServer } from 'node:net';
import { parseArgs } from 'node:util';
import { serve } from '@hono/node-server';
import { createApp } from './app';

const HOST = '127.0.0.1';
const PORTS_TRIED = 20;

const { values } = parseArgs({
  options: {
    port: { type: 'string', default: '4173' },
    dir: { type: 'string', default: 'dist' },
    strict: { type: 'boolean' },
  },
});
const wanted = Number(values.port);
const port = values.strict ? wanted : await firstFreePort(wanted);
if (port !== wanted) console.log(`Port ${wanted} is busy; taking ${port}.`);
serve({ fetch: createApp(values.dir).fetch, hostname: HOST, port }, () =>
  console.log(`Pace Slate is ready: http://${HOST}:${port}/`),
);

async function firstFreePort(from: number): Promise<number> {
  for (let port = from; port < from + PORTS_TRIED; port++) if (await isFree(port)) return port;
  return 0;
}

function isFree(port: number): Promise<boolean> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.once('listening', () => probe.close(() => resolve(true)));
    probe.listen(port, HOST);
  });
}
