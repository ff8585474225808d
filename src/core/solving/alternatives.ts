/**
 * Another way to dance the same lines: every action is changed by one function, the lines are put into words again, danced from where
 * they begin, and kept only when they take the same counts and leave the same weight and the same facing.
 */
import type { Dance, DancedBlock, DancedCall, DancedLine, Moment } from '../dancing/dance';
import { stateAt } from '../dancing/places';
import type { Action } from '../model/actions';
import type { Edit } from '../model/text';
import { TICKS_A_COUNT } from '../model/ticks';
import { CALL_COLUMN } from '../printing/calls';
import { printCounts } from '../printing/counts';
import type { Script } from '../reading/script';
import { spellAction } from '../rewriting/expand';
import { nameMoments } from '../rewriting/name';
import { danceSpoken, isWhole } from './spoken';
import { greatest } from '../model/numbers';

/** Lines running, of one part or tag. */
export interface LineStretch {
  readonly block: DancedBlock;
  readonly lines: readonly DancedLine[];
}

export interface Alternative extends LineStretch {
  readonly name: string;
  /** The other way, one string a line, without counts. */
  readonly words: readonly string[];
  /** Writes it into the script as an option. */
  readonly edits: readonly Edit[];
  /** What it spares, in dancers' words. */
  readonly about: string;
}

/** The other action for one moment; the same object where nothing changes. */
export type Changing = (moment: Moment, index: number, all: readonly Moment[]) => Action;

/** The whole call in other words, where it has a plain form of its own; undefined leaves it to its actions. */
export type Renaming = (call: DancedCall) => string | undefined;

/** Undefined when nothing changes, or when what comes out does not fit. */
export function alternativeOf(
  dance: Dance,
  stretch: LineStretch,
  name: string,
  about: string,
  change: Changing,
  rename: Renaming = () => undefined,
): Alternative | undefined {
  const all = stretch.lines.flatMap(({ moments }) => moments);
  const changed = new Map(all.map((moment, index) => [moment, change(moment, index, all)]));
  const words = stretch.lines.map((line) => wordsOfLine(line, changed, rename));
  if (words.every((own, index) => own === writtenWords(stretch.lines[index]))) return undefined;
  if (words.some((own) => own === undefined)) return undefined;
  return fittingAlternative(dance, stretch, name, about, words as string[]);
}

/** The same for words that are made already. */
export function fittingAlternative(
  dance: Dance,
  stretch: LineStretch,
  name: string,
  about: string,
  words: readonly string[],
): Alternative | undefined {
  if (!fits(dance.script, stretch, words)) return undefined;
  return { ...stretch, name, about, words, edits: [editFor(dance, stretch, name, words)] };
}

/** The calls as they are written, without counts and marks at the end. */
function writtenWords({ calls, line }: DancedLine): string {
  const first = calls[0];
  return line.text.slice((first.titled ?? first.call).span.from, calls[calls.length - 1].call.span.to);
}

function wordsOfLine(line: DancedLine, changed: ReadonlyMap<Moment, Action>, rename: Renaming): string | undefined {
  const { groups, moments } = line;
  if (groups.some(({ group, empty }) => group.repeat || empty.length > 0) || !line.understood) return undefined;
  const other = (moment: Moment): Moment => ({ ...moment, action: changed.get(moment) ?? moment.action });
  const isSame = (own: readonly Moment[]): boolean => own.every((moment) => changed.get(moment) === moment.action);
  const { calls } = line;
  const renamed = new Map(calls.map((call) => [call, rename(call)]));
  const plain = [...renamed.values()].every((words) => words === undefined);
  if (plain && isSame(moments)) return writtenWords(line);
  const whole = plain && moments.length > 2 ? nameMoments(moments.map(other)) : undefined;
  if (whole) return whole.words;
  const spoken = calls.flatMap((call) => {
    if (call.moments.length === 0) return [];
    const words = renamed.get(call);
    if (words !== undefined) return [words];
    if (isSame(call.moments) && !call.titled) return [line.line.text.slice(call.call.span.from, call.call.span.to)];
    const own = call.moments.map(other);
    const named = nameMoments(own);
    return named
      ? [named.words]
      : own.map(
          ({ action }) => spellAction(action) + (action.effect === 'both' && action.foot ? ' (weight both)' : ''),
        );
  });
  return spoken.map((one, index) => (index === 0 ? upperFirst(one) : lowerFirst(one))).join(', ');
}

const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const lowerFirst = (text: string): string => (/^[A-Z][a-z]/.test(text) ? text[0].toLowerCase() + text.slice(1) : text);

const ticksOf = (line: DancedLine, offset: number): number[] =>
  line.groups.flatMap(({ ticks }) => ticks).map((tick) => tick + offset);

/** Counts of each line, from 1 at the start of the stretch. */
function countsOf({ block, lines }: LineStretch): string[] {
  const offsetOf = (line: DancedLine): number => block.sections.find((own) => own.lines.includes(line))?.offset ?? 0;
  const ticks = lines.map((line) => ticksOf(line, offsetOf(line)));
  const start = Math.ceil((ticks[0][0] ?? 0) / TICKS_A_COUNT) * TICKS_A_COUNT;
  return ticks.map((own) => printCounts(own.map((tick) => tick - start)));
}

function fits(script: Script, stretch: LineStretch, words: readonly string[]): boolean {
  const { block, lines } = stretch;
  const counts = countsOf(stretch);
  const from = block.moments.indexOf(lines[0].moments[0]);
  const last = lines[lines.length - 1].moments;
  const to = block.moments.indexOf(last[last.length - 1]) + 1;
  const [before, after] = [stateAt(block, from), stateAt(block, to)];
  const texts = words.map((own, index) => `${counts[index]} ${own}`);
  const danced = danceSpoken(texts, before, script.own.vocabulary, block);
  return isWhole(danced) && danced.after.weight === after.weight && danced.after.facing === after.facing;
}

/** One line becomes an option under it; several a block before the plan. */
function editFor({ script }: Dance, stretch: LineStretch, name: string, words: readonly string[]): Edit {
  const { block, lines } = stretch;
  const [first] = lines;
  if (lines.length === 1) {
    const at = first.line.span.to;
    return { from: at, to: at, insert: `\n${' '.repeat(CALL_COLUMN)}option ${name}: ${words[0]}` };
  }
  const counts = countsOf(stretch);
  const place = stretchWords(block, lines);
  const text = [
    `## Option "${name}": ${place}`,
    ...words.map((own, index) => `${counts[index].padEnd(CALL_COLUMN - 1)} ${own}`),
  ].join('\n');
  const plan = script.blocks.find(({ kind, headingLine }) => kind === 'plan' && headingLine !== undefined);
  if (plan?.headingLine === undefined) {
    const end = script.text.trimEnd().length;
    return { from: end, to: end, insert: `\n\n${text}\n` };
  }
  const at = script.lines[plan.headingLine].span.from;
  return { from: at, to: at, insert: `${text}\n\n` };
}

/** `section 3 count 7 to section 4 count 4`, `tag lamp 3 to 6`, `part B section 1 count 1 to section 1 count 8`. */
function stretchWords(block: DancedBlock, lines: readonly DancedLine[]): string {
  const sectionOf = (line: DancedLine) => block.sections.find((own) => own.lines.includes(line)) ?? block.sections[0];
  const [first, last] = [lines[0], lines[lines.length - 1]];
  const [from, to] = [sectionOf(first), sectionOf(last)];
  const start = Math.ceil((ticksOf(first, 0)[0] ?? 0) / TICKS_A_COUNT) + 1;
  const end = Math.floor(greatest(ticksOf(last, 0)) / TICKS_A_COUNT) + 1;
  const { kind, name } = block.block;
  if (kind === 'tag') {
    const [a, b] = [from.offset / TICKS_A_COUNT + start, to.offset / TICKS_A_COUNT + end];
    return `tag ${name} ${a} to ${b}`;
  }
  const part = name ? `part ${name} ` : '';
  return `${part}section ${from.text.number} count ${start} to section ${to.text.number} count ${end}`;
}
