/** How the text is dressed: for any text the editor takes the next key, whatever is told of it. */
import { expect, test } from '@jest/globals';
import { EditorState, type TransactionSpec } from '@codemirror/state';
import type { EditorView } from '@codemirror/view';
import fc from 'fast-check';
import { studyText, type Finding } from '../../../core';
import { applyFix, goToNextFinding } from './commands';
import { findingMarks, sheetDress } from './dress';
import { isBehind, restudy, studyField, studyFields, studyOf, writingField } from './study-field';

const dressed = (doc: string, field = studyField as never) =>
  EditorState.create({ doc, extensions: [field, writingField, sheetDress, findingMarks] });

const LINES = [
  '# Ebb', 'music: Reel, 100 bpm', 'start: weight L', '## Section 1: vines', '[note] 1-4 Vine R, touch L   (3:00)  [walls 2: arms]',
  '1-4 (weight R [x]) vine "cue" (6:00', '5-8 Repeat', '5-8 Repeat 1-4 on the other foot', '> note', '  option no turn: Shuffle R',
  '- 1&2 shuffle L', '## Plan', 'wall 2: restart after 4 (3:00)', '"" [] () (wall 4: 3:00)', '   ', '#', '##', ':', '1-4', '&', '32 counts, 4 walls, weight on L', 'PART ONE. Vine R (1-4). Now at 6:00.', '1&2 Coaster R, back, together, forward, now at 6:00',
]; // prettier-ignore

test('lines in any order and number are dressed, and dressed again after a key anywhere', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...LINES), { maxLength: 12 }), fc.nat(), fc.constantFrom('R', '\n', '(', '#'), (lines, at, key) => {
      const state = dressed(lines.join('\n'));
      const next = state.update({ changes: { from: at % (state.doc.length + 1), insert: key } }).state;
      expect(next.doc.length).toBe(state.doc.length + 1);
    }),
    { numRuns: 300 },
  );
}); // prettier-ignore

test('a finding outside the text is left out: it is neither marked nor gone to, and its fix changes nothing', () => {
  const doc = '1-4 Vine R';
  const span = { from: 4, to: 99 };
  const outside = { code: 'two-names', group: 'names', severity: 'warning', span, message: 'Elsewhere.', fix: { label: 'x', edits: [{ ...span, insert: 'x' }] } } as Finding; // prettier-ignore
  const state = dressed(doc, studyField.init(() => ({ ...studyText(doc), findings: [outside] })) as never);
  expect(state.field(findingMarks).size).toBe(0);
  const view = { state, dispatch: (spec: TransactionSpec) => { if (spec.changes) throw new Error('changed'); }, focus: () => undefined } as unknown as EditorView; // prettier-ignore
  expect([goToNextFinding(view), applyFix(view)]).toEqual([false, false]);
  expect(state.update({ changes: { from: 10, insert: '!' } }).state.doc.toString()).toBe('1-4 Vine R!');
});

test('in a long text a key is taken before the text is worked out; what is drawn moves along, what acts on it is never out of date', () => {
  const doc = `1-4 Vine L\n${'> a note as long as the river is at low tide\n'.repeat(400)}5-8 Vine R`;
  const state = EditorState.create({ doc, extensions: [studyFields, writingField, sheetDress, findingMarks] });
  const typed = state.update({ changes: { from: 0, insert: '> ' }, userEvent: 'input.type' }).state;
  expect([isBehind(typed), typed.field(studyField)]).toEqual([true, state.field(studyField)]);
  expect(studyOf(typed).text).toBe(typed.doc.toString());
  const first = (of: EditorState) => of.field(findingMarks).iter().from;
  expect(first(typed)).toBe(first(state) + 2);
  const paused = typed.update({ effects: restudy.of(null) }).state;
  expect([isBehind(paused), paused.field(studyField).text]).toEqual([false, typed.doc.toString()]);
  const short = EditorState.create({ doc: '1-4 Vine L', extensions: [studyFields] });
  expect(isBehind(short.update({ changes: { from: 0, insert: '>' }, userEvent: 'input.type' }).state)).toBe(false);
});
