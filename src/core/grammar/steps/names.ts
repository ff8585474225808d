/** Two names beside each other: one action, or two. */
import { says } from '../../lexicon/joints';
import { FOOT_WORDS, SIDE_WORDS } from '../../lexicon/steps';
import { fused, KNOWN, type Figure } from '../../vocabulary';
import { isSingle, type Draft } from './call';

/** `rechte Ferse vorn auftippen`, `die Fußspitze tippt zur Seite`: the verb comes late and names nothing new. */
export const isVerbAtEnd = ({ figure: before }: Draft, { manners }: Figure): boolean =>
  manners.has('comesLate') && before !== undefined && before.manners.has('waitsForVerb');

/** `drei Schritte vorwärts gehen`: two words for one thing. */
export const isSteppedTwice = ({ figure: before, sides }: Draft, figure: Figure): boolean =>
  sides.length === 0 && figure !== before && [figure, before].every((one) => one?.manners.has('isStepping'));

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
function mergeHow(draft: Draft, before: Figure, figure: Figure): boolean {
  if (draft.direction) return false;
  const isBall = before === KNOWN.step && figure === KNOWN.ball && draft.sides.length === 0;
  const isCrossed = before === KNOWN.cross && figure.manners.has('isPart');
  if (isCrossed) draft.direction = 'cross';
  if (isBall || isCrossed) draft.figure = figure;
  // `touch the ball of R forward`
  const isTouched = figure === KNOWN.ball && before.manners.has('givesWayToPart') && draft.sides.length === 0;
  return isBall || isCrossed || isTouched;
}

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

/** `sweep L behind R and step on it`: the foot named last takes the weight. How many words say so. */
export function stepOnIt(words: readonly string[], at: number): number {
  if (!says('step', words[at])) return 0;
  const on = says('down', words[at + 1]) ? at + 2 : at + 1;
  return says('onto', words[on]) && says('it', words[on + 1]) ? on + 2 - at : 0;
}

/** `hold the rail`, `hold your hat`; `hold the next two counts` holds still. */
export const holdsSomething = (words: readonly string[], at: number): boolean =>
  says('hold', words[at]) &&
  says('before-thing', words[at + 1]) &&
  /^[a-z]{3,}$/.test(words[at + 2] ?? '') &&
  !says('no-thing', words[at + 2]);
