/** What a wall is put together from: stretches of a part, tags, changed lines, an ending; and how each joins the one before. */
import type { DancedBlock, Moment } from '../dancing/dance';
import { danceFrom } from '../dancing/dance';
import { isBorrowed, stateAt } from '../dancing/places';
import type { DanceState } from '../dancing/state';
import { isFoot, otherFoot, type Foot, type Weight } from '../model/feet';
import { TICKS_A_COUNT } from '../model/ticks';
import { facingAfter, type Facing, type Turn } from '../model/turns';
import { readStepLine } from '../reading/line';
import type { SaidWords } from '../grammar/plan';
import type { BlockText, PlanEntry, Script, ScriptLine, SectionText } from '../reading/script';

export type PieceKind = 'part' | 'tag' | 'changed' | 'ending';

/** How a piece takes over from what was danced before it. */
export interface Join {
  /** Where the weight stands as the piece begins. */
  readonly weight: Weight;
  /** The foot the piece begins with. */
  readonly leads: Foot | undefined;
  /** Undefined while the weight is not certain. */
  readonly good: boolean | undefined;
}

export interface Piece {
  readonly kind: PieceKind;
  readonly block: DancedBlock;
  /** First and after the last of the block's moments that are danced. */
  readonly from: number;
  readonly to: number;
  /** Ticks into the part where it stands: its own place for a stretch of the part. */
  readonly at: number;
  /** Whole beats it takes, in ticks. */
  readonly ticks: number;
  /** Facing of the room is the sheet's turned on by this. */
  readonly shift: Facing;
  readonly start: Facing;
  readonly end: Facing;
  readonly turn: Turn;
  readonly after: Weight;
  readonly join: Join;
  /** What the plan says that brings it. */
  readonly entry: PlanEntry | undefined;
}

export interface PieceFacts {
  readonly kind: PieceKind;
  readonly block: DancedBlock;
  readonly from: number;
  readonly to: number;
  readonly at: number;
  readonly ticks: number;
  readonly entry?: PlanEntry;
}

/** Where a chain of pieces has come to. */
export interface Standing {
  readonly weight: Weight;
  readonly facing: Facing;
  readonly last?: Piece;
}

export function addPiece({ weight, facing, last }: Standing, facts: PieceFacts): Piece {
  const { kind, block, from, to, at, ticks, entry } = facts;
  const before = stateAt(block, from);
  const after = stateAt(block, to);
  const turn = after.rotation - before.rotation;
  // Spelt out: pieces are made by the hundred with every key, and all of one shape.
  return {
    kind,
    block,
    from,
    to,
    at,
    ticks,
    shift: facingAfter(facing, -before.facing),
    start: facing,
    end: facingAfter(facing, turn),
    turn,
    after: movesWeight(block, from, to) ? after.weight : weight,
    join: joinOf(weight, before, block, from, to, last),
    entry,
  };
}

function movesWeight({ moments }: DancedBlock, from: number, to: number): boolean {
  for (let index = from; index < to; index++) if (moments[index].action.effect !== 'none') return true;
  return false;
}

/** The first action that needs a foot. */
function opening({ moments }: DancedBlock, from: number, to: number): Moment | undefined {
  for (let index = from; index < to; index++) if (moments[index].action.foot) return moments[index];
  return undefined;
}

function joinOf(weight: Weight, before: DanceState, block: DancedBlock, from: number, to: number, last?: Piece): Join {
  const first = opening(block, from, to);
  return { weight, leads: first?.action.foot ?? undefined, good: isGood(weight, before, first, last) };
}

function isGood(weight: Weight, before: DanceState, first: Moment | undefined, last?: Piece): boolean | undefined {
  if (!first) return true;
  if (weight === 'unknown' || before.weight === 'unknown') return undefined;
  if (!isFoot(weight) || !isFoot(before.weight) || weight === before.weight) return true;
  return last !== undefined && isSharedStep(last, first);
}

/** It ends `8&1` on the very step that opens what follows. */
function isSharedStep({ block, to }: Piece, first: Moment): boolean {
  const moment = block.moments[to - 1];
  if (!moment || first.tick !== 0 || !isBorrowed(block, moment)) return false;
  return moment.action.foot === first.action.foot && moment.before.weight === first.before.weight;
}

/** The foot that is free as a piece begins. */
export const freeAt = ({ join: { weight } }: Piece): Foot | undefined =>
  isFoot(weight) ? otherFoot(weight) : undefined;

/** Where words stand: in this line, their places counted from that offset. */
export interface InText {
  readonly line: { readonly index: number };
  readonly offset: number;
}

/** Lines that stand in the plan itself: danced from a place, with the counts they are written with. */
export interface Inserted {
  readonly block: DancedBlock;
  /** Beats into the wall where they end, in ticks, when they begin `at` that place. */
  readonly end: number;
  readonly half: boolean;
  readonly understood: boolean;
}

/**
 * @param at ticks into the part where the lines begin.
 * @param length ticks they have to take, where that is given: lines without counts are then fitted to it.
 */
export function danceInserted(
  script: Script,
  entry: InText,
  words: SaidWords,
  before: DanceState,
  at: number,
  length?: number,
  whole?: DancedBlock,
): Inserted {
  const dance = (text: string): DancedBlock => danceFrom(blockOfText(script, entry, text, words), before, whole);
  const opening = /^&\s+(?=\p{L})/u.exec(words.text);
  let block = dance(asSteps(opening ? words.text.slice(opening[0].length) : words.text));
  const understood = (): boolean =>
    block.moments.length > 0 && block.sections.every(({ lines }) => lines.every((line) => line.understood));
  if (opening) {
    // One step on the `&` alone takes no beat of its own; what follows it goes on with the next.
    const { length: moments } = block.moments;
    if (moments < 2) return { block, end: at, half: true, understood: understood() };
    block = dance(`&1${moments > 2 ? `-${moments - 1}` : ''} ${words.text.slice(opening[0].length)}`);
  }
  if (length !== undefined && !isCounted(block) && block.counts * TICKS_A_COUNT !== length)
    block = dance(`1-${length / TICKS_A_COUNT} ${words.text}`);
  const first = block.moments[0]?.time;
  // Counts that go on from the place ("19-20" after 18) are those of the part; others begin there.
  const base = first !== undefined && first >= at ? 0 : at;
  return { block, end: Math.max(base + block.counts * TICKS_A_COUNT, at), half: false, understood: understood() };
}

const isCounted = ({ block }: DancedBlock): boolean =>
  block.sections.some(({ lines }) => lines.some(({ step }) => step?.groups.some(({ counts }) => counts !== undefined)));

/** "hold 2 counts", "wait 4": a line of that many counts. */
function asSteps(text: string): string {
  const hold = /^(?:hold|wait|pause)\s+(?:for\s+)?(\d{1,2})(?:\s*(?:counts?|beats?))?\W*$/i.exec(text.trim());
  if (hold) return Number(hold[1]) === 1 ? '1 Hold' : `1-${hold[1]} Hold`;
  return text;
}

/** `/` parts the lines of one that stands in the plan. */
const LINE_BREAK = /\s+\/\s+/;

function blockOfText(script: Script, entry: InText, text: string, words: SaidWords): BlockText {
  // What was put before the words, or left out of them, moves no place.
  const lead = words.text.endsWith(text) ? words.text.length - text.length : 0;
  const from = entry.offset + words.span.from + lead;
  const lines: ScriptLine[] = [];
  const block: BlockText = { kind: 'ending', name: '', sections: [] };
  const section: SectionText = { number: 1, title: '', block, countsStated: false, lines };
  block.sections.push(section);
  let at = 0;
  for (const own of text.split(LINE_BREAK)) {
    const start = text.indexOf(own, at);
    lines.push({
      index: entry.line.index,
      kind: 'step',
      span: { from: from + start, to: from + start + own.length },
      text: own,
      step: readStepLine(own, script.own.vocabulary),
      section,
    });
    at = start + own.length;
  }
  return block;
}
