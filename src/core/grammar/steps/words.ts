/** Words that mean something only where they stand. */
import { says } from '../../lexicon/joints';
import {
  AMOUNT_WORDS,
  ARTICLES,
  DIRECTION_WORDS,
  FILLERS,
  FOOT_WORDS,
  REPEAT_WORDS,
  SIDE_WORDS,
  WAY_WORDS,
} from '../../lexicon/steps';
import { fused, KNOWN } from '../../vocabulary';
import { type Draft } from './call';
import type { Token } from './tokens';

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

/** A gesture that lasts is done again on every count, a turn on both feet takes its time; a step is only slow. */
export function takeTime(draft: Draft, counts: number): void {
  const [step] = draft.figure?.forms[0].steps ?? [];
  const isRun = draft.figure?.run !== undefined && draft.figure.fills === true;
  if (isRun || (step?.effect === 'none' && step.word !== 'turn')) draft.repeat = counts;
  else if (step?.role === 'AB' && !draft.figure?.fills) draft.lasts = counts;
}

/** For every token where the next bracket closes, -1 where none does; found for all of them in one walk from the back. */
export function closingBrackets(tokens: readonly Token[]): readonly number[] {
  const closes = new Array<number>(tokens.length).fill(-1);
  for (let index = tokens.length - 2; index >= 0; index--)
    closes[index] = tokens[index + 1].word === ')' ? index + 1 : closes[index + 1];
  return closes;
}

/** A foot or an article, which may stand within a name: `lift the right knee`. */
export const standsInside = (word: string): boolean => ARTICLES.has(word) || word in SIDE_WORDS || word in FOOT_WORDS;
