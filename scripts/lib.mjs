/** What start, test and screenshots share: running commands, what is installed, where the browser is. */
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

export const ROOT = path.resolve(import.meta.dirname, '..');
export const at = (...parts) => path.join(ROOT, ...parts);

/** Runs a command to its end with its output shown; returns its exit code. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  return result.status ?? 1;
}

/** A tool of the project's own packages, run by this very Node. */
export const tool = (name) => at('node_modules', '.bin', name);

/** Installs the packages of the lock file unless that has been done for this very lock file. */
export async function ensurePackages() {
  const stamp = at('node_modules', '.pace-slate-lock');
  const lock = createHash('sha256')
    .update(readFileSync(at('package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  console.log('Installing what is missing …');
  const install = (...more) =>
    runAside('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error', ...more], process.env);
  // What npm keeps is taken unasked; what it keeps may be too old for this lock file, and then it asks.
  if ((await install('--prefer-offline')) !== 0 && (await install()) !== 0) {
    console.error('The packages could not be installed. Is the npm registry reachable?');
    process.exit(1);
  }
  writeFileSync(stamp, lock);
}

/** The build is newer than everything it is made from. */
export function isBuilt() {
  const index = at('dist', 'index.html');
  const built = existsSync(index) ? statSync(index).mtimeMs : 0;
  const sources = ['src', 'public', 'dances', 'index.html', 'vite.config.ts', 'package-lock.json'];
  return Math.max(...sources.map((source) => newest(at(source)))) < built;
}

export function ensureBuild() {
  if (isBuilt()) return;
  console.log('Building …');
  if (run(tool('vite'), ['build', '--logLevel', 'warn']) !== 0) process.exit(1);
}

function newest(file) {
  const stats = statSync(file);
  if (!stats.isDirectory()) return stats.mtimeMs;
  return Math.max(stats.mtimeMs, ...readdirSync(file).map((name) => newest(path.join(file, name))));
}

/** The shell without a window is the same browser, from the same sources, and costs little more than half the time. */
const CHROMIUM_PLACES = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium', '/usr/bin/chromium-browser'];

/** Runs a command beside whatever else is done, only its complaints shown; resolves with its exit code. */
const runAside = (command, args, env) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, env, stdio: ['ignore', 'ignore', 'inherit'] });
    child.on('error', () => resolve(1));
    child.on('close', (code) => resolve(code ?? 1));
  });

/** What the tests of recordings make them with, and the packages it comes in. */
const SOX = { place: '/usr/bin/sox', packages: ['sox', 'libsox-fmt-base', 'libsox-fmt-mp3'] };

/**
 * The browser for the tests: CHROMIUM_PATH, else Debian's, else installed from Debian's packages when we may, beside what else goes
 * on. `withSox`: sox as well.
 */
export async function ensureChromium(withSox = false) {
  const named = process.env.CHROMIUM_PATH;
  if (named && !existsSync(named)) {
    console.error(`CHROMIUM_PATH names ${named}, and there is no such file.`);
    process.exit(1);
  }
  const found = () => named ?? CHROMIUM_PLACES.find((place) => existsSync(place));
  const missing = () => [
    ...(found() ? [] : ['chromium-headless-shell']),
    ...(withSox && !existsSync(SOX.place) ? SOX.packages : []),
  ];
  if (missing().length > 0 && process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.log(`Installing ${missing().join(', ')} from Debian’s packages …`);
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    await runAside('apt-get', ['update', '-qq'], env);
    await runAside('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...missing()], env);
  }
  if (missing().length > 0) {
    console.error(`The browser tests need ${missing().join(', ')}: install them (apt-get install), or name the browser in CHROMIUM_PATH.`); // prettier-ignore
    process.exit(1);
  }
  return found();
}

/** Starts the server on a port of its own; resolves with its address and the way to stop it. */
export function startServer(port) {
  const server = spawn(process.execPath, ['--import', 'tsx', at('src', 'server', 'main.ts'), '--port', String(port)], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    server.once('exit', (code) => reject(new Error(`The server stopped with ${code}.`)));
    server.stdout.on('data', (data) => {
      const address = /http:\/\/\S+/.exec(String(data))?.[0];
      if (address) resolve({ address, stop: () => server.kill() });
    });
  });
}
