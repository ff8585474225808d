/** What the plan of an evening has to know of a dance, worked out from its text once. */
import type { Dance, DancedLine } from '../dancing/dance';
import { estimateLevel } from '../level/estimate';
import { measureStretch, turnOf, wholeOf } from '../level/measure';
import { danceTempo } from '../music/tempo';
import { secondsAt, songOf } from '../music/song';
import type { Care } from '../vocabulary/figures';
import { CIRCLE } from '../model/turns';
import { wallsOf } from '../walls/table';
import type { Trip } from './classes';

export interface PlannedSection {
  /** `section 2`, `part A, section 1`. */
  readonly name: string;
  /** `2`, `A1`. */
  readonly short: string;
  readonly title: string;
  readonly points: number;
  readonly cares: readonly { readonly care: Care; readonly figure: string }[];
}

export interface PlanFacts {
  readonly id: string;
  readonly title: string;
  readonly counts: number;
  /** Points of the estimate of its level, and the place on the usual scale. */
  readonly points: number;
  readonly place: number;
  readonly tempo: number;
  /** Seconds of its music; of a usual song where nothing is known of it. */
  readonly seconds: number;
  /** Quarters turned an eight. */
  readonly turning: number;
  readonly jumps: boolean;
  /** What its figures ask care for, section by section. */
  readonly sections: readonly PlannedSection[];
  /** The section that stands out, counted through from 1. */
  readonly hardest?: number;
  /** Every line that somebody may trip at. */
  readonly lines: readonly Trip[];
  /** Tags and restarts, as they are called when they are walked in place. */
  readonly inPlace: readonly string[];
}

/** A usual song (from memory: three to four minutes). */
const USUAL_SECONDS = 210;

export function planFacts(id: string, dance: Dance): PlanFacts {
  const { points, place, sections, hardest } = estimateLevel(dance);
  const whole = wholeOf(dance);
  const song = songOf(dance.script);
  const seconds = song ? secondsAt(song, song.counts) : undefined;
  return {
    id,
    title: dance.script.title || 'Untitled dance',
    counts: dance.counts,
    points,
    place,
    tempo: danceTempo(dance.script).tempo,
    seconds: seconds || USUAL_SECONDS,
    turning: whole.moments.length === 0 ? 0 : measureStretch(whole).turning,
    jumps: whole.calls.some(({ figure }) => figure?.care === 'landing'),
    sections: sections.map(({ name, short, title, points: own, lines }) => ({
      name: name.toLowerCase().replace(/^part (\p{L})/u, (_, letter: string) => `part ${letter.toUpperCase()}`),
      short,
      title,
      points: own,
      cares: caresOf(lines),
    })),
    ...(hardest && { hardest: sections.indexOf(hardest) + 1 }),
    lines: sections.flatMap(({ lines }, index) =>
      lines.map(({ line }) => ({ words: wordsOfLine(line.text), section: index + 1 })),
    ),
    inPlace: inPlaceOf(dance),
  };
}

/** As it is said: without cues, facings and notes beside it. */
export const wordsOfLine = (text: string): string =>
  text
    .replace(/"[^"]*"|\[[^\]]*\]|\(\d{1,2}:\d{2}\)/g, '')
    .replace(/\s+/g, ' ')
    .trim();

/** The line of a script as somebody trips at it; undefined where it is no step of a part. */
export function tripAt(dance: Dance, line: number): Trip | undefined {
  const sections = dance.parts.flatMap((part) => part.sections.filter(({ lines }) => lines.some(({ moments }) => moments.length > 0)));
  const section = sections.findIndex(({ lines }) => lines.some((own) => own.line.index === line && own.moments.length > 0));
  return section < 0 ? undefined : { words: wordsOfLine(dance.script.lines[line].text), section: section + 1 };
} // prettier-ignore

/** Each figure once for what it asks care for; a half turn is one of them whatever it is danced on. */
function caresOf(lines: readonly DancedLine[]): PlannedSection['cares'] {
  const found = new Map<string, { care: Care; figure: string }>();
  for (const { calls } of lines)
    for (const call of calls) {
      const care = call.figure?.care ?? (turnOf(call) >= CIRCLE / 2 ? 'turning' : undefined);
      const figure = (call.titled?.figure ?? call.figure)?.names.en[0] ?? 'a turn';
      if (care && call.moments.length > 0) found.set(`${care} ${figure}`, { care, figure });
    }
  return [...found.values()];
}

/** Each once, however many walls have it. */
function inPlaceOf(dance: Dance): string[] {
  const found = new Set<string>();
  for (const { cut, counts, pieces } of wallsOf(dance).walls) {
    if (cut?.kind === 'restart') found.add(`restart after ${Math.floor(counts)}`);
    for (const { kind, block } of pieces) if (kind === 'tag') found.add(`tag ${block.block.name}`.trim());
    if (pieces.some(({ kind }) => kind === 'ending')) found.add('ending');
  }
  return [...found];
}
