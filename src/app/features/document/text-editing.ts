/**
 * The text edited without its editor on screen, with the editor's own history: what was changed on the picture is undone in the
 * script, and the other way round.
 */
import { history, historyField, isolateHistory, redo, redoDepth, undo, undoDepth } from '@codemirror/commands';
import { EditorState, type TransactionSpec } from '@codemirror/state';
import type { Edit } from '../../../core';
import type { DanceSession } from './session';
import { differing } from './text-change';

export class TextEditing {
  private state: EditorState;
  private readonly listeners = new Set<() => void>();
  private readonly stops: (() => void)[] = [];

  constructor(
    private readonly session: DanceSession,
    kept: unknown,
  ) {
    this.state = firstState(session, kept);
  }

  /** Starts listening to other tabs; returns the way to stop, which hands the history back. */
  open(): () => void {
    const describe = () => this.state.toJSON({ history: historyField });
    this.session.keepHistoryWith(describe);
    this.stops.push(
      this.session.onRemote((text) => this.take({ changes: differing(this.text, text), userEvent: 'remote' })),
    );
    return () => {
      this.session.editorState = describe();
      this.session.keepHistoryWith(undefined);
      for (const stop of this.stops.splice(0)) stop();
    };
  }

  get text(): string {
    return this.state.doc.toString();
  }

  /** Each a step of its own to undo; words being typed run together. */
  apply(edits: readonly Edit[], typing = false): void {
    if (edits.length === 0) return;
    const changes = edits.map(({ from, to, insert }) => ({ from, to, insert }));
    this.take(
      typing
        ? { changes, userEvent: 'input.type' }
        : { changes, userEvent: 'rewrite.plan', annotations: isolateHistory.of('full') },
    );
  }

  undo = (): boolean => undo({ state: this.state, dispatch: (transaction) => this.become(transaction.state) });
  redo = (): boolean => redo({ state: this.state, dispatch: (transaction) => this.become(transaction.state) });

  get canUndo(): boolean {
    return undoDepth(this.state) > 0;
  }

  get canRedo(): boolean {
    return redoDepth(this.state) > 0;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): EditorState => this.state;

  private take(spec: TransactionSpec): void {
    this.become(this.state.update(spec).state);
  }

  private become(state: EditorState): void {
    this.state = state;
    this.session.edit(this.text);
    for (const listener of this.listeners) listener();
  }
}

function firstState(session: DanceSession, kept: unknown): EditorState {
  const extensions = [history()];
  for (const json of [session.editorState, kept]) {
    try {
      const state = json ? EditorState.fromJSON(json, { extensions }, { history: historyField }) : undefined;
      if (state && state.doc.toString() === session.text) return state;
    } catch {
      // A history that can't be read is not worth losing the text for.
    }
  }
  return EditorState.create({ doc: session.text, extensions });
}
