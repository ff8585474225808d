/** What the keys do, on the editor's state alone. */
import { describe, expect, test } from '@jest/globals';
import { EditorState, type TransactionSpec } from '@codemirror/state';
import type { Command, EditorView } from '@codemirror/view';
import { addSection, applyFix, findingAfter, goToNextFinding, startNextLine, toCallColumn } from './commands';
import { givenField, growingCounts, overGhost } from './ghost';
import { judge, studyFields, toldOf, writingField } from './study-field';

const EXTENSIONS = [studyFields, writingField, givenField, growingCounts];

/** Runs a command on a text whose cursor is written `|`; answers with the text after it, its cursor written the same way. */
function press(command: Command, marked: string): string {
  const at = marked.indexOf('|');
  let state = EditorState.create({
    doc: marked.replace('|', ''),
    selection: { anchor: at },
    extensions: EXTENSIONS,
  });
  const view = { get state() { return state; }, dispatch: (spec: TransactionSpec) => { state = state.update(spec).state; }, focus: () => undefined } as unknown as EditorView; // prettier-ignore
  const done = command(view);
  const { head } = state.selection.main;
  return done ? `${state.sliceDoc(0, head)}|${state.sliceDoc(head)}` : 'not taken';
}

const HEAD = '# Ebb\n\n## Section 1\n';

const ENTERS: [name: string, before: string, after: string][] = [
  ['a line ready for the next count', `${HEAD}1-4 Vine R|`, `${HEAD}1-4 Vine R\n|`],
  ['a line ready for the first count under a heading', '# Ebb\n\n## Section 1|', `${HEAD}|`],
  ['the end of a section on a line that is ready for a count', `${HEAD}1-4 Vine R\n|`, `${HEAD}1-4 Vine R\n\n|`],
  ['the heading that is offered', `${HEAD}1-4 Vine R\n\n|`, `${HEAD}1-4 Vine R\n\n## Section 2\n|`],
  [
    'the heading right behind a full section, an empty line before it',
    `${HEAD}1-8 K step R\n|`,
    `${HEAD}1-8 K step R\n\n## Section 2\n|`,
  ],
  ['the counts away when nothing was written after them', `${HEAD}1-4 Vine R\n5|`, `${HEAD}1-4 Vine R\n|`],
  ['not in the middle of a line', `${HEAD}1-4 Vi|ne R`, 'not taken'],
];

test.each(ENTERS)('Enter writes %s', (_, before, after) => expect(press(startNextLine, before)).toBe(after));

test('Tab goes from the counts to the column of the calls', () => {
  expect(press(toCallColumn, `${HEAD}1-4|`)).toBe(`${HEAD}1-4    |`);
  expect(press(toCallColumn, `${HEAD}1-4 Vine R\n|`)).toBe(`${HEAD}1-4 Vine R\n5      |`);
  expect(press(toCallColumn, `${HEAD}1-4 Vine|`)).toBe('not taken');
});

test('a new section comes after the one the cursor is in, with the next number', () => {
  expect(press(addSection, `${HEAD}1-4 Vine R|`)).toBe(`${HEAD}1-4 Vine R\n\n## Section 2\n|`);
  expect(press(addSection, `${HEAD}1-4 Vi|ne R\n\n## Section 2\n1-4 Vine L`)).toBe(
    `${HEAD}1-4 Vine R\n\n## Section 3\n|\n\n## Section 2\n1-4 Vine L`,
  );
  expect(press(addSection, '|')).toBe('## Section 1\n|');
});

describe('fixes', () => {
  const slip = `${HEAD}1-2 Rock R forward, recover L\n3&4 Coaster L\n5-8 V step R`;

  test('the key applies the fix of the line, or else the next one there is', () => {
    for (const place of [slip.replace('Coaster L', 'Coas|ter L'), slip.replace('V step', '|V step')]) {
      expect(press(applyFix, place).replace('|', '')).toBe(slip.replace('Coaster L', 'Coaster R'));
    }
    expect(press(applyFix, `${HEAD}1-4 Vine R, touch L\n5-8 Vine L|`)).toBe('not taken');
  });

  test('the next finding is found from anywhere, round to the first', () => {
    expect(press(goToNextFinding, `|${slip}`)).toBe(slip.replace('Coaster L', '|Coaster L'));
    expect(press(goToNextFinding, `${slip}|`)).toBe(slip.replace('Coaster L', '|Coaster L'));
    expect(findingAfter([], 0)).toBeUndefined();
  });
});

/** Letter by letter, Enter and Backspace (`⌫`) as the keys do. */
function typeOn(marked: string, keys: string): EditorState {
  const at = marked.indexOf('|');
  let state = EditorState.create({ doc: marked.replace('|', ''), selection: { anchor: at }, extensions: EXTENSIONS });
  const view = { get state() { return state; }, dispatch: (spec: TransactionSpec) => { state = state.update(spec).state; }, focus: () => undefined } as unknown as EditorView; // prettier-ignore
  for (const key of keys) {
    const { head } = state.selection.main;
    if (key === '\n') startNextLine(view);
    else if (key === '⌫') view.dispatch({ changes: { from: head - 1, to: head }, userEvent: 'delete.backward' });
    else
      view.dispatch(
        overGhost(state, key) ?? {
          changes: { from: head, insert: key },
          selection: { anchor: head + 1 },
          userEvent: 'input.type',
        },
      );
  }
  return state;
}

describe('the pale count', () => {
  // What stands behind the heading after the keys; counts by the handbook's rows.
  test.each([
    ['words take it and it grows to what they take', 'shuffle R\n', '1&2    shuffle R\n'],
    [
      'one line after another',
      'shuffle R\nrock L forward, recover\n',
      '1&2    shuffle R\n3-4    rock L forward, recover\n',
    ],
    ['a step and its pivot', 'step R forward, pivot 1/2 left', '1-2    step R forward, pivot 1/2 left'],
    ['what nobody knows keeps one count', 'wobble', '1      wobble'],
    ['digits replace it', '1-4 Vine R', '1-4 Vine R'],
    ['a sign goes on from it', 'rock R\n&4 coaster R', '1-2    rock R\n3&4 coaster R'],
    ['a half count before it', 'walk R\n&2 ball step', '1      walk R\n&2 ball step'],
    ['counts that the writer changes are the writer’s', 'vine R⌫⌫⌫⌫⌫⌫⌫⌫⌫⌫⌫⌫&2 vine R', '1&2 vine R'],
    ['a note is a note', '> hands on hips', '> hands on hips'],
    [
      'the heading after a full section, and the count under it',
      'K step R\n\nvine R',
      '1-8    K step R\n\n## Section 2\n1-4    vine R',
    ],
  ])('%s', (_, keys, written) => expect(typeOn(`${HEAD}|`, keys).doc.toString()).toBe(HEAD + written));
});

describe('what is told while it is written', () => {
  const codes = (state: EditorState) => toldOf(state).map(({ code }) => code);
  const FULL = `${HEAD}1-4 Vine R, touch L\n5-8 Vine L, touch R`;

  test('nothing of the line being typed before it is left, nor of the section before it is full or left', () => {
    expect(codes(typeOn(`${HEAD}|`, 'Rock R forward, recover L\n3-4 walk L'))).toEqual([]);
    expect(codes(typeOn(`${HEAD}|`, 'Rock R forward, recover L\n3-4 walk L L\n'))).toContain('foot-not-free');
    expect(codes(typeOn(`${HEAD}|`, 'Vine R, touch L\n'))).toEqual([]);
  });

  test('a slip that is mended goes at once; a new one waits', () => {
    const wrong = FULL.replace('5-8 Vine L, touch R', '5-8 Vine R|, touch R');
    const start = typeOn(wrong, '');
    expect(codes(start)).toContain('foot-not-free');
    expect(codes(typeOn(wrong, '⌫L'))).not.toContain('foot-not-free');
    expect(codes(typeOn(FULL.replace('5-8 Vine L|', '5-8 Vine L').replace('Vine L,', 'Vine L|,'), '⌫R'))).toEqual([]);
  });

  test('what judges the whole dance waits for the section that is written; asked for, all is told', () => {
    const state = typeOn(`${FULL}|`, '\n\nWalk R L R\n');
    expect(codes(state)).toEqual([]);
    expect(codes(state.update({ effects: judge.of(null) }).state)).toEqual(
      expect.arrayContaining(['section-short', 'wall-does-not-loop']),
    );
    const left = state.update({ selection: { anchor: 2 } }).state;
    expect(codes(left)).toEqual([]);
  });
});
