/** Two states of a dance compared in dancers' words: what each line says now, and what comes of it on the walls. */
import { KNOWN } from '../vocabulary';
import type { Dance, DancedBlock, DancedLine, DancedSection } from '../dancing/dance';
import { CIRCLE, hourOfFacing } from '../model/turns';
import { printCalls } from '../printing/calls';
import { SLATE_STYLE, styledAmount, styledDirection, tongueOf, type HouseStyle } from '../printing/style';
import type { Call } from '../grammar/steps/cut';
import { wallsOf } from '../walls/table';
import { wallHappenings } from './happenings';

export interface Change {
  /** `Section 3`, `Walls`, `Facts`. */
  readonly place: string;
  /** `the second shuffle now turns 1/2 right (1/4 right before)`. */
  readonly words: string;
  /** What the line says before and after, where it is a line. */
  readonly before?: string;
  readonly after?: string;
}

export function compareDances(before: Dance, after: Dance): Change[] {
  return [
    ...factChanges(before, after),
    ...blockChanges(before, after),
    ...lengthChanges(before, after),
    ...wallChanges(before, after),
    ...wordChanges(before, after),
  ];
}

// Facts

function factChanges(before: Dance, after: Dance): Change[] {
  const facts = ({ script }: Dance): Map<string, string> =>
    new Map([['title', script.title], ...script.header.entries.map(({ key, value }) => [key, value] as const)]);
  const [old, now] = [facts(before), facts(after)];
  return [...new Set([...old.keys(), ...now.keys()])].flatMap((key): Change[] => {
    const [was, is] = [old.get(key) ?? '', now.get(key) ?? ''];
    if (was === is) return [];
    const words =
      was === ''
        ? `${key}: ${is}`
        : is === ''
          ? `${key} is gone (${was} before)`
          : `${key} is now ${is} (${was} before)`;
    return [{ place: 'Facts', words }];
  });
}

// Sections

interface Named {
  readonly name: string;
  readonly own: DancedSection;
}

const sectionsOf = (dance: Dance): Named[] =>
  [...dance.parts, ...dance.tags].flatMap((block) => block.sections.map((own) => ({ name: nameOf(block, own), own })));

function nameOf({ block }: DancedBlock, { text }: DancedSection): string {
  if (block.kind === 'tag') return `Tag ${block.name}`.trim();
  return block.name ? `Part ${block.name}, section ${text.number}` : `Section ${text.number}`;
}

const linesOf = ({ lines }: DancedSection): string => lines.map(({ line }) => normal(line.text)).join('\n');
const normal = (text: string): string => text.trim().replace(/\s+/g, ' ');

function blockChanges(before: Dance, after: Dance): Change[] {
  const [old, now] = [sectionsOf(before), sectionsOf(after)];
  const left = new Map(old.map((section) => [section.name, section]));
  const changes: Change[] = [];
  for (const section of now) {
    const was = left.get(section.name);
    left.delete(section.name);
    if (was) changes.push(...sectionChanges(section.name, was.own, section.own));
    else {
      const moved = old.find(({ own }) => linesOf(own) === linesOf(section.own));
      changes.push({
        place: section.name,
        words: moved ? `is new, danced as ${moved.name.toLowerCase()} was` : 'is new',
        after: linesOf(section.own),
      });
    }
  }
  for (const { name, own } of left.values()) changes.push({ place: name, words: 'is gone', before: linesOf(own) });
  return changes;
}

/** Lines that stayed keep their order; between them the old are set against the new. */
function sectionChanges(place: string, before: DancedSection, after: DancedSection): Change[] {
  const changes: Change[] = [];
  if (before.text.title !== after.text.title && after.text.title)
    changes.push({ place, words: `is now called “${after.text.title}”` });
  const pairs = align(before.lines, after.lines);
  for (const [old, now] of pairs) {
    if (old && now) changes.push(...lineChanges(place, old, now));
    else if (now) changes.push({ place, words: `new: ${words(now)}`, after: normal(now.line.text) });
    else if (old) changes.push({ place, words: `no more: ${words(old)}`, before: normal(old.line.text) });
  }
  return changes;
}

type Pair = readonly [DancedLine | undefined, DancedLine | undefined];

/** The longest run of equal lines in order (by dynamic programming); what is between is paired by the counts, then in order. */
function align(before: readonly DancedLine[], after: readonly DancedLine[]): Pair[] {
  const same = (i: number, j: number): boolean => normal(before[i].line.text) === normal(after[j].line.text);
  const table = Array.from({ length: before.length + 1 }, () => new Array<number>(after.length + 1).fill(0));
  for (let i = before.length - 1; i >= 0; i--)
    for (let j = after.length - 1; j >= 0; j--)
      table[i][j] = same(i, j) ? table[i + 1][j + 1] + 1 : Math.max(table[i + 1][j], table[i][j + 1]);
  const pairs: Pair[] = [];
  let [i, j] = [0, 0];
  while (i < before.length || j < after.length) {
    if (i < before.length && j < after.length && same(i, j)) {
      pairs.push([before[i], after[j]]);
      [i, j] = [i + 1, j + 1];
      continue;
    }
    const [olds, nows]: [DancedLine[], DancedLine[]] = [[], []];
    while ((i < before.length || j < after.length) && !(i < before.length && j < after.length && same(i, j))) {
      if (j >= after.length || (i < before.length && table[i + 1][j] >= table[i][j + 1])) olds.push(before[i++]);
      else nows.push(after[j++]);
    }
    pairs.push(...byCounts(olds, nows));
  }
  return pairs;
}

function byCounts(olds: readonly DancedLine[], nows: readonly DancedLine[]): Pair[] {
  const left = [...olds];
  const pairs: Pair[] = nows.map((now) => {
    const at = left.findIndex((old) => countsOf(old) === countsOf(now));
    return [at < 0 ? undefined : left.splice(at, 1)[0], now];
  });
  return [...left.map((old): Pair => [old, undefined]), ...pairs];
}

const countsOf = ({ line }: DancedLine): string => {
  const counts = line.step?.groups[0]?.counts;
  return counts ? normal(line.text.slice(counts.span.from, counts.span.to)) : '';
};

const callsOf = ({ line }: DancedLine): Call[] => line.step?.groups.flatMap(({ calls }) => calls) ?? [];

/** The calls of a line in one style, with its counts. */
function words(danced: DancedLine, style: HouseStyle = SLATE_STYLE): string {
  const { step } = danced.line;
  const calls = step?.groups
    .map((group) =>
      group.repeat
        ? step.text.slice(group.repeat.span.from, group.repeat.span.to)
        : printCalls(group.calls, step.text, style),
    )
    .join('; ');
  return `${countsOf(danced)} ${calls ?? ''}`.trim();
}

const NTH = ['', 'second ', 'third ', 'fourth ', 'fifth ', 'sixth '];

function lineChanges(place: string, old: DancedLine, now: DancedLine): Change[] {
  const [was, is] = [normal(old.line.text), normal(now.line.text)];
  if (was === is) return [];
  const lines = { before: was, after: is };
  const [before, after] = [callsOf(old), callsOf(now)];
  const said: string[] = [];
  if (countsOf(old) !== countsOf(now)) said.push(`now on ${countsOf(now)} (${countsOf(old)} before)`);
  const sameFigures =
    before.length === after.length && before.every((call, index) => call.figure?.id === after[index].figure?.id);
  if (sameFigures)
    after.forEach((call, index) => {
      const changed = callChange(before[index], call);
      if (changed) said.push(`the ${nameCall(after, index, now)} ${changed}`);
    });
  else said.push(`${words(now)} (${words(old)} before)`);
  if (said.length === 0) {
    const marks =
      JSON.stringify(danced(old)) === JSON.stringify(danced(now)) ? 'only words and marks differ' : 'danced otherwise';
    return [{ place, words: `${countsOf(now) || 'a line'}: ${marks}`, ...lines }];
  }
  return [{ place, words: said.join('; '), ...lines }];
}

const danced = ({ moments }: DancedLine): unknown =>
  moments.map(({ action, tick }) => [tick, action.foot, action.word, action.direction, action.turn]);

/** `second shuffle` where a section has several of them; with its counts where it stands alone. */
function nameCall(calls: readonly Call[], index: number, line: DancedLine): string {
  const { figure } = calls[index];
  const name = figure?.names.en[0] ?? 'call';
  const inSection =
    line.line.section?.lines.flatMap(({ step }) => step?.groups.flatMap((group) => group.calls) ?? []) ?? [];
  const alike = inSection.filter((call) => call.figure?.id === figure?.id);
  const nth = alike.length > 1 ? alike.indexOf(calls[index]) : -1;
  return nth < 0 ? name : `${nth === 0 ? 'first ' : (NTH[nth] ?? '')}${name}`;
}

function callChange(before: Call, after: Call): string | undefined {
  const said: string[] = [];
  const turn = ({ turn: own, figure }: Call): string => {
    if (!own) return '';
    return tongueOf(SLATE_STYLE).turn({
      amount: own.amount === undefined ? '' : styledAmount(own.amount, SLATE_STYLE),
      isFull: own.amount === CIRCLE,
      ...(own.way && { way: own.way }),
      ...(own.target !== undefined && { target: hourOfFacing(own.target) }),
      isOpen: own.open === true,
      isTotal: false,
      of: figure === KNOWN.fullTurn ? 'full-turn' : 'place',
      wording: 'turning',
    });
  };
  const [old, now] = [turn(before), turn(after)];
  if (old !== now)
    said.push(
      now === '' ? `no longer turns (${old} before)` : `now turns ${now}${old === '' ? '' : ` (${old} before)`}`,
    );
  const foot = (call: Call): string => (call.feet ?? [call.foot ?? call.travel]).filter(Boolean).join(' ');
  if (foot(before) !== foot(after))
    said.push(
      foot(after)
        ? `is now on ${foot(after)}${foot(before) ? ` (${foot(before)} before)` : ''}`
        : 'names no foot any more',
    );
  if (before.direction !== after.direction)
    said.push(
      after.direction ? `now goes ${styledDirection(after.direction, SLATE_STYLE)}` : 'names no direction any more',
    );
  if (before.repeat !== after.repeat) said.push(`is now danced ${after.repeat} times (${before.repeat} before)`);
  return said.length === 0 ? undefined : said.join(' and ');
}

// What comes of it

function lengthChanges(before: Dance, after: Dance): Change[] {
  const changes: Change[] = [];
  if (before.counts !== after.counts)
    changes.push({ place: 'Dance', words: `now has ${after.counts} counts (${before.counts} before)` });
  if (before.loops !== after.loops && after.counts > 0)
    changes.push({ place: 'Dance', words: after.loops ? 'now joins its beginning' : 'no longer joins its beginning' });
  return changes;
}

const MOST_WALLS = 24;

/** Walls that start or end elsewhere, run together; and what happens on them. */
function wallChanges(before: Dance, after: Dance): Change[] {
  const own = (dance: Dance) =>
    wallsOf(dance)
      .walls.filter(({ kind }) => kind === 'part')
      .slice(0, MOST_WALLS);
  const [old, now] = [own(before), own(after)];
  return now.flatMap((wall, index): Change[] => {
    const was = old[index];
    if (!was) return [];
    const said: string[] = [];
    if (was.end !== wall.end)
      said.push(`wall ${wall.number} now ends ${hourOfFacing(wall.end)} (${hourOfFacing(was.end)} before)`);
    const [did, does] = [wallHappenings(was).join('; '), wallHappenings(wall).join('; ')];
    if (did !== does)
      said.push(
        does
          ? `wall ${wall.number}: ${does}${did ? ` (${did} before)` : ''}`
          : `wall ${wall.number}: nothing happens any more (${did} before)`,
      );
    return said.map((one) => ({ place: 'Walls', words: one }));
  });
}

/** Notes, options and other words, line by line. */
function wordChanges(before: Dance, after: Dance): Change[] {
  const own = ({ script }: Dance): string[] =>
    script.lines
      .filter(({ kind }) => ['note', 'option', 'text', 'figure'].includes(kind))
      .map(({ text }) => normal(text));
  const [old, now] = [own(before), own(after)];
  return [
    ...now.filter((text) => !old.includes(text)).map((text) => ({ place: 'Words', words: 'new', after: text })),
    ...old.filter((text) => !now.includes(text)).map((text) => ({ place: 'Words', words: 'gone', before: text })),
  ];
}
