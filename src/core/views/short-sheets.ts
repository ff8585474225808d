/** The short forms of a sheet: the cue card for the floor, the counts alone, the summary of three lines. */
import type { Dance, DancedLine, DancedSection } from '../dancing/dance';
import { countOfTick, labelOfTick, TICKS_A_COUNT } from '../model/ticks';
import { hourOfFacing, type Facing } from '../model/turns';
import { printCalls } from '../printing/calls';
import { SLATE_STYLE, type HouseStyle } from '../printing/style';
import { wallsOf } from '../walls/table';
import { wallHappenings } from './happenings';
import type { SheetChoice } from './sheet';
import { SHEET_WORDS } from './sheet-words';
import { onWall } from './walls';

export interface CueCard {
  /** Counts, walls, level and tempo in one line. */
  readonly facts: string;
  readonly sections: readonly {
    /** `1`, `A2`, `Tag lamp`. */
    readonly name: string;
    /** One a line of the script: the writer's own cue, else the call in its shortest form. */
    readonly cues: readonly string[];
    readonly facing: Facing;
    readonly hour: string;
  }[];
}

const SHORT: HouseStyle = { ...SLATE_STYLE, fractions: 'sign', turns: 'short', directions: 'short', capitals: 'small' };

const blocksOf = (dance: Dance) =>
  [...dance.parts, ...dance.tags].flatMap(({ block, sections }) => sections.map((own) => ({ block, own })));

export function viewCueCard(dance: Dance, { wall, language = 'en' }: SheetChoice = {}): CueCard {
  const words = SHEET_WORDS[language];
  const shown = wall === undefined ? undefined : onWall(dance, wall);
  const style = { ...SHORT, language };
  const fact = (key: string): string => dance.script.header.entries.find((entry) => entry.key === key)?.value ?? '';
  return {
    facts: [
      shown && words.forWall(shown.number, shown.startHour, shown.endHour),
      words.counts(dance.counts),
      `${words.labels.walls} ${wallsOf(dance).wallsDanced}`,
      fact('level'),
      fact('music'),
      fact('tempo'),
    ]
      .filter(Boolean)
      .join(' · '),
    sections: blocksOf(dance).flatMap(({ block, own }) => {
      const danced = own.lines.filter(({ line }) => !shown || shown.facings.has(line.index));
      if (danced.length === 0) return [];
      const last = danced[danced.length - 1];
      const facing = shown?.facings.get(last.line.index)?.facing ?? own.after.facing;
      return [
        {
          name: block.kind === 'tag' ? words.tag(block.name) : `${block.name}${own.text.number}`,
          cues: danced.map((line) => cueOf(line, style)).filter(Boolean),
          facing,
          hour: hourOfFacing(facing),
        },
      ];
    }),
  };
}

/** Without its details, marks and counts. */
function cueOf({ line }: DancedLine, style: HouseStyle): string {
  const { step } = line;
  if (!step) return '';
  if (step.marks.cues.length > 0) return step.marks.cues.map(({ text }) => text).join(', ');
  return step.groups
    .map(({ calls, repeat }) =>
      repeat
        ? step.text.slice(repeat.span.from, repeat.span.to)
        : printCalls(
            calls.map((call) => ({ ...call, detail: undefined })),
            step.text,
            style,
          ),
    )
    .join(', ');
}

export interface CountRow {
  readonly name: string;
  /** `1`, `&`, `2` …, and where each falls, in counts from the section's first. */
  readonly counts: readonly { readonly label: string; readonly at: number }[];
}

/** Every count of every section, with what is danced between them: the dance's own rhythm, for counting aloud. */
export function viewCounts(dance: Dance, { language = 'en' }: SheetChoice = {}): CountRow[] {
  const words = SHEET_WORDS[language];
  return blocksOf(dance).map(({ block, own }) => ({
    name: block.kind === 'tag' ? words.tag(block.name) : words.section(own.text.number, block.name),
    counts: rhythmOf(own),
  }));
}

function rhythmOf(own: DancedSection): CountRow['counts'] {
  const whole = Array.from({ length: own.counts }, (_, index) => index * TICKS_A_COUNT);
  const between = own.lines
    .flatMap(({ groups }) => groups.flatMap(({ ticks }) => ticks))
    .filter((tick) => tick % TICKS_A_COUNT !== 0);
  const said = [...new Set([...whole, ...between])].sort((a, b) => a - b);
  return said.map((tick) => ({
    label: tick % TICKS_A_COUNT === 0 ? String(countOfTick(tick)) : labelOfTick(tick).replace(/\d/g, ''),
    at: tick / TICKS_A_COUNT,
  }));
}

const large = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Title and facts; music and start; tags and restarts: for a message or a description box. */
export function viewSummary(dance: Dance, { language = 'en' }: SheetChoice = {}): [string, string, string] {
  const words = SHEET_WORDS[language];
  const { labels } = words;
  const fact = (key: string): string => dance.script.header.entries.find((entry) => entry.key === key)?.value ?? '';
  const labelled = (label: string, value: string): string => (value ? `${label}: ${value}` : '');
  const plan = wallsOf(dance);
  const first = [
    `${dance.script.title || words.untitled}: ${words.counts(dance.counts)}`,
    dance.counts > 0 ? words.inShort(plan) : '',
    fact('level'),
    fact('author'),
  ];
  const second = [
    labelled(labels.music, fact('music')),
    labelled(labels.tempo, fact('tempo')),
    labelled(labels.intro, fact('intro')),
    labelled(labels.start, words.start(dance.startWeight)),
  ];
  const happens = plan.walls.flatMap((wall) => {
    const said = wallHappenings({ ...wall, notes: [] }, words.happens).join('; ');
    return said ? [large(`${words.wallColumns.wall} ${wall.number}: ${said}.`)] : [];
  });
  const sentence = happens.length > 0 ? happens.join(' ') : words.noTags;
  return [first.filter(Boolean).join(', '), second.filter(Boolean).join(' · '), sentence];
}
