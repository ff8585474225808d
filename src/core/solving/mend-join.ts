/**
 * The smallest changed steps that free the foot a join needs: an `&` step more, a step that becomes a touch, a touch or a hold that
 * becomes a step, a rock whose recover becomes a close, two steps for a triple. Each is danced from where it stands and offered only
 * when it takes the same counts, faces the same wall and leaves the right foot free.
 */
import { isImpossible } from '../checking/rules/foot-not-free';
import type { Dance, DancedCall, Moment } from '../dancing/dance';
import { stateAt } from '../dancing/places';
import { isFoot, otherFoot, type Foot } from '../model/feet';
import type { Proposal } from '../model/findings';
import { shiftSpan } from '../model/text';
import { countOfTick, tickOfCount, TICKS_A_COUNT } from '../model/ticks';
import { pickWords } from '../printing/plan';
import { spellAction } from '../rewriting/expand';
import { danceInserted, type Piece } from '../walls/pieces';
import type { BadJoin } from '../walls/problems';

interface Changed {
  readonly from: number;
  readonly to: number;
  readonly words: string;
  /** Few are better. */
  readonly cost: number;
}

const MOST_OFFERED = 4;

export function mendJoin(dance: Dance, bad: BadJoin): Proposal[] {
  const { before, piece, entry } = bad;
  if (!before || !isFoot(piece.join.weight) || !entry) return [];
  const wanted = otherFoot(piece.join.weight);
  if (before.kind === 'tag' && dance.tags.includes(before.block)) return tagChanges(dance, before, wanted);
  if (before.kind !== 'part') return [];
  const steps = changesAt(before)
    .filter((change) => fits(dance, before, change, wanted))
    .sort((a, b) => a.cost - b.cost)
    .map(({ from, to, words }) => {
      const range = from === to ? `${from}` : `${from}-${to}`;
      return {
        label: `${range}: ${words}`,
        edits: [newPlanLine(bad, `${wallsOfJoin(bad)}: change ${range} to ${words}`)],
      };
    });
  return [...andStep(dance, bad, before, wanted), ...steps].slice(0, MOST_OFFERED);
}

/** A change that frees the other foot at a cut. */
export type Freeing =
  | { readonly kind: 'then'; readonly words: string }
  | { readonly kind: 'change'; readonly range: string; readonly words: string };

type Stretch = Pick<Piece, 'block' | 'from' | 'to'>;

/** Where words are danced that stand nowhere yet. */
const NOWHERE = { offset: 0, line: { index: 0 } };

/** The smallest change at the end of a stretch that leaves the weight on `wanted`; undefined where there is none. */
export function freeingAt(dance: Dance, stretch: Stretch, wanted: Foot): Freeing | undefined {
  const { block, to } = stretch;
  const last = block.moments[to - 1];
  if (!last || stateAt(block, to).weight !== otherFoot(wanted)) return undefined;
  const words = `& Step ${wanted} beside ${otherFoot(wanted)}`;
  if (last.time % TICKS_A_COUNT === 0) {
    const own = danceInserted(dance.script, NOWHERE, { text: words, span: { from: 0, to: 0 } }, stateAt(block, to), 0);
    if (own.understood && own.block.after.weight === wanted && !own.block.moments.some(isImpossible))
      return { kind: 'then', words };
  }
  const [change] = changesAt(stretch)
    .filter((own) => fits(dance, stretch, own, wanted))
    .sort((one, other) => one.cost - other.cost);
  return change && { kind: 'change', range: change.from === change.to ? `${change.from}` : `${change.from}-${change.to}`, words: change.words };
} // prettier-ignore

/** A tag that ends on the wrong foot is changed where it is written. */
function tagChanges(dance: Dance, before: Piece, wanted: Foot): Proposal[] {
  const lines = before.block.sections.flatMap((own) => own.lines);
  return changesAt(before)
    .filter((change) => fits(dance, before, change, wanted))
    .sort((a, b) => a.cost - b.cost)
    .flatMap(({ from, to, words }) => {
      const isInside = ({ time }: Moment): boolean => time >= tickOfCount(from) && time < tickOfCount(to + 1);
      const line = lines.findLast(({ moments }) => moments.some(isInside));
      const calls = line?.calls.filter(({ moments }) => moments.some(isInside)) ?? [];
      const whole = calls.every(({ call, moments, titled }) => moments.every(isInside) && !titled && !call.copied);
      if (!line || !whole || calls.length === 0) return [];
      const span = { from: calls[0].call.span.from, to: calls[calls.length - 1].call.span.to };
      const opens = calls[0] === line.calls[0];
      const insert = opens ? words : words[0].toLowerCase() + words.slice(1);
      return [{ label: words, edits: [{ ...shiftSpan(span, line.line.span.from), insert }] }];
    })
    .slice(0, MOST_OFFERED);
}

/** A line that is about several walls is mended on all of them. */
function wallsOfJoin(bad: BadJoin): string {
  const item = bad.entry?.item;
  if (item?.kind === 'restart' && item.walls.kind === 'walls') return pickWords(item.walls);
  return `wall ${wallBefore(bad)}`;
}

/** The wall that the piece before the join belongs to. */
const wallBefore = ({ piece, wall }: BadJoin): number => (piece.from === 0 && piece.kind === 'part' ? wall - 1 : wall);

/** `restart after 18, then & Step L beside R`: one step more, between the counts. */
function andStep(dance: Dance, { entry }: BadJoin, before: Piece, wanted: Foot): Proposal[] {
  if (entry?.item.kind !== 'restart' || entry.item.changed) return [];

  const state = stateAt(before.block, before.to);
  // The `&` is free only where nothing is danced on it.
  if (state.weight === wanted || (before.block.moments[before.to - 1]?.time ?? 0) % TICKS_A_COUNT !== 0) return [];
  const words = `& Step ${wanted} beside ${otherFoot(wanted)}`;
  const at = entry.offset + entry.item.span.to;
  const danced = danceInserted(
    dance.script,
    entry,
    { text: words, span: { from: 0, to: 0 } },
    state,
    before.at + before.ticks,
  );
  if (danced.block.after.weight !== wanted || danced.block.moments.some(isImpossible)) return [];
  return [{ label: `then ${words}`, edits: [{ from: at, to: at, insert: `, then ${words}` }] }];
}

/** Changes of the last calls before a cut, told by the counts they stand on. */
function changesAt({ block, from, to }: Stretch): Changed[] {
  const calls = block.sections
    .flatMap(({ lines }) => lines.flatMap((line) => line.calls))
    .filter(
      ({ moments }) =>
        moments.length > 0 &&
        block.moments.indexOf(moments[0]) >= from &&
        block.moments.indexOf(moments[moments.length - 1]) < to,
    );
  const last = calls[calls.length - 1];
  if (!last) return [];
  const changed: Changed[] = [];
  const moment = last.moments[last.moments.length - 1];
  const { action } = moment;
  const on = countOfTick(moment.time);
  const alone = isAlone(block.moments, to - 1);
  if (alone && action.foot && action.turn === 0) {
    const other = otherFoot(action.foot);
    if (action.effect === 'takes' && action.word !== 'recover' && action.word !== 'pivot')
      changed.push({ from: on, to: on, words: `Touch ${action.foot} ${placeWords(action.direction, other)}`, cost: 1 });
    if (action.effect === 'none')
      changed.push({
        from: on,
        to: on,
        words: `Step ${action.foot} ${placeWords(action.direction === 'cross' ? action.direction : 'together', other)}`,
        cost: 1,
      });
  }
  if (alone && action.word === 'hold' && isFoot(moment.before.weight)) {
    const free = otherFoot(moment.before.weight);
    changed.push({ from: on, to: on, words: `Step ${free} beside ${moment.before.weight}`, cost: 1 });
  }
  changed.push(...rockAt(calls), ...tripleAt(last));
  return changed;
}

/** No `&` stands beside its count, so the count alone can be said. */
const isAlone = (moments: readonly { readonly time: number }[], at: number): boolean =>
  moments.every(({ time }, index) => index === at || countOfTick(time) !== countOfTick(moments[at].time)) &&
  moments[at].time % TICKS_A_COUNT === 0;

const placeWords = (direction: string | null, other: Foot): string =>
  direction === null || direction === 'together' || direction === 'place'
    ? `beside ${other}`
    : direction === 'cross'
      ? `over ${other}`
      : direction === 'behind'
        ? `behind ${other}`
        : direction;

/** A rock and its recover: the rock becomes a touch, and the foot closes. */
function rockAt(calls: readonly DancedCall[]): Changed[] {
  const moments = calls.flatMap((call) => call.moments);
  const [rock, recover] = moments.slice(-2);
  if (
    !recover ||
    recover.action.word !== 'recover' ||
    rock.action.word !== 'rock' ||
    recover.action.turn !== 0 ||
    rock.action.turn !== 0
  )
    return [];
  const foot = rock.action.foot as Foot;
  if (recover.time - rock.time !== TICKS_A_COUNT || rock.time % TICKS_A_COUNT !== 0) return [];
  const place = placeWords(rock.action.direction, otherFoot(foot));
  return [
    {
      from: countOfTick(rock.time),
      to: countOfTick(recover.time),
      words: `Touch ${foot} ${place}, close ${foot}`,
      cost: 2,
    },
    {
      from: countOfTick(rock.time),
      to: countOfTick(recover.time),
      words: `Step ${foot} ${place}, touch ${otherFoot(foot)} beside ${foot}`,
      cost: 2,
    },
  ];
}

/** A triple without a turn, in two steps. */
function tripleAt({ moments, figure }: DancedCall): Changed[] {
  const [a, b, c] = moments;
  if (moments.length !== 3 || figure?.family !== 'triples' || moments.some(({ action }) => action.turn !== 0))
    return [];
  if (b.time - a.time !== TICKS_A_COUNT / 2 || c.time - a.time !== TICKS_A_COUNT) return [];
  const words = `${upperFirst(spellAction(a.action))}, ${spellAction({ ...b.action, direction: 'together', size: undefined })}`;
  return [{ from: countOfTick(a.time), to: countOfTick(c.time), words, cost: 3 }];
}

const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function fits(dance: Dance, { block, to }: Stretch, { from, to: last, words }: Changed, wanted: Foot): boolean {
  const index = block.moments.findIndex(({ time }) => time >= tickOfCount(from));
  const before = stateAt(block, index);
  const after = stateAt(block, to);
  const length = tickOfCount(last + 1) - tickOfCount(from);
  const {
    block: danced,
    end,
    understood,
  } = danceInserted(dance.script, NOWHERE, { text: words, span: { from: 0, to: 0 } }, before, 0, length);
  return (
    understood &&
    end === length &&
    danced.after.weight === wanted &&
    danced.after.facing === after.facing &&
    !danced.moments.some(isImpossible)
  );
}

/** A line of its own after the one that brings the join. */
function newPlanLine({ entry }: BadJoin, text: string): { from: number; to: number; insert: string } {
  const at = entry?.line.span.to ?? 0;
  return { from: at, to: at, insert: `\n${text}` };
}
