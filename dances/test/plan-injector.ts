/**
 * Puts one slip at a time into the plan of a correct dance: a restart or a tag a count or a wall off, a wall of the room misstated, an
 * option too long or too short, or ending elsewhere. Like the other injector it works on the letters alone.
 */
import type { InjectedSlip } from './injector';

type Change = (line: string) => string[];

/** Every place of a pattern, changed in each of the given ways, one at a time. */
const eachNumber =
  (pattern: RegExp, change: (found: number) => number[]): Change =>
  (line) =>
    [...line.matchAll(pattern)].flatMap((match) =>
      change(Number(match[0])).map(
        (number) => line.slice(0, match.index) + String(number) + line.slice(match.index + match[0].length),
      ),
    );

const HOUR = /(?<=\(|, |: )\d{1,2}(?=:00[,)])/g;

const IN_A_PLAN_LINE: readonly (readonly [kind: string, where: RegExp, change: Change])[] = [
  ['restart a count off', /restart after|^ending/i, eachNumber(/(?<=after )\d+/g, (count) => [count - 1, count + 1])],
  [
    'restart on another wall',
    /restart/i,
    eachNumber(/(?<=walls? (?:\d+, )*)\d+\b(?![^(\d]*\))/g, (wall) => [wall + 1]),
  ],
  ['tag on another wall', /tag/i, eachNumber(/(?<=walls? (?:\d+, )*)\d+\b(?![^(\d]*\))/g, (wall) => [wall + 1])],
  [
    'wall of the room misstated',
    /\(/,
    eachNumber(HOUR, (hour) => [(hour % 12) + 3 > 12 ? (hour % 12) - 9 : (hour % 12) + 3]),
  ],
  ['part that is not there', /^order/, (line) => [line.replace(/ B(?= |$)/, ' D')]],
  ['part cut a count off', /^order/, eachNumber(/(?<=\()\d+/g, (count) => [count - 1, count + 1])],
];

const IN_AN_OPTION: readonly (readonly [kind: string, change: Change])[] = [
  ['option too short', (line) => (line.includes(', ') ? [line.replace(/, [^,]*$/, '')] : [])],
  ['option too long', (line) => [`${line}, hold, hold`]],
  ['option ends elsewhere', (line) => [`${line.replace(/, touch \w$/, '')} turning 1/4 right`]],
  ['option on the other foot', (line) => [line.replace(/(?<=: \w+ )[RL]\b/, (foot) => (foot === 'R' ? 'L' : 'R'))]],
];

export function injectPlanSlips(text: string): InjectedSlip[] {
  const lines = text.split('\n');
  const put = (kind: string, index: number, changed: string): InjectedSlip[] =>
    changed === lines[index]
      ? []
      : [{ kind, line: index, text: [...lines.slice(0, index), changed, ...lines.slice(index + 1)].join('\n') }];
  return lines.flatMap((line, index) => {
    if (/^\s+option\b/.test(line))
      return IN_AN_OPTION.flatMap(([kind, change]) => change(line).flatMap((changed) => put(kind, index, changed)));
    if (!/^(?:(?:even |odd )?walls?\b|ending|order|restart|tag at)/i.test(line) || /^walls: /.test(line)) return [];
    return IN_A_PLAN_LINE.flatMap(([kind, where, change]) =>
      where.test(line) ? change(line).flatMap((changed) => put(kind, index, changed)) : [],
    );
  });
}
