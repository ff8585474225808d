/** The same core without a screen. `npm run -s slate -- check FILE...`, `tidy`, `expand`, `name`, `convert`, `tempo`. */
import { parseArgs } from 'node:util';
import { HOUSE_STYLES, inLanguage, LANGUAGES } from '../core';
import { check } from './check';
import { SAID_AS } from '../formats/aloud';
import { ALOUD_IDS } from '../formats/aloud-forms';
import { EXPORT_IDS } from '../formats/exports';
import type { Terminal } from './terminal';
import { REWRITES, rewriteFiles, type Rewrite } from './rewrite';

const CONVERSIONS = [...EXPORT_IDS, ...ALOUD_IDS] as const;
const STYLES = HOUSE_STYLES.map(({ id }) => id);
const USAGE = `Usage: slate check FILE... [--walls N] [--json] | tidy, expand or name FILE... [--write] [--style ${STYLES.join(', ')}] [--lang ${LANGUAGES.join(', ')}] | convert FILE... --to ${CONVERSIONS.join(', ')} [--out FILE] [--walls N] [--cues ${SAID_AS.join(', ')}] [--bpm N] [--start SECONDS] | tempo FILE.wav... [--json]   (- is standard input)`;
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
        cues: { type: 'string', default: 'short' },
        bpm: { type: 'string' },
        start: { type: 'string', default: '0' },
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
    const saying = sayingOf(parsed.values);
    if (typeof saying === 'string') return terminal.refuse(saying);
    if (to) return (await import('./convert')).convertFiles(files, to, parsed.values.out, terminal, saying);
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

/** How a dance is said, or what is wrong with what was asked. */
function sayingOf({ walls, cues, bpm, start, lang }: Partial<Record<'walls' | 'cues' | 'bpm' | 'start' | 'lang', string>>) {
  const said = SAID_AS.find((one) => one === cues);
  const [tempo, second] = [Number(bpm ?? 0), Number(start ?? 0)];
  const language = LANGUAGES.find((one) => one === lang);
  if (!said) return `--cues takes one of ${SAID_AS.join(', ')}.`;
  if (bpm !== undefined && !(tempo >= 20 && tempo <= 400)) return '--bpm takes beats a minute from 20 to 400.';
  if (!(second >= 0 && second < 36_000)) return '--start takes the seconds before the first step.';
  if (lang !== undefined && !language) return `--lang takes one of ${LANGUAGES.join(', ')}.`;
  if (walls !== undefined && !isWalls(Number(walls))) return WALLS_WANTED;
  return { cues: said, start: second, ...(walls && { walls: Number(walls) }), ...(bpm && { tempo }), ...(language && { language }) };
} // prettier-ignore

const isWalls = (walls: number): boolean => Number.isInteger(walls) && walls >= 1 && walls <= MOST_WALLS;
const WALLS_WANTED = `--walls takes a whole number from 1 to ${MOST_WALLS}.`;

async function checkFiles(
  files: readonly string[],
  json: boolean,
  wanted: string | undefined,
  terminal: Terminal,
): Promise<number> {
  const walls = Number(wanted ?? 8);
  if (!isWalls(walls)) return terminal.refuse(WALLS_WANTED);
  return check(files, json, walls, terminal);
}
