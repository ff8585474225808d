/**
 * Endings at the front: given the wall and the count at which the music stops, the smallest changes that finish facing 12:00, each
 * written as plan lines, studied afresh, and offered only when the dance then ends there with no slip more than before.
 */
import { checkDance, isAlarm } from '../checking/check';
import { cutAfter, stateAt } from '../dancing/places';
import type { Dance, DancedCall } from '../dancing/dance';
import { isFoot, otherFoot } from '../model/feet';
import type { Edit } from '../model/text';
import { applyEdits } from '../model/text';
import { countOfTick, TICKS_A_COUNT } from '../model/ticks';
import {
  amountWords,
  CIRCLE,
  facingAfter,
  turnBetween,
  turnWords,
  wayOfTurn,
  type Facing,
  type Turn,
} from '../model/turns';
import { rereadScript } from '../page/read-script';
import type { Script } from '../reading/script';
import { danceWithPlan } from '../walls/settle';
import { wallsOf, wallTable } from '../walls/table';
import type { Wall } from '../walls/wall';
import { planEdit } from '../rewriting/plan';

export interface EndingProposal {
  /** `Stop after 14 and step out to the front`. */
  readonly label: string;
  /** What it asks of the dancer. */
  readonly asks: string;
  readonly edits: readonly Edit[];
  /** Turning added, and counts changed: the smaller the better. */
  readonly cost: number;
}

export interface Endings {
  readonly wall: number;
  readonly count: number;
  readonly facing: Facing;
  readonly free?: 'L' | 'R';
  /** It ends at the front by itself. */
  readonly front: boolean;
  readonly proposals: readonly EndingProposal[];
}

const MOST_OFFERED = 6;
/** Counts before the end that may be given up or changed. */
const REACH = 8;

/** Undefined where the wall is not danced, or has no such count. */
export function endingsAt(dance: Dance, wall: number, count: number): Endings | undefined {
  const bare = withoutEnding(dance);
  const found = wallTable(bare, wall).find(({ number, kind }) => number === wall && kind === 'part');
  const state = found && standingAfter(found, count);
  if (!found || !state) return undefined;
  const proposals = state.facing === 0 ? [] : candidates(found, count);
  const slips = slipCount(bare);
  const checked: EndingProposal[] = [];
  for (const { label, asks, lines, cost } of proposals.sort((one, other) => one.cost - other.cost)) {
    if (checked.length === MOST_OFFERED) break;
    const edits = endingEdits(dance, lines);
    if (endsAtFront(rereadScript(dance.script, applyEdits(dance.script.text, edits)), slips))
      checked.push({ label, asks, edits, cost });
  }
  const plain: EndingProposal[] =
    state.facing === 0
      ? [
          {
            label: `End after ${count}`,
            asks: 'nothing: it ends at the front by itself',
            cost: 0,
            edits: endingEdits(dance, [`ending: wall ${wall} after ${count}`]),
          },
        ]
      : [];
  return {
    wall,
    count,
    facing: state.facing,
    ...(isFoot(state.weight) && { free: otherFoot(state.weight) }),
    front: state.facing === 0,
    proposals: [...plain, ...checked],
  };
}

/** The dance without the ending it has, so that a later one can be tried. */
function withoutEnding(dance: Dance): Dance {
  const edits = dance.script.plan
    .filter(({ item }) => item.kind === 'ending')
    .map(({ line }) => ({ ...line.span, insert: '' }));
  return edits.length === 0 ? dance : danceWithPlan(rereadScript(dance.script, applyEdits(dance.script.text, edits)));
}

/** The old ending goes, the new lines come. */
function endingEdits(dance: Dance, lines: readonly string[]): Edit[] {
  const old = dance.script.plan.filter(({ item, line }) => item.kind === 'ending' && line.kind === 'plan');
  const [first, ...others] = old;
  if (!first) return [planEdit(dance.script, lines)];
  const remove = others.map(({ line }) => ({ from: Math.max(line.span.from - 1, 0), to: line.span.to, insert: '' }));
  return [{ ...first.line.span, insert: lines.join('\n') }, ...remove];
}

/** Plans for walls after the end are no reason against it: they are told when it is taken. */
const slipCount = (dance: Dance): number =>
  checkDance(dance).filter((finding) => isAlarm(finding) && finding.code !== 'plan-wall-beyond').length;

function endsAtFront(script: Script, slips: number): boolean {
  const dance = danceWithPlan(script);
  const { walls, ended } = wallsOf(dance);
  return ended && walls[walls.length - 1]?.end === 0 && slipCount(dance) <= slips;
}

interface Standing {
  readonly facing: Facing;
  readonly weight: string;
}

/** How the dancers stand after a count of a wall, tags inside it danced. */
function standingAfter({ pieces }: Wall, count: number): Standing | undefined {
  const [{ block }] = pieces;
  const placed = cutAfter(block, count, 'line');
  if ('problem' in placed || count < 1) return undefined;
  const { index } = placed.cut;
  const piece = pieces.find(({ kind, from, to }) => kind === 'part' && from <= index && index <= to && index > 0);
  if (!piece) return undefined;
  const state = stateAt(block, index);
  return { facing: facingAfter(state.facing, piece.shift), weight: state.weight };
}

interface Candidate {
  readonly label: string;
  readonly asks: string;
  readonly lines: readonly string[];
  readonly cost: number;
}

function candidates(wall: Wall, count: number): Candidate[] {
  const found: Candidate[] = [...largerTurns(wall, count)];
  for (let early = 0; early < REACH && early < count; early++) {
    const stop = count - early;
    const state = standingAfter(wall, stop);
    if (!state || isTorn(wall, stop)) continue;
    if (state.facing === 0 && early > 0)
      found.push({
        label: `Stop after ${stop} and hold`,
        asks: `${early} count${early === 1 ? '' : 's'} less, and a pose`,
        lines: [`ending: wall ${wall.number} after ${stop}, then 1${early > 1 ? `-${early}` : ''} Hold`],
        cost: early,
      });
    if (state.facing !== 0 && isFoot(state.weight))
      found.push(...stepsOut(wall, stop, early, state.facing, otherFoot(state.weight)));
  }
  return found;
}

const isTorn = ({ pieces }: Wall, count: number): boolean => {
  const placed = cutAfter(pieces[0].block, count, 'line');
  return 'problem' in placed || placed.cut.inside !== undefined;
};

/** Steps after the stop that come to the front, in the counts that are left (at least two beats are taken for a pivot). */
function stepsOut({ number }: Wall, stop: number, early: number, facing: Facing, foot: 'L' | 'R'): Candidate[] {
  const other = otherFoot(foot);
  const turn = turnBetween(facing, 0);
  const toward: Turn[] = Math.abs(turn) === CIRCLE / 2 ? [turn, -turn] : [turn];
  const make = (label: string, asks: string, steps: string, cost: number): Candidate => ({
    label,
    asks,
    lines: [`ending: wall ${number} after ${stop}, then ${steps} (12:00)`],
    cost: cost + early,
  });
  const stopWords = early === 0 ? `After ${stop}` : `Stop after ${stop}`;
  return toward.flatMap((own) => {
    const words = turnWords(own);
    const inward = wayOfTurn(own) === (foot === 'R' ? 'left' : 'right');
    const size = (Math.abs(own) / CIRCLE) * 8;
    const list = [
      make(
        `${stopWords}, step to the front`,
        `one step that turns ${words}`,
        `1 Step ${foot} forward turning ${words}`,
        size + Math.abs(1 - early),
      ),
    ];
    if (inward)
      list.push(
        make(
          `${stopWords}, step and pivot to the front`,
          `a step and a pivot ${words}`,
          `1-2 Step ${foot} forward, pivot ${words}`,
          size + Math.abs(2 - early) + 0.5,
        ),
      );
    if (inward && Math.abs(own) === CIRCLE / 2)
      list.push(
        make(
          `${stopWords}, cross and unwind to the front`,
          `a cross and an unwind of ${words}`,
          `1-2 Cross ${foot} over ${other}, unwind ${words}`,
          size + Math.abs(2 - early) + 1,
        ),
      );
    return list;
  });
}

/** The last turn before the end made larger, or turned the other way. */
function largerTurns({ number, pieces }: Wall, count: number): Candidate[] {
  const [{ block }] = pieces;
  const placed = cutAfter(block, count, 'line');
  const state = standingAfter({ pieces } as Wall, count);
  if ('problem' in placed || !state) return [];
  const inside = (call: DancedCall): boolean => {
    const at = block.moments.indexOf(call.moments[call.moments.length - 1]);
    return at >= 0 && at < placed.cut.index;
  };
  const lines = block.sections.flatMap((own) => own.lines);
  const line = lines.findLast(({ calls }) =>
    calls.some((call) => call.call.turn?.amount && call.moments.length > 0 && inside(call)),
  );
  const turning = line?.calls.findLast((call) => call.call.turn?.amount !== undefined && inside(call));
  const said = turning?.call.turn;
  const [first] = line?.moments ?? [];
  const last = line?.moments[line.moments.length - 1];
  if (
    !line ||
    !turning ||
    turning.call.copied ||
    !said ||
    !first ||
    !last ||
    !inside(line.calls[line.calls.length - 1])
  )
    return [];
  const [from, to] = [countOfTick(first.time), countOfTick(last.time)];
  if (count - to >= REACH || first.time % TICKS_A_COUNT !== 0) return [];
  const now = turning.moments.reduce((sum, { action }) => sum + action.turn, 0);
  const needed = facingAfter(0, -state.facing);
  const calls = line.calls.filter(({ moments }) => moments.length > 0);
  const start = calls[0].call.span.from;
  const words = line.line.text.slice(start, calls[calls.length - 1].call.span.to);
  return [needed, needed - CIRCLE]
    .map((added) => now + added)
    .filter((turn) => turn !== 0 && Math.abs(turn) < CIRCLE)
    .map((turn): Candidate => {
      const opening =
        /^(?:making|turning|turn)\s+/i.exec(words.slice(said.span.from - start, said.span.to - start))?.[0] ?? '';
      const other = `${words.slice(0, said.span.from - start)}${opening}${amountWords(turn)} ${wayOfTurn(turn)}${words.slice(said.span.to - start)}`;
      return {
        label: `Turn ${turnWords(turn)} on ${from === to ? from : `${from}-${to}`}`,
        asks: `the last turn is ${turnWords(turn)} instead of ${turnWords(now)}`,
        lines: [
          `wall ${number}: change ${from === to ? from : `${from}-${to}`} to ${other}`,
          `ending: wall ${number} after ${count}`,
        ],
        cost: 1 + (Math.abs(turn - now) / CIRCLE) * 8,
      };
    });
}
