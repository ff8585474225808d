/** A line spelt out foot by foot in words that read back to the same moments. */
import { KNOWN } from '../vocabulary';
import type { DancedGroup, DancedLine, Moment } from '../dancing/dance';
import type { Action, ActionWord } from '../model/actions';
import { otherFoot } from '../model/feet';
import { CIRCLE, wayOfTurn } from '../model/turns';
import { CALL_COLUMN } from '../printing/calls';
import { printCounts } from '../printing/counts';
import { SLATE_STYLE, styledAmount, styledDirection, styledSide, type HouseStyle } from '../printing/style';

/** The line's own text when it was not understood: nothing is spelt out that nobody knows. */
export function expandLine(danced: DancedLine, style: HouseStyle = SLATE_STYLE): string {
  const { line, groups, understood } = danced;
  const written = groups.flatMap(({ calls }) => calls);
  if (!understood || written.some(({ unplaced }) => unplaced)) return line.text;
  const head = groups.map(groupCounts).join(' ').trim();
  const steps = groups.flatMap((group) => timed(group, style)).join(', ');
  const marks = line.step ? line.step.marks : undefined;
  const kept = marks
    ? [marks.weightClaims, marks.facingClaims, marks.wallClaims, marks.cues, marks.notes, marks.accepted]
        .flatMap((list) => list.map(({ span }) => span))
        .filter(({ from }) => /^[([“"-]/.test(line.text.slice(from, from + 1)))
        .sort((a, b) => a.from - b.from)
        .map(({ from, to }) => ` ${line.text.slice(from, to)}`)
        .join('')
    : '';
  const body = style.capitals === 'sentence' ? steps.charAt(0).toUpperCase() + steps.slice(1) : steps;
  return `${head.padEnd(CALL_COLUMN - 1)} ${body}${kept}`.trimEnd();
}

/** Slow and quick stay as they are written: a slow at the end takes a count that no number tells. */
function groupCounts({ ticks, group, line }: DancedGroup): string {
  const { counts } = group;
  if (counts?.floating) return line.text.slice(counts.span.from, counts.span.to);
  return group.repeat ? printCounts(ticks) : printCounts(ticks, counts?.borrows);
}

/** Every moment of a group in the order of time, holds that nobody wrote among them. */
function timed(group: DancedGroup, style: HouseStyle): string[] {
  const moments = group.calls.flatMap((call) =>
    call.moments.map((moment) => ({ tick: moment.tick, words: wordsOf(moment, style) })),
  );
  const holds = group.empty.map((tick) => ({ tick, words: 'hold' }));
  const riders = group.calls.filter(
    ({ rides, figure }) => rides && figure?.forms[0].steps[0].role === '-' && figure !== KNOWN.turn,
  );
  const list = [...moments, ...holds].sort((a, b) => a.tick - b.tick).map(({ words }) => words);
  if (riders.length > 0 && list.length > 0)
    list[list.length - 1] += riders.map(({ figure }) => ` and ${figure?.names.en[0] ?? ''}`).join('');
  return list;
}

const NOUNS: Partial<Readonly<Record<ActionWord, string>>> = {
  swivel: 'swivel heels',
  twist: 'twist heels',
  drop: 'drop heel',
  style: 'arms',
  roll: 'hip roll',
  bump: 'bump hips',
};

const wordsOf = ({ action }: Moment, style: HouseStyle): string => spellAction(action, style);

/** One action in words that read back to it: `step R side turning 1/4 right`. */
export function spellAction(action: Action, style: HouseStyle = SLATE_STYLE): string {
  const { word, foot, direction, turn, effect } = action;
  const turned = turn === 0 ? '' : turnWords(action, style);
  if (word === 'pivot') return `pivot ${turned}`.trim();
  if (word === 'unwind') return `unwind ${turned}${foot && effect === 'takes' ? ` (weight ${foot})` : ''}`;
  if (word === 'turn') return `turn ${turned}`;
  const side = foot ? styledSide(foot, style, true) : '';
  const verb = verbOf(action);
  const place =
    !direction || verb === 'close' || verb === 'lock' || word === 'recover' ? '' : placeWords(action, style);
  // A foot stands before its turn: a side after a fraction is the way of the turn.
  return [verb, side, place, turned && `turning ${turned}`].filter(Boolean).join(' ');
}

function verbOf({ word, direction, size, effect }: Action): string {
  if (word === 'heel' && effect === 'takes') return 'step';
  if (word !== 'step') return NOUNS[word] ?? word;
  if (size) return size === 'large' ? 'big step' : 'ball';
  return direction === 'together' ? 'close' : direction === 'lock' ? 'lock' : 'step';
}

function placeWords({ foot, direction }: Action, style: HouseStyle): string {
  if (!direction) return '';
  if (foot && direction === 'cross') return `over ${styledSide(otherFoot(foot), style, true)}`;
  if (foot && direction === 'behind') return `behind ${styledSide(otherFoot(foot), style, true)}`;
  return styledDirection(direction, style);
}

const turnWords = ({ turn }: Action, style: HouseStyle): string =>
  `${Math.abs(turn) === CIRCLE ? 'full turn' : styledAmount(Math.abs(turn), style)} ${wayOfTurn(turn)}`;
