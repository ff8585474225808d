/** The teaching script: everything to be said, in the order it is said, with the minutes at its left. */
import type { Dance, DancedSection } from '../dancing/dance';
import type { Facing } from '../model/turns';
import { hourOfFacing } from '../model/turns';
import { LESSON_MINUTES, lessonOf, planLesson, type LessonStep } from '../teaching/lesson';
import { feetAsLetters } from '../teaching/cues';
import { passagesOfSections, timelineOf } from '../teaching/timeline';
import type { Language } from '../vocabulary/figures';
import { cautionsOf } from './cautions';

export interface TeachingRow {
  /** Minutes from the beginning. */
  readonly at: number;
  readonly minutes: number;
  readonly words: string;
  readonly notes: readonly string[];
  /** To be said: by feet, by counts. */
  readonly said: readonly string[];
  /** The usual cautions, where they apply first. */
  readonly cautions: readonly string[];
  readonly facing?: Facing;
  readonly hour?: string;
  /** Script line; undefined where the lesson is only proposed. */
  readonly line?: number;
}

export interface TeachingView {
  readonly name: string;
  readonly minutes: number;
  readonly rows: readonly TeachingRow[];
  /** It stands in the script; else it is what would be proposed. */
  readonly isWritten: boolean;
}

/** The lesson that is written, else one as it would be planned. */
export function viewTeaching(dance: Dance, language: Language = 'en'): TeachingView {
  const written = lessonOf(dance.script);
  const steps: readonly LessonStep[] = written?.steps ?? planLesson(dance, { minutes: LESSON_MINUTES.usual, group: 'mixed' });
  const told = new Set<number>();
  let at = 0;
  const rows = steps.map((step): TeachingRow => {
    const taught = /^\s*(?:from|at)\b/i.test(step.words) ? undefined : sectionIn(dance, step.words);
    const fresh = taught && !told.has(taught.line) ? taught : undefined;
    if (fresh) told.add(fresh.line);
    const row = {
      at,
      minutes: step.minutes,
      words: step.words,
      notes: step.notes,
      said: fresh ? saidOf(dance, fresh, language) : [],
      cautions: fresh ? cautionsIn(dance, fresh.section) : [],
      ...(taught && { facing: taught.section.before.facing, hour: hourOfFacing(taught.section.before.facing) }),
      ...(step.line !== undefined && { line: step.line }),
    };
    at += step.minutes;
    return row;
  });
  return { name: written?.name ?? '', minutes: at, rows, isWritten: written !== undefined };
} // prettier-ignore

interface Taught {
  readonly block: Dance['parts'][number];
  readonly section: DancedSection;
  readonly index: number;
  readonly line: number;
}

/** `Section 3, ...`, `Part B, section 2`: the section that a step is about. */
function sectionIn(dance: Dance, words: string): Taught | undefined {
  const [, part, number] = /(?:part (\w+), )?section (\d+)/i.exec(words) ?? [];
  if (number === undefined) return undefined;
  for (const block of dance.parts) {
    if (part && block.block.name.toLowerCase() !== part.toLowerCase()) continue;
    const index = block.sections.findIndex(({ text }) => text.number === Number(number));
    const section = block.sections[index];
    if (section) return { block, section, index, line: section.lines[0]?.line.index ?? index };
  }
  return undefined;
}

function saidOf(dance: Dance, { block, index }: Taught, language: Language): string[] {
  const { calls, counts } = timelineOf(passagesOfSections(dance, block, index, index), language);
  const byFeet = calls
    .map(({ cues, turns, hour }) => `${feetAsLetters(cues.full.words)}${turns ? `, to ${hour}` : ''}`)
    .join('; ');
  const byCounts = counts.map(({ label }) => label).join(' ');
  const quick = calls.map(({ cues }) => (cues.own ?? cues.short).words).join(', ');
  return [`5 6 7 8: ${byFeet}.`, `By counts: ${byCounts}.`, `At speed: ${quick}.`];
}

function cautionsIn(dance: Dance, { lines }: DancedSection): string[] {
  const own = new Set(lines.map(({ line }) => line.index));
  return cautionsOf(dance).filter(({ line }) => own.has(line)).map(({ text }) => text); // prettier-ignore
}
