/** What a list of places says: a further go, a corner, the way home, or what is passed. */
import { says } from '../../lexicon/joints';
import { DIRECTION_WORDS, FOOT_WORDS, SIDE_WORDS } from '../../lexicon/steps';
import type { Direction } from '../../model/actions';
import type { Foot } from '../../model/feet';
import { type Draft } from './call';

/** Two words for one place: `forward across`, `out to the side`. */
const ONE_PLACE: ReadonlySet<string> = new Set([
  'forward cross',
  'cross forward',
  'out side',
  'side out',
  'back behind',
  'behind back',
  'place in',
  'forward place',
  'back place',
  'in place',
]);

/** A gesture, which may go on from place to place. */
export const goesOn = ({ figure }: Draft): boolean => figure !== undefined && figure.manners.has('goesOn');

/** A second place said in one breath is a further go of the same feet: `touch out in out`. The counts decide. */
export function isFurtherPlace({ figure, direction, places }: Draft, next: Direction): boolean {
  const before = places[places.length - 1] ?? direction;
  if (!before || before === next || ONE_PLACE.has(`${before} ${next}`)) return false;
  return figure === undefined || figure.manners.has('takesPlaces');
}

/** A side among the next two words: `towards R`, `towards the left`. */
export function isSideAhead(words: readonly string[], at: number): boolean {
  const [next = '', after = ''] = words.slice(at + 1, at + 3);
  const isSide = (word: string): boolean => word in SIDE_WORDS || word in FOOT_WORDS;
  return isSide(next) || (!next.startsWith(' ') && isSide(after));
}

/** `vor dem linken Fuß`, `PD devant PG`: what is passed in front; `Schritt vor rechts` goes forward. */
export function isOtherAhead(words: readonly string[], at: number, draft: Draft | undefined): boolean {
  const [next = '', after = ''] = words.slice(at + 1, at + 3);
  const isSide = (word: string): boolean => word in SIDE_WORDS || word in FOOT_WORDS;
  return (says('article', next) && isSide(after)) || (isSide(next) && (draft?.sides.length ?? 0) > 0);
}

/** A gesture somewhere else than beside the other foot. */
export const isOutside = ({ figure, direction = figure?.direction }: Partial<Draft> = {}): boolean =>
  figure?.manners.has('gestures') === true && direction !== undefined && direction !== 'together';

export const isCorner = (direction: Direction): boolean => direction.startsWith('diagonal');

/** A second place of a foot, where neither is a corner: `forward diagonal` is one. */
export const isOtherPlace = (before: Direction | undefined, next: Direction): boolean =>
  before !== undefined && !isCorner(before) && !isCorner(next);

/** `diagonal back`, `back diagonal`: one corner, whichever comes first. */
export function cornerOf(before: Direction | undefined, next: Direction): Direction {
  if (before === undefined || isCorner(before) === isCorner(next)) return next;
  const along = isCorner(before) ? next : before;
  if (along === 'back') return 'diagonal back';
  return along === 'forward' && isCorner(before) ? 'diagonal forward' : next;
}

/** The foot that is named already, and a word that brings it back beside the other. */
export const isHome = ({ sides }: Draft, foot: Foot, next: string): boolean =>
  sides.length === 1 && sides[0].foot === foot && (DIRECTION_WORDS[next] === 'together' || says('home', next));
