/** Sections put together and opened again, on the editor's state alone. */
import { describe, expect, test } from '@jest/globals';
import { foldedRanges } from '@codemirror/language';
import { EditorState, type TransactionSpec } from '@codemirror/state';
import type { EditorView } from '@codemirror/view';
import { collapseAll, collapseSection, collapsing } from './collapse';
import { studyFields } from './study-field';

const TEXT = `# Ebb
walls: 4

## Section 1
1-4 Vine R, touch L
5-8 Vine L, touch R

## Section 2

## Plan
wall 3: restart after 8
`;

/** An editor with its cursor before the words, and what is put together in it, by the words of the heading. */
function editor(before: string) {
  let state = EditorState.create({
    doc: TEXT,
    selection: { anchor: TEXT.indexOf(before) },
    extensions: [studyFields, collapsing],
  });
  const view = {
    get state() { return state; },
    dispatch: (spec: TransactionSpec) => { state = state.update(spec).state; },
    lineBlockAt: (at: number) => state.doc.lineAt(at),
  } as unknown as EditorView; // prettier-ignore
  const together = () => {
    const found: string[] = [];
    foldedRanges(state).between(0, state.doc.length, (from, to) => {
      found.push(`${state.doc.lineAt(from).text} … ${state.doc.lineAt(to).text}`);
    });
    return found;
  };
  return { view, together };
}

describe('one section', () => {
  test.each([
    ['inside it', '5-8', ['## Section 1 … 5-8 Vine L, touch R']],
    ['on its heading', '## Section 1', ['## Section 1 … 5-8 Vine L, touch R']],
    ['in the plan', 'restart', ['## Plan … wall 3: restart after 8']],
    // There is nothing in it to put together; what stands above is.
    ['in an empty one', '## Section 2', ['## Section 1 … 5-8 Vine L, touch R']],
  ])('%s', (_, before, wanted) => {
    const { view, together } = editor(before);
    expect(collapseSection(view)).toBe(true);
    expect(together()).toEqual(wanted);
    // The cursor is not left where nobody sees it; there the same key opens the section.
    const { head } = view.state.selection.main;
    expect(view.state.doc.lineAt(head).text).toMatch(/^## /);
    expect(collapseSection(view)).toBe(true);
    expect(together()).toEqual([]);
  });

  test('above all headings the key does nothing', () => {
    const { view, together } = editor('walls');
    expect([collapseSection(view), together()]).toEqual([false, []]);
  });
});

test('all together, and open again as soon as one is', () => {
  const { view, together } = editor('5-8');
  collapseAll(view);
  expect(together()).toHaveLength(2);
  collapseAll(view);
  expect(together()).toEqual([]);
  collapseSection(view);
  collapseAll(view);
  expect(together()).toEqual([]);
});

test('the words stay as they are, and what is written below moves nothing out of place', () => {
  const { view, together } = editor('5-8');
  collapseSection(view);
  view.dispatch({ changes: { from: TEXT.length, insert: 'wall 5: restart after 8\n' } });
  expect(together()).toEqual(['## Section 1 … 5-8 Vine L, touch R']);
  expect(view.state.doc.toString()).toBe(`${TEXT}wall 5: restart after 8\n`);
});
