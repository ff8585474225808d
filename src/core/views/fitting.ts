/** What fits here: figures that may follow, sequences that fill what is empty, and the close of a dance, each danced before it is shown. */
import { checkDance, isAlarm } from '../checking/check';
import type { Dance } from '../dancing/dance';
import { nextFoot, type DanceState } from '../dancing/state';
import { freeFoot, type Foot, type Weight } from '../model/feet';
import { applyEdits, type Edit } from '../model/text';
import { TICKS_A_COUNT } from '../model/ticks';
import { CIRCLE, facingAfter, hourOfFacing, type Facing } from '../model/turns';
import { rereadScript } from '../page/read-script';
import { printCounts } from '../printing/counts';
import { printStepLine } from '../printing/calls';
import { inLanguage, SLATE_STYLE, type HouseStyle } from '../printing/style';
import { readStepLine } from '../reading/line';
import { lineAtOffset } from '../reading/script';
import type { LineRange } from '../rewriting/lines';
import { fillCounts, unlike, type Filled, type FillOrder } from '../solving/fill';
import { movesLedBy, type Move } from '../solving/moves';
import {
  levelAsked,
  lineTexts,
  newSection,
  orderFor,
  stretchAt,
  stretchEdits,
  type Stretch,
  type Wishes,
} from '../solving/stretch';
import { languageOf } from '../vocabulary/language';
import { rarityOf } from '../vocabulary/levels';
import { danceWithPlan } from '../walls/settle';
import { findDancedLine } from './explain';
import { viewLine, type FootMark, type LineView } from './script-view';
import { stateBefore } from './completion';

// Going on

export const GO_ON_GROUPS = ['keep', 'travel', 'turn', 'other-foot'] as const;
/** What a figure does: stays on the wall and the foot, goes somewhere, turns, or leaves the other foot free. */
export type GoOnGroup = (typeof GO_ON_GROUPS)[number];

export interface GoOn {
  readonly group: GoOnGroup;
  readonly counts: string;
  readonly words: string;
  /** The whole line, in the writer's style. */
  readonly text: string;
  readonly feet: readonly FootMark[];
  readonly weight: Weight;
  readonly facing: Facing;
  readonly hour: string;
  readonly isUsed: boolean;
  /** Harder than the dance says it is. */
  readonly isHarder: boolean;
}

/** Steps of the body beyond which a move travels. */
const TRAVELS = 1.2;

const groupOf = ({ turn, travel, lead, ends }: Move): GoOnGroup =>
  turn !== 0 ? 'turn' : Math.hypot(travel.x, travel.y) > TRAVELS ? 'travel' : ends === lead ? 'other-foot' : 'keep';

/** Figures that may follow a line (or stand on it, where it is empty): led by the free foot, within the counts that are left. */
export function goOnAt(dance: Dance, line: number, typed = '', style: HouseStyle = SLATE_STYLE): GoOn[] {
  const { state, count, room } = placeAfter(dance, line);
  const feet: readonly Foot[] = freeFoot(state.weight) ? [nextFoot(state)] : ['R', 'L'];
  const level = levelAsked(dance);
  const used = usedIds(dance);
  const wanted = typed.trim().toLowerCase();
  const own = styleOf(dance, style);
  return feet
    .flatMap((foot) => movesLedBy(foot))
    .filter(({ counts, words }) => counts <= room && matches(words, wanted))
    .map((move) => ({ move, rank: rankOf(move, level, used) }))
    .sort((a, b) => a.rank - b.rank)
    .map(({ move }): GoOn => {
      const [text] = inStyle(lineTexts([move], count), own);
      const facing = facingAfter(state.facing, move.turn);
      return {
        group: groupOf(move),
        counts: printCounts(move.ticks.map((tick) => tick + (count - 1) * TICKS_A_COUNT)),
        words: text.replace(/^\S+(?: \d\S*)*\s+/, ''),
        text,
        feet: move.actions.map(markOf),
        weight: move.ends,
        facing,
        hour: hourOfFacing(facing),
        isUsed: used.has(move.id),
        isHarder: move.level > level,
      };
    });
}

const matches = (words: string, wanted: string): boolean =>
  wanted === '' ||
  wanted.split(/\s+/).every((part) =>
    words
      .toLowerCase()
      .split(/[\s,]+/)
      .some((word) => word.startsWith(part)),
  );

/** A single action alone is seldom what is looked for. */
const ALONE = 1.2;

const rankOf = ({ id, level, usual, counts }: Move, asked: number, used: ReadonlySet<string>): number =>
  rarityOf(id) +
  (used.has(id) ? -1 : 0) +
  Math.max(0, level - asked) * 2 +
  (usual ? 0 : 2) +
  (counts === 1 ? ALONE : 0);

function markOf({ word, foot, effect }: Move['actions'][number]): FootMark {
  if (word === 'hold') return { foot: null, kind: 'hold', wrong: false };
  if (foot) return { foot, kind: effect === 'takes' ? 'weight' : 'gesture', wrong: false };
  return { foot: null, kind: effect === 'both' ? 'both' : 'hands', wrong: false };
}

interface After {
  readonly state: DanceState;
  readonly count: number;
  /** Counts left in the section. */
  readonly room: number;
}

/** What stands before an empty line, or behind a line that is danced. */
function placeAfter(dance: Dance, line: number): After {
  const danced = findDancedLine(dance, line);
  const stretch = stretchAt(dance, { from: line, to: line });
  if (stretch && stretch.kind !== 'written') {
    const [{ first, counts }] = stretch.pieces;
    return { state: stretch.from, count: first, room: counts };
  }
  // A full section: what could stand here instead.
  if (stretch && danced) return { state: stretch.from, count: stretch.pieces[0].first, room: stretch.pieces[0].counts };
  return { state: stateBefore(dance, line + 1), count: 1, room: 8 };
}

const usedIds = (dance: Dance): ReadonlySet<string> =>
  new Set(
    dance.parts.flatMap(({ sections }) =>
      sections.flatMap(({ lines }) => lines.flatMap(({ calls }) => calls.flatMap(({ figure }) => figure?.id ?? []))),
    ),
  );

/** In the sheet's language, where its own words are of one. */
const styleOf = (dance: Dance, style: HouseStyle): HouseStyle => {
  const language = languageOf(dance.script.text);
  return language === 'en' ? style : inLanguage(style, language);
};

const inStyle = (texts: readonly string[], style: HouseStyle): string[] =>
  style === SLATE_STYLE ? [...texts] : texts.map((text) => printStepLine(readStepLine(text), { style }));

// Filling

/** A sequence that fills a stretch, as it would stand in the script. */
export interface Proposed {
  readonly lines: readonly { readonly text: string; readonly view: LineView }[];
  readonly weight: Weight;
  readonly facing: Facing;
  readonly hour: string;
  /** Slips and cares that would come elsewhere. */
  readonly elsewhere: number;
  readonly edits: readonly Edit[];
}

/** What is asked of a stretch and what is preset. */
export interface FillView {
  readonly kind: Stretch['kind'];
  /** `Section 2, counts 5 to 8`. */
  readonly place: string;
  readonly counts: number;
  readonly free?: Foot;
  readonly facing?: Facing;
  readonly level: number;
  readonly proposals: readonly Proposed[];
}

const MOST_OFFERED = 9;
const FEWEST_OFFERED = 3;
/** Sequences looked at before those that are unlike each other are chosen. */
const MOST_FOUND = 400;

/** Sequences for the lines chosen, or for what is empty at the cursor. Undefined where nothing can be filled. */
export function fillAt(
  dance: Dance,
  range: LineRange,
  wishes: Wishes = {},
  style: HouseStyle = SLATE_STYLE,
): FillView | undefined {
  const stretch = stretchAt(dance, range);
  return stretch && fillStretch(dance, stretch, wishes, style);
}

/** The last eight, so that the dance begins again on the foot it began with, facing what one time through has to turn. */
export function closeDance(dance: Dance, netTurn: Facing, style: HouseStyle = SLATE_STYLE): FillView | undefined {
  const block = dance.parts[dance.parts.length - 1];
  const last = block?.sections[block.sections.length - 1];
  if (!last) return undefined;
  const index = last.lines[last.lines.length - 1]?.line.index ?? last.text.headingLine ?? 0;
  const stretch =
    last.counts < last.statedCounts ? stretchAt(dance, { from: index, to: index }) : newSection(dance, block);
  return stretch && fillStretch(dance, stretch, { facing: facingAfter(0, netTurn) }, style);
}

function fillStretch(dance: Dance, stretch: Stretch, wishes: Wishes, style: HouseStyle): FillView {
  const order = orderFor(dance, stretch, wishes);
  const found = variedFills(order);
  const own = styleOf(dance, style);
  const alarms = checkDance(dance).filter(isAlarm).length;
  return {
    kind: stretch.kind,
    place: placeWords(stretch),
    counts: order.lengths.reduce((sum, length) => sum + length, 0),
    ...(order.free && { free: order.free }),
    ...(order.facing !== undefined && { facing: order.facing }),
    level: order.level,
    proposals: found.flatMap(({ moves }) => proposed(dance, stretch, order, moves, own, alarms) ?? []),
  };
}

/** Where all that is found is much alike, it is looked for once more without what was found. */
function variedFills(order: FillOrder): Filled[] {
  const found = unlike(fillCounts(order, MOST_FOUND), MOST_OFFERED);
  if (found.length === 0 || found.length >= FEWEST_OFFERED) return found;
  const without = new Set([
    ...(order.without ?? []),
    ...found.flatMap(({ moves }) => moves.flat().map(({ id }) => id)),
  ]);
  return [...found, ...unlike(fillCounts({ ...order, without }, MOST_FOUND), MOST_OFFERED)].slice(0, MOST_OFFERED);
}

/** Danced where it would stand; left out where it does not do there what the search took it to do. */
function proposed(
  dance: Dance,
  stretch: Stretch,
  order: FillOrder,
  moves: readonly (readonly Move[])[],
  style: HouseStyle,
  alarms: number,
): Proposed | undefined {
  const left = [...moves];
  const texts = stretch.pieces.map(({ first, counts }) => {
    const own: Move[] = [];
    for (let sum = 0; sum < counts && left.length > 0; sum = own.reduce((all, move) => all + move.counts, 0))
      own.push(...(left.shift() ?? []));
    return inStyle(lineTexts(own, first), style);
  });
  const edits = stretchEdits(dance, stretch, texts);
  const text = applyEdits(dance.script.text, edits);
  const after = danceWithPlan(rereadScript(dance.script, text));
  const places = insertedPlaces(edits);
  const lines = places.flatMap(({ from, to }) => {
    const [first, last] = [lineAtOffset(after.script, from), lineAtOffset(after.script, to)];
    return after.script.lines.slice(first, last + 1).flatMap(({ index }) => findDancedLine(after, index) ?? []);
  });
  const end = lines[lines.length - 1]?.after;
  const told = checkDance(after).filter(isAlarm);
  const inside = told.filter(
    ({ span, waitsFor }) => !waitsFor && places.some(({ from, to }) => span.from >= from && span.from <= to),
  );
  const isAsOrdered =
    end !== undefined &&
    (order.facing === undefined || end.facing === order.facing) &&
    (order.free === undefined || freeFoot(end.weight) === order.free);
  if (!isAsOrdered || inside.length > 0) return undefined;
  return {
    lines: lines.map((line) => ({ text: line.line.text, view: viewLine(line) })),
    weight: end.weight,
    facing: end.facing,
    hour: hourOfFacing(end.facing),
    elsewhere: Math.max(0, told.filter(({ waitsFor }) => !waitsFor).length - alarms),
    edits,
  };
}

/** Where what was inserted stands in the text after all edits. */
function insertedPlaces(edits: readonly Edit[]): { from: number; to: number }[] {
  let shift = 0;
  return [...edits]
    .sort((a, b) => a.from - b.from)
    .map(({ from, to, insert }) => {
      // What is inserted behind a line begins with the break of that line.
      const lead = /^\s*/.exec(insert)?.[0].length ?? 0;
      const place = { from: from + shift + lead, to: from + shift + insert.length };
      shift += insert.length - (to - from);
      return place;
    });
}

function placeWords({ pieces, kind, block }: Stretch): string {
  if (kind === 'new') return `a new section, counts 1 to ${pieces[0].counts}`;
  const words = ({ section, first, counts }: Stretch['pieces'][number]): string => {
    const name = block.block.kind === 'tag' ? `Tag ${block.block.name}`.trim() : `Section ${section?.text.number ?? 1}`;
    return `${name}, ${counts === 1 ? `count ${first}` : `counts ${first} to ${first + counts - 1}`}`;
  };
  return pieces.length === 1 ? words(pieces[0]) : `${words(pieces[0])} … ${words(pieces[pieces.length - 1])}`;
}

/** What a dance may turn in one time through, with the walls it then has. */
export const CLOSES: readonly { readonly words: string; readonly turn: Facing }[] = [
  { words: 'one wall', turn: 0 },
  { words: 'two walls', turn: CIRCLE / 2 },
  { words: 'four walls, left', turn: (CIRCLE * 3) / 4 },
  { words: 'four walls, right', turn: CIRCLE / 4 },
];
