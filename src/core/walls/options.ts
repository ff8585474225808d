/** Options danced from where they stand, beside the stretch they replace: it fits when counts, weight and facing agree at its end. */
import { danceFrom, type Dance, type DancedBlock } from '../dancing/dance';
import { blockNamed, momentFrom, stateAt } from '../dancing/places';
import type { Span } from '../model/text';
import { shiftSpan } from '../model/text';
import { TICKS_A_COUNT } from '../model/ticks';
import { readInlineOption, readStretch, type StretchEnd } from '../grammar/option';
import type { BlockText, ScriptLine } from '../reading/script';
import { danceInserted } from './pieces';

export interface DancedOption {
  readonly name: string;
  /** In the text: its heading, or its words under the line. */
  readonly span: Span;
  /** Undefined when the stretch it replaces is not found. */
  readonly over?: Stretched;
  readonly danced?: DancedBlock;
  /** What it takes, in counts; undefined where that can't be compared. */
  readonly counts?: number;
  readonly understood: boolean;
}

/** A stretch of a part or a tag. */
export interface Stretched {
  readonly block: DancedBlock;
  readonly from: number;
  readonly to: number;
  readonly counts: number;
}

let known: { readonly dance: Dance; readonly options: readonly DancedOption[] } | undefined;

export function optionsOf(dance: Dance): readonly DancedOption[] {
  if (known?.dance !== dance) known = { dance, options: [...inlineOptions(dance), ...blockOptions(dance)] };
  return known.options;
}

function inlineOptions(dance: Dance): DancedOption[] {
  const { lines } = dance.script;
  const stretches = stretchesOfLines(dance);
  let above: ScriptLine | undefined;
  return lines.flatMap((line) => {
    if (line.kind === 'step' || line.kind === 'heading') above = line;
    if (line.kind !== 'option') return [];
    const option = readInlineOption(line.text);
    if (!option || above?.kind !== 'step') return option ? [lost(option.name, line.span)] : [];
    const replaced = above;
    const over = stretches(replaced);
    const span = shiftSpan(option.steps.span, line.span.from);
    if (!over) return [lost(option.name, span)];
    const { block, from, borrows } = over;
    const length = over.counts * TICKS_A_COUNT;
    const place = { offset: line.span.from, line };
    const own = replaced.step?.groups[0]?.counts;
    const dancedWith = (words: string) =>
      danceInserted(
        dance.script,
        place,
        { ...option.steps, text: words },
        stateAt(block, from),
        0,
        borrows ? undefined : length,
        block,
      );
    let inserted = dancedWith(option.steps.text);
    if (inserted.end !== length && own && !/^\d/.test(option.steps.text))
      inserted = dancedWith(`${replaced.text.slice(own.span.from, own.span.to)} ${option.steps.text}`);
    const counted = inserted.block.moments[0]?.line.step?.groups[0]?.counts;
    return [
      {
        name: option.name,
        span,
        over,
        danced: inserted.block,
        ...(!borrows && { counts: counted ? lengthOf(inserted.block) : inserted.end / TICKS_A_COUNT }),
        understood: inserted.understood,
      },
    ];
  });
}

const lost = (name: string, span: Span): DancedOption => ({ name, span, understood: true });

/** Counts between its first and its last moment, whole. */
function lengthOf({ moments }: DancedBlock): number {
  const [first] = moments;
  const last = moments[moments.length - 1];
  if (!first || !last) return 0;
  return Math.floor(last.time / TICKS_A_COUNT) + 1 - Math.ceil(first.time / TICKS_A_COUNT);
}

/** Where each line of the dance is danced first. */
function stretchesOfLines({ parts, tags }: Dance) {
  const first = new Map<ScriptLine, { block: DancedBlock; from: number }>();
  for (const block of [...parts, ...tags])
    block.moments.forEach(({ line }, from) => first.has(line) || first.set(line, { block, from }));
  return (line: ScriptLine): (Stretched & { borrows: boolean }) | undefined => {
    const found = first.get(line);
    if (!found) return undefined;
    const { block, from } = found;
    let to = from;
    while (block.moments[to]?.line === line) to += 1;
    const last = block.moments[to - 1];
    const borrows = line.step?.groups.some(({ counts }) => counts?.borrows) === true;
    const counts = Math.floor(last.time / TICKS_A_COUNT) + 1 - Math.ceil(block.moments[from].time / TICKS_A_COUNT);
    return { block, from, to, counts, borrows };
  };
}

function blockOptions(dance: Dance): DancedOption[] {
  const { blocks, lines } = dance.script;
  return blocks.flatMap((block) => {
    if (block.kind !== 'option' || block.headingLine === undefined) return [];
    const line = lines[block.headingLine];
    const words = line.text.replace(/^\s*#+\s*/, '');
    const stretch = readStretch(words);
    const target =
      stretch &&
      (stretch.tag !== undefined
        ? blockNamed(dance, 'tag', stretch.tag)
        : stretch.part !== undefined
          ? blockNamed(dance, 'part', stretch.part)
          : dance.parts[0]);
    const over = stretch && target && stretched(target, stretch.from, stretch.to);
    if (!over) return [lost(block.name, line.span)];
    return [danceOption(block, line, over)];
  });
}

function danceOption(block: BlockText, line: ScriptLine, over: Stretched): DancedOption {
  const danced = danceFrom(block, stateAt(over.block, over.from), over.block);
  const understood = danced.sections.every(({ lines }) => lines.every((own) => own.understood));
  const [first] = danced.moments;
  // Lines may be counted from 1, or as the stretch they replace is.
  const counted = first && first.time >= TICKS_A_COUNT ? lengthOf(danced) : danced.counts;
  return { name: block.name, span: line.span, over, danced, counts: counted, understood };
}

function stretched(block: DancedBlock, from: StretchEnd, to: StretchEnd): Stretched | undefined {
  const start = countOf(block, from, 'start');
  const end = countOf(block, to, 'end');
  if (start === undefined || end === undefined || end < start || end > block.counts) return undefined;
  return {
    block,
    from: momentFrom(block, start, false),
    to: momentFrom(block, end + 1, false),
    counts: end - start + 1,
  };
}

/** A count through the block, from 1. */
function countOf({ sections }: DancedBlock, { section, count }: StretchEnd, side: 'start' | 'end'): number | undefined {
  if (section === undefined) return count;
  const own = sections.find(({ text }) => text.number === section);
  if (!own || (count ?? 0) > own.counts) return undefined;
  return own.offset / TICKS_A_COUNT + (count ?? (side === 'start' ? 1 : own.counts));
}
