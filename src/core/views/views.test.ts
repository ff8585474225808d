/** Views by value: what stands beside a line, on a rail, on a sheet, in a report. */
import { describe, expect, test } from '@jest/globals';
import { startState } from '../dancing/state';
import { studyText } from '../study';
import { cautionsOf } from './cautions';
import { figureAfter, offerFigures, placeInLine, stateBefore } from './completion';
import { explainLine } from './explain';
import { nextCount } from './writing';
import { reportDance } from './report';
import { viewSheet } from './sheet';
import type { Language } from '../vocabulary/figures';

const section = (...lines: string[]): string => ['# Ebb', '## Section 1', ...lines].join('\n');
const rail = (...lines: string[]): string => {
  const signs = { filled: '#', empty: '.', double: '2', hold: '/', over: '+' };
  const [{ rail: cells }] = studyText(section(...lines)).view.sections;
  return cells.map(({ state, split, slip }) => (slip ? '!' : signs[state]) + (split ? '&' : '')).join(' ');
};

/** # danced, & split, / held, . missing, 2 called twice, + too many, ! wrong foot. */
const RAILS: [name: string, lines: string[], drawn: string][] = [
  ['a full section', ['1-4 Vine R', '5-8 Vine L'], '# # # # # # # #'],
  ['quick steps split their count', ['1&2 Shuffle R', '3&4 Coaster L', '5-8 Jazz box R'], '#& # #& # # # # #'],
  ['a gap between two lines', ['1-2 Walk R, walk L', '4-8 Walk R L R L R'], '# # ! # # # # #'],
  ['a missing end', ['1-6 Walk R L R L R L'], '# # # # # # . .'],
  ['a hold is hatched', ['1-4 Walk R L R, hold', '5-8 Walk L R L, hold'], '# # # / # # # /'],
  ['a hold nobody wrote', ['1-2 Stomp R', '3-8 Walk L R L R L R'], '# / # # # # # #'],
  ['a count called twice', ['1-4 Vine R', '4-8 Walk L R L R L'], '# # # 2 # # # #'],
  ['more than the section holds', ['1-8 K step R', '9-10 Walk R, walk L'], '# # # # # # # # + +'],
  ['a wrong foot', ['1-2 Rock R forward, recover L', '3&4 Coaster L', '5-8 V step R'], '# # !& # # # # #'],
];

test.each(RAILS)('rail: %s', (_, lines, drawn) => expect(rail(...lines)).toBe(drawn));

test('an 8&1 fills the 1 of the section it runs into, and of the top when it is the last', () => {
  const lines = '2-3 Rock R forward, recover L\n4&5 Shuffle R back\n6-7 Rock L back, recover R\n8&1 Shuffle L forward';
  const { view, findings } = studyText(`start: weight R\n\n## Section 1\n${lines}\n\n## Section 2\n${lines}`);
  expect(findings).toEqual([]);
  expect(view.sections.map(({ rail: cells }) => cells.map(({ state }) => state))).toEqual([
    Array(8).fill('filled'),
    Array(8).fill('filled'),
  ]);
});

describe('a line', () => {
  const { view } = studyText(
    section('1-2 Step R forward, pivot 1/4 left', '3&4 Kick ball change R', '5-6 Vine R, squiggle', '7-8 Hold'),
  );

  test('shows its feet in order, filled for weight, outline for a gesture', () => {
    expect(view.lines[3]?.feet.map(({ foot, kind }) => [foot, kind])).toEqual([
      ['R', 'gesture'],
      ['R', 'weight'],
      ['L', 'weight'],
    ]);
    expect(view.lines[5]?.feet.every(({ kind }) => kind === 'hold')).toBe(true);
  });

  test('shows the weight and the wall after it, strong where the wall changed', () => {
    expect(view.lines[2]).toMatchObject({ weight: 'L', hour: '9:00', facingChanged: true });
    expect(view.lines[3]).toMatchObject({ weight: 'L', hour: '9:00', facingChanged: false });
    expect(view.lines[4]).toMatchObject({ weight: 'unknown', understood: false });
  });

  test('a full turn comes back to the same wall and is a change all the same', () => {
    const full = studyText(section('1&2 Triple full turn right')).view.lines[2];
    expect(full).toMatchObject({ hour: '12:00', facingChanged: true });
  });
});

test('a line is explained foot by foot, with the places of the feet in steps', () => {
  const { dance } = studyText(section('1-2 Step R side, cross L over R'));
  const explained = explainLine(dance, 2);
  expect(explained?.place).toBe('Section 1, counts 1-2');
  expect(explained?.steps.map(({ count, words }) => `${count} ${words}`)).toEqual(['1 to the side', '2 across']);
  const marks = explained?.floor.map(({ foot, kind, x, y }) => [
    foot,
    kind,
    Number(x.toFixed(2)),
    Number(y.toFixed(2)),
  ]);
  // Feet a foot's width (0.3) apart; one ordinary step to the side; across and past the standing foot.
  expect(marks).toEqual([
    ['L', 'before', -0.15, 0],
    ['R', 'before', 0.15, 0],
    ['R', 'weight', 0.85, 0],
    ['L', 'weight', 1.15, 0.35],
  ]);
  expect(explainLine(dance, 1)).toBeUndefined();
});

test('each caution is told once, at the first line it concerns', () => {
  const { dance } = studyText(
    section(
      '1-2 Stomp R, stomp L',
      '3-4 Step R forward, pivot 1/2 left',
      '5-6 Step R forward, pivot 1/2 left',
      '7-8 Stomp R, stomp L',
    ),
  );
  expect(cautionsOf(dance).map(({ care, line }) => [care, line])).toEqual([
    ['turning', 3],
    ['landing', 2],
  ]);
});

test('the count that Enter writes follows the line; after a full section a section follows', () => {
  const { dance } = studyText(section('1-4 Vine R', '5&6 Coaster L', '7-8 Walk R, walk L'));
  expect([2, 3, 4].map((line) => nextCount(dance, line))).toEqual([5, 7, 'section']);
  expect(nextCount(dance, 1)).toBeUndefined();
});

describe('offers', () => {
  test('carry the free foot and the feet of the figure', () => {
    const [coaster] = offerFigures('coas', { state: startState('R') });
    expect(coaster).toMatchObject({ insert: 'Coaster L', counts: '1&2', feet: 'L back, R together, L forward' });
    expect(offerFigures('coas', { state: startState('L') })[0].insert).toBe('Coaster R');
  });

  test('are found by any name, the plainest first', () => {
    expect(offerFigures('grape', { state: startState('L') })[0].insert).toBe('Grapevine R');
    expect(offerFigures('box', { state: startState('L') }).map(({ insert }) => insert)).toContain('Jazz box R');
    expect(offerFigures('pivot', { state: startState('L') })[0].insert).toBe('Pivot');
    expect(offerFigures('zzz', { state: startState('L') })).toEqual([]);
  });

  test('what has no room in the section goes last, the writer’s own first', () => {
    const { dance } = studyText(section('1-4 Vine R', '5-6 Rock L forward, recover R', '7-8 bo'));
    const place = placeInLine(dance, 4, 4);
    expect(place.room).toBe(24);
    expect(place.state.weight).toBe('R');
    // A box takes four counts and more; two are left.
    expect(offerFigures('bo', place)[0].insert).toBe('Bounce');
    const own = studyText(
      `${section('1-4 Vine R', '5 b')}\n\n## Figure "boathouse step" 1&2: A side, B behind, A tog`,
    ).dance;
    expect(offerFigures('bo', placeInLine(own, 3, 2))[0].insert).toBe('Boathouse step L');
  });

  test('inside a line the foot is the one that is free after the calls before', () => {
    const { dance } = studyText(section('1&2 3&4 Shuffle R, co'));
    expect(offerFigures('coas', placeInLine(dance, 2, 18))[0].insert).toBe('Coaster L');
  });

  test('a figure can be put behind a line, on the counts that follow', () => {
    const { dance } = studyText(section('1-4 Vine R, touch L', '5-6 Rock L forward, recover R'));
    expect(figureAfter(dance, 3, 'coaster')).toBe('7&8    Coaster L');
    expect(figureAfter(dance, 3, 'pivot')).toBe('7-8    Pivot');
    expect(figureAfter(dance, 3, 'nothing-such')).toBeUndefined();
  });

  test('stand after the lines above', () => {
    const { dance } = studyText(section('1-4 Vine R', '5-8 Vine L'));
    expect(stateBefore(dance, 2).weight).toBe('L');
    expect(stateBefore(dance, 3).weight).toBe('R');
  });
});

test('the sheet gives facts, lines, asides and the wall where it changes', () => {
  const { dance } = studyText(
    '# Ebb\nmusic: Reed\n\n## Section 1 (4 counts)\n1-2 Step R forward, pivot 1/2 left "step, pivot"\n> Lift.\n3-4 Walk R, walk L [walls 2: clap]\n\n## Ending\nstep to the front',
  );
  const sheet = viewSheet(dance);
  expect(sheet.facts).toEqual([
    ['Counts', '4'],
    ['Walls', '2 (a wall turns 1/2 left)'],
    ['Start', 'weight on L, R leads'],
    ['Music', 'Reed'],
  ]);
  expect(sheet.sections[0].rows).toMatchObject([
    { line: { counts: '1-2', call: 'Step R forward, pivot 1/2 left', hour: '6:00', cues: ['step, pivot'] } },
    { aside: { kind: 'note', text: 'Lift.' } },
    { line: { counts: '3-4', notes: ['wall 2: clap'] } },
  ]);
  expect(sheet.sections[0].rows[2]).not.toHaveProperty('line.hour');
  expect(sheet.others).toEqual([{ kind: 'ending', heading: 'Ending', lines: ['step to the front'] }]);
});

test('the report has the shape other programs read', () => {
  const { dance, findings } = studyText(
    '# Ebb\nwalls: 4\n\n## Section 1: rock (4 counts)\n1-2 Rock R forward, recover L\n3-4 Step R forward, pivot 1/2 left',
  );
  const report = reportDance(dance, findings, 3);
  expect(report).toMatchObject({
    title: 'Ebb',
    totals: { counts: 4, netTurn: -0.5, wallsNet: 2, wallsDanced: 2, startWeight: 'L', endWeight: 'L' },
    tags: [],
    walls: [
      { wall: 1, start: '12:00', end: '6:00', counts: 4, restart: false },
      { wall: 2, start: '6:00', end: '12:00' },
      { wall: 3, start: '12:00', end: '6:00' },
    ],
    findings: [
      { code: 'walls-claimed', group: 'facing', severity: 'warning', line: 2, column: 1, wall: null, fix: 'walls: 2' },
    ],
  });
  const [first, second] = report.parts[0].sections[0].lines;
  expect(first).toMatchObject({
    line: 5,
    counts: '1-2',
    understood: true,
    weight: 'L',
    facing: '12:00',
    calls: [{ figure: 'rock-recover', name: 'Rock R forward, recover L' }],
  });
  expect(second.actions).toEqual([
    {
      count: '3',
      foot: 'R',
      action: 'step',
      direction: 'forward',
      takesWeight: true,
      turn: 0,
      weight: 'R',
      facing: '12:00',
    },
    {
      count: '4',
      foot: 'L',
      action: 'pivot',
      direction: null,
      takesWeight: true,
      turn: -0.5,
      weight: 'L',
      facing: '6:00',
    },
  ]);
});

test('figures are offered by the names of the sheet’s language, and by others where there are hardly any else', () => {
  const offered = (typed: string, language: Language): string[] =>
    offerFigures(typed, { state: startState('L'), language }).map(({ insert }) => insert);
  expect(offered('co', 'en')).toContain('Coaster R');
  expect(offered('co', 'en')).not.toContain('Courir R');
  expect(offered('co', 'fr')).toContain('Courir R');
  expect(offered('pas ch', 'fr')[0]).toBe('Pas chassé R');
  expect(offered('schri', 'en')).toContain('Schritt R');
});
