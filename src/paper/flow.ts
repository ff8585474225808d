/** Pieces put under each other into columns and pages. A piece never splits, and what must stay with the next does. */
import type { Block, Page, Paper } from './page';

export interface Piece {
  /** Points. */
  readonly height: number;
  /** Space above it, left out at the top of a column. */
  readonly before: number;
  /** It may not be the last in its column. */
  readonly keepsWithNext: boolean;
  /** A group that begins with it begins a column. */
  readonly startsPage?: boolean;
  readonly draw: (x: number, y: number) => Block[];
}

/** Of every page, points. */
export const MARGIN = 42;

export interface Frame {
  readonly paper: Paper;
  readonly margin: number;
  readonly columns: 1 | 2;
  readonly gutter: number;
  /** Kept free at the foot of every page. */
  readonly foot: number;
  /** Height of what runs over the top of every page but the first. */
  readonly running: number;
}

export const columnWidth = ({ paper, margin, columns, gutter }: Frame): number =>
  (paper.width - 2 * margin - (columns - 1) * gutter) / columns;

/** Stretches that stay together: each piece with those after it that it keeps with. */
function chains(pieces: readonly Piece[]): Piece[][] {
  const out: Piece[][] = [];
  let open = false;
  for (const piece of pieces) {
    if (open) out[out.length - 1].push(piece);
    else out.push([piece]);
    open = piece.keepsWithNext;
  }
  return out;
}

const heightOf = (pieces: readonly Piece[]): number =>
  pieces.reduce((sum, { height, before }, index) => sum + height + (index === 0 ? 0 : before), 0);

/**
 * `head` stands once over all columns of the first page. `decorate` adds what runs along on every page, when it is known how many
 * there are.
 */
export function flow(
  head: readonly Piece[],
  groups: readonly (readonly Piece[])[],
  frame: Frame,
  decorate: (page: number, of: number) => Block[],
): Page[] {
  const pages = balanced(head, groups, frame);
  return pages.map((blocks, index) => ({ blocks: [...blocks, ...decorate(index + 1, pages.length)] }));
}

/** Two columns end at about the same height on the last page. */
function balanced(head: readonly Piece[], groups: readonly (readonly Piece[])[], frame: Frame): Block[][] {
  const full = frame.paper.height - frame.margin - frame.foot;
  const set = (last: number, of: number): Block[][] =>
    setIn(head, groups, frame, (page) => (page === of ? last : full));
  const pages = set(full, Infinity);
  if (frame.columns === 1) return pages;
  let [low, high] = [frame.margin, full];
  while (high - low > 4) {
    const middle = (low + high) / 2;
    if (set(middle, pages.length).length > pages.length) low = middle;
    else high = middle;
  }
  return set(high, pages.length);
}

function setIn(
  head: readonly Piece[],
  groups: readonly (readonly Piece[])[],
  frame: Frame,
  bottomOf: (page: number) => number,
): Block[][] {
  const { margin, columns, gutter, running } = frame;
  const pages: Block[][] = [[]];
  const width = columnWidth(frame);
  let top = margin;
  for (const piece of head) {
    top += top === margin ? 0 : piece.before;
    pages[0].push(...piece.draw(margin, top));
    top += piece.height;
  }
  let [column, y, isTop] = [0, top, head.length === 0];
  const next = (): void => {
    column += 1;
    if (column === columns) {
      column = 0;
      pages.push([]);
      top = margin + running;
    }
    [y, isTop] = [top, true];
  };
  for (const group of groups) {
    const whole = heightOf(group);
    const bottom = bottomOf(pages.length);
    const room = frame.paper.height - margin - frame.foot - (margin + running);
    // A group that fits a column stays whole; a longer one is cut between its chains.
    const stays = whole <= room;
    const needs = (isTop ? 0 : (group[0]?.before ?? 0)) + whole;
    if (!isTop && (group[0]?.startsPage || (stays && y + needs > bottom))) next();
    for (const chain of chains(group)) {
      const height = heightOf(chain) + (isTop ? 0 : chain[0].before);
      if (!isTop && y + height > bottomOf(pages.length)) next();
      for (const piece of chain) {
        y += isTop ? 0 : piece.before;
        pages[pages.length - 1].push(...piece.draw(margin + column * (width + gutter), y));
        y += piece.height;
        isTop = false;
      }
    }
  }
  return pages;
}
