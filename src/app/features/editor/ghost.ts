/**
 * What an empty line is ready to become stands pale before the cursor: the next count, or the next heading. It is no text. Words take
 * it, digits replace it, and while the words are typed the counts grow to what their figures take.
 */
import { StateEffect, StateField, EditorState, type Transaction, type TransactionSpec } from '@codemirror/state';
import { Decoration, EditorView, WidgetType, type DecorationSet } from '@codemirror/view';
import { CALL_COLUMN, nextUp, usualCounts, type NextUp } from '../../../core';
import { isBehind, studyField } from './study-field';

/** What the empty line under the cursor is ready to become. */
export function ghostOf(state: EditorState): NextUp | undefined {
  const { head, empty } = state.selection.main;
  const line = state.doc.lineAt(head);
  if (!empty || line.text.trim() !== '' || isBehind(state)) return undefined;
  return nextUp(state.field(studyField), line.number - 1);
}

const inColumn = (counts: string): string => counts.padEnd(CALL_COLUMN - 1) + ' ';

class GhostWidget extends WidgetType {
  constructor(private readonly ghost: NextUp) {
    super();
  }

  override eq({ ghost }: GhostWidget): boolean {
    return JSON.stringify(ghost) === JSON.stringify(this.ghost);
  }

  override toDOM(): HTMLElement {
    const { ghost } = this;
    const cell = document.createElement('span');
    cell.className = ghost.kind === 'count' ? 'counts ghost' : 'heading-name ghost';
    cell.textContent = ghost.kind === 'count' ? String(ghost.count) : ghost.words;
    if (ghost.kind === 'heading') {
      const key = document.createElement('kbd');
      key.textContent = 'Enter';
      cell.append(' ', key);
    }
    return cell;
  }
}

export const ghostMark = StateField.define<DecorationSet>({
  create: mark,
  update: (set, transaction) => (transaction.docChanged || transaction.selection ? mark(transaction.state) : set),
  provide: (field) => EditorView.decorations.from(field),
});

function mark(state: EditorState): DecorationSet {
  const ghost = ghostOf(state);
  if (!ghost) return Decoration.none;
  const { head } = state.selection.main;
  const { from } = state.doc.lineAt(head);
  return Decoration.set(
    [
      Decoration.line({ class: ghost.kind === 'count' ? 'line-step' : 'line-heading' }).range(from),
      Decoration.widget({ widget: new GhostWidget(ghost), side: -1 }).range(head),
    ],
    true,
  );
}

// Words take the count

/** The counts that were written for the writer, and grow with the words behind them. */
interface Given {
  readonly counts: string;
  readonly start: number;
}

const give = StateEffect.define<Given>();

/** Undefined as soon as the cursor is on another line, or the counts are the writer's own. */
export const givenField = StateField.define<Given | undefined>({
  create: () => undefined,
  update: (given, transaction) => {
    for (const effect of transaction.effects) if (effect.is(give)) return effect.value;
    if (!given || (!transaction.docChanged && !transaction.selection)) return given;
    const { doc, selection } = transaction.state;
    return doc.lineAt(selection.main.head).text.startsWith(given.counts) ? given : undefined;
  },
});

/** The count of an empty line, written out with what is typed behind it; undefined where there is none. */
export function takeCount(state: EditorState, typed: string): TransactionSpec | undefined {
  const ghost = ghostOf(state);
  if (ghost?.kind !== 'count') return undefined;
  const { from, to } = state.doc.lineAt(state.selection.main.head);
  const counts = String(ghost.count);
  const insert = /^[&,-]/.test(typed) ? counts + typed : inColumn(counts) + typed.trimStart();
  return {
    changes: { from, to, insert },
    selection: { anchor: from + insert.length },
    effects: give.of({ counts, start: ghost.count }),
    userEvent: 'input.type',
    scrollIntoView: true,
  };
}

/** Words and signs after a count take it; digits, headings and notes begin a line of their own. */
const TAKES_COUNT = /^[\p{L}&,\s(-]/u;

/** What typing comes to where a count stands pale; undefined where the editor does it as ever. */
export const overGhost = (state: EditorState, typed: string): TransactionSpec | undefined =>
  (TAKES_COUNT.test(typed) ? takeCount(state, typed) : undefined) ?? halfBefore(state, typed);

export const ghostTyping = EditorView.inputHandler.of((view, _from, _to, typed) => {
  const spec = overGhost(view.state, typed);
  if (spec) view.dispatch(spec);
  return spec !== undefined;
});

/** `&` took the count, and the count is typed behind it: what is meant is the half before. */
function halfBefore(state: EditorState, typed: string): TransactionSpec | undefined {
  const given = state.field(givenField);
  const { from, to, text } = state.doc.lineAt(state.selection.main.head);
  if (!given || text !== `${given.counts}&` || typed !== given.counts) return undefined;
  return {
    changes: { from, to, insert: `&${given.counts}` },
    selection: { anchor: from + given.counts.length + 1 },
    userEvent: 'input.type',
  };
}

/** Counts that were given follow the words: `3` is `3&4` as soon as a shuffle stands behind it. One step to undo with the key. */
export const growingCounts = EditorState.transactionFilter.of((transaction) => {
  const given = transaction.startState.field(givenField, false);
  if (!given || !transaction.docChanged || !isTyping(transaction)) return transaction;
  const { newDoc, startState, changes } = transaction;
  const at = changes.mapPos(startState.doc.lineAt(startState.selection.main.head).from, -1);
  const line = newDoc.lineAt(at);
  const head = /^\S+\s/.exec(line.text)?.[0] ?? '';
  if (head.trim() !== given.counts || changes.touchesRange(line.from, line.from + given.counts.length - 1) === true)
    return transaction;
  const gap = /^\s*/.exec(line.text.slice(given.counts.length))?.[0].length ?? 0;
  const words = line.text.slice(given.counts.length + gap);
  const { own } = startState.field(studyField).script;
  const counts = usualCounts(words, given.start, own.vocabulary) ?? String(given.start);
  if (counts === given.counts) return transaction;
  return [
    transaction,
    {
      changes: { from: line.from, to: line.from + given.counts.length + gap, insert: inColumn(counts) },
      effects: give.of({ ...given, counts }),
      sequential: true,
    },
  ];
});

const isTyping = (transaction: Transaction): boolean =>
  transaction.isUserEvent('input') || transaction.isUserEvent('delete');
