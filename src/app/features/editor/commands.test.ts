/** What the keys do, on the editor's state alone. */
import { describe, expect, test } from '@jest/globals';
import { EditorState, type TransactionSpec } from '@codemirror/state';
import type { Command, EditorView } from '@codemirror/view';
import { addSection, applyFix, findingAfter, goToNextFinding, startNextLine, toCallColumn } from './commands';
import { prefilledField, settledField, studyField } from './study-field';

/** Runs a command on a text whose cursor is written `|`; answers with the text after it, its cursor written the same way. */
function press(command: Command, marked: string): string {
  const at = marked.indexOf('|');
  let state = EditorState.create({
    doc: marked.replace('|', ''),
    selection: { anchor: at },
    extensions: [studyField, settledField, prefilledField],
  });
  const view = { get state() { return state; }, dispatch: (spec: TransactionSpec) => { state = state.update(spec).state; }, focus: () => undefined } as unknown as EditorView; // prettier-ignore
  const done = command(view);
  const { head } = state.selection.main;
  return done ? `${state.sliceDoc(0, head)}|${state.sliceDoc(head)}` : 'not taken';
}

const HEAD = '# Ebb\n\n## Section 1\n';

const ENTERS: [name: string, before: string, after: string][] = [
  ['the next count after a line', `${HEAD}1-4 Vine R|`, `${HEAD}1-4 Vine R\n5|`],
  ['the count after a quick figure', `${HEAD}1&2 Shuffle R|`, `${HEAD}1&2 Shuffle R\n3|`],
  ['the first count under a heading', '# Ebb\n\n## Section 1|', `${HEAD}1|`],
  ['nothing but a line after a full section', `${HEAD}1-4 Vine R\n5-8 Vine L|`, `${HEAD}1-4 Vine R\n5-8 Vine L\n|`],
  ['the counts away when nothing was written after them', `${HEAD}1-4 Vine R\n5|`, `${HEAD}1-4 Vine R\n|`],
  ['not in the middle of a line', `${HEAD}1-4 Vi|ne R`, 'not taken'],
];

test.each(ENTERS)('Enter writes %s', (_, before, after) => expect(press(startNextLine, before)).toBe(after));

test('Tab goes from the counts to the column of the calls', () => {
  expect(press(toCallColumn, `${HEAD}1-4|`)).toBe(`${HEAD}1-4    |`);
  expect(press(toCallColumn, `${HEAD}1-4 Vine|`)).toBe('not taken');
});

test('a new section comes after the one the cursor is in, with the next number', () => {
  expect(press(addSection, `${HEAD}1-4 Vine R|`)).toBe(`${HEAD}1-4 Vine R\n\n## Section 2\n1|`);
  expect(press(addSection, `${HEAD}1-4 Vi|ne R\n\n## Section 2\n1-4 Vine L`)).toBe(
    `${HEAD}1-4 Vine R\n\n## Section 3\n1|\n\n## Section 2\n1-4 Vine L`,
  );
  expect(press(addSection, '|')).toBe('## Section 1\n1|');
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
