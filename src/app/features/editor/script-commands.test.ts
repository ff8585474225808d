/** Every command of the script on the editor's state alone: what it writes, and that one undo takes it back. */
import { describe, expect, test } from '@jest/globals';
import { history, undo } from '@codemirror/commands';
import { EditorState, type TransactionSpec } from '@codemirror/state';
import type { EditorView } from '@codemirror/view';
import { insertFigure } from './commands';
import { COMMAND_GROUPS, dragSection, keyWords, SCRIPT_COMMANDS } from './script-commands';
import { studyField, writingField } from './study-field';

/** An editor without a screen. A selection is written `[...]` in the text, a cursor `|`. */
function editorOn(marked: string): EditorView {
  const from = marked.search(/[|⟦]/);
  const bare = marked.replace(/[|⟦]/, '');
  const to = bare.indexOf('⟧');
  let state = EditorState.create({
    doc: bare.replace('⟧', ''),
    selection: { anchor: Math.max(from, 0), head: to < 0 ? Math.max(from, 0) : to },
    extensions: [history(), studyField, writingField],
  });
  return {
    get state() {
      return state;
    },
    dispatch: (...specs: TransactionSpec[]) => {
      state = state.update(...specs).state;
    },
    focus: () => undefined,
  } as unknown as EditorView;
}

const textOf = (view: EditorView): string => view.state.doc.toString();
const commandOf = (id: string) => {
  const command = SCRIPT_COMMANDS.find((one) => one.id === id);
  if (!command) throw new Error(`No command ${id}`);
  return command;
};

const HEAD = '# Ebb\n\n## Section 1\n';

const TABLE: [id: string, before: string, after: string][] = [
  ['tidy-lines', `${HEAD}1&2 shuf r f|\n3&4 shuf l f`, `${HEAD}1&2    Shuffle R forward\n3&4 shuf l f`],
  ['tidy-lines', `${HEAD}⟦1&2 shuf r f\n3&4 shuf l f⟧`, `${HEAD}1&2    Shuffle R forward\n3&4    Shuffle L forward`],
  // A selection that ends before the first letter of a line does not mean that line.
  ['tidy-lines', `${HEAD}⟦1&2 shuf r f\n⟧3&4 shuf l f`, `${HEAD}1&2    Shuffle R forward\n3&4 shuf l f`],
  ['tidy-all', `# Ebb\nS1|\n1&2 shuf r f\ncoaster l`, `${HEAD}1&2    Shuffle R forward\n3&4    Coaster L\n`],
  ['name', `${HEAD}1&2 R back, L tog, R fwd|`, `${HEAD}1&2 Coaster R`],
  [
    'expand',
    `${HEAD}1-4 Vine R, touch L|`,
    `${HEAD}1-4    Step R side, step L behind R, step R side, touch L together`,
  ],
  ['mirror', `${HEAD}1-4 Vine R, touch L|`, `${HEAD}1-4 Vine L, touch R`],
  // On a heading the whole section is meant.
  ['mirror', `# Ebb\n\n## Section 1|\n1-4 Vine R\n5-8 Vine L`, `${HEAD}1-4 Vine L\n5-8 Vine R`],
  ['repeat', `${HEAD}1-4    Vine R, touch L|`, `${HEAD}1-4    Vine R, touch L\n5-8    Vine R, touch L`],
  ['repeat-mirrored', `${HEAD}1-4    Vine R, touch L|`, `${HEAD}1-4    Vine R, touch L\n5-8    Vine L, touch R`],
  ['double', `${HEAD}1&2    Coaster R|`, '# Ebb\n\n## Section 1 (4 counts)\n1-3    Coaster R'],
  ['halve', `${HEAD}1-3    Coaster R|`, '# Ebb\n\n## Section 1 (2 counts)\n1&2    Coaster R'],
  [
    'accept',
    `${HEAD}1-2 Rock R forward, recover L\n3&4 Coaster L|`,
    `${HEAD}1-2 Rock R forward, recover L\n3&4 Coaster L (meant so: foot-not-free)`,
  ],
  [
    'section-down',
    `${HEAD}1-8 K step R|\n\n## Section 2\n1-4 Vine R\n`,
    `${HEAD}1-4 Vine R\n\n## Section 2\n1-8 K step R\n`,
  ],
  [
    'section-up',
    `${HEAD}1-8 K step R\n\n## Section 2\n1-4 Vine R|\n`,
    `${HEAD}1-4 Vine R\n\n## Section 2\n1-8 K step R\n`,
  ],
];

test.each(TABLE)('%s', (id, before, after) => {
  const view = editorOn(before);
  const original = textOf(view);
  expect(commandOf(id).run(view)).toBe(true);
  expect(textOf(view)).toBe(after);
  undo({ state: view.state, dispatch: (transaction) => view.dispatch(transaction) });
  expect(textOf(view)).toBe(original);
});

const NOTHING: [id: string, text: string][] = [
  ['name', `${HEAD}1-2 Walk R, walk L|`],
  ['mirror', `${HEAD}1-4 K step|`],
  ['double', '# Ebb|'],
  ['halve', `${HEAD}1e&a2 Run R L R L R|`],
  ['repeat', '# Ebb|\n## Section 1'],
  ['section-up', `${HEAD}1-8 K step R|`],
  ['accept', `${HEAD}1-8 K step R|`],
];

test.each(NOTHING)('%s changes nothing where there is nothing to do', (id, before) => {
  const view = editorOn(before);
  const text = textOf(view);
  commandOf(id).run(view);
  expect(textOf(view)).toBe(text);
});

describe('the table of commands', () => {
  test('no id and no key stands twice, and every command has a group', () => {
    expect(new Set(SCRIPT_COMMANDS.map(({ id }) => id)).size).toBe(SCRIPT_COMMANDS.length);
    const keys = SCRIPT_COMMANDS.flatMap(({ key }) => key ?? []);
    expect(new Set(keys).size).toBe(keys.length);
    for (const { group } of SCRIPT_COMMANDS) expect(COMMAND_GROUPS).toContain(group);
  });

  test('keys are written as they stand on the keys', () => {
    expect(['Alt-Shift-r', 'Mod-Enter', 'Alt-ArrowUp', 'F8'].map(keyWords)).toEqual([
      'Alt Shift R',
      'Ctrl Enter',
      'Alt ↑',
      'F8',
    ]);
  });
});

test('a section is dragged over several others in one step', () => {
  const view = editorOn(
    '## Section 1: a\n1-8 K step R\n\n## Section 2: b\n1-8 K step R\n\n## Section 3: c\n1-8 K step R|\n',
  );
  dragSection(view, 0, 6);
  expect(textOf(view).match(/^## .*$/gm)).toEqual(['## Section 1: b', '## Section 2: c', '## Section 3: a']);
  undo({ state: view.state, dispatch: (transaction) => view.dispatch(transaction) });
  expect(textOf(view).match(/^## .*$/gm)).toEqual(['## Section 1: a', '## Section 2: b', '## Section 3: c']);
});

const INSERTED: [before: string, id: string, after: string][] = [
  [`${HEAD}1-4 Vine R, touch L|`, 'coaster', `${HEAD}1-4 Vine R, touch L\n5&6    Coaster L`],
  [`${HEAD}1-2 Walk R, walk L\n|`, 'rocking-chair', `${HEAD}1-2 Walk R, walk L\n1-4    Rocking chair R`],
  [`${HEAD}1-2 Walk R, walk L|`, 'nothing-such', `${HEAD}1-2 Walk R, walk L`],
];

test.each(INSERTED)('%j with %s put in', (before, id, after) => {
  const view = editorOn(before);
  insertFigure(view, id);
  expect(textOf(view)).toBe(after);
});
