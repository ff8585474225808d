/** Words that mean something only beside certain figures, and what a list of places says: the small print of reading calls. */
import type { Direction } from '../model/actions';
import { CIRCLE, type Way } from '../model/turns';
import { AMOUNT_WORDS, DIRECTION_WORDS, FOOT_WORDS, REPEAT_WORDS, SIDE_WORDS, WAY_WORDS } from '../vocabulary/words';
import { GOES_ON, type Call, type Draft } from './settle';

/** Verbs that a heel or a toe can follow as a noun: `touch L toe behind`. */
export const TOE_AND_HEEL: ReadonlySet<string> = new Set(['heel', 'toe']);
export const TAKES_TOE_AND_HEEL: ReadonlySet<string> = new Set(['touch', 'tap', 'point', 'close', 'heel']);
export const OBJECT_WORDS: ReadonlySet<string> = new Set([
  'towards',
  'toward',
  'over',
  'across',
  'behind',
  'beside',
  'next to',
  'in front of',
  'in front',
  'hinter',
  'neben',
  'ueber',
  'derriere',
  'a cote',
]);
export const SOFT_JOINTS: ReadonlySet<string> = new Set(['and', 'und', 'et']);
export const WITH_WORDS: ReadonlySet<string> = new Set(['with', 'mit', 'avec']);
export const LONGEST_PHRASE = 3;
/** First words of all directions, ways, amounts and repeats. */
export const PHRASE_OPENINGS: ReadonlySet<string> = new Set(
  [AMOUNT_WORDS, WAY_WORDS, REPEAT_WORDS, DIRECTION_WORDS].flatMap(Object.keys).map((phrase) => phrase.split(' ')[0]),
);

/** Fractions that stand in the names of figures. */
export const NAMED_AMOUNTS: Readonly<Record<number, string>> = { 12: 'quarter', 24: 'half', [CIRCLE]: 'full' };

/** Figures whose names are lists of places, which may go on. */
export const PLACES_OF: Readonly<Record<string, Direction[]>> = {
  'side-together': ['side', 'together'],
  'behind-side-cross': ['behind', 'side', 'cross'],
};

/** Two words for one place: `forward across`, `out to the side`. */
export const ONE_PLACE: ReadonlySet<string> = new Set([
  'forward cross',
  'cross forward',
  'out side',
  'side out',
  'back behind',
  'behind back',
  'place in',
  'in place',
]);

/** A second place said in one breath is a further go of the same feet: `touch out in out`. The counts decide. */
export function isFurtherPlace({ figure, direction, places }: Draft, next: Direction): boolean {
  const before = places[places.length - 1] ?? direction;
  if (!before || before === next || ONE_PLACE.has(`${before} ${next}`)) return false;
  return figure === undefined || TAKES_PLACES.has(figure.id);
}
export const TAKES_PLACES: ReadonlySet<string> = new Set([
  'step',
  'touch',
  'tap',
  'point',
  'toe',
  'heel',
  'kick',
  'jump',
  'swivel',
  'twist',
  'walk',
]);

/** `R toe touches: side, together, side`: places after the colon of a gesture are gestures too. */
export function asGestureOf(titled: Call, call: Call): Call {
  const { figure, foot, footSpan } = titled;
  if (!figure || !GOES_ON.has(figure.id) || call.figure?.id !== 'step' || call.foot || call.turn) return call;
  return { ...call, figure, ...(foot && { foot, footSpan }) };
}

/** A side among the next two words: `towards R`, `towards the left`. */
export function isSideAhead(words: readonly string[], at: number): boolean {
  const [next = '', after = ''] = words.slice(at + 1, at + 3);
  return [next, after].some((word) => word in SIDE_WORDS || word in FOOT_WORDS);
}

/** `over the left shoulder`: the way of a turn, and how many words say it. */
export function shoulderAhead(words: readonly string[], at: number): { way: Way; length: number } | undefined {
  for (let ahead = 1; ahead <= 3; ahead++) {
    const word = words[at + ahead] ?? '';
    if (word in SIDE_WORDS && /^(shoulder|schulter)/.test(words[at + ahead + 1] ?? ''))
      return { way: SIDE_WORDS[word] === 'R' ? 'right' : 'left', length: ahead + 2 };
  }
  return undefined;
}
