/** The full sheet as plain data: what a page, a printout and an exported file show. */
import type { Dance, DancedBlock, DancedLine, DancedSection } from '../dancing/dance';
import type { Weight } from '../model/feet';
import { hourOfFacing, turnWords, type Facing } from '../model/turns';
import { countsOfTicks } from '../model/ticks';
import { wallsOf } from '../walls/table';
import type { Wall } from '../walls/wall';
import { wallsExplained, wallsInShort } from '../walls/words';
import { CAUTION_TEXTS, cautionsOf } from './cautions';
import { lineWords } from './explain';
import { nameSection, viewLine, type FootMark } from './script-view';
import { onWall, wallHappenings, type OnWall } from './walls';

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
  readonly others: readonly { readonly heading: string; readonly lines: readonly string[] }[];
  readonly cautions: readonly string[];
}

const WRITTEN_FACTS: readonly [key: string, label: string][] = [
  ['level', 'Level'],
  ['music', 'Music'],
  ['tempo', 'Tempo'],
  ['intro', 'Intro'],
  ['author', 'By'],
  ['date', 'Date'],
  ['notes', 'Notes'],
];

/** `wall`: the handout for one wall: facings by the room's clock, what the wall leaves out left out, what it does otherwise said. */
export function viewSheet(dance: Dance, wall?: number): Sheet {
  const shown = wall === undefined ? undefined : onWall(dance, wall);
  return {
    title: dance.script.title || 'Untitled dance',
    ...(shown && { wall: `Wall ${shown.number}, from ${shown.startHour} to ${shown.endHour}` }),
    facts: factsOf(dance),
    sections: [...dance.parts, ...dance.tags]
      .flatMap((block) => block.sections.map((own) => viewSheetSection(dance, block, own, shown)))
      .filter(({ rows }) => !shown || rows.length > 0),
    walls: shown ? [] : sheetWalls(dance),
    wallsSentence: shown ? '' : wallsExplained(wallsOf(dance)),
    others: othersOf(dance),
    cautions: cautionsOf(dance).map(({ care }) => CAUTION_TEXTS[care]),
  };
}

/** Walls of a dance that has a plan, or notes for some of its walls. */
function sheetWalls(dance: Dance): SheetWall[] {
  const { walls } = wallsOf(dance);
  const planned = dance.script.plan.length > 0 || walls.some(({ notes }) => notes.length > 0);
  if (!planned) return [];
  return walls.map((wall) => ({
    name:
      wall.kind === 'tag'
        ? `Tag ${wall.pieces[0].block.block.name}`.trim()
        : `${wall.number}${wall.part ? ` ${wall.part}` : ''}`,
    start: wall.start,
    startHour: hourOfFacing(wall.start),
    end: wall.end,
    endHour: hourOfFacing(wall.end),
    counts: countsWords(wall),
    happens: wallHappenings(wall),
  }));
}

/** `32 + 2` with a tag of two counts; `18&` for a cut on a half count. */
function countsWords({ counts, pieces, kind }: Wall): string {
  const own = counts % 1 === 0 ? String(counts) : `${Math.floor(counts)}&`;
  const tags =
    kind === 'tag' ? [] : pieces.filter((piece) => piece.kind === 'tag').map(({ ticks }) => countsOfTicks(ticks));
  return [own, ...tags].join(' + ');
}

function factsOf(dance: Dance): [string, string][] {
  const { entries } = dance.script.header;
  const start = dance.startWeight;
  const plan = wallsOf(dance);
  const walls = wallsInShort(plan).replace(/ walls?\b/, '');
  const lead = start === 'L' ? ', R leads' : start === 'R' ? ', L leads' : '';
  const computed: [string, string][] = [
    ['Counts', String(dance.counts)],
    [
      'Walls',
      dance.counts === 0
        ? ''
        : plan.order?.entry
          ? walls
          : `${walls} (a wall ${dance.netTurn === 0 ? 'does not turn' : `turns ${turnWords(dance.netTurn)}`})`,
    ],
    ['Start', `weight on ${start === 'both' ? 'both feet' : start}${lead}`],
  ];
  const written = WRITTEN_FACTS.flatMap(([key, label]): [string, string][] => {
    const value = entries.find((entry) => entry.key === key)?.value;
    return value ? [[label, value]] : [];
  });
  return [...computed.filter(([, value]) => value !== ''), ...written];
}

function viewSheetSection(dance: Dance, { block }: DancedBlock, own: DancedSection, shown?: OnWall): SheetSection {
  const danced = new Map(own.lines.map((line) => [line.line.index, line]));
  const rows: SheetSection['rows'][number][] = [];
  // What stands under a line that a wall leaves out is left out with it.
  let isDanced = true;
  for (const line of linesOfSection(dance, own)) {
    const found = danced.get(line.index);
    if (found) isDanced = shown === undefined || shown.facings.has(line.index);
    if (!isDanced) continue;
    if (found) rows.push({ line: viewSheetLine(found, shown) });
    else if (line.kind === 'note') rows.push({ aside: { kind: 'note', text: line.text.trim().replace(/^>\s*/, '') } });
    else if (line.kind === 'option' || line.kind === 'text')
      rows.push({ aside: { kind: line.kind, text: line.text.trim() } });
    for (const insert of shown?.inserts ?? [])
      if (insert.afterLine === line.index && found) rows.push({ aside: { kind: 'text', text: insert.words } });
  }
  const part = block.kind === 'part' && block.name ? `Part ${block.name}, ` : '';
  return {
    name:
      block.kind === 'tag' ? `Tag ${block.name}`.trim() : `${part}${part ? 'section' : 'Section'} ${own.text.number}`,
    title: own.text.title || nameSection(own),
    counts: own.counts,
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
  let last = Math.max(...indices);
  while (lines[last + 1] && ['note', 'option', 'text'].includes(lines[last + 1].kind)) last += 1;
  return lines.slice(Math.min(...indices), last + 1);
}

function viewSheetLine(danced: DancedLine, shown?: OnWall): SheetLine {
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
    cues: step?.marks.cues.map(({ text }) => text) ?? [],
    notes:
      step?.marks.notes.map(({ text, walls }) => (walls.length > 0 ? `walls ${walls.join(', ')}: ${text}` : text)) ??
      [],
  };
}

function othersOf(dance: Dance): Sheet['others'] {
  const { blocks, lines } = dance.script;
  return blocks.flatMap((block, index) => {
    if (block.kind === 'part' || block.kind === 'tag' || block.headingLine === undefined) return [];
    const next = blocks[index + 1]?.headingLine ?? lines.length;
    const kept = block.kind === 'plan' ? unreadPlan(dance) : undefined;
    const own = lines
      .slice(block.headingLine + 1, next)
      .filter((line) => !kept || kept.has(line))
      .map(({ text }) => text.trim());
    if (kept && own.every((line) => line === '')) return [];
    return [{ heading: lines[block.headingLine].text.replace(/^#+\s*/, '').trim(), lines: own.filter(Boolean) }];
  });
}

/** Plan lines that the wall table can't tell: they stay on the sheet as they are written. */
const unreadPlan = ({ script }: Dance): ReadonlySet<unknown> =>
  new Set(script.plan.filter(({ item }) => item.kind === 'unread').map(({ line }) => line));
