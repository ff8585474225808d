/**
 * A plan that fits the song: cuts at section ends and tags so that walls begin with phrases. Every wall is danced whole or to a cut, with a
 * tag behind it or none; the cheapest way through the song is found exactly, by dynamic programming over counts and facings, for every
 * choice of at most two cuts and two tags. Each plan is then written, read and danced, and offered only if it comes out as it was
 * worked out, with no slip more than before.
 */
import { checkDance, isAlarm } from '../checking/check';
import type { Dance, DancedBlock } from '../dancing/dance';
import { cutAfter, stateAt } from '../dancing/places';
import type { Edit } from '../model/text';
import { applyEdits } from '../model/text';
import { TICKS_A_COUNT } from '../model/ticks';
import { facingAfter, type Facing, type Turn } from '../model/turns';
import { layUnder, startsFor } from '../music/laid';
import { songOf, type Song } from '../music/song';
import { readScript } from '../page/read-script';
import { planEdit } from '../rewriting/plan';
import { nameWords } from '../printing/plan';
import type { Script } from '../reading/script';
import { danceWithPlan } from '../walls/settle';

/**
 * What is asked of dancers (handbook 3.7 names the order; the numbers are the project's own judgement). Early in the song a cut or a tag
 * costs half as much again as at its end.
 */
const FIT_COSTS = {
  /** A wall that begins beside a phrase, beside a chorus. */
  off: 5,
  offChorus: 8,
  cut: 2,
  /** A tag the dance has already; one that only holds, and for each of its counts; one that holds while the music stands still. */
  tag: 1.25,
  hold: 1,
  holdCount: 0.25,
  holdInPause: 0.5,
  /** For every different place of a cut, and every different tag, that has to be remembered. */
  place: 2,
  kind: 1.5,
  /** The music ends away from the front. */
  end: 3,
  early: 0.5,
} as const;

const TAG_COUNTS = [2, 4, 8, 16];
const MOST_OFFERED = 4;
const MOST_DANCED = 16;

/** A place at which the part can be broken off with the right foot free. */
export interface FitCut {
  readonly counts: number;
  readonly turn: Turn;
}

/** Counts added behind a wall. */
export interface FitTag {
  readonly counts: number;
  readonly turn: Turn;
  /** Of the tag that is danced; undefined for a hold. */
  readonly name?: string;
}

/** One wall as it is danced. */
export interface FitWall {
  readonly cut?: FitCut;
  readonly tag?: FitTag;
}

export interface FitTask {
  readonly whole: FitCut;
  readonly cuts: readonly FitCut[];
  readonly tags: readonly FitTag[];
  /** Starts of lines of phrases, in counts from the first step; true for a chorus. */
  readonly starts: ReadonlyMap<number, boolean>;
  readonly pauses: ReadonlySet<number>;
  /** Counts of the song. */
  readonly counts: number;
  /** The rotation after each count of the part, from 0. */
  readonly turns: readonly Turn[];
}

export interface SongFit {
  /** Plan lines, as they are written. */
  readonly lines: readonly string[];
  readonly cost: number;
  /** What it asks, in dancers' words. */
  readonly asks: string;
  readonly met: number;
  readonly walls: number;
  readonly endFacing?: Facing;
  readonly edits: readonly Edit[];
}

/** The best few plans, the cheapest first; none for a dance in parts, or without a song. */
export function fitSong(dance: Dance, personal: string): SongFit[] {
  const song = songOf(dance.script);
  const bare = withoutPlan(dance, personal);
  const task = song && taskOf(bare, song);
  if (!task) return [];
  const slips = slipCount(bare);
  const found: SongFit[] = [];
  const seen = new Set<string>();
  for (const { walls, cost } of plansFor(task).slice(0, MOST_DANCED)) {
    if (found.length === MOST_OFFERED) break;
    const lines = planLines(walls);
    if (seen.has(lines.join('\n'))) continue;
    seen.add(lines.join('\n'));
    const fit = danceFit(dance, personal, lines, walls, slips);
    if (fit) found.push({ ...fit, cost: Math.round(cost * 10) / 10 });
  }
  return found;
}

/** Plan lines of walls go; an order would be another dance. */
function withoutPlan(dance: Dance, personal: string): Dance {
  const text = applyEdits(dance.script.text, planRemoved(dance.script));
  return text === dance.script.text ? dance : danceWithPlan(readScript(text, personal));
}

function planRemoved({ plan, text }: Script): Edit[] {
  const gone = plan.filter(({ item, line }) => ['restart', 'tag', 'ending', 'change'].includes(item.kind) && line.kind === 'plan');
  const lines = [...new Set(gone.map(({ line }) => line))];
  return lines.map(({ span }) => ({ from: span.from, to: Math.min(span.to + 1, text.length), insert: '' }));
} // prettier-ignore

const slipCount = (dance: Dance): number =>
  checkDance(dance).filter((finding) => isAlarm(finding) && finding.code !== 'tag-unplaced').length;

function taskOf(dance: Dance, song: Song): FitTask | undefined {
  const [part] = dance.parts;
  if (dance.parts.length !== 1 || part.moments.length === 0 || dance.loops !== true || song.counts === 0) return undefined;
  const lines = startsFor(song, part.counts);
  const tags = dance.tags.filter(({ after, before, counts }) => counts > 0 && after.weight === before.weight);
  return {
    whole: { counts: part.counts, turn: part.netTurn },
    cuts: cutsOf(part),
    tags: [
      ...tags.map(({ block, counts, netTurn }) => ({ counts, turn: netTurn, name: block.name })),
      ...TAG_COUNTS.map((counts) => ({ counts, turn: 0 })),
    ],
    starts: new Map(lines.map(({ start, phrase }) => [start, phrase.kind === 'chorus'])),
    pauses: new Set(song.pauses.map(({ after }) => after)),
    counts: song.counts,
    turns: Array.from({ length: part.counts + 1 }, (_, count) => turnAfter(part, count)),
  };
} // prettier-ignore

function turnAfter(part: DancedBlock, count: number): Turn {
  const until = part.moments.findIndex(({ time }) => time >= count * TICKS_A_COUNT);
  return stateAt(part, until < 0 ? part.moments.length : until).rotation;
}

/** Section ends that leave the foot free with which the part begins. */
function cutsOf(part: DancedBlock): FitCut[] {
  return part.sections.slice(1).flatMap(({ offset }) => {
    const counts = offset / TICKS_A_COUNT;
    const placed = cutAfter(part, counts, 'line');
    if ('problem' in placed || placed.cut.inside) return [];
    const state = stateAt(part, placed.cut.index);
    return state.weight === part.before.weight ? [{ counts, turn: state.rotation }] : [];
  });
}

// The cheapest way through the song

interface Reached {
  readonly cost: number;
  readonly wall?: FitWall;
  readonly from?: { readonly at: number; readonly facing: Facing };
}

export interface Plan {
  readonly walls: readonly FitWall[];
  readonly cost: number;
}

/** What a wall costs that begins at a count. */
function wallCost(task: FitTask, at: number, { cut, tag }: FitWall): number {
  const early = 1 + FIT_COSTS.early * (1 - at / task.counts);
  const behind = at + (cut ?? task.whole).counts;
  const tagged = !tag ? 0 : tag.name !== undefined ? FIT_COSTS.tag : task.pauses.has(behind) ? FIT_COSTS.holdInPause : FIT_COSTS.hold + FIT_COSTS.holdCount * tag.counts; // prettier-ignore
  return startCost(task, at) + ((cut ? FIT_COSTS.cut : 0) + tagged) * early;
}

const startCosts = new WeakMap<FitTask, Map<number, number>>();

/** Of a wall that begins there; asked for again and again. */
function startCost(task: FitTask, at: number): number {
  let known = startCosts.get(task);
  if (!known) startCosts.set(task, (known = new Map()));
  let cost = known.get(at);
  if (cost === undefined) {
    cost = task.starts.has(at) ? 0 : nearChorus(task, at) ? FIT_COSTS.offChorus : FIT_COSTS.off;
    known.set(at, cost);
  }
  return cost;
}

function nearChorus({ starts }: FitTask, at: number): boolean {
  let best = Infinity;
  let chorus = false;
  for (const [start, isChorus] of starts)
    if (Math.abs(start - at) < best) [best, chorus] = [Math.abs(start - at), isChorus];
  return chorus;
}

const endCost = (facing: Facing): number => (facing === 0 ? 0 : FIT_COSTS.end);

/** The facing after so many counts of a wall that is danced on past its cut or its tag for as long as there is music. */
function facingAt(task: FitTask, start: Facing, { cut, tag }: FitWall, counts: number): Facing {
  const danced = (cut ?? task.whole).counts;
  const turn = counts <= danced ? task.turns[counts] : (cut ?? task.whole).turn + (counts >= danced + (tag?.counts ?? 0) ? (tag?.turn ?? 0) : 0); // prettier-ignore
  return facingAfter(start, turn);
}

/** The whole cost of a way through, told wall by wall: what the search finds the least of. */
export function costOfFit(task: FitTask, walls: readonly FitWall[]): number {
  let [at, facing, cost] = [0, 0, 0];
  for (const wall of walls) {
    cost += wallCost(task, at, wall);
    const counts = (wall.cut ?? task.whole).counts + (wall.tag?.counts ?? 0);
    facing = facingAt(task, facing, wall, Math.min(counts, task.counts - at));
    at += counts;
  }
  const cuts = new Set(walls.flatMap(({ cut }) => cut ?? []));
  const tags = new Set(walls.flatMap(({ tag }) => tag ?? []));
  return cost + endCost(facing) + cuts.size * FIT_COSTS.place + tags.size * FIT_COSTS.kind;
}

/** The cheapest way for every choice of cuts and tags, the cheapest of all first. */
export function plansFor(task: FitTask): Plan[] {
  const plans = new Map<string, Plan>();
  for (const cuts of choices(task.cuts))
    for (const tags of choices(task.tags)) {
      const walls = cheapest(task, cuts, tags);
      const key = JSON.stringify(walls);
      if (!plans.has(key)) plans.set(key, { walls, cost: costOfFit(task, walls) });
    }
  return [...plans.values()].sort((one, other) => one.cost - other.cost || one.walls.length - other.walls.length);
}

/** None of them, each one, and every two. */
const choices = <T>(all: readonly T[]): (readonly T[])[] => [
  [],
  ...all.map((one) => [one]),
  ...all.flatMap((one, index) => all.slice(index + 1).map((other) => [one, other])),
];

function cheapest(task: FitTask, cuts: readonly FitCut[], tags: readonly FitTag[]): FitWall[] {
  const walls: FitWall[] = [undefined, ...cuts].flatMap((cut) =>
    [undefined, ...tags].map((tag) => ({ ...(cut && { cut }), ...(tag && { tag }) })),
  );
  const open: Map<Facing, Reached>[] = Array.from({ length: task.counts + 1 }, () => new Map<Facing, Reached>());
  open[0].set(0, { cost: 0 });
  let best: Reached = { cost: Infinity };
  for (let at = 0; at < task.counts; at++)
    for (const [facing, reached] of open[at])
      for (const wall of walls) {
        const counts = (wall.cut ?? task.whole).counts + (wall.tag?.counts ?? 0);
        const ends = at + counts >= task.counts;
        // The music is over before the cut or the tag: the whole wall says the same.
        if (ends && (wall.cut || wall.tag) && at + counts > task.counts) continue;
        const next = facingAt(task, facing, wall, Math.min(counts, task.counts - at));
        const cost = reached.cost + wallCost(task, at, wall) + (ends ? endCost(next) : 0);
        const step: Reached = { cost, wall, from: { at, facing } };
        if (ends) {
          if (cost < best.cost) best = step;
          continue;
        }
        const known = open[at + counts].get(next);
        if (!known || cost < known.cost) open[at + counts].set(next, step);
      }
  const way: FitWall[] = [];
  let step: Reached | undefined = best;
  while (step?.wall && step.from) {
    way.unshift(step.wall);
    step = open[step.from.at].get(step.from.facing);
  }
  return way;
}

// Written and danced

/** `walls 3, 7: restart after 16`: the same thing on several walls is one line. */
function planLines(walls: readonly FitWall[]): string[] {
  const lines = new Map<string, number[]>();
  const say = (words: string, wall: number): void => void lines.set(words, [...(lines.get(words) ?? []), wall]);
  walls.forEach(({ cut, tag }, index) => {
    const after = cut ? ` after ${cut.counts}` : '';
    if (tag?.name !== undefined) say(`tag ${nameWords(tag.name)}${after}`.trim(), index + 1);
    else if (tag) say(`tag${after}: hold ${tag.counts} counts`, index + 1);
    if (cut) say(`restart after ${cut.counts}`, index + 1);
  });
  return [...lines].map(([words, own]) => `${own.length > 1 ? 'walls' : 'wall'} ${own.join(', ')}: ${words}`);
}

/** Undefined where it is danced otherwise than it was worked out. */
function danceFit(dance: Dance, personal: string, lines: readonly string[], walls: readonly FitWall[], slips: number): Omit<SongFit, 'cost'> | undefined {
  const { script } = dance;
  const removed = planRemoved(script);
  const bare = readScript(applyEdits(script.text, removed), personal);
  const text = lines.length === 0 ? bare.text : applyEdits(bare.text, [planEdit(bare, lines)]);
  const danced = danceWithPlan(readScript(text, personal));
  const laid = layUnder(danced);
  if (!laid || slipCount(danced) > slips || laid.walls.length !== walls.length) return undefined;
  const whole = danced.parts[0].counts;
  const isSame = walls.every(({ cut, tag }, index) => {
    const isLast = index === walls.length - 1;
    return isLast || laid.walls[index].counts === (cut?.counts ?? whole) + (tag?.counts ?? 0);
  });
  if (!isSame) return undefined;
  return {
    lines,
    asks: asksOf(walls),
    met: laid.walls.filter(({ out }) => out === 0).length,
    walls: laid.walls.length,
    ...(laid.end && { endFacing: laid.end.facing }),
    edits: text === script.text ? [] : [{ from: 0, to: script.text.length, insert: text }],
  };
} // prettier-ignore

const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;

function asksOf(walls: readonly FitWall[]): string {
  const cuts = walls.flatMap(({ cut }) => cut ?? []);
  const tags = walls.flatMap(({ tag }) => tag ?? []);
  const places = new Set(cuts.map(({ counts }) => counts)).size;
  const asked = [
    cuts.length > 0 && `${plural(cuts.length, 'restart')}${places > 1 ? ` at ${places} places` : ''}`,
    tags.some(({ name }) => name !== undefined) && plural(tags.filter(({ name }) => name !== undefined).length, 'tag'),
    tags.some(({ name }) => name === undefined) && plural(tags.filter(({ name }) => name === undefined).length, 'hold'),
  ].filter(Boolean);
  return asked.length === 0 ? 'nothing: it is danced straight through' : asked.join(', ');
}
