/** The plan rewritten: lines added, moved to other walls or other counts, taken away. Every other word of the script stays. */
import type { Edit } from '../model/text';
import { nameWords, printPlanItem } from '../printing/plan';
import type { PlanItem } from '../grammar/plan';
import type { AndRule } from '../grammar/plan-places';
import type { PlanEntry, Script } from '../reading/script';

/** New lines at the end of the plan; a sheet without a plan gets one. */
export function planEdit({ text, blocks, lines }: Script, added: readonly string[]): Edit {
  const at = blocks.findIndex(({ kind }) => kind === 'plan');
  const plan = blocks[at];
  if (plan?.headingLine === undefined) {
    const end = text.trimEnd().length;
    return { from: end, to: text.length, insert: `${end > 0 ? '\n\n' : ''}## Plan\n${added.join('\n')}\n` };
  }
  const next = blocks.slice(at + 1).find(({ headingLine }) => headingLine !== undefined)?.headingLine ?? lines.length;
  let last = plan.headingLine;
  for (let line = plan.headingLine; line < next; line++) if (lines[line].kind !== 'blank') last = line;
  const to = lines[last].span.to;
  return { from: to, to, insert: `\n${added.join('\n')}` };
}

/** A place by whole counts through the part. */
export interface PlanPlace {
  readonly count: number;
  readonly and?: AndRule;
}

type Cutting = Extract<PlanItem, { kind: 'restart' | 'tag' | 'ending' }>;

/** `wall 3: restart after 16`, in the one form that plans are printed in. */
export const restartLine = (wall: number, { count, and }: PlanPlace): string =>
  `wall ${wall}: restart after ${count}${and === 'with' ? '&' : ''}`;

export const tagLine = (wall: number, name: string, after?: number): string =>
  `wall ${wall}: tag${name ? ` ${nameWords(name)}` : ''}${after === undefined ? '' : ` after ${after}`}`;

export const endingLine = (wall: number, count: number): string => `ending: wall ${wall} after ${count}`;

export const addToPlan = (script: Script, line: string): Edit[] => [planEdit(script, [line])];

/**
 * A wall is taken out of the walls a line is about; the line goes when it was the only one.
 * `danced`: the walls that dance the line: a regular one ("odd walls") is told by their numbers from then on.
 */
export function removeFromPlan(script: Script, entry: PlanEntry, wall: number, danced: readonly number[] = []): Edit[] {
  const item = numbered(entry.item, danced);
  if (!('walls' in item) || item.walls.kind !== 'walls' || item.walls.numbers.length < 2)
    return removeItem(script, entry);
  const numbers = item.walls.numbers.filter((number) => number !== wall);
  return [
    replaceItem(entry, { ...item, walls: { ...item.walls, numbers }, facings: keptFacings(item, wall) } as PlanItem),
  ];
}

/** The same thing on another wall, or after another count. What is stated to be faced there is left out: it is another place. */
export function moveInPlan(
  entry: PlanEntry,
  wall: number,
  to: { readonly wall?: number; readonly place?: PlanPlace },
  danced: readonly number[] = [],
): Edit[] {
  const item = numbered(entry.item, danced);
  if (item.kind !== 'restart' && item.kind !== 'tag' && item.kind !== 'ending') return [];
  const target = to.wall ?? wall;
  const moved = movedItem(item, target, to.place);
  const numbers = item.walls.kind === 'walls' ? item.walls.numbers.filter((number) => number !== wall) : [];
  if (item.walls.kind !== 'walls' || numbers.length === 0) return [replaceItem(entry, moved)];
  if (to.place === undefined && !numbers.includes(target)) {
    const together = [...numbers, target].sort((a, b) => a - b);
    return [replaceItem(entry, { ...item, facings: [], walls: { ...item.walls, numbers: together } } as PlanItem)];
  }
  const rest = replaceItem(entry, {
    ...item,
    walls: { ...item.walls, numbers },
    facings: keptFacings(item, wall),
  } as PlanItem);
  const text = entry.line.text.slice(entry.offset - entry.line.span.from);
  return [{ ...rest, insert: `${rest.insert}\n${printPlanItem(moved, text)}` }];
}

/** "Odd walls", "2nd A" by the numbers of the walls they come to. */
function numbered(item: PlanItem, danced: readonly number[]): PlanItem {
  if (!('walls' in item) || item.walls.kind === 'walls' || danced.length === 0) return item;
  return { ...item, walls: { kind: 'walls', numbers: danced, span: item.walls.span } } as PlanItem;
}

function movedItem(item: Cutting, wall: number, place: PlanPlace | undefined): PlanItem {
  const walls = { kind: 'walls', numbers: [wall], span: item.span } as const;
  const there = place && ({ kind: 'count', count: place.count, and: place.and ?? 'line', span: item.span } as const);
  return { ...item, walls, facings: [], ...(there && { place: there }) } as PlanItem;
}

/** Facings that were told for the walls that stay. */
function keptFacings(item: Extract<PlanItem, { facings: unknown }>, wall: number): typeof item.facings {
  if (item.walls.kind !== 'walls' || item.facings.length < 2) return item.facings;
  const at = item.walls.numbers.indexOf(wall);
  return item.facings.filter((_, index) => index !== at);
}

function replaceItem({ item, offset, line }: PlanEntry, instead: PlanItem): Edit {
  const text = line.text.slice(offset - line.span.from);
  return { from: offset + item.span.from, to: offset + item.span.to, insert: printPlanItem(instead, text) };
}

/** The whole line goes with its last item. */
function removeItem({ plan, text }: Script, entry: PlanEntry): Edit[] {
  const { line, item, offset } = entry;
  const alone = plan.filter((own) => own.line === line).length < 2 && line.kind === 'plan';
  if (!alone)
    return line.kind === 'plan' ? [{ from: offset + item.span.from, to: offset + item.span.to, insert: '' }] : [];
  const to = text[line.span.to] === '\r' ? line.span.to + 2 : line.span.to + 1;
  return [{ from: line.span.from, to: Math.min(to, text.length), insert: '' }];
}
