/** Tables of ways to say one thing, one a line, and how many of them are taken as they are meant. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { reportDance, type Report } from '../../src/core/index';
import { checked } from './checked';
import { accusations, danceTruth, linesGot, readTruth } from './truth';

const FOLDER = path.join(import.meta.dirname, '..', 'ways');

/** Lines of a table with the heading of their group; those that open with `#` say what the table is. */
function rowsOf(file: string): { readonly meant: string; readonly words: string }[] {
  let meant = '';
  return readFileSync(path.join(FOLDER, `${file}.txt`), 'utf8')
    .split('\n')
    .filter((line) => line.trim() !== '' && !line.startsWith('#'))
    .flatMap((line) => {
      if (!line.startsWith('=')) return [{ meant, words: line }];
      meant = line.slice(1).trim();
      return [];
    });
}

export interface WaysScore {
  readonly ways: number;
  readonly wrong: readonly string[];
  /** Ways that are accused although they are right, those of the shortness of a single line left out: as often as they are. */
  readonly accused: readonly string[];
}

const score = (
  file: string,
  judge: (meant: string, words: string) => { isRight: boolean; findings: number },
): WaysScore => {
  const rows = rowsOf(file).map((row) => ({ ...row, ...judge(row.meant, row.words) }));
  return {
    ways: rows.length,
    wrong: rows.flatMap(({ isRight, words }) => (isRight ? [] : [words])),
    accused: rows.flatMap(({ words, findings }) => Array.from({ length: findings }, () => words)),
  };
};

/** What a line that stands alone is told for standing alone. */
const OF_ONE_LINE: ReadonlySet<string> = new Set([
  'section-short',
  'wall-does-not-loop',
  'counts-claimed',
  'no-turn-missing',
]);

/** Lines of steps: counts, feet that take the weight, and the turn. */
export const scoreSteps = (language: string): WaysScore =>
  score(language, (meant, words) => {
    const [weight, actions] = meant.split('|').map((part) => part.trim());
    const truth = readTruth(`start ${weight}\nS 1 8\n4: ${actions}`);
    danceTruth(truth);
    const report = study(`start: weight ${weight === 'B' ? 'both feet' : weight}\n\n## Section 1\n${words}`);
    const got = linesGot(report, 8).get(4);
    const wanted = truth.blocks[0].lines[0].actions;
    const isRight =
      got?.understood === true &&
      got.turn === wanted.reduce((sum, { turn }) => sum + turn, 0) &&
      got.steps.join(' ') === wanted.filter(({ kind }) => kind === 's').map(({ count, foot }) => count + foot).join(' '); // prettier-ignore
    return { isRight, findings: accusations(report).filter(({ code }) => !OF_ONE_LINE.has(code)).length };
  });

const study = (text: string): Report => {
  const { dance, findings } = checked(text);
  return reportDance(dance, findings, 6);
};

const DANCE = [
  ['1-4 Vine right, touch left', '5-8 Vine left, touch right'],
  ['1-4 Rocking chair right', '5-8 Walk forward right, left, right, left'],
  ['1-4 Step right forward, pivot 1/2 left, step right forward, pivot 1/2 left', '5-8 Rocking chair right'],
  ['1-4 Jazz box with a quarter turn right', '5-8 Jazz box'],
];
const sheet = (head: readonly string[], foot: readonly string[]): string =>
  [
    'Lamplight on the Weir',
    ...head,
    '',
    ...DANCE.flatMap((lines, at) => [`Section ${at + 1}`, ...lines, '']),
    ...foot,
  ].join('\n');

/** Plans, each at the head of the sheet and at its foot: how far every wall goes, and what follows it. */
export const scorePlans = (): WaysScore =>
  score('plan', (meant, words) => {
    const said = new Map(meant.split(/\s+/).map((part) => part.split(':') as [string, string]));
    const wanted = [1, 2, 3, 4, 5, 6].map((wall) => {
      const what = said.get(String(wall));
      return what === '+' ? '32+' : (what ?? '32');
    });
    const reports = [study(sheet(['32 counts, 4 walls', words], [])), study(sheet(['32 counts, 4 walls'], [words]))];
    const isRight = reports.every(
      ({ walls }) => walls.map(({ counts, tags }) => `${counts}${tags.length > 0 ? '+' : ''}`).join() === wanted.join(),
    );
    return { isRight, findings: reports.flatMap(accusations).length };
  });

/** Facts in a line: 32 counts, 4 walls, and when to begin. */
export const scoreFacts = (): WaysScore =>
  score('facts', (_, words) => {
    const { dance, findings } = checked(sheet([words], []));
    const { counts, walls, entries } = dance.script.header;
    const begins = entries.some(({ key, value }) => /intro|start/.test(key) && /1[67]|sixteen/.test(value));
    return {
      isRight: counts?.value === 32 && walls?.value === 4 && begins,
      findings: findings.filter(({ severity }) => severity !== 'remark').length,
    };
  });
