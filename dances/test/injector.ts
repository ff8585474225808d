/**
 * Puts one slip at a time into a correct dance: a foot swapped, a turn flipped or of another size, a line lost, doubled or changed with
 * its neighbour, a count too many or too few, a touch for a step and the other way round, a wall misstated. It works on the letters of
 * the text alone and knows nothing of figures, weight or rules, so that it can't spare what they miss.
 */
export interface InjectedSlip {
  readonly kind: string;
  readonly text: string;
  /** The line of the changed text, from 0, where the slip was made. */
  readonly line: number;
}

/** `2nd A: restart after 16` is no step. */
const STEP_LINE = /^\s*(?:[\d&](?!\d*(?:st|nd|rd|th)\b)|[SQ]{2,})/;

export function injectSlips(text: string): InjectedSlip[] {
  const lines = text.split('\n');
  const from = lines.findIndex((line) => line.startsWith('##'));
  const steps = lines.flatMap((line, index) => (index > from && STEP_LINE.test(line) ? [index] : []));
  return steps.flatMap((index, at) => [
    ...IN_A_LINE.flatMap(([kind, slipsOf]) =>
      slipsOf(lines[index]).map((changed) => ({ kind, line: index, text: withLine(lines, index, [changed]) })),
    ),
    { kind: 'line lost', line: Math.max(index - 1, 0), text: withLine(lines, index, []) },
    { kind: 'line doubled', line: index + 1, text: withLine(lines, index, [lines[index], lines[index]]) },
    ...swapped(lines, index, steps[at + 1]),
  ]);
}

type InALine = readonly [kind: string, slipsOf: (line: string) => string[]];

const SWAPS: Readonly<Record<string, string>> = { R: 'L', L: 'R', left: 'right', right: 'left' };
const SIZES: Readonly<Record<string, string>> = { '1/8': '1/4', '1/4': '1/2', '1/2': '1/4', '3/4': '1/2' };

/** Every place of a pattern, changed one at a time. */
const eachPlace =
  (pattern: RegExp, change: (found: string, line: string, at: number) => string | undefined) =>
  (line: string): string[] =>
    [...line.matchAll(pattern)].flatMap((match) => {
      const changed = change(match[0], line, match.index);
      return changed === undefined
        ? []
        : [line.slice(0, match.index) + changed + line.slice(match.index + match[0].length)];
    });

const IN_A_LINE: readonly InALine[] = [
  ['foot swapped', eachPlace(/\b[RL]\b(?![^(]*\))/g, (foot) => SWAPS[foot])],
  ['turn flipped', eachPlace(/\b(?:left|right)\b/g, (way) => SWAPS[way])],
  ['turn of another size', eachPlace(/\b\d\/\d\b/g, (size) => SIZES[size])],
  [
    'wall misstated',
    eachPlace(
      /\b\d{1,2}:\d\d\b/g,
      (hour) =>
        `${(Number.parseInt(hour, 10) % 12) + 3 > 12 ? (Number.parseInt(hour, 10) % 12) - 9 : (Number.parseInt(hour, 10) % 12) + 3}:${hour.split(':')[1]}`,
    ),
  ],
  ['touch made a step', eachPlace(/\b[Tt]ouch\b/g, () => 'step')],
  ['step made a touch', eachPlace(/\b[Ss]tep\b/g, () => 'touch')],
  [
    'a count less',
    eachPlace(/(?<=^[\d&-]*)\d(?=\s)/g, (count) => (Number(count) > 1 ? String(Number(count) - 1) : undefined)),
  ],
  ['a count more', eachPlace(/(?<=^[\d&-]*)\d(?=\s)/g, (count) => String(Number(count) + 1))],
];

const withLine = (lines: readonly string[], index: number, instead: readonly string[]): string =>
  [...lines.slice(0, index), ...instead, ...lines.slice(index + 1)].join('\n');

/** Two lines running, changed with one another; lines that say the same are left alone. */
function swapped(lines: readonly string[], index: number, next: number | undefined): InjectedSlip[] {
  if (next !== index + 1 || lines[index] === lines[next]) return [];
  const text = [...lines.slice(0, index), lines[next], lines[index], ...lines.slice(next + 1)].join('\n');
  return [{ kind: 'lines changed', line: index, text }];
}
