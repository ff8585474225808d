/** The command line as it is run: `npm run -s slate -- check FILE...`. */
import { readFileSync } from 'node:fs';
import { slate } from './slate';
import { terminalOf } from './terminal';

const terminal = terminalOf({
  read: () => readFileSync(0),
  write: (made) => void process.stdout.write(made),
  complain: (sentence) => void process.stderr.write(sentence),
});

void slate(process.argv.slice(2), terminal).then((code) => (process.exitCode = code));
