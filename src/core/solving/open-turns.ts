/**
 * Answers for turns that were left open. Every wall stated later is a condition on the sum of the turns before it, so the search
 * is over amounts alone and dances nothing: all that is open between two stated walls has to come to what they differ by.
 */
import type { Dance, DancedBlock, DancedCall, DancedLine } from '../dancing/dance';
import { naturalWay } from '../dancing/resolve';
import type { Proposal } from '../model/findings';
import { shiftSpan, type Span } from '../model/text';
import { amountWords, CIRCLE, facingAfter, wallsOfTurn, wayOfTurn, waySign, WAYS, type Turn } from '../model/turns';

/** Customary amounts: eighths up to a full turn. */
const AMOUNTS: readonly number[] = [6, 12, 18, 24, 30, 36, 42, 48];
/** Amounts from the most to the least usual; what is not here is rarer still. */
const USUAL: readonly number[] = [24, 12, 48, 36, 6];
/** Over all parts together: what comes after waits until turns before it are settled. */
const MOST_TRIED = 20_000;
const MOST_OFFERED = 3;

interface OpenTurn {
  readonly span: Span;
  readonly words: string;
  readonly amountGiven: boolean;
  readonly wayGiven: boolean;
  /** What the dance turns there so far, in parts of a circle. */
  readonly taken: Turn;
  readonly choices: readonly { readonly turn: Turn; readonly cost: number }[];
}

type Event = { readonly open: OpenTurn } | { readonly off: number };

/** Proposals for each open turn, by where its words stand. */
export function solveOpenTurns(dance: Dance): ReadonlyMap<number, readonly Proposal[]> {
  const proposals = new Map<number, readonly Proposal[]>();
  const effort = { left: MOST_TRIED };
  for (const block of [...dance.parts, ...dance.tags]) {
    const events = firstOpen(eventsOf(dance, block));
    const opens = events.flatMap((event) => ('open' in event ? [event.open] : []));
    if (opens.length === 0) continue;
    const solutions = search(events, wallsWanted(dance, block), effort);
    opens.forEach((open, index) =>
      proposals.set(
        open.span.from,
        offer(
          open,
          solutions.map(({ turns }) => turns[index]),
        ),
      ),
    );
  }
  return proposals;
}

/** So many open turns in one part are answered together; what comes after them waits for the next key. */
const MOST_OPEN = 8;

function firstOpen(events: readonly Event[]): readonly Event[] {
  let open = 0;
  const end = events.findIndex((event) => 'open' in event && ++open > MOST_OPEN);
  return end < 0 ? events : events.slice(0, end);
}

function eventsOf(dance: Dance, block: DancedBlock): Event[] {
  return block.sections.flatMap((own) =>
    own.lines
      .filter(({ line }) => line.section === own.text)
      .flatMap((danced) =>
        danced.calls.flatMap((call): Event[] => [...openIn(dance, danced, call), ...claimsOf(call)]),
      ),
  );
}

/** How far each stated wall is from the wall reached so far. */
const claimsOf = (call: DancedCall): Event[] =>
  call.facingClaims.map(({ facing }) => ({ off: facingAfter(0, facing - call.after.facing) }));

/** Asked with a question mark, or left without an amount or a way that its figure settles. */
const isOpen = ({ call, assumed }: DancedCall): boolean =>
  call.turn?.open === true ||
  assumed.some(({ kind, customary }) => !customary && (kind === 'way' || kind === 'amount'));

function openIn(dance: Dance, { line }: DancedLine, call: DancedCall): Event[] {
  const { turn } = call.call;
  if (!turn || call.call.copied || turn.target !== undefined || !call.figure || !isOpen(call)) return [];
  const span = shiftSpan(turn.span, line.span.from);
  const [first] = call.moments;
  const natural = first && call.lead ? naturalWay(call.figure, call.lead, first.before) : undefined;
  const amounts = turn.amount === undefined ? AMOUNTS : [turn.amount];
  const ways = turn.way ? [turn.way] : WAYS;
  const usual = call.figure.amount;
  const choices = amounts.flatMap((amount) =>
    ways.map((way) => ({
      turn: amount * waySign(way),
      cost:
        (amount === usual ? 0 : 1 + (USUAL.includes(amount) ? USUAL.indexOf(amount) : USUAL.length)) +
        (natural === undefined || natural === way ? 0 : 3),
    })),
  );
  const taken = call.moments.reduce((sum, { action }) => sum + action.turn, 0);
  return [
    {
      open: {
        span,
        words: dance.script.text.slice(span.from, span.to),
        amountGiven: turn.amount !== undefined,
        wayGiven: turn.way !== undefined,
        taken: turn.amount === undefined ? 0 : taken,
        choices,
      },
    },
  ];
}

/** Whether a net turn keeps what the header claims; anything does where it claims nothing. */
function wallsWanted(dance: Dance, block: DancedBlock): (added: Turn) => boolean {
  const claimed = dance.script.header.walls?.value;
  if (claimed === undefined || block.block.kind !== 'part') return () => true;
  return (added) => wallsOfTurn(dance.netTurn + added) === claimed;
}

interface Solution {
  readonly turns: readonly Turn[];
  readonly cost: number;
}

/** All ways to meet every stated wall, the most plausible first; nothing when there is none. */
function search(events: readonly Event[], netFits: (added: Turn) => boolean, effort: { left: number }): Solution[] {
  const found: Solution[] = [];
  const turns: Turn[] = [];
  const goOn = (at: number, added: Turn, cost: number): void => {
    if (effort.left-- <= 0) return;
    const event = events[at];
    if (!event) {
      found.push({ turns: [...turns], cost: cost + (netFits(added) ? 0 : 6) });
      return;
    }
    if ('off' in event) {
      // Walls stated before the first open turn bind nothing here.
      if (turns.length === 0 || facingAfter(0, added - event.off) === 0) goOn(at + 1, added, cost);
      return;
    }
    for (const { turn, cost: own } of event.open.choices) {
      turns.push(turn);
      goOn(at + 1, added + turn - event.open.taken, cost + own);
      turns.pop();
      if (effort.left <= 0) return;
    }
  };
  goOn(0, 0, 0);
  return found.sort((a, b) => a.cost - b.cost);
}

function offer(open: OpenTurn, turns: readonly Turn[]): Proposal[] {
  return [...new Set(turns)].slice(0, MOST_OFFERED).map((turn) => {
    const label = `${amountWords(turn)} ${wayOfTurn(turn)}`;
    return { label, edits: [{ ...open.span, insert: answered(open, turn) }] };
  });
}

/** The question mark gives way to what was missing: `turn ? left` to `turn 1/4 left`. */
function answered({ words, amountGiven, wayGiven }: OpenTurn, turn: Turn): string {
  const amount = Math.abs(turn) === CIRCLE ? 'full' : amountWords(turn);
  const missing = [amountGiven ? '' : amount, wayGiven ? '' : wayOfTurn(turn)].filter(Boolean).join(' ');
  if (words.includes('?')) return words.replace('?', missing);
  // `turn left` wants its amount before the way, `1/2` its way behind.
  return amountGiven ? `${words} ${missing}` : words.replace(/\b(left|right|l|r)\b/i, `${amount} $1`);
}
