/** The text edited from the picture shares its history with the script's editor, both ways. */
import { describe, expect, test } from '@jest/globals';
import { history, historyField, undo } from '@codemirror/commands';
import { EditorState } from '@codemirror/state';
import type { DanceSession } from './session';
import { TextEditing } from './text-editing';

/** As much of an open dance as the editing uses. */
function openDance(text: string) {
  let tellRemote: (words: string) => void = () => undefined;
  const session = {
    text,
    editorState: undefined as unknown,
    edit(words: string) {
      this.text = words;
    },
    keepHistoryWith: () => undefined,
    onRemote(listener: (words: string) => void) {
      tellRemote = listener;
      return () => undefined;
    },
  };
  return { session, dance: session as unknown as DanceSession, remote: (words: string) => tellRemote(words) };
}

describe('editing without the editor', () => {
  test('every change is a step of its own to undo and to do again, and reaches the dance', () => {
    const { session, dance } = openDance('one\n');
    const editing = new TextEditing(dance, undefined);
    editing.open();
    editing.apply([{ from: 4, to: 4, insert: 'two\n' }]);
    editing.apply([{ from: 8, to: 8, insert: 'three\n' }]);
    expect([session.text, editing.canUndo, editing.canRedo]).toEqual(['one\ntwo\nthree\n', true, false]);
    editing.undo();
    expect(session.text).toBe('one\ntwo\n');
    editing.undo();
    editing.redo();
    expect([session.text, editing.canRedo]).toEqual(['one\ntwo\n', true]);
    expect(editing.undo() && editing.text).toBe('one\n');
    expect(editing.undo()).toBe(false);
  });

  test('its history is handed to the script, and the script’s taken over', () => {
    const extensions = [history()];
    const typed = EditorState.create({ doc: 'one\n', extensions }).update({
      changes: { from: 4, insert: 'two\n' },
    }).state;
    const { session, dance } = openDance('one\ntwo\n');
    session.editorState = typed.toJSON({ history: historyField });
    const editing = new TextEditing(dance, undefined);
    const close = editing.open();
    editing.apply([{ from: 8, to: 8, insert: 'three\n' }]);
    close();
    let back = EditorState.fromJSON(session.editorState, { extensions }, { history: historyField });
    const undoOnce = () => undo({ state: back, dispatch: (transaction) => void (back = transaction.state) });
    undoOnce();
    expect(back.doc.toString()).toBe('one\ntwo\n');
    undoOnce();
    expect(back.doc.toString()).toBe('one\n');
  });

  test('a history that does not fit the text, or can’t be read, costs nothing but itself', () => {
    const other = EditorState.create({ doc: 'else' }).toJSON();
    for (const kept of [other, { nonsense: true }, null]) {
      const { dance } = openDance('one\n');
      expect(new TextEditing(dance, kept).text).toBe('one\n');
    }
  });

  test('what another tab writes is taken in', () => {
    const { dance, remote } = openDance('one\n');
    const editing = new TextEditing(dance, undefined);
    let told = 0;
    editing.subscribe(() => (told += 1));
    editing.open();
    remote('one\nfrom the other tab\n');
    expect([editing.text, told]).toEqual(['one\nfrom the other tab\n', 1]);
  });
});
