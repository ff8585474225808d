/**
 * Sheets with their truth: `NAME.txt` as somebody wrote it, `NAME.truth` what it means foot by foot, `NAME.slips` slips that must be
 * told. The notation is in `docs/sheets.md`. What is counted: lines danced rightly (feet, counts and turn), sections and
 * walls that come out right, errors and warnings on sheets that are right, slips told.
 */
import { readdirSync, readFileSync, existsSync } from 'node:fs';
import path from 'node:path';
import { reportDance, type Report } from '../../src/core/index';
import { checked } from './checked';

interface TruthAction {
  readonly count: string;
  readonly foot: string;
  readonly kind: string;
  /** Parts of a circle, 48 a circle, right positive. */
  readonly turn: number;
}

interface TruthBlock {
  readonly isTag: boolean;
  readonly name: string;
  readonly counts: number;
  from?: { readonly weight: string; readonly facing: number };
  readonly lines: { readonly line: number; readonly actions: readonly TruthAction[] }[];
}

export interface Truth {
  start: string;
  readonly blocks: TruthBlock[];
  readonly walls: { readonly wall: number; readonly start: string; readonly counts: number; readonly end: string }[];
  readonly accepted: { readonly code: string; readonly line: number }[];
}

export interface SheetScore {
  readonly name: string;
  lines: number;
  right: number;
  sections: number;
  sectionsRight: number;
  walls: number;
  wallsRight: number;
  falseFindings: number;
  slips: number;
  slipsTold: number;
  /** Everything that is missed or told although it is right, by name: `w1-03 line 12`. */
  readonly misses: string[];
}

const CIRCLE = 48;

function partsOf(fraction: string): number {
  const [whole, above, below] = /^([+-]?)(\d+)(?:\/(\d+))?$/.exec(fraction)?.slice(1) ?? ['', fraction, undefined];
  return ((Number(above) * CIRCLE) / Number(below ?? 1)) * (whole === '-' ? -1 : 1);
}

const facingOf = (hour: string): number => {
  const [hours, minutes] = hour.split(':').map(Number);
  return ((hours % 12) * 4 + minutes / 15) % CIRCLE;
};

const hourOf = (facing: number): string => {
  const quarters = ((facing % CIRCLE) + CIRCLE) % CIRCLE;
  return `${Math.floor(quarters / 4) || 12}:${String((quarters % 4) * 15).padStart(2, '0')}`;
};

export function readTruth(text: string): Truth {
  const truth: Truth = { start: 'L', blocks: [], walls: [], accepted: [] };
  for (const raw of text.split('\n')) {
    const line = raw.split('#')[0].trim();
    const words = line.split(/\s+/);
    const numbered = /^(\d+):(.*)$/.exec(line);
    const block = truth.blocks[truth.blocks.length - 1];
    if (line === '') continue;
    if (numbered) block.lines.push({ line: Number(numbered[1]), actions: readActions(numbered[2]) });
    else if (words[0] === 'start') truth.start = words[1];
    else if (words[0] === 'S' || words[0] === 'T')
      truth.blocks.push({
        isTag: words[0] === 'T',
        name: words.slice(1, -1).join(' '),
        counts: Number(words[words.length - 1]),
        lines: [],
      });
    else if (words[0] === 'from') block.from = { weight: words[1], facing: facingOf(words[2]) };
    else if (words[0] === 'W')
      truth.walls.push({ wall: Number(words[1]), start: words[2], counts: Number(words[3]), end: words[4] });
    else if (words[0] === 'accept') truth.accepted.push({ code: words[1], line: Number(words[2] ?? 0) });
  }
  return truth;
}

const readActions = (text: string): TruthAction[] =>
  text
    .split(';')
    .map((action) => action.trim().split(/\s+/))
    .filter((parts) => parts.length >= 3)
    .map(([count, foot, kind, turn = '0']) => ({ count, foot, kind, turn: partsOf(turn) }));

/** What a sheet comes to: the weight and the hour after every block, in order. */
export function danceTruth(
  truth: Truth,
): { readonly block: TruthBlock; readonly weight: string; readonly facing: string }[] {
  let [weight, facing, part] = [truth.start, 0, ''];
  return truth.blocks.map((block) => {
    const own = block.name.includes('.') ? block.name.split('.')[0] : '';
    if (block.from) [weight, facing] = [block.from.weight, block.from.facing];
    else if (block.isTag || own !== part) facing = 0;
    if (!block.isTag) part = own;
    for (const { line, actions } of block.lines)
      for (const { foot, kind, turn } of actions) {
        if ((kind === 's' || kind === 'g') && weight === foot)
          throw new Error(`line ${line}: ${foot} bears the weight`);
        if (kind === 's') weight = foot;
        else if (kind === 'b') weight = 'both';
        facing += turn;
      }
    return { block, weight, facing: hourOf(facing) };
  });
}

/** A count as it is compared: running numbers are brought back to the section, parts of a count lose their number. */
function labelIn(label: string, length: number): string {
  const bare = label.replace(/\d+(?=[&ea])/g, '');
  return /^\d+$/.test(bare) ? String(((Number(bare) - 1) % length) + 1) : bare;
}

interface Got {
  readonly steps: string[];
  turn: number;
  understood: boolean;
}

export function linesGot(report: Report, length: number): Map<number, Got> {
  const lines = new Map<number, Got>();
  for (const section of [...report.parts, ...report.tags].flatMap(({ sections }) => sections))
    for (const { line, actions, understood } of section.lines) {
      const got = lines.get(line) ?? { steps: [], turn: 0, understood: true };
      lines.set(line, got);
      got.understood &&= understood;
      for (const { count, foot, takesWeight, turn } of actions) {
        got.turn += Math.round(turn * CIRCLE);
        if (takesWeight && foot) got.steps.push(`${labelIn(count, length)}${foot}`);
      }
    }
  return lines;
}

function linesWanted(truth: Truth, length: number): Map<number, { steps: string[]; turn: number }> {
  const lines = new Map<number, { steps: string[]; turn: number }>();
  for (const { line, actions } of truth.blocks.flatMap((block) => block.lines)) {
    const wanted = lines.get(line) ?? { steps: [], turn: 0 };
    lines.set(line, wanted);
    for (const { count, foot, kind, turn } of actions) {
      wanted.turn += turn;
      if (kind === 's') wanted.steps.push(`${labelIn(count, length)}${foot}`);
    }
  }
  return lines;
}

const study = (text: string, walls: number): Report => {
  const { dance, findings } = checked(text);
  return reportDance(dance, findings, walls);
};

export const accusations = (report: Report) => report.findings.filter(({ severity }) => severity !== 'remark');

type Scores = { -readonly [key in keyof SheetScore]: SheetScore[key] };

function scoreSheet(name: string, text: string, truth: Truth, slips: readonly Slip[]): SheetScore {
  const report = study(text, 12);
  const score: Scores = { name, lines: 0, right: 0, sections: 0, sectionsRight: 0, walls: 0, wallsRight: 0, falseFindings: 0, slips: 0, slipsTold: 0, misses: [] }; // prettier-ignore
  const miss = (what: string): number => {
    score.misses.push(`${name} ${what}`);
    return 0;
  };
  scoreLines(report, truth, score, miss);
  scoreSections(report, truth, score, miss);
  for (const { wall, start, counts, end } of truth.walls) {
    const own = report.walls.find((one) => one.wall === wall);
    score.walls += 1;
    const isRight = own?.start === start && own.counts === counts && own.end === end;
    score.wallsRight += isRight ? 1 : miss(`wall ${wall}`);
  }
  const isAccepted = (code: string, line: number): boolean =>
    truth.accepted.some((one) => one.code === code && (one.line === 0 || one.line === line));
  const accused = accusations(report).filter(({ code, line }) => !isAccepted(code, line));
  score.falseFindings = accused.length;
  for (const { code, line } of accused) miss(`accused of ${code} in line ${line}`);
  const known = new Set(accusations(report).map(({ code, message }) => `${code} ${message}`));
  for (const slip of slips) {
    score.slips += 1;
    score.slipsTold += isTold(text, slip, known) ? 1 : miss(`slip of line ${slip.line}: ${slip.words ?? 'left out'}`);
  }
  return score;
}

type Miss = (what: string) => number;

function scoreLines(report: Report, truth: Truth, score: Scores, miss: Miss): void {
  const parts = truth.blocks.filter(({ isTag }) => !isTag);
  const length = parts.every(({ counts }) => counts === 6) ? 6 : 8;
  const got = linesGot(report, length);
  for (const [line, { steps, turn }] of linesWanted(truth, length)) {
    const own = got.get(line);
    const isRight = own?.understood === true && own.turn === turn && own.steps.join(' ') === steps.join(' ');
    score.lines += 1;
    score.right += isRight ? 1 : miss(`line ${line}`);
  }
}

function scoreSections(report: Report, truth: Truth, score: Scores, miss: Miss): void {
  const sections = new Map(
    report.parts.flatMap((part) => part.sections.map((section) => [part.name ? `${part.name}.${section.number}` : `${section.number}`, section] as const)),
  ); // prettier-ignore
  for (const { block, weight, facing } of danceTruth(truth).filter((one) => !one.block.isTag)) {
    const own = sections.get(block.name);
    score.sections += 1;
    const isRight = own?.counts === block.counts && own.weight === weight && own.facing === facing;
    score.sectionsRight += isRight ? 1 : miss(`section ${block.name}`);
  }
}

interface Slip {
  readonly line: number;
  readonly groups: readonly string[];
  /** The line with the slip; undefined where it is left out. */
  readonly words: string | undefined;
}

function isTold(text: string, { line, groups, words }: Slip, known: ReadonlySet<string>): boolean {
  const lines = text.split('\n');
  lines.splice(line - 1, 1, ...(words === undefined ? [] : [words]));
  const found = accusations(study(lines.join('\n'), 8)).filter(({ code, message }) => !known.has(`${code} ${message}`));
  return found.some((finding) => Math.abs(finding.line - line) <= 3 || groups.includes(finding.group));
}

const readSlips = (text: string): Slip[] =>
  text
    .split('\n')
    .map((line) => line.split('|').map((cell) => cell.trim()))
    .filter((cells) => cells.length >= 5)
    .map(([line, groups, , words]) => ({
      line: Number(line),
      groups: groups.split('/'),
      words: words === '-' ? undefined : words,
    }));

/** Every sheet of a folder, with what it comes to. */
export function scoreFolder(folder: string): SheetScore[] {
  const names = readdirSync(folder).filter((file) => file.endsWith('.truth'));
  return names.map((file) => {
    const base = path.join(folder, file.slice(0, -'.truth'.length));
    const read = (ending: string): string => readFileSync(`${base}.${ending}`, 'utf8');
    const slips = existsSync(`${base}.slips`) ? readSlips(read('slips')) : [];
    return scoreSheet(path.basename(base), read('txt'), readTruth(read('truth')), slips);
  });
}

/** Names of the misses that are known, of a file beside the folder. */
export const knownMisses = (file: string): string[] =>
  readFileSync(file, 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'));

/** Misses that nobody knew, and known ones that are none any more: both lists change by hand. */
export const newsOf = (misses: readonly string[], known: readonly string[]) => ({
  missed: misses.filter((one) => !known.includes(one)),
  mended: known.filter((one) => !misses.includes(one)),
});

export const sumOf = (scores: readonly SheetScore[]): Omit<SheetScore, 'name' | 'misses'> => {
  const sum = { lines: 0, right: 0, sections: 0, sectionsRight: 0, walls: 0, wallsRight: 0, falseFindings: 0, slips: 0, slipsTold: 0 }; // prettier-ignore
  for (const score of scores) for (const key of Object.keys(sum) as (keyof typeof sum)[]) sum[key] += score[key];
  return sum;
};
