/** Serves the built application on a loopback port. `--port N` is tried first; a busy port gives way to the next free one. */
import { createServer } from 'node:net';
import { parseArgs } from 'node:util';
import { createApp } from './app';
import { startChecks } from './checks';
import { HOST, startServer } from './serve';

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
const addressAt = (at: number): string => `http://${HOST}:${at}/`;
if (port !== wanted)
  console.log(
    `Port ${wanted} is busy; taking ${port}. Dances written at ${addressAt(wanted)} are kept for that address and are not shown here.`,
  );
const app = createApp({
  folder: values.dir,
  checks: startChecks(),
  ...(port !== wanted && { usual: addressAt(wanted) }),
});
await startServer(app, port);
console.log(`Pace Slate is ready: ${addressAt(port)}`);

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
