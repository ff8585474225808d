/**
 * A lesson made of a dance: what is taught in which order (handbook 4.1), for how many minutes, facing which wall, and what to warn of.
 * It is text like everything: below `## Lesson` a line a step, `5 min  Section 1: ...`, notes behind `>`. The minutes are shared out by
 * what makes a section hard; the weights are the project's own judgement, and the reasons are told.
 */
import type { Dance, DancedBlock, DancedCall, DancedSection } from '../dancing/dance';
import { otherFoot, isFoot } from '../model/feet';
import { greatest } from '../model/numbers';
import type { Edit } from '../model/text';
import { CIRCLE, hourOfFacing, turnWords, type Facing } from '../model/turns';
import { TICKS_A_COUNT } from '../model/ticks';
import { secondsAt, songOf } from '../music/song';
import type { Script, ScriptLine } from '../reading/script';
import { wallsOf } from '../walls/table';
import type { Figure } from '../vocabulary';
import { wallsInShort } from '../walls/words';
import { danceTempo } from '../music/tempo';

export const GROUPS = ['new', 'mixed', 'practised'] as const;
/** Who is taught: people new to it need longer for each section, practised ones go on to the music. */
export type Group = (typeof GROUPS)[number];

export interface LessonOrder {
  readonly minutes: number;
  readonly group: Group;
}

/** One step of a lesson, as it is written. */
export interface LessonStep {
  readonly minutes: number;
  readonly words: string;
  readonly notes: readonly string[];
  /** Script line; undefined where it is only proposed. */
  readonly line?: number;
}

interface Planned {
  readonly words: string;
  readonly notes: readonly string[];
  /** Its share of the time. */
  readonly weight: number;
}

/** The longest and the shortest that is planned, in minutes. */
export const LESSON_MINUTES = { least: 10, most: 180, usual: 45 } as const;

/** Undefined where there is nothing to teach. */
export function planLesson(dance: Dance, { minutes, group }: LessonOrder): LessonStep[] {
  const taught = dance.parts.flatMap((block) => block.sections.filter(({ lines }) => lines.some(({ moments }) => moments.length > 0)).map((section) => ({ block, section })));
  if (taught.length === 0) return [];
  // With less than a minute for a step nobody learns: the dance is taught as far as the time goes.
  const steps = taught.length * STEPS_A_SECTION <= minutes ? stepsOf(dance, taught, group) : [];
  const fitting = steps.length > 0 && steps.length <= minutes ? steps : shortened(dance, taught, group, minutes);
  const shared = shareOut(fitting.map(({ weight }) => weight), minutes);
  return fitting.map(({ words, notes }, index) => ({ minutes: shared[index], words, notes }));
} // prettier-ignore

interface Taught {
  readonly block: DancedBlock;
  readonly section: DancedSection;
}

/** It is taught and joined to what was before; the facts and what comes next time take as many as the first one lacks, and one more. */
const STEPS_A_SECTION = 2;

function shortened(dance: Dance, taught: readonly Taught[], group: Group, minutes: number): Planned[] {
  const count = Math.min(taught.length - 1, Math.floor((minutes - 1) / STEPS_A_SECTION));
  if (count < 1)
    return [factsStep(dance), ...teachingSteps(dance.script, taught.slice(0, 1), group)].slice(0, Math.max(1, minutes));
  return [
    factsStep(dance),
    ...teachingSteps(dance.script, taught.slice(0, count), group),
    { words: `Next time: from ${nameOf(taught[count])} on`, notes: ['There is no time for the whole dance in this lesson.'], weight: 0.3 },
  ];
} // prettier-ignore

const stepsOf = (dance: Dance, taught: readonly Taught[], group: Group): Planned[] => [
  factsStep(dance),
  ...teachingSteps(dance.script, taught, group),
  { words: 'The whole dance by names, then by counts, slow and then quicker', notes: [], weight: 1.4 },
  ...wallSteps(dance),
  ...planSteps(dance),
  musicStep(dance, group),
];

function factsStep(dance: Dance): Planned {
  const { script } = dance;
  const fact = (key: string): string => script.header.entries.find((entry) => entry.key === key)?.value ?? '';
  const plan = wallsOf(dance);
  const lead = isFoot(dance.startWeight) ? `weight on ${dance.startWeight}, ${otherFoot(dance.startWeight)} leads` : '';
  const told = [`${dance.counts} counts`, wallsInShort(plan), fact('level'), fact('music'), lead].filter(Boolean);
  return { words: `Facts: ${told.join(', ')}`, notes: [], weight: 0.6 };
}

/** Each section by feet, by counts, at speed; from the second on all of them from the top. */
function teachingSteps(script: Script, taught: readonly Taught[], group: Group): Planned[] {
  const slow = { new: 1.25, mixed: 1, practised: 0.7 }[group];
  const openings: Openings = new Map();
  return taught.flatMap((one, index): Planned[] => {
    const { weight, reasons } = hardness(one.section);
    const name = nameOf(one);
    const place = `${hourOfFacing(one.section.before.facing)}${leads(one.section)}`;
    const warn = [...warnings(one.section, openings), ...optionsOf(script, one.section)];
    const teach = {
      words: `${name}: by feet, by counts, at speed (${place})`,
      notes: [...(reasons.length > 0 ? [`Takes longer: ${reasons.join(', ')}.`] : []), ...warn],
      weight: weight * slow,
    };
    if (index === 0) return [teach];
    const join = { words: `From the top to ${name.toLowerCase().startsWith('part') ? name : name.toLowerCase()}`, notes: [joinNote(one.section)], weight: 0.45 + 0.08 * index };
    return [teach, join];
  });
} // prettier-ignore

const nameOf = ({ block, section }: Taught): string =>
  `${block.block.name ? `Part ${block.block.name}, section` : 'Section'} ${section.text.number}${section.text.title ? `, ${section.text.title}` : ''}`; // prettier-ignore

const leads = ({ before: { weight } }: DancedSection): string => (isFoot(weight) ? `, ${otherFoot(weight)} leads` : '');

const joinNote = ({ before: { weight, facing } }: DancedSection): string =>
  `At the join: ${isFoot(weight) ? `weight on ${weight}, ` : ''}facing ${hourOfFacing(facing)}.`;

/** What takes time, counted; 1 for a plain section. */
function hardness({ lines }: DancedSection): { readonly weight: number; readonly reasons: string[] } {
  const moments = lines.flatMap((line) => line.moments);
  const between = moments.filter(({ time }) => time % TICKS_A_COUNT !== 0).length;
  const turned = moments.reduce((sum, { action }) => sum + Math.abs(action.turn), 0) / (CIRCLE / 4);
  const ofCall = lines.flatMap(({ calls }) =>
    calls.map((call) => Math.abs(call.moments.reduce((sum, { action }) => sum + action.turn, 0))),
  );
  const largest = greatest(ofCall, 0) / (CIRCLE / 4); // prettier-ignore
  const figures = new Set(
    lines.flatMap(({ calls }) =>
      calls.flatMap(({ figure }) => (figure && figure.family !== 'single' ? [figure.id] : [])),
    ),
  ).size;
  const reasons = [
    between >= 3 && `${between} steps between the counts`,
    largest >= 2 &&
      (largest >= 4
        ? 'a full turn'
        : `a turn of ${turnWords(Math.round(largest * (CIRCLE / 4))).replace(/ (?:right|left)$/, '')}`),
    turned >= 2 && largest < 2 && 'several turns',
    figures >= 4 && `${figures} different figures`,
  ].filter((reason) => typeof reason === 'string');
  return { weight: 1 + 0.06 * between + 0.12 * turned + 0.06 * Math.max(0, figures - 2), reasons };
}

/** Where slips come: the same figure on the other foot, figures that are nearly alike, turns, options. */
function warnings(section: DancedSection, openings: Openings): string[] {
  const leadsOf = new Map<string, Set<string>>();
  for (const { calls } of section.lines)
    for (const { figure, moments } of calls) {
      const foot = moments.find(({ action }) => action.foot)?.action.foot;
      if (figure && foot && figure.family !== 'single') leadsOf.set(figure.names.en[0], (leadsOf.get(figure.names.en[0]) ?? new Set()).add(foot)); // prettier-ignore
    }
  const both = [...leadsOf].filter(([, feet]) => feet.size > 1).map(([name]) => name);
  const calls = section.lines.flatMap((line) => line.calls);
  const alike = calls.flatMap((call) => nearlyAlike(call, openings));
  for (const call of calls) noteOpening(call, section, openings);
  const turns = section.lines.filter(({ before: was, moments }) => moments.length > 0 && was.facing !== moments[moments.length - 1].after.facing); // prettier-ignore
  return [
    ...(both.length > 0 ? [`Both feet: ${both.join(', ')} on the one foot, then on the other.`] : []),
    ...(alike.length > 0 ? [`Nearly alike: ${alike[0]}.`] : []),
    ...(turns.length > 0 ? [`It turns to ${hourOfFacing(turns[turns.length - 1].moments.at(-1)?.after.facing ?? 0)}: say the wall before the step.`] : []), // prettier-ignore
  ];
}

/** Other ways that stand below its lines. */
function optionsOf({ lines }: Script, { lines: danced }: DancedSection): string[] {
  return danced.flatMap(({ line }) => {
    const own: string[] = [];
    for (let index = line.index + 1; ['option', 'note'].includes(lines[index]?.kind ?? ''); index++)
      if (lines[index].kind === 'option') own.push(lines[index].text.trim().replace(/^option\s*/i, ''));
    return own.map((words) => `Another way: ${words}.`);
  });
}

/** Figures that were taught, each where it stood first, by how they begin. */
type Openings = Map<string, { readonly figure: Figure; readonly section: number }[]>;

/** Its family, how many steps it takes and where the first goes; undefined for what nobody mixes up. */
function openingOf({ figure, moments }: DancedCall): string | undefined {
  const opening = moments[0]?.action;
  if (!figure || figure.family === 'single' || !opening) return undefined;
  return [figure.family, moments.length, opening.word, opening.direction].join(' ');
}

function noteOpening(call: DancedCall, { text }: DancedSection, openings: Openings): void {
  const key = openingOf(call);
  if (key === undefined || !call.figure) return;
  const known = openings.get(key) ?? [];
  if (!known.some(({ figure }) => figure.id === call.figure?.id)) openings.set(key, [...known, { figure: call.figure, section: text.number }]);
} // prettier-ignore

/** A figure of an earlier section that begins the same way, takes as many steps, and is another one. */
function nearlyAlike(call: DancedCall, openings: Openings): string[] {
  const { figure } = call;
  const other = openings.get(openingOf(call) ?? '')?.find((one) => one.figure.id !== figure?.id);
  return figure && other ? [`not the ${other.figure.names.en[0]} of section ${other.section}: here it is the ${figure.names.en[0]}`] : []; // prettier-ignore
}

/** The end joined to the beginning, and the other walls. */
function wallSteps(dance: Dance): Planned[] {
  const starts = [...new Set(wallsOf(dance).walls.map(({ start }) => start))] as Facing[];
  const last = dance.parts[dance.parts.length - 1];
  const note = `The last step frees ${isFoot(last.after.weight) ? otherFoot(last.after.weight) : 'the leading foot'}, and the dance begins again.`;
  if (starts.length < 2) return [{ words: 'The end joined to the beginning', notes: [note], weight: 0.5 }];
  return [
    { words: `The end joined to the beginning, then the other walls: ${starts.slice(1, 5).map(hourOfFacing).join(', ')}`, notes: [note], weight: 1.1 },
  ];
} // prettier-ignore

/** Every restart, tag and ending in place, from the top of its wall; the same thing on another wall is said, not danced again. */
function planSteps(dance: Dance): Planned[] {
  const steps = new Map<string, { walls: string[]; words: string; weight: number }>();
  for (const wall of wallsOf(dance).walls) {
    const tags = wall.pieces.filter(({ kind }) => kind === 'tag').map(({ block }) => `tag ${block.block.name}`.trim());
    const endingAt = wall.pieces.findIndex(({ kind }) => kind === 'ending');
    const cut = wall.cut && endingAt < 0 ? `cut after ${Math.floor(wall.counts)} counts` : '';
    const changed = wall.pieces.some(({ kind }) => kind === 'changed') ? 'a changed step' : '';
    const danced =
      wall.pieces.slice(0, Math.max(0, endingAt)).reduce((sum, { ticks }) => sum + ticks, 0) / TICKS_A_COUNT;
    const ending = endingAt < 0 ? '' : `the ending after ${Math.floor(danced)} counts`;
    const happens = [cut, changed, ...tags, ending].filter(Boolean).join(', ');
    if (!happens) continue;
    const at = `wall ${wall.number} (from ${hourOfFacing(wall.start)}, then ${hourOfFacing(wall.end)})`;
    const known = steps.get(happens);
    if (known) known.walls.push(at);
    else steps.set(happens, { walls: [at], words: happens, weight: 0.7 + (changed ? 0.3 : 0) });
  }
  return [...steps.values()].map(({ walls, words, weight }) => ({
    words: `In place, from the top of the wall: ${words}, ${walls.join(' and ')}`,
    notes: [],
    weight,
  }));
}

function musicStep({ script }: Dance, group: Group): Planned {
  const song = songOf(script);
  const seconds = song ? secondsAt(song, song.counts) : undefined;
  const { tempo, isSaid } = danceTempo(script);
  const twice = group === 'practised' ? ', three times' : group === 'mixed' ? ', twice' : '';
  const starts = song?.intro === undefined ? '' : `, start after ${song.intro} counts`;
  const long = seconds
    ? ` It lasts ${Math.floor(seconds / 60)}:${String(Math.round(seconds % 60)).padStart(2, '0')}.`
    : '';
  return {
    words: `With the music${twice}${starts}`,
    notes: isSaid || long ? [`${isSaid ? `${tempo} beats a minute.` : ''}${long}`.trim()] : [],
    weight: { new: 0.9, mixed: 1.4, practised: 2 }[group],
  };
}

/** Whole minutes in proportion, one at least, together exactly so many (the largest remainders first). */
export function shareOut(weights: readonly number[], minutes: number): number[] {
  const spare = Math.max(0, minutes - weights.length);
  const all = weights.reduce((sum, weight) => sum + weight, 0) || 1;
  const exact = weights.map((weight) => (weight / all) * spare);
  const shared = exact.map((value) => 1 + Math.floor(value));
  const left = minutes - shared.reduce((sum, value) => sum + value, 0);
  const order = exact.map((value, index) => ({ index, rest: value - Math.floor(value) })).sort((a, b) => b.rest - a.rest || a.index - b.index);
  for (const { index } of order.slice(0, Math.max(0, left))) shared[index]++;
  return shared;
} // prettier-ignore

// As text

const STEP = /^(\d{1,3})(?: ?(?:min(?:utes?|uten)?|'))?\.? (\S.*)$/i;

export interface Lesson {
  /** `45 minutes, mixed`. */
  readonly name: string;
  readonly steps: readonly LessonStep[];
  readonly minutes: number;
  readonly headingLine: number;
}

/** The lesson of a script; a line without minutes takes none. */
export function lessonOf({ blocks, lines }: Script): Lesson | undefined {
  const block = blocks.find(({ kind }) => kind === 'lesson');
  if (block?.headingLine === undefined) return undefined;
  const end = lines.find(({ index, kind }) => index > (block.headingLine ?? 0) && kind === 'heading')?.index;
  const steps: { minutes: number; words: string; notes: string[]; line: number }[] = [];
  for (const line of lines.slice(block.headingLine + 1, end)) {
    if (line.kind === 'note') steps[steps.length - 1]?.notes.push(noteWords(line));
    if (line.kind !== 'lesson') continue;
    const [, minutes = '0', words = line.text.trim()] = STEP.exec(line.text.trim().replace(/\s+/g, ' ')) ?? [];
    steps.push({ minutes: Number(minutes), words: words.trim(), notes: [], line: line.index });
  }
  return { name: block.name, steps, minutes: steps.reduce((sum, step) => sum + step.minutes, 0), headingLine: block.headingLine }; // prettier-ignore
}

const noteWords = ({ text }: ScriptLine): string => text.trim().replace(/^>\s*/, '');

const printLesson = (steps: readonly LessonStep[]): string =>
  steps.map(({ minutes, words, notes }) => [`${minutes} min`.padEnd(8) + words, ...notes.map((note) => `> ${note}`)].join('\n')).join('\n'); // prettier-ignore

/** A lesson written anew below `## Lesson`, or such a block where there is none. */
export function lessonEdit(script: Script, steps: readonly LessonStep[], { minutes, group }: LessonOrder): Edit {
  const { text, lines } = script;
  const block = `## Lesson ${minutes} minutes, ${group}\n${printLesson(steps)}\n`;
  const heading = lessonOf(script)?.headingLine;
  if (heading === undefined) {
    const end = text.trimEnd().length;
    return { from: end, to: text.length, insert: `${end > 0 ? '\n\n' : ''}${block}` };
  }
  const next = lines.find(({ index, kind }) => index > heading && kind === 'heading');
  return { from: lines[heading].span.from, to: next?.span.from ?? text.length, insert: next ? `${block}\n` : block };
}

/** A step with its notes moved up or down by one, its minutes or its words changed. Other lines stay as they are. */
export function changeLesson(script: Script, index: number, change: { readonly by?: 1 | -1; readonly minutes?: number; readonly gone?: true }): Edit[] {
  const lesson = lessonOf(script);
  const step = lesson?.steps[index];
  if (!lesson || step?.line === undefined) return [];
  const spanOf = (at: number): { from: number; to: number } | undefined => {
    const line = lesson.steps[at]?.line;
    if (line === undefined) return undefined;
    let last = line;
    while (script.lines[last + 1]?.kind === 'note') last++;
    return { from: script.lines[line].span.from, to: script.lines[last].span.to };
  };
  const own = spanOf(index);
  if (!own) return [];
  if (change.gone) return [{ from: own.from, to: Math.min(own.to + 1, script.text.length), insert: '' }];
  if (change.minutes !== undefined) {
    const { span } = script.lines[step.line];
    return [{ from: span.from, to: span.to, insert: `${change.minutes} min`.padEnd(8) + step.words }];
  }
  const other = spanOf(index + (change.by ?? 1));
  if (!other) return [];
  const [first, second] = own.from < other.from ? [own, other] : [other, own];
  const between = script.text.slice(first.to, second.from);
  return [{ from: first.from, to: second.to, insert: script.text.slice(second.from, second.to) + between + script.text.slice(first.from, first.to) }];
} // prettier-ignore
