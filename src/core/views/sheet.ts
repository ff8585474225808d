/** The full sheet as plain data: what a page, a printout and an exported file show. */
import type { Dance, DancedBlock, DancedLine, DancedSection } from '../dancing/dance';
import type { Weight } from '../model/feet';
import { hourOfFacing, type Facing } from '../model/turns';
import type { Language } from '../vocabulary/figures';
import { countsOfTicks } from '../model/ticks';
import { songOf, type Song } from '../music/song';
import { wallsOf } from '../walls/table';
import type { Wall } from '../walls/wall';
import { cautionsOf } from './cautions';
import { floorMarks, lineWords, type FloorMark } from './explain';
import { wallHappenings } from './happenings';
import { nameSection, railOf, viewLine, type FootMark, type RailCell } from './script-view';
import { TONGUES } from '../printing/tongues';
import type { BlockKind } from '../reading/script';
import { SHEET_WORDS, type SheetWords } from './sheet-words';
import { onWall, type OnWall } from './walls';
import { greatest, least } from '../model/numbers';

export interface SheetLine {
  readonly counts: string;
  readonly call: string;
  readonly feet: readonly FootMark[];
  readonly weight: Weight;
  /** Given where the facing changes. */
  readonly facing?: Facing;
  readonly hour?: string;
  readonly cues: readonly string[];
  readonly notes: readonly string[];
  /** The feet from above, the 12:00 wall at the top. */
  readonly floor: readonly FloorMark[];
}

/** What stands between the lines: a teaching note, an option, words kept as they are. */
export interface SheetAside {
  readonly kind: 'note' | 'option' | 'text';
  readonly text: string;
}

export interface SheetSection {
  readonly name: string;
  readonly title: string;
  readonly counts: number;
  readonly rail: readonly RailCell[];
  readonly facing: Facing;
  readonly hour: string;
  readonly weight: Weight;
  readonly rows: readonly ({ readonly line: SheetLine } | { readonly aside: SheetAside })[];
}

/** One wall of the table that a dance with a plan is handed out with. */
export interface SheetWall {
  readonly name: string;
  readonly start: Facing;
  readonly startHour: string;
  readonly end: Facing;
  readonly endHour: string;
  readonly counts: string;
  readonly happens: readonly string[];
}

export interface Sheet {
  readonly title: string;
  readonly language: Language;
  readonly isTranslated: boolean;
  /** Which wall it is for, where it is for one: `Wall 3, from 6:00 to 9:00`. */
  readonly wall?: string;
  /** Label and value, in the order a sheet gives them. */
  readonly facts: readonly (readonly [label: string, value: string])[];
  readonly sections: readonly SheetSection[];
  /** Every wall, for a dance with a plan; empty for one that simply goes round. */
  readonly walls: readonly SheetWall[];
  /** How many walls, and why. */
  readonly wallsSentence: string;
  /** Options, endings and other blocks, word for word. */
  readonly others: readonly { readonly kind: BlockKind; readonly heading: string; readonly lines: readonly string[] }[];
  readonly cautions: readonly string[];
}

const WRITTEN_FACTS = ['level', 'music', 'tempo', 'intro', 'author', 'date', 'notes'] as const;

export interface SheetChoice {
  /** The handout for one wall: facings by the room's clock, what the wall leaves out left out, what it does otherwise said. */
  readonly wall?: number;
  /** The language of labels and sentences; the dance is in it already. */
  readonly language?: Language;
  /** It was written in another language: what was typed freely stays as it was, and is marked. */
  readonly isTranslated?: boolean;
}

export function viewSheet(dance: Dance, { wall, language = 'en', isTranslated = false }: SheetChoice = {}): Sheet {
  const shown = wall === undefined ? undefined : onWall(dance, wall);
  const words = SHEET_WORDS[language];
  return {
    title: dance.script.title || words.untitled,
    language,
    isTranslated,
    ...(shown && { wall: words.forWall(shown.number, shown.startHour, shown.endHour) }),
    facts: factsOf(dance, words),
    sections: [...dance.parts, ...dance.tags]
      .flatMap((block) => block.sections.map((own) => viewSheetSection(dance, block, own, words, shown)))
      .filter(({ rows }) => !shown || rows.length > 0),
    walls: shown ? [] : sheetWalls(dance, words),
    wallsSentence: shown ? '' : words.explained(wallsOf(dance)),
    others: othersOf(dance),
    cautions: cautionsOf(dance).map(({ care }) => words.cautions[care]),
  };
}

/** Walls of a dance that has a plan, or notes for some of its walls. */
function sheetWalls(dance: Dance, words: SheetWords): SheetWall[] {
  const { walls } = wallsOf(dance);
  const planned = dance.script.plan.length > 0 || walls.some(({ notes }) => notes.length > 0);
  if (!planned) return [];
  return walls.map((wall) => ({
    name:
      wall.kind === 'tag'
        ? words.tag(wall.pieces[0].block.block.name)
        : `${wall.number}${wall.part ? ` ${wall.part}` : ''}`,
    start: wall.start,
    startHour: hourOfFacing(wall.start),
    end: wall.end,
    endHour: hourOfFacing(wall.end),
    counts: countsWords(wall),
    happens: wallHappenings(wall, words.happens),
  }));
}

/** `32 + 2` with a tag of two counts; `18&` for a cut on a half count. */
function countsWords({ counts, pieces, kind }: Wall): string {
  const own = counts % 1 === 0 ? String(counts) : `${Math.floor(counts)}&`;
  const tags =
    kind === 'tag' ? [] : pieces.filter((piece) => piece.kind === 'tag').map(({ ticks }) => countsOfTicks(ticks));
  return [own, ...tags].join(' + ');
}

function factsOf(dance: Dance, words: SheetWords): [string, string][] {
  const { entries } = dance.script.header;
  const { labels } = words;
  const computed: [string, string][] = [
    [labels.counts, String(dance.counts)],
    [labels.walls, dance.counts === 0 ? '' : words.walls(wallsOf(dance), dance.netTurn)],
    [labels.start, words.start(dance.startWeight)],
  ];
  const song = songOf(dance.script);
  const written = WRITTEN_FACTS.flatMap((key): [string, string][] => {
    const typed = entries.find((entry) => entry.key === key)?.value;
    const value = key === 'intro' ? introWords(typed, song, words) : typed;
    return value ? [[labels[key], value]] : [];
  });
  return [...computed.filter(([, value]) => value !== ''), ...written];
}

/** The song knows what begins with the first step; words of the writer's own say more than it does. */
function introWords(typed: string | undefined, song: Song | undefined, words: SheetWords): string | undefined {
  if (song?.intro === undefined || song.phrases.length === 0 || (typed && !/^\d+(?: counts?)?$/i.test(typed.trim()))) return typed;
  const [{ kind }] = song.phrases;
  return words.startAfter(song.intro, kind === 'verse' || kind === 'chorus');
} // prettier-ignore

function viewSheetSection(
  dance: Dance,
  inBlock: DancedBlock,
  own: DancedSection,
  words: SheetWords,
  shown?: OnWall,
): SheetSection {
  const { block } = inBlock;
  const danced = new Map(own.lines.map((line) => [line.line.index, line]));
  const rows: SheetSection['rows'][number][] = [];
  // What stands under a line that a wall leaves out is left out with it.
  let isDanced = true;
  for (const line of linesOfSection(dance, own)) {
    const found = danced.get(line.index);
    if (found) isDanced = shown === undefined || shown.facings.has(line.index);
    if (!isDanced) continue;
    if (found) rows.push({ line: viewSheetLine(found, words.language, shown) });
    else if (line.kind === 'note') rows.push({ aside: { kind: 'note', text: line.text.trim().replace(/^>\s*/, '') } });
    else if (line.kind === 'option' || line.kind === 'text')
      rows.push({ aside: { kind: line.kind, text: line.text.trim() } });
    for (const insert of shown?.inserts ?? [])
      if (insert.afterLine === line.index && found) rows.push({ aside: { kind: 'text', text: insert.words } });
  }
  const part = block.kind === 'part' ? block.name : '';
  return {
    name: block.kind === 'tag' ? words.tag(block.name) : words.section(own.text.number, part),
    title: own.text.title || nameSection(own, words.language),
    counts: own.counts,
    rail: railOf(own, new Set()),
    facing: own.after.facing,
    hour: hourOfFacing(own.after.facing),
    weight: own.after.weight,
    rows,
  };
}

/** The lines a section is danced from (its own, or those it repeats) with what stands among them. */
function linesOfSection(dance: Dance, own: DancedSection) {
  const indices = own.lines.map(({ line }) => line.index);
  if (indices.length === 0) return [];
  const { lines } = dance.script;
  let last = greatest(indices);
  while (lines[last + 1] && ['note', 'option', 'text'].includes(lines[last + 1].kind)) last += 1;
  return lines.slice(least(indices), last + 1);
}

function viewSheetLine(danced: DancedLine, language: Language, shown?: OnWall): SheetLine {
  const sheet = viewLine(danced);
  const view = { ...sheet, ...shown?.facings.get(danced.line.index) };
  const { step } = danced.line;
  const counts = step?.groups[0]?.counts;
  return {
    counts: counts ? danced.line.text.slice(counts.span.from, counts.span.to) : '',
    call: lineWords(danced),
    feet: view.feet,
    weight: view.weight,
    ...(view.facingChanged && { facing: view.facing, hour: view.hour }),
    floor: floorMarks(danced),
    cues: step?.marks.cues.map(({ text }) => text) ?? [],
    notes:
      step?.marks.notes.map(({ text, walls }) =>
        walls.length > 0 ? `${TONGUES[language].wall(walls.join(', '), walls.length === 1)}: ${text}` : text,
      ) ?? [],
  };
}

function othersOf(dance: Dance): Sheet['others'] {
  const { blocks, lines } = dance.script;
  return blocks.flatMap((block, index) => {
    // Dancers need the intro and the tempo, not the map of the song.
    if (['part', 'tag', 'song', 'lesson'].includes(block.kind) || block.headingLine === undefined) return [];
    const next = blocks[index + 1]?.headingLine ?? lines.length;
    const kept = block.kind === 'plan' ? unreadPlan(dance) : undefined;
    const own = lines
      .slice(block.headingLine + 1, next)
      .filter((line) => !kept || kept.has(line))
      .map(({ text }) => text.trim());
    if (kept && own.every((line) => line === '')) return [];
    return [
      {
        kind: block.kind,
        heading: lines[block.headingLine].text.replace(/^#+\s*/, '').trim(),
        lines: own.filter(Boolean),
      },
    ];
  });
}

/** Plan lines that the wall table can't tell: they stay on the sheet as they are written. */
const unreadPlan = ({ script }: Dance): ReadonlySet<unknown> =>
  new Set(script.plan.filter(({ item }) => item.kind === 'unread').map(({ line }) => line));
