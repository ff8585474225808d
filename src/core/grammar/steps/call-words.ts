/** Words that mean something only beside certain figures, and what a list of places says: the small print of reading calls. */
import type { Direction } from '../../model/actions';
import type { Foot } from '../../model/feet';
import { CIRCLE, type Way } from '../../model/turns';
import {
  AMOUNT_WORDS,
  DIRECTION_WORDS,
  FILLERS,
  FOOT_WORDS,
  REPEAT_WORDS,
  SIDE_WORDS,
  WAY_WORDS,
} from '../../lexicon/steps';
import { fused, KNOWN, type Figure } from '../../vocabulary';
import { says } from '../../lexicon/joints';
import type { Token } from './tokens';
import { isSingle, type Call, type CalledTurn, type Draft } from './settle';

export const saysNothing = (word: string): boolean => FILLERS.has(word) || says('nothing', word) || says('total', word);

/** What small words change in the call they stand in. */
export function noteWord(draft: Draft, { word, to }: Token, lastWord: string): void {
  if (draft.figure && says('it', word)) draft.it = true;
  if (draft.same && says('other', word)) draft.same = 'mirrored';
  if (draft.figure) draft.figure = fused(draft.figure, word) ?? draft.figure;
  // `links herum`: said with the way, and part of what is said.
  if (says('round', word)) draft.to = to;
  // `1/2 Drehung links herum auf beiden Ballen`: a pivot.
  if (says('balls', word) && says('both', lastWord) && draft.turnWord) draft.figure ??= KNOWN.pivot;
  if (says('total', word) && draft.repeat > 1) draft.total = true;
}

export const LONGEST_PHRASE = 3;
/** `..., once more`: at the end of what is danced twice. */
const ONCE_MORE = /^(?:once (?:more|again)|one more time|encore une fois)(?: break|$)/;

/** How many words say that what stands before is danced a second time; 0 where they open a step. */
export const onceMoreAt = (words: readonly string[], at: number): number => {
  const ahead = words
    .slice(at, at + 4)
    .join(' ')
    .replace(/ {2}/g, ' ');
  const match = ONCE_MORE.exec(ahead);
  return match ? match[0].replace(' break', '').split(' ').length : 0;
};

/** First words of all directions, ways, amounts and repeats. */
export const PHRASE_OPENINGS: ReadonlySet<string> = new Set(
  [AMOUNT_WORDS, WAY_WORDS, REPEAT_WORDS, DIRECTION_WORDS].flatMap(Object.keys).map((phrase) => phrase.split(' ')[0]),
);

/** Fractions that stand in the names of figures. */
export const NAMED_AMOUNTS: Readonly<Record<number, string>> = { 12: 'quarter', 24: 'half', [CIRCLE]: 'full' };

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

/** `R toe touches: side, together, side`: places after the colon of a gesture are gestures too. */
export function asGestureOf(titled: Call, call: Call): Call {
  const { figure, foot, footSpan } = titled;
  if (!figure || !figure.manners.has('goesOn') || call.figure !== KNOWN.step || call.foot || call.turn) return call;
  return { ...call, figure, ...(foot && { foot, footSpan }) };
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

/** `rechte Ferse vorn auftippen`, `die Fußspitze tippt zur Seite`: the verb comes late and names nothing new. */
export const isVerbAtEnd = ({ figure: before }: Draft, { manners }: Figure): boolean =>
  manners.has('comesLate') && before !== undefined && before.manners.has('waitsForVerb');

/** `drei Schritte vorwärts gehen`: two words for one thing. */
export const isSteppedTwice = ({ figure: before, sides }: Draft, figure: Figure): boolean =>
  sides.length === 0 && figure !== before && [figure, before].every((one) => one?.manners.has('isStepping'));

/** A gesture that lasts is done again on every count, a turn on both feet takes its time; a step is only slow. */
export function takeTime(draft: Draft, counts: number): void {
  const [step] = draft.figure?.forms[0].steps ?? [];
  const isRun = draft.figure?.run !== undefined && draft.figure.fills === true;
  if (isRun || (step?.effect === 'none' && step.word !== 'turn')) draft.repeat = counts;
  else if (step?.role === 'AB' && !draft.figure?.fills) draft.lasts = counts;
}

/** `over the left shoulder`: the way of a turn, and how many words say it. */
export function shoulderAhead(words: readonly string[], at: number): { way: Way; length: number } | undefined {
  for (let ahead = 1; ahead <= 3; ahead++) {
    const word = words[at + ahead] ?? '';
    if (word in SIDE_WORDS && says('shoulder', words[at + ahead + 1]))
      return { way: SIDE_WORDS[word] === 'R' ? 'right' : 'left', length: ahead + 2 };
  }
  return undefined;
}

/** `par l'épaule gauche`: the noun comes first. */
export function epauleAhead(words: readonly string[], at: number): { way: Way; length: number } | undefined {
  const noun = words.slice(at + 1, at + 4).findIndex((word) => says('shoulder-first', word));
  const side = noun < 0 ? undefined : SIDE_WORDS[words[at + noun + 2] ?? ''];
  return side && { way: side === 'R' ? 'right' : 'left', length: noun + 3 };
}

/** `heel R & heel L`: between two gestures of different feet the `&` closes the first. */
export function closingBetween(before: Call, after: Call, text: string): Call | undefined {
  if (!before.foot || !after.foot || before.foot === after.foot || !isGesture(before) || !isGesture(after))
    return undefined;
  const at = text.indexOf('&', before.span.to);
  return at < 0 || at >= after.span.from ? undefined : closing(before.foot, at);
}

/** `heel R & heel L &`: a line that ends on its `&` closes the foot that gestured last. */
export function closingAtEnd(last: Call, text: string): Call | undefined {
  const rest = text.slice(last.span.to);
  if (!last.foot || !isGesture(last) || !/^\s*&\s*$/.test(rest)) return undefined;
  return closing(last.foot, last.span.to + rest.indexOf('&'));
}

/** A turn that takes its time: the counts after the one it begins on. */
export const lasting = (counts: number): Omit<Call, 'span'> => ({
  figure: KNOWN.hold,
  repeat: counts,
  total: false,
  joined: false,
  unread: [],
});

/** `Full turn left: step back making a half, ...`: turns without a way go the way of the title. */
export const turnedAs = ({ turn }: Call, call: Call): Call =>
  turn?.way && call.turn && call.turn.way === undefined && call.turn.target === undefined
    ? { ...call, turn: { ...call.turn, way: turn.way } }
    : call;

const closing = (foot: Foot, at: number): Call => ({
  span: { from: at, to: at + 1 },
  figure: KNOWN.close,
  foot,
  repeat: 1,
  total: false,
  joined: false,
  implied: true,
  unread: [],
});

const isGesture = ({ figure }: Call): boolean => figure !== undefined && figure.manners.has('gestures');

/** A heel or a toe, and a gesture it can be the part of. */
export const isPartOfGesture = ({ figure }: Draft, part: Figure): boolean =>
  figure !== undefined && part.manners.has('isPart') && figure.manners.has('givesWayToPart');

/** `touch R heel`, `cross step R`, `cross toe strut R`: two names for one action. True when the second went into the first. */
export function mergeName(draft: Draft, figure: Figure): boolean {
  const before = draft.figure as Figure;
  const together = fused(before, figure);
  if (together) {
    draft.figure = together;
    return true;
  }
  if (mergeHow(draft, before, figure)) return true;
  if (figure.manners.has('isPart')) return mergeNoun(draft, before, figure);
  // `touche pointe PD à droite`
  if (figure === KNOWN.point && before === KNOWN.touch && draft.sides.length === 0) {
    draft.figure = figure;
    return true;
  }
  // `touche D croisé devant`: across is where it goes.
  const isPlain = draft.sides.length === 0 && before.forms[0].steps[0].direction === '*';
  if (figure === KNOWN.cross && (before.manners.has('goesOn') || isPlain) && !draft.direction) {
    draft.direction = 'cross';
    return true;
  }
  const takesDirection = figure.forms.some((form) => form.steps.some((step) => step.direction === '*'));
  const named = draft.sides.length === 0 || !isSingle(figure);
  if (before !== KNOWN.cross || draft.direction || !named || !takesDirection) return false;
  if (figure === KNOWN.step) return true;
  draft.figure = figure;
  draft.direction = 'cross';
  return true;
}

/** How an action is done: `put the ball of R beside L`, `cross R toe over L`. */
function mergeHow(draft: Draft, { id, manners }: Figure, figure: Figure): boolean {
  if (draft.direction) return false;
  const isBall = id === 'step' && figure === KNOWN.ball && draft.sides.length === 0;
  const isCrossed = id === 'cross' && figure.manners.has('isPart');
  if (isCrossed) draft.direction = 'cross';
  if (isBall || isCrossed) draft.figure = figure;
  // `touch the ball of R forward`
  const isTouched = figure === KNOWN.ball && manners.has('givesWayToPart') && draft.sides.length === 0;
  return isBall || isCrossed || isTouched;
}

/** `swivel heels right, toes right`: parts of both feet go on with what was named. */
export const goesOnSwivelling = ({ figure, nameSpan }: Draft, previous: Call, text: string): boolean =>
  previous.figure?.manners.has('swivels') === true &&
  figure !== undefined &&
  nameSpan !== undefined &&
  figure.manners.has('isPart') &&
  /(?:heels|toes|fersen|hacken|spitzen|talons|pointes)$/i.test(text.slice(nameSpan.from, nameSpan.to));

function mergeNoun(draft: Draft, before: Figure, noun: Figure): boolean {
  if (says('puts', draft.verb) && draft.sides.length < 2) {
    draft.figure = noun;
    return true;
  }
  // `touch R toe behind the left heel`: the part of the other foot.
  if (draft.sides.length > 1 && draft.direction) return true;
  if (before.manners.has('givesWayToPart')) {
    if (before !== KNOWN.point || noun === KNOWN.heel) draft.figure = noun;
    return true;
  }
  if (before.manners.has('swivels')) {
    // `swivel heels, toes, heels`: the first names what swivels, each further one is a swivel more.
    if (draft.noun !== undefined) draft.places.push(null);
    draft.noun = noun.id;
    return true;
  }
  return before.manners.has('namesPart');
}

/** `shuffle forward stepping R L R`, `coaster L step`: the word brings nothing but the feet. `ahead`: the next two words. */
export function onlyNamesFeet(draft: Draft, figure: Figure, ahead: readonly string[]): boolean {
  if (figure !== KNOWN.step || isSingle(draft.figure as Figure)) return false;
  const [next = ' break', after = ' break'] = ahead;
  if (next === ' break') return draft.sides.length > 0;
  const isSide = (word: string): boolean => word in SIDE_WORDS || word in FOOT_WORDS;
  return isSide(next) && (isSide(after) || after === ' break');
}

/** For every token where the next bracket closes, -1 where none does; found for all of them in one walk from the back. */
export function closingBrackets(tokens: readonly Token[]): readonly number[] {
  const closes = new Array<number>(tokens.length).fill(-1);
  for (let index = tokens.length - 2; index >= 0; index--)
    closes[index] = tokens[index + 1].word === ')' ? index + 1 : closes[index + 1];
  return closes;
}

/** `on the ball`, `on R heel`, `on your toes`: the part of the foot that bears the weight. */
export function standsOn(words: readonly string[], at: number): boolean {
  if (!says('bearer', words[at])) return false;
  let before = at - 1;
  while (before > at - 4 && (says('before-bearer', words[before]) || words[before] in SIDE_WORDS)) before -= 1;
  return says('onto', words[before]);
}

/** `ball of the right`: how many words. The foot is left for a step that has none yet; a gesture has the other one. */
export function bearingLength(words: readonly string[], at: number, { figure, sides }: Draft): number {
  const steps = figure?.forms[0].steps[0].effect !== 'none';
  if (steps && sides.length === 0) return 1;
  let length = 1;
  while (length < 4 && says('of-bearer', words[at + length])) length += 1;
  const side = words[at + length] ?? '';
  if (says('it', words[at + length - 1])) return length;
  return length > 1 && (side in SIDE_WORDS || side in FOOT_WORDS) ? length + 1 : 1;
}

/** `Jazz box with cross: cross R over L, ...`: the whole clause before the colon is the title; the place of its first call. */
export function titleOf(calls: readonly Call[], last: number): number {
  let at = last;
  while (at > 0 && calls[at].joined && calls[at].figure?.family === 'single') at -= 1;
  return at;
}

/** `sweep L behind R and step on it`: the foot named last takes the weight. How many words say so. */
export function stepOnIt(words: readonly string[], at: number): number {
  if (!says('step', words[at])) return 0;
  const on = says('down', words[at + 1]) ? at + 2 : at + 1;
  return says('onto', words[on]) && says('it', words[on + 1]) ? on + 2 - at : 0;
}

/** `with the turn`, `mit der Drehung`: the turn that the title has. */
export const isTurnSaidBefore = (words: readonly string[], at: number, length: number): boolean =>
  says('article', words[at - 1]) &&
  says('during', words[at - 2]) &&
  !((words[at + length] ?? '') in SIDE_WORDS) &&
  words[at + length] !== ' amount';

/** `hold the rail`, `hold your hat`; `hold the next two counts` holds still. */
export const holdsSomething = (words: readonly string[], at: number): boolean =>
  says('hold', words[at]) &&
  says('before-thing', words[at + 1]) &&
  /^[a-z]{3,}$/.test(words[at + 2] ?? '') &&
  !says('no-thing', words[at + 2]);

/** `R, and touch L`: a foot alone, joined to an action of the other foot, is a step of its own. */
export function isOtherFootNext({ sides, turn }: Draft, [first = '', second = '']: readonly string[]): boolean {
  const next = says('article', first) ? second : first;
  const foot = FOOT_WORDS[next] ?? SIDE_WORDS[next];
  return sides.length === 1 && !turn && foot !== undefined && foot !== sides[0].foot;
}

/** `step half pivot left`: the amount behind a step is that of the turn it stands before. Taken from the step. */
export function amountOfNext(draft: Draft | undefined, figure: Figure): CalledTurn | undefined {
  const turn = draft?.turn;
  const isOfNext = draft?.figure && isSingle(draft.figure) && figure.bare === 'way' && turn?.amount && !turn.way;
  if (!isOfNext) return undefined;
  draft.turn = undefined;
  return turn;
}

/** The foot that is named already, and a word that brings it back beside the other. */
export const isHome = ({ sides }: Draft, foot: Foot, next: string): boolean =>
  sides.length === 1 && sides[0].foot === foot && (DIRECTION_WORDS[next] === 'together' || says('home', next));

export const isFootAlone = ({ figure, direction, sides, turn, turnWord, unread }: Draft): boolean =>
  !figure && !direction && sides.length === 1 && !turn && !turnWord && unread.length === 0;

/** A gesture somewhere else than beside the other foot. */
export const isOutside = ({ figure, direction = figure?.direction }: Partial<Draft> = {}): boolean =>
  figure?.manners.has('gestures') === true && direction !== undefined && direction !== 'together';

/** A turn that goes on with what is said next. */
export const isTurnAlone = ({ figure, direction, sides, turn, unread }: Draft): boolean =>
  !figure &&
  !direction &&
  sides.length === 0 &&
  unread.length === 0 &&
  turn?.amount !== undefined &&
  turn.amount < CIRCLE;

/** One step or gesture that names no foot. */
export const takesFoot = ({ figure, direction, sides, listed }: Draft): boolean =>
  (figure ? isSingle(figure) : direction !== undefined) && sides.length === 0 && !listed;

/** A turn said in the rest of the clause: `half turn`, `180 Grad über die linke Schulter drehen`. */
export function turnsAhead(words: readonly string[], at: number): boolean {
  for (const word of words.slice(at, at + LONGEST_TURN)) {
    if (word === ' break' || says('and', word)) return false;
    if (says('turn', word)) return true;
  }
  return false;
}
const LONGEST_TURN = 6;
/** A foot and where it goes, or several feet: a step without its verb. */
export const isWholeStep = ({ sides, direction }: Draft): boolean =>
  sides.length > 1 || (sides.length === 1 && direction !== undefined);

/** Feet and nothing else: `R, L, R`; undefined for anything else. */
export function listedFeet(tokens: readonly Token[]): readonly Foot[] | undefined {
  const feet = tokens.flatMap(({ word }) => FOOT_WORDS[word] ?? SIDE_WORDS[word] ?? []);
  const isList = tokens.every(({ kind, word }) => kind === 'break' || word in FOOT_WORDS || word in SIDE_WORDS);
  return feet.length > 1 && isList ? feet : undefined;
}

const isCorner = (direction: Direction): boolean => direction.startsWith('diagonal');

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

/** What is said of a foot tells what it did before: `draw L in and change weight`, `step onto the toes of R, lower the heel`. */
export function knownBy(previous: Call, { figure, joined, sides }: Draft, text: string): Call {
  // `rock back onto the left and recover`: not the way back.
  const isRocked = previous.nameSpan && /^rock/i.test(text.slice(previous.nameSpan.from, previous.nameSpan.to));
  if (figure === KNOWN.recover && previous.figure === KNOWN.recover && isRocked)
    return { ...previous, figure: KNOWN.rock, direction: 'back' };
  const isItsFoot = sides.every(({ foot }) => previous.foot === undefined || foot === previous.foot);
  if (figure === KNOWN.drop && previous.figure === KNOWN.step && isItsFoot && previous.repeat === 1)
    return { ...previous, figure: KNOWN.toe };
  return figure === KNOWN.weightChange && joined && previous.figure === KNOWN.drag
    ? { ...previous, figure: KNOWN.close }
    : previous;
}

/** `heel R forward, back, heel L forward, back`, `tap R, replace`: the foot comes back, and the other one goes on. */
function isBroughtBack(call: Call, before: Call, after: Call | undefined, calls: readonly Call[]): boolean {
  if (!isGesture(before) || !before.foot) return false;
  if (call.figure === KNOWN.recover) return call.foot === undefined || call.foot === before.foot;
  const isBack = call.figure === before.figure && call.nameSpan === undefined && call.direction === 'back';
  if (!isBack) return false;
  // A heel is set down in front, not behind.
  if (before.figure === KNOWN.heel) return true;
  const other = after ?? calls.find(({ foot }) => foot !== undefined && foot !== before.foot);
  return other?.foot !== undefined && other.foot !== before.foot;
}

/** `R forward, draw L up, R forward`: between two steps of the other foot the foot that comes in takes the weight. */
export const withWeight = (calls: readonly Call[]): readonly Call[] =>
  calls.map((call, index) => {
    const [before, after] = [calls[index - 1], calls[index + 1]];
    if (before && isBroughtBack(call, before, after, calls))
      return { ...call, figure: KNOWN.close, direction: undefined };
    const other = before?.foot;
    const isBetween = call.figure === KNOWN.drag && call.foot && other && other !== call.foot && after?.foot === other;
    const areSteps = isBetween && [before, after].every(({ figure }) => figure?.manners.has('isStepping'));
    return areSteps ? { ...call, figure: KNOWN.close } : call;
  });

/** `Pivot turn: step R forward, turn 1/2 left`: behind the step the turn of such a figure is its pivot. */
export const asPivotOf = ({ figure }: Call, call: Call, index: number): Call =>
  index > 0 && call.figure === KNOWN.turn && figure?.forms.some(({ steps }) => steps[index]?.word === 'pivot')
    ? { ...call, figure: KNOWN.pivot }
    : call;
