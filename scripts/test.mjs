/** `npm test`: installs what is missing, then every check there is. The last line is `N passed, N failed` over all tests. */
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages, ROOT, run, tool } from './lib.mjs';

ensurePackages();
process.env.CHROMIUM_PATH = ensureChromium();
const results = path.join(ROOT, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results);

let passed = 0;
let failed = 0;

/** A check without tests of its own counts as one. */
function check(name, command, args) {
  console.log(`\n== ${name}`);
  if (run(command, args) === 0) passed += 1;
  else {
    failed += 1;
    console.log(`${name}: not clean`);
  }
}

/** Counts a runner's own tests from its report; a runner that fails without a failed test counts as one. */
function tests(name, command, args, file, count) {
  console.log(`\n== ${name}`);
  const code = run(command, args);
  const report = existsSync(path.join(results, file))
    ? count(JSON.parse(readFileSync(path.join(results, file), 'utf8')))
    : { passed: 0, failed: 0 };
  passed += report.passed;
  failed += report.failed > 0 ? report.failed : code === 0 && report.passed > 0 ? 0 : 1;
}

check('lint', tool('eslint'), ['.', '--max-warnings', '0']);
check('formatting', tool('prettier'), ['--check', '--log-level', 'warn', '.']);
check('types of the core', tool('tsc'), ['-p', 'src/core/tsconfig.json']);
check('types', tool('tsc'), ['-p', 'tsconfig.json']);
check('boundaries', tool('depcruise'), ['--config', '.dependency-cruiser.cjs', 'src']);
tests(
  'unit tests',
  process.execPath,
  [
    '--experimental-vm-modules',
    '--no-warnings',
    'node_modules/jest/bin/jest.js',
    '--json',
    '--outputFile=test-results/unit.json',
    '--silent',
  ],
  'unit.json',
  (report) => ({
    passed: report.numPassedTests,
    failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
  }),
);
ensureBuild();
tests('browser tests', tool('playwright'), ['test'], 'e2e.json', ({ stats }) => ({
  passed: stats.expected + stats.flaky,
  failed: stats.unexpected,
}));

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
