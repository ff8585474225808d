/** `npm start`: installs what is missing, builds, serves with demo data, prints the address. `--dev` serves the sources. */
import { ensureBuild, ensurePackages, run, tool } from './lib.mjs';

const args = process.argv.slice(2);
await ensurePackages();
if (args.includes('--dev')) {
  process.exit(run(tool('vite'), ['--host', '127.0.0.1', ...args.filter((arg) => arg !== '--dev')]));
}
ensureBuild();
process.exit(run(process.execPath, ['--import', 'tsx', 'src/server/main.ts', ...args]));
