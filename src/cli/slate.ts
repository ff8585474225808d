/** The same core without a screen. `npm run -s slate -- check FILE...`, `tidy`, `expand`, `name`, `convert`, `tempo`. */
import { parseArgs } from 'node:util';
import { HOUSE_STYLES, inLanguage, LANGUAGES } from '../core';
import { check } from './check';
import { EXPORT_IDS as CONVERSIONS } from '../formats/exports';
import type { Terminal } from './terminal';
import { REWRITES, rewriteFiles, type Rewrite } from './rewrite';

const STYLES = HOUSE_STYLES.map(({ id }) => id);
const USAGE = `Usage: slate check FILE... [--walls N] [--json] | tidy, expand or name FILE... [--write] [--style ${STYLES.join(', ')}] [--lang ${LANGUAGES.join(', ')}] | convert FILE... --to ${CONVERSIONS.join(', ')} [--out FILE] | tempo FILE.wav... [--json]   (- is standard input)`;
const MOST_WALLS = 96;

/** Resolves with the exit code. */
export async function slate(args: readonly string[], terminal: Terminal): Promise<number> {
  let parsed;
  try {
    parsed = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        json: { type: 'boolean' },
        walls: { type: 'string' },
        write: { type: 'boolean' },
        style: { type: 'string', default: STYLES[0] },
        lang: { type: 'string' },
        to: { type: 'string' },
        out: { type: 'string' },
      },
    });
  } catch {
    return terminal.refuse(USAGE);
  }
  const [command, ...files] = parsed.positionals;
  if (files.length === 0) return terminal.refuse(USAGE);
  if (command === 'check') return checkFiles(files, parsed.values.json === true, parsed.values.walls, terminal);
  if (command === 'convert') {
    const to = CONVERSIONS.find((form) => form === parsed.values.to);
    if (to) return (await import('./convert')).convertFiles(files, to, parsed.values.out, terminal);
    return terminal.refuse(`--to takes one of ${CONVERSIONS.join(', ')}.`);
  }
  if (command === 'tempo') return (await import('./tempo')).tempo(files, parsed.values.json === true, terminal);
  if (!REWRITES.some((rewrite) => rewrite === command)) return terminal.refuse(USAGE);
  const style = HOUSE_STYLES.find(({ id }) => id === parsed.values.style);
  if (!style) return terminal.refuse(`There is no style “${parsed.values.style}”; there are ${STYLES.join(', ')}.`);
  const { lang } = parsed.values;
  const language = LANGUAGES.find((one) => one === lang);
  if (lang !== undefined && !language) return terminal.refuse(`--lang takes one of ${LANGUAGES.join(', ')}.`);
  const own = language ? inLanguage(style, language) : style;
  return rewriteFiles(command as Rewrite, files, own, parsed.values.write === true, terminal);
}

async function checkFiles(
  files: readonly string[],
  json: boolean,
  wanted: string | undefined,
  terminal: Terminal,
): Promise<number> {
  const walls = Number(wanted ?? 8);
  if (!Number.isInteger(walls) || walls < 1 || walls > MOST_WALLS)
    return terminal.refuse(`--walls takes a whole number from 1 to ${MOST_WALLS}.`);
  return check(files, json, walls, terminal);
}
