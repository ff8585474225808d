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
import { isFoot } from '../model/feet';
import { TICKS_A_COUNT } from '../model/ticks';
import { CIRCLE, facingAfter, type Facing, type Turn } from '../model/turns';
import { layUnder, startsFor, unitOf, type Unit } from '../music/laid';
import { songOf, type Song } from '../music/song';
import { rereadScript } from '../page/read-script';
import { planEdit } from '../rewriting/plan';
import { nameWords } from '../printing/plan';
import type { Script } from '../reading/script';
import { danceWithPlan } from '../walls/settle';
import { freeingAt, type Freeing } from './mend-join';

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
  tag: 1,
  hold: 1,
  holdCount: 0.25,
  holdInPause: 0.5,
  /** For every different place of a cut, and every different tag, that has to be remembered. */
  place: 2,
  kind: 1.5,
  /** More for a place inside a section: after a four, seldom after two or six; and for every cut at which a step is changed. */
  four: 1.5,
  two: 2.5,
  changed: 1,
  /** The music ends away from the front. */
  end: 3,
  early: 0.5,
} as const;

const TAG_COUNTS = { 8: [2, 4, 8, 16], 6: [3, 6, 12, 24] } as const;
const MOST_OFFERED = 4;
const MOST_DANCED = 16;

/** A place at which the part can be broken off, with the right foot free or freed by a changed step. */
export interface FitCut {
  readonly counts: number;
  readonly turn: Turn;
  /** What the place costs beyond a section's end. */
  readonly rare?: number;
  readonly freeing?: Freeing;
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
export function fitSong(dance: Dance): SongFit[] {
  const song = songOf(dance.script);
  const bare = withoutPlan(dance);
  const task = song && taskOf(bare, song);
  if (!task) return [];
  const slips = slipCount(bare);
  const found: SongFit[] = [];
  const seen = new Set<string>();
  for (const { walls, cost } of plansFor(task).slice(0, MOST_DANCED)) {
    if (found.length === MOST_OFFERED) break;
    const lines = planLines(walls);
    // The same counts added by a tag or by a hold are one plan: the cheaper is offered.
    if (seen.has(shapeOf(walls))) continue;
    seen.add(shapeOf(walls));
    const fit = danceFit(dance, lines, walls, slips);
    if (fit) found.push({ ...fit, cost: Math.round(cost * 10) / 10 });
  }
  return found;
}

const shapeOf = (walls: readonly FitWall[]): string =>
  walls.map(({ cut, tag }) => `${cut?.counts ?? ''}+${tag?.counts ?? ''}`).join(' ');

/** Plan lines of walls go; an order would be another dance. */
function withoutPlan(dance: Dance): Dance {
  const text = applyEdits(dance.script.text, planRemoved(dance.script));
  return text === dance.script.text ? dance : danceWithPlan(rereadScript(dance.script, text));
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
  const unit = unitOf(dance);
  const lines = startsFor(song, part.counts, unit);
  const tags = dance.tags.filter(({ after, before, counts }) => counts > 0 && after.weight === before.weight);
  return {
    whole: { counts: part.counts, turn: part.netTurn },
    cuts: cutsOf(dance, part, unit),
    tags: [
      ...tags.map(({ block, counts, netTurn }) => ({ counts, turn: netTurn, name: block.name })),
      ...TAG_COUNTS[unit].map((counts) => ({ counts, turn: 0 })),
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

/** Section ends and even counts inside them (thirds, in a waltz), between two calls, where the leading foot is free or can be freed. */
function cutsOf(dance: Dance, part: DancedBlock, unit: Unit): FitCut[] {
  const wanted = part.before.weight;
  if (!isFoot(wanted)) return [];
  const apart = unit === 6 ? 3 : 2;
  const ends = new Set(part.sections.map(({ offset }) => offset / TICKS_A_COUNT));
  return Array.from({ length: Math.floor((part.counts - 1) / apart) }, (_, index) => apart * (index + 1)).flatMap((counts): FitCut[] => {
    const placed = cutAfter(part, counts, 'line');
    if ('problem' in placed || placed.cut.inside) return [];
    const state = stateAt(part, placed.cut.index);
    const rare = ends.has(counts) ? 0 : counts % (2 * apart) === 0 ? FIT_COSTS.four : FIT_COSTS.two;
    const own = { counts, turn: state.rotation, rare };
    if (state.weight === wanted) return [own];
    const freeing = freeingAt(dance, { block: part, from: 0, to: placed.cut.index }, wanted);
    return freeing ? [{ ...own, freeing }] : [];
  });
} // prettier-ignore

// The cheapest way through the song

export interface Plan {
  readonly walls: readonly FitWall[];
  readonly cost: number;
}

const earliness = (task: FitTask, at: number): number => 1 + FIT_COSTS.early * (1 - at / task.counts);

/** What a wall asks beyond being danced, at the end of the song. `inPause`: its tag falls into a pause. */
const askCost = ({ cut, tag }: FitWall, inPause: boolean): number =>
  (cut ? FIT_COSTS.cut + (cut.freeing ? FIT_COSTS.changed : 0) : 0) +
  (!tag ? 0 : tag.name !== undefined ? FIT_COSTS.tag : inPause ? FIT_COSTS.holdInPause : FIT_COSTS.hold + FIT_COSTS.holdCount * tag.counts); // prettier-ignore

/** What a wall costs that begins at a count. */
function wallCost(task: FitTask, at: number, wall: FitWall): number {
  const inPause = task.pauses.has(at + (wall.cut ?? task.whole).counts);
  return startCost(task, at) + askCost(wall, inPause) * earliness(task, at);
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
  return cost + endCost(facing) + fixedCost([...cuts], [...tags]);
}

/** What has to be remembered, however often it is danced. */
const fixedCost = (cuts: readonly FitCut[], tags: readonly FitTag[]): number =>
  cuts.reduce((sum, { rare = 0 }) => sum + FIT_COSTS.place + rare, 0) + tags.length * FIT_COSTS.kind;

/**
 * The cheapest way for every choice of cuts and tags, the cheapest of all first. A choice is left out when what has to be remembered
 * of it makes it dearer than enough others even with the cheapest way there is: the one that may use everything and remembers nothing.
 */
export function plansFor(task: FitTask): Plan[] {
  const plans = new Map<string, Plan>();
  const bound = wayCost(task, cheapest(task, task.cuts, task.tags));
  const asked = choices(task.cuts, isUsualPair).flatMap((cuts) =>
    choices(task.tags).map((tags) => ({ cuts, tags, fixed: fixedCost(cuts, tags) })),
  );
  const enough: number[] = [];
  const note = (walls: readonly FitWall[]): void => {
    if (walls.length === 0) return;
    const key = shapeOf(walls) + walls.map(({ tag }) => tag?.name ?? '').join();
    if (plans.has(key)) return;
    const cost = costOfFit(task, walls);
    plans.set(key, { walls, cost });
    enough.push(cost);
    enough.sort((one, other) => one - other);
  };
  for (const { cuts, tags, fixed } of asked.sort((one, other) => one.fixed - other.fixed)) {
    // What a way may cost by itself to be among the best.
    const most = (enough[MOST_DANCED - 1] ?? Infinity) - fixed + 1e-9;
    if (bound > most) break;
    const walls = cheapest(task, cuts, tags, false, most);
    note(walls);
    // A tag behind a cut is two things at once: without that, another way may be the cheapest of the choice.
    if (walls.some(({ cut, tag }) => cut && tag)) note(cheapest(task, cuts, tags, true, most));
  }
  return [...plans.values()].sort((one, other) => one.cost - other.cost || one.walls.length - other.walls.length);
}

/** Two places inside sections are more than anybody remembers. */
const isUsualPair = (one: FitCut, other: FitCut): boolean => !one.rare || !other.rare;

/** None of them, each one, and every two. */
const choices = <T>(all: readonly T[], goTogether: (one: T, other: T) => boolean = () => true): (readonly T[])[] => [
  [],
  ...all.map((one) => [one]),
  ...all.flatMap((one, index) =>
    all.slice(index + 1).flatMap((other) => (goTogether(one, other) ? [[one, other]] : [])),
  ),
];

/** Of the walls alone: nothing is remembered. */
function wayCost(task: FitTask, walls: readonly FitWall[]): number {
  const cuts = new Set(walls.flatMap(({ cut }) => cut ?? []));
  const tags = new Set(walls.flatMap(({ tag }) => tag ?? []));
  return costOfFit(task, walls) - fixedCost([...cuts], [...tags]);
}

/** A way of dancing one wall, as the search holds it. */
interface WallKind {
  readonly wall: FitWall;
  readonly counts: number;
  readonly turn: Turn;
  readonly free: number;
  readonly inPause: number;
  readonly danced: number;
}

const commonDivisor = (one: number, other: number): number => (other === 0 ? one : commonDivisor(other, one % other));

/**
 * Dynamic programming over counts and facings, both in one list: `count * ways + facing / step`. Only facings that the turns of the
 * walls can come to are held. Empty where no way costs `most` or less.
 */
function cheapest(task: FitTask, cuts: readonly FitCut[], tags: readonly FitTag[], apart = false, most = Infinity): FitWall[] {
  const kinds = wallKinds(task, cuts, tags, apart);
  const step = kinds.reduce((own, { turn }) => commonDivisor(own, turn), CIRCLE);
  const ways = CIRCLE / step;
  const turns = Int32Array.from(kinds, ({ turn }) => turn / step);
  const costs = new Float64Array(task.counts * ways).fill(Infinity);
  const kindAt = new Int16Array(task.counts * ways);
  const from = new Int32Array(task.counts * ways).fill(-1);
  const asked = new Float64Array(kinds.length);
  costs[0] = 0;
  let best = { cost: most, kind: -1, place: -1 };
  for (let at = 0; at < task.counts; at++) {
    const early = earliness(task, at);
    const begins = startCost(task, at);
    let isReady = false;
    for (let way = 0; way < ways; way++) {
      const place = at * ways + way;
      const reached = costs[place] + begins;
      // What is dearer than the best by now comes to nothing.
      if (!(reached <= best.cost)) continue;
      if (!isReady) {
        kinds.forEach(({ danced, inPause, free }, index) => (asked[index] = early * (task.pauses.has(at + danced) ? inPause : free)));
        isReady = true;
      }
      for (let index = 0; index < kinds.length; index++) {
        const { counts, wall } = kinds[index];
        const end = at + counts;
        const cost = reached + asked[index];
        if (end < task.counts) {
          const turned = way + turns[index];
          const next = end * ways + (turned < ways ? turned : turned - ways);
          if (cost >= costs[next]) continue;
          costs[next] = cost;
          kindAt[next] = index;
          from[next] = place;
        } else if (end === task.counts || (!wall.cut && !wall.tag)) {
          // The music is over before a cut or a tag: the whole wall says the same.
          const last = facingAt(task, way * step, wall, Math.min(counts, task.counts - at));
          if (cost + endCost(last) < best.cost || best.kind < 0) best = { cost: cost + endCost(last), kind: index, place };
        }
      }
    }
  }
  if (best.kind < 0 || best.cost > most) return [];
  const way = [kinds[best.kind].wall];
  for (let place = best.place; from[place] >= 0; place = from[place]) way.unshift(kinds[kindAt[place]].wall);
  return way;
} // prettier-ignore

function wallKinds(task: FitTask, cuts: readonly FitCut[], tags: readonly FitTag[], apart: boolean): WallKind[] {
  return [undefined, ...cuts].flatMap((cut) =>
    [undefined, ...(cut && apart ? [] : tags)].map((tag): WallKind => {
      const wall = { ...(cut && { cut }), ...(tag && { tag }) };
      const { counts: danced, turn } = cut ?? task.whole;
      return {
        wall,
        danced,
        counts: danced + (tag?.counts ?? 0),
        turn: facingAfter(0, turn + (tag?.turn ?? 0)),
        free: askCost(wall, false),
        inPause: askCost(wall, true),
      };
    }),
  );
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
    if (cut)
      say(`restart after ${cut.counts}${cut.freeing?.kind === 'then' ? `, then ${cut.freeing.words}` : ''}`, index + 1);
    if (cut?.freeing?.kind === 'change') say(`change ${cut.freeing.range} to ${cut.freeing.words}`, index + 1);
  });
  return [...lines].map(([words, own]) => `${own.length > 1 ? 'walls' : 'wall'} ${own.join(', ')}: ${words}`);
}

/** Undefined where it is danced otherwise than it was worked out. */
function danceFit(dance: Dance, lines: readonly string[], walls: readonly FitWall[], slips: number): Omit<SongFit, 'cost'> | undefined {
  const { script } = dance;
  const removed = planRemoved(script);
  const bare = rereadScript(script, applyEdits(script.text, removed));
  const text = lines.length === 0 ? bare.text : applyEdits(bare.text, [planEdit(bare, lines)]);
  const danced = danceWithPlan(rereadScript(script, text));
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
    cuts.some(({ freeing }) => freeing) && plural(cuts.filter(({ freeing }) => freeing).length, 'changed step'),
    tags.some(({ name }) => name !== undefined) && plural(tags.filter(({ name }) => name !== undefined).length, 'tag'),
    tags.some(({ name }) => name === undefined) && plural(tags.filter(({ name }) => name === undefined).length, 'hold'),
  ].filter(Boolean);
  return asked.length === 0 ? 'nothing: it is danced straight through' : asked.join(', ');
}
