/** Every figure in every language, with each turn and tail it can carry, reads back to the same actions. */
import { expect, test } from '@jest/globals';
import { danceScript } from '../dancing/dance';
import { amountWords, CIRCLE } from '../model/turns';
import type { Call } from '../grammar/steps/cut';
import { readStepLine } from '../reading/line';
import { readScript } from '../page/read-script';
import { FIGURES, turnCapacity, type Figure } from '../vocabulary';
import { momentsWords } from './actions';
import { printStepLine } from './calls';
import { HOUSE_STYLES, inLanguage, type HouseStyle } from './style';

/** What a call says, without where it stands. */
const said = ({ figure, foot, past, travel, feet, direction, more, turn, repeat, at, firstCounts, total, joined, detail }: Call): unknown => ({
  figure: figure?.id, foot, past, travel, feet, direction, more, repeat, at, firstCounts, total, joined,
  turn: turn && { amount: turn.amount, way: turn.way, target: turn.target, open: turn.open },
  detail: detail?.map(said),
}); // prettier-ignore

/** Styles and languages print many a line alike: what was worked out for one is kept. */
function kept<T>(work: (line: string) => T): (line: string) => T {
  const done = new Map<string, T>();
  return (line) => {
    if (!done.has(line)) done.set(line, work(line));
    return done.get(line) as T;
  };
}

const callsOf = kept((line) => JSON.stringify(readStepLine(line).groups.flatMap(({ calls }) => calls.map(said))));

/** The actions of a line, danced with the weight on either foot. */
const danced = kept((line) =>
  (['R', 'L'] as const)
    .map((weight) =>
      danceScript(readScript(`start: weight ${weight}\n\n## Section 1\n${line}`))
        .parts.flatMap(({ sections }) =>
          sections.flatMap(({ lines }) => lines.map(({ moments }) => momentsWords(moments))),
        )
        .join('; '),
    )
    .join('; '),
);

const DIRECTIONS = [
  'forward',
  'back',
  'side',
  'together',
  'in place',
  'diagonally forward',
  'diagonally back',
  'out',
  'in',
];

/** Lines that say everything a figure can be told with. */
function* linesOf(figure: Figure): Generator<string> {
  const [name] = figure.names.en;
  const [form] = figure.forms;
  const counts = `1-${Math.max(2, Math.ceil(form.steps.length))}`;
  for (const foot of ['', ' R', ' L']) yield `${counts} ${name}${foot}`;
  if (figure.forms.some(({ steps }) => steps.some(({ direction }) => direction === '*')))
    for (const direction of DIRECTIONS) yield `${counts} ${name} L ${direction}`;
  yield `${counts} ${name} R and clap`;
  yield `${counts} ${name} R, ${name} L`;
  if (figure.id !== 'hold') yield `${counts} ${name} L x2`;
  const most = turnCapacity(figure);
  for (const amount of [CIRCLE / 8, CIRCLE / 4, CIRCLE / 2, (CIRCLE * 3) / 4, CIRCLE]) {
    if (amount > most) break;
    for (const way of ['left', 'right']) {
      yield `${counts} ${name} turning ${amountWords(amount)}${amount === CIRCLE ? ' turn' : ''} ${way}`;
      yield `${counts} ${name} R ${amountWords(amount)} ${way}, hold`;
      yield `${counts} ${name} L x2 making ${amountWords(amount)} ${way}`;
    }
  }
  if (most > 0) yield `${counts} ${name} to face 6:00`;
}

const STYLES: HouseStyle[] = [
  ...HOUSE_STYLES,
  { ...HOUSE_STYLES[0], id: 'feet', sides: 'feet', fractions: 'words', turns: 'shoulder' },
];

test.each(FIGURES.map((figure) => [figure.id, figure] as const))('%s, in three languages', (_, figure) => {
  const wrong: unknown[] = [];
  let checked = 0;
  for (const line of linesOf(figure)) {
    const read = readStepLine(line);
    const calls = read.groups.flatMap((group) => group.calls);
    if (calls.some((call) => !call.figure || call.unread.length > 0)) continue;
    checked += 1;
    const steps = danced(line);
    for (const style of STYLES) {
      // Against the same line printed in English: `cross R` becomes `cross R over L` in any language.
      const before = callsOf(printStepLine(read, { style }));
      for (const language of ['de', 'fr', 'en'] as const) {
        const printed = printStepLine(read, { style: inLanguage(style, language) });
        const again = callsOf(printed);
        const isDancedSo = style !== STYLES[0] || danced(printed) === steps;
        if (again !== before || !isDancedSo) wrong.push({ line, printed, before, again });
      }
    }
  }
  expect(wrong).toEqual([]);
  // Lines that are not understood in English are passed over; the figure itself never is.
  expect(checked).toBeGreaterThanOrEqual(3);
});
