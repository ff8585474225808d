/**
 * What stands above a level, line by line, and what could stand there instead: ways without turns and of low impact, and plainer
 * figures that fill the same counts and leave the same foot and wall. Each was danced before it is shown.
 */
import type { Dance, DancedLine } from '../dancing/dance';
import { levelOfCall, turnOf } from '../level/measure';
import { isFoot, otherFoot } from '../model/feet';
import type { Edit } from '../model/text';
import { TICKS_A_COUNT } from '../model/ticks';
import { amountWords, CIRCLE } from '../model/turns';
import { SLATE_STYLE, type HouseStyle } from '../printing/style';
import type { Alternative } from '../solving/alternatives';
import { lowImpactOptions } from '../solving/low-impact';
import { noTurnOptions } from '../solving/no-turn';
import { FIGURE_LEVELS } from '../vocabulary/levels';
import { fillAt } from './fitting';

export interface EasierWay {
  readonly kind: 'no turn' | 'less turn' | 'low impact' | 'plainer';
  /** One string a line. */
  readonly words: readonly string[];
  /** What is better about it. */
  readonly about: string;
  /** In place of what stands there; for a way that goes beside it, as an option. */
  readonly isOption: boolean;
  readonly edits: readonly Edit[];
}

export interface HardLine {
  readonly line: number;
  readonly section: number;
  readonly text: string;
  /** What of it stands above the level. */
  readonly why: readonly string[];
  readonly ways: readonly EasierWay[];
}

/** A searching of many lines takes long; those after these are looked at when some of these are done. */
const MOST_LINES = 24;
const MOST_PLAINER = 3;

/** `place` on the usual scale: 0 absolute beginner to 4 advanced. */
export function easierWays(dance: Dance, place: number, style: HouseStyle = SLATE_STYLE): HardLine[] {
  const level = Math.max(0, Math.min(FIGURE_LEVELS.length - 1, place - 1));
  const options = [...noTurnOptions(dance), ...lowImpactOptions(dance)];
  const hard = dance.parts.flatMap(({ sections }) =>
    sections.flatMap(({ lines, text }) =>
      lines.flatMap((line) => {
        const why = line.line.section === text ? reasonsAbove(line, place) : [];
        return why.length > 0 ? [{ line, section: text.number, why }] : [];
      }),
    ),
  );
  return hard.slice(0, MOST_LINES).map(({ line, section, why }) => ({
    line: line.line.index,
    section,
    text: line.line.text.trim(),
    why,
    ways: [...options.filter(({ lines }) => lines.includes(line)).map(asOption), ...plainer(dance, line, level, place, style)],
  }));
} // prettier-ignore

/** Above a level stands a figure ordinarily asked of a higher one; at the very beginning also what is between counts, and half turns. */
function reasonsAbove(line: DancedLine, place: number): string[] {
  const level = Math.max(0, place - 1);
  const reasons = line.calls
    .filter((call) => call.moments.length > 0 && levelOfCall(call) > level)
    .map((call) => {
      const name = (call.titled?.figure ?? call.figure)?.names.en[0] ?? 'a step';
      const turned = turnOf(call);
      return `${name}${turned > 0 ? ` turning ${amountWords(turned)}` : ''}: ordinarily ${FIGURE_LEVELS[levelOfCall(call)]}`;
    });
  if (place === 0) {
    if (line.moments.some(({ time, action }) => time % TICKS_A_COUNT !== 0 && action.foot !== null))
      reasons.push('a step between the counts');
    if (line.calls.some((call) => turnOf(call) >= CIRCLE / 2)) reasons.push('a half turn on one figure');
  }
  return [...new Set(reasons)];
}

const asOption = ({ name, words, about, edits }: Alternative): EasierWay => ({
  kind: name === 'low impact' ? 'low impact' : name === 'less turn' ? 'less turn' : 'no turn',
  words,
  about,
  isOption: true,
  edits,
});

/** Other figures for the same counts: the same foot free and the same wall faced after them. */
function plainer(dance: Dance, line: DancedLine, level: number, place: number, style: HouseStyle): EasierWay[] {
  const { weight, facing } = line.after;
  const index = line.line.index;
  if (!isFoot(weight)) return [];
  const found = fillAt(dance, { from: index, to: index }, { level, free: otherFoot(weight), facing }, style);
  if (found?.kind !== 'written') return [];
  return found.proposals
    .filter(({ elsewhere }) => elsewhere === 0)
    .map(({ lines, edits }) => ({ words: lines.map(({ text }) => text.trim()), edits }))
    .filter(({ words }) => place > 0 || words.every((own) => !ABOVE_FIRST_STEPS.test(own)))
    .slice(0, MOST_PLAINER)
    .map(({ words, edits }) => ({
      kind: 'plainer',
      words,
      about: 'plainer figures, the same foot and wall after them',
      isOption: false,
      edits,
    }));
} // prettier-ignore

/** A step between the counts, or half a turn at once. */
const ABOVE_FIRST_STEPS = /^[\d-]*[&a]|\b(?:1\/2|3\/4|full)\b/;
