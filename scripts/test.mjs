/**
 * `npm test`: installs what is missing, then every check there is, two at a time (one a core), and last the browser tests, three at a
 * time (each waits for its page now and then). What a check prints is shown when it ends; the last line is `N passed, N failed` over
 * all tests.
 */
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { at, ensureChromium, ensurePackages, isBuilt, ROOT, tool } from './lib.mjs';

// The browser and sox come from elsewhere than the packages: both are fetched at once, and only the browser tests wait for it.
const chromium = ensureChromium(true);
await ensurePackages();
const results = path.join(ROOT, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results);

/** The compiler in machine code: a quarter of the time. ESLint still reads the types of the one before it. */
const COMPILER = at('node_modules', 'typescript-native', 'bin', 'tsc');
/** Parts of about half a minute, so that no slot stands empty at the end. */
const UNIT_PARTS = 4;
const BROWSER_WORKERS = 3;

const parts = (count, jobOf) => Array.from({ length: count }, (_, index) => jobOf(index + 1, `${index + 1}/${count}`));

const jobs = [
  {
    name: 'build',
    command: isBuilt() ? [process.execPath, '--version'] : [tool('vite'), 'build', '--logLevel', 'warn'],
    isCheck: true,
  },
  { name: 'lint', command: [tool('eslint'), '.', '--max-warnings', '0'], isCheck: true },
  ...parts(UNIT_PARTS, (number, shard) => ({
    name: `unit tests ${shard}`,
    command: [
      process.execPath,
      '--experimental-vm-modules',
      '--no-warnings',
      'node_modules/jest/bin/jest.js',
      '--runInBand',
      '--silent',
      `--shard=${shard}`,
      '--json',
      `--outputFile=test-results/unit-${number}.json`,
    ],
    report: `unit-${number}.json`,
    count: (report) => ({
      passed: report.numPassedTests,
      failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
    }),
  })),
  { name: 'types of the core', command: [process.execPath, COMPILER, '-p', 'src/core/tsconfig.json'], isCheck: true },
  { name: 'types', command: [process.execPath, COMPILER, '-p', 'tsconfig.json'], isCheck: true },
  { name: 'formatting', command: [tool('prettier'), '--check', '--log-level', 'warn', '.'], isCheck: true },
  { name: 'boundaries', command: [tool('depcruise'), '--config', '.dependency-cruiser.cjs', 'src'], isCheck: true },
  { name: 'nothing unused', command: [tool('knip')], isCheck: true },
];

const browserTests = {
  name: 'browser tests',
  command: [tool('playwright'), 'test', `--workers=${BROWSER_WORKERS}`],
  report: 'e2e.json',
  count: ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
};

/** Runs a command to its end, its output held back; gives its exit code and what it printed. */
function runQuietly([command, ...args]) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    const printed = [];
    child.stdout.on('data', (data) => printed.push(data));
    child.stderr.on('data', (data) => printed.push(data));
    child.on('error', (error) => resolve({ code: 1, output: String(error) }));
    child.on('close', (code) => resolve({ code: code ?? 1, output: Buffer.concat(printed).toString().trim() }));
  });
}

/** A check without tests of its own counts as one; a runner that fails without a failed test counts as one, too. */
function tallyOf({ isCheck, report, count }, code) {
  if (isCheck) return code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
  const file = path.join(results, report);
  const counted = existsSync(file) ? count(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: 0 };
  const isSound = code === 0 && counted.passed > 0;
  return { passed: counted.passed, failed: Math.max(counted.failed, isSound ? 0 : 1) };
}

const started = performance.now();
const waiting = [...jobs];
let passed = 0;
let failed = 0;

/** Runs one job, adds up its tests, says how it went, and what it printed if that matters. */
async function runJob(job) {
  const begun = performance.now();
  const { code, output } = await runQuietly(job.command);
  const tally = tallyOf(job, code);
  passed += tally.passed;
  failed += tally.failed;
  const seconds = Math.round((performance.now() - begun) / 1000);
  const state = tally.failed > 0 ? `${tally.failed} failed` : job.isCheck ? 'clean' : `${tally.passed} passed`;
  console.log(`== ${job.name}: ${state}, ${seconds} s`);
  if (tally.failed > 0 || (job.isCheck && output && !output.startsWith('v'))) console.log(`${output}\n`);
}

/** Takes jobs as long as there are any. */
async function slot() {
  for (let job = waiting.shift(); job; job = waiting.shift()) await runJob(job);
}

await Promise.all(Array.from({ length: Math.max(1, Math.min(2, availableParallelism())) }, slot));
process.env.CHROMIUM_PATH = await chromium;
await runJob(browserTests);
console.log(`\n${Math.round((performance.now() - started) / 1000)} s`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
