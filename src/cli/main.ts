/** The same core without a screen. `npm run -s slate -- check FILE...`, `tidy`, `expand`, `name`, `convert`. */
import { parseArgs } from 'node:util';
import { HOUSE_STYLES } from '../core';
import { check } from './check';
import { convertFiles, CONVERSIONS } from './convert';
import { refuse } from './input';
import { REWRITES, rewriteFiles, type Rewrite } from './rewrite';

const STYLES = HOUSE_STYLES.map(({ id }) => id);
const USAGE = `Usage: slate check FILE... [--walls N] [--json] | tidy, expand or name FILE... [--write] [--style ${STYLES.join(', ')}] | convert FILE... --to ${CONVERSIONS.join(', ')}   (- is standard input)`;
const MOST_WALLS = 96;

process.exitCode = main(process.argv.slice(2));

function main(args: string[]): number {
  let parsed;
  try {
    parsed = parseArgs({
      args,
      allowPositionals: true,
      options: {
        json: { type: 'boolean' },
        walls: { type: 'string' },
        write: { type: 'boolean' },
        style: { type: 'string', default: STYLES[0] },
        to: { type: 'string' },
      },
    });
  } catch {
    return refuse(USAGE);
  }
  const [command, ...files] = parsed.positionals;
  if (files.length === 0) return refuse(USAGE);
  if (command === 'check') return checkFiles(files, parsed.values.json === true, parsed.values.walls);
  if (command === 'convert') {
    const to = CONVERSIONS.find((form) => form === parsed.values.to);
    return to ? convertFiles(files, to) : refuse(`--to takes one of ${CONVERSIONS.join(', ')}.`);
  }
  if (!REWRITES.some((rewrite) => rewrite === command)) return refuse(USAGE);
  const style = HOUSE_STYLES.find(({ id }) => id === parsed.values.style);
  if (!style) return refuse(`There is no style “${parsed.values.style}”; there are ${STYLES.join(', ')}.`);
  return rewriteFiles(command as Rewrite, files, style, parsed.values.write === true);
}

function checkFiles(files: readonly string[], json: boolean, wanted: string | undefined): number {
  const walls = Number(wanted ?? 8);
  if (!Number.isInteger(walls) || walls < 1 || walls > MOST_WALLS)
    return refuse(`--walls takes a whole number from 1 to ${MOST_WALLS}.`);
  return check(files, json, walls);
}
