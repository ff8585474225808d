/** Counts that are to be filled: where they stand in the script, where they begin, and what has to follow from them. */
import type { Dance, DancedBlock, DancedLine, DancedSection } from '../dancing/dance';
import type { DanceState } from '../dancing/state';
import { isFoot, otherFoot, type Foot } from '../model/feet';
import type { Edit } from '../model/text';
import { TICKS_A_COUNT } from '../model/ticks';
import { CIRCLE, type Facing } from '../model/turns';
import { levelOf } from '../printing/script';
import { CALL_COLUMN } from '../printing/calls';
import { printCounts } from '../printing/counts';
import type { LineRange } from '../rewriting/lines';
import { FIGURE_LEVELS } from '../vocabulary/levels';
import { greatest } from '../model/numbers';
import type { FillOrder } from './fill';
import type { Move } from './moves';

/** One section's share of it: its counts from `first` on, and the lines that stand there now. */
interface Piece {
  readonly section?: DancedSection;
  readonly first: number;
  readonly counts: number;
  readonly lines: readonly DancedLine[];
  /** The line behind which new ones go, or the empty line they take. */
  readonly at: number;
}

export interface Stretch {
  readonly kind: 'empty' | 'written' | 'new';
  readonly block: DancedBlock;
  readonly pieces: readonly Piece[];
  readonly from: DanceState;
  /** Where the lines that stand there now end. */
  readonly now?: DanceState;
}

/** The lines chosen, or what is still empty where the cursor stands. Undefined where there is nothing to fill. */
export function stretchAt(dance: Dance, range: LineRange): Stretch | undefined {
  const blocks = [...dance.parts, ...dance.tags];
  const chosen = range.from === range.to ? undefined : chosenLines(blocks, range);
  if (chosen) return chosen;
  const line = dance.script.lines[range.from];
  const text = line?.section ?? sectionAbove(dance, range.from);
  const block = blocks.find(({ sections }) => sections.some((own) => own.text === text));
  const section = block?.sections.find((own) => own.text === text);
  if (!block || !section) return undefined;
  const here = line?.kind === 'step' ? section.lines.find((own) => own.line === line) : undefined;
  const room = emptyAfter(section, range.from, line?.kind === 'heading');
  if (room) return { kind: 'empty', block, ...room };
  if (line?.kind === 'heading' && section.lines.length > 0) return written(block, [[section, section.lines]]);
  if (here) return written(block, [[section, [here]]]);
  return block.block.kind === 'part' && section === block.sections[block.sections.length - 1]
    ? newSection(dance, block)
    : undefined;
}

/** Behind the last section of a part: eight counts, or as many as its sections have. */
export function newSection(dance: Dance, block: DancedBlock): Stretch | undefined {
  const last = block.sections[block.sections.length - 1];
  if (!last || last.counts < last.statedCounts) return undefined;
  const lines = last.text.lines;
  const at = lines[lines.length - 1]?.index ?? last.text.headingLine ?? dance.script.lines.length - 1;
  return { kind: 'new', block, from: last.after, pieces: [{ first: 1, counts: last.statedCounts, lines: [], at }] };
}

const sectionAbove = ({ script }: Dance, index: number) =>
  script.lines.findLast((line) => line.index <= index && (line.section ?? line.heading) !== undefined)?.section;

/** The counts nobody fills behind a line, up to the next line or the end of the section. */
function emptyAfter(
  section: DancedSection,
  index: number,
  isHeading: boolean,
): Pick<Stretch, 'pieces' | 'from'> | undefined {
  const { lines, text, statedCounts } = section;
  const before = isHeading ? lines[lines.length - 1] : lines.findLast(({ line }) => line.index <= index);
  const next = isHeading ? undefined : lines.find(({ line }) => line.index > index);
  const end = before ? endOf(before) : 0;
  const limit = next ? Math.floor((next.groups[0]?.ticks[0] ?? 0) / TICKS_A_COUNT) : statedCounts;
  if (limit <= end || !Number.isInteger(end)) return undefined;
  const at = greatest([before?.line.index ?? 0, text.headingLine ?? 0, isHeading ? 0 : index], 0);
  return {
    from: before?.after ?? section.before,
    pieces: [{ section, first: end + 1, counts: limit - end, lines: [], at }],
  };
}

const endOf = ({ groups }: DancedLine): number =>
  greatest(
    groups.map(({ end }) => end),
    0,
  ) / TICKS_A_COUNT;

function chosenLines(blocks: readonly DancedBlock[], { from, to }: LineRange): Stretch | undefined {
  for (const block of blocks) {
    const pieces = block.sections.flatMap((section): [DancedSection, DancedLine[]][] => {
      const own = section.lines.filter(
        ({ line }) => line.index >= from && line.index <= to && line.section === section.text,
      );
      return own.length > 0 ? [[section, own]] : [];
    });
    if (pieces.length > 0) return written(block, pieces);
  }
  return undefined;
}

/** Undefined where the lines begin or end between two counts, or are danced as a copy of others. */
function written(
  block: DancedBlock,
  pieces: readonly (readonly [DancedSection, readonly DancedLine[]])[],
): Stretch | undefined {
  const all = pieces.map(([section, lines]): Piece | undefined => {
    const first = lines[0].groups[0]?.ticks[0] ?? 0;
    const isLast = lines[lines.length - 1] === section.lines[section.lines.length - 1];
    const end = isLast
      ? Math.max(endOf(lines[lines.length - 1]), section.statedCounts)
      : endOf(lines[lines.length - 1]);
    const counts = end - first / TICKS_A_COUNT;
    if (first < 0 || first % TICKS_A_COUNT !== 0 || !Number.isInteger(counts) || counts < 1 || section.borrows)
      return undefined;
    return { section, first: first / TICKS_A_COUNT + 1, counts, lines, at: lines[lines.length - 1].line.index };
  });
  if (!all.every((piece) => piece !== undefined)) return undefined;
  const lines = pieces.flatMap(([, own]) => own);
  return { kind: 'written', block, pieces: all, from: lines[0].before, now: lines[lines.length - 1].after };
}

/** What a writer may want of it; what follows presets the rest. */
export interface Wishes {
  readonly free?: Foot | 'any';
  readonly facing?: Facing | 'any';
  readonly side?: FillOrder['side'];
  /** Place in `FIGURE_LEVELS`. */
  readonly level?: number;
}

/** The order for the search: what follows the stretch, the level of the dance, what it holds already. */
export function orderFor(dance: Dance, stretch: Stretch, wishes: Wishes = {}): FillOrder {
  const free = wishes.free ?? freeAfter(dance, stretch);
  const facing = wishes.facing ?? facingWanted(dance, stretch);
  const { from, pieces } = stretch;
  const before = lineBefore(stretch)?.calls.at(-1)?.figure?.id;
  return {
    from,
    lengths: pieces.flatMap(({ counts }) => eights(counts)),
    ...(free !== undefined && free !== 'any' && { free }),
    ...(facing !== undefined && facing !== 'any' && { facing }),
    ...(wishes.side && { side: wishes.side }),
    level: wishes.level ?? levelAsked(dance),
    used: usedIn(dance, stretch),
    ...(before !== undefined && { before }),
  };
}

/** A stretch of sixteen counts in one section is filled eight by eight. */
const eights = (counts: number): number[] => (counts <= 8 ? [counts] : [8, ...eights(counts - 8)]);

const lineBefore = ({ block, pieces }: Stretch): DancedLine | undefined => {
  const all = block.sections.flatMap(({ lines }) => lines);
  const [first] = pieces;
  if (first.lines.length > 0) return all[all.indexOf(first.lines[0]) - 1];
  return all.findLast(({ line }) => line.index <= first.at);
};

/** The line that follows: the next one of the part, or the first one where the dance begins again. */
function lineAfter(dance: Dance, { block, pieces }: Stretch): DancedLine | undefined {
  const all = block.sections.flatMap(({ lines }) => lines);
  const last = pieces[pieces.length - 1];
  const next = all.find(({ line }) => line.index > last.at && !last.lines.some((own) => own.line === line));
  const isOnly = dance.parts.length === 1 && block === dance.parts[0];
  return (
    next ??
    (isOnly || block.block.kind === 'tag'
      ? dance.parts[0]?.sections.find(({ lines }) => lines.length > 0)?.lines[0]
      : undefined)
  );
}

/** The foot that what follows is written for; undefined where it names none. */
function freeAfter(dance: Dance, stretch: Stretch): Foot | undefined {
  const next = lineAfter(dance, stretch);
  const call = next?.calls.find(({ moments }) => moments.length > 0);
  const isFirst = next?.line.index === dance.parts[0]?.sections[0]?.lines[0]?.line.index;
  // At the top the start weight says it.
  if (isFirst && isFoot(dance.startWeight)) return otherFoot(dance.startWeight);
  if (!call || !(call.call.foot ?? call.call.travel ?? call.call.feet)) return undefined;
  return call.moments.find(({ action }) => action.foot !== null)?.action.foot ?? undefined;
}

/** Where written lines ended; else, at the end of the dance, the wall its head claims: a half for two, a quarter for four. */
function facingWanted(dance: Dance, { now, block, pieces, kind }: Stretch): Facing | undefined {
  if (now) return now.facing;
  const isOnly = dance.parts.length === 1 && block === dance.parts[0];
  const last = pieces[pieces.length - 1].section;
  if (!isOnly || (kind !== 'new' && last !== block.sections[block.sections.length - 1])) return undefined;
  const claimed = dance.script.header.entries.find(({ key }) => key === 'walls')?.value.trim();
  if (kind === 'new') return undefined;
  return claimed === '1' ? 0 : claimed === '2' ? CIRCLE / 2 : undefined;
}

/** The level the head states; an improver's where it states none. */
export function levelAsked({ script }: Dance): number {
  const stated = script.header.entries.find(({ key }) => key === 'level')?.value ?? '';
  const level = levelOf(stated);
  if (level) return FIGURE_LEVELS.indexOf(level);
  return /beginner/i.test(stated) ? 0 : 1;
}

function usedIn(dance: Dance, { pieces }: Stretch): ReadonlyMap<string, number> {
  const used = new Map<string, number>();
  const own = new Set(pieces.flatMap(({ lines }) => lines));
  for (const part of dance.parts)
    for (const { lines } of part.sections)
      for (const line of lines)
        if (!own.has(line))
          for (const { figure } of line.calls) if (figure) used.set(figure.id, (used.get(figure.id) ?? 0) + 1);
  return used;
}

// Writing them down

/** The lines of one piece: counts in their column, then the words. */
export function lineTexts(moves: readonly Move[], first: number): string[] {
  let next = first;
  return moves.map(({ words, ticks, counts }) => {
    const own = printCounts(ticks.map((tick) => tick + (next - 1) * TICKS_A_COUNT));
    next += counts;
    return `${own.padEnd(CALL_COLUMN - 1)} ${words}`;
  });
}

/** Edits that put lines where the stretch stands: one list of lines a piece. Notes beside what goes stay. */
export function stretchEdits(
  { script }: Dance,
  { kind, block, pieces }: Stretch,
  texts: readonly (readonly string[])[],
): Edit[] {
  return pieces.map(({ lines, at }, index): Edit => {
    const text = texts[index].join('\n');
    const place = script.lines[at];
    if (kind === 'written') {
      const [first, last] = [lines[0].line, lines[lines.length - 1].line];
      const notes = script.lines
        .slice(first.index, last.index + 1)
        .filter((line) => line.kind === 'note')
        .map((line) => `\n${line.text}`);
      return { from: first.span.from, to: last.span.to, insert: text + notes.join('') };
    }
    if (kind === 'new') {
      const number =
        greatest(
          block.sections.map((own) => own.text.number),
          0,
        ) + 1;
      return { from: place.span.to, to: place.span.to, insert: `\n\n## Section ${number}\n${text}` };
    }
    if (place.text.trim() === '') return { ...place.span, insert: text };
    return { from: place.span.to, to: place.span.to, insert: `\n${text}` };
  });
}
