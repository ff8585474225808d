import { Box } from '@chakra-ui/react';
import { completionKeymap } from '@codemirror/autocomplete';
import { defaultKeymap, history, historyField, historyKeymap } from '@codemirror/commands';
import { foldState } from '@codemirror/language';
import { EditorState, type Extension } from '@codemirror/state';
import {
  drawSelection,
  EditorView,
  highlightActiveLine,
  highlightActiveLineGutter,
  keymap,
  placeholder,
} from '@codemirror/view';
import { memo, useEffect, useRef } from 'react';
import type { DanceSession } from '../document/session';
import { goTo } from './commands';
import { scriptKeys } from './script-commands';
import { figureCompletion } from './completion';
import { findingMarks, sheetDress } from './dress';
import { editorTheme } from './editor-theme';
import { collapsing } from './collapse';
import { findAndReplace } from './find';
import { foldedFacts } from './fold-facts';
import { answerMargin } from './margin';
import { differing } from '../document/text-change';
import { personalFigures, subscribeSettings } from '../settings/settings';
import { dancedLineMark } from './danced-line';
import { showWall, wallDress } from './wall-dress';
import { ghostMark, ghostTyping, givenField, growingCounts } from './ghost';
import { isBehind, leaveLine, mendingsField, restudy, studyFields, writingField } from './study-field';

interface Props {
  session: DanceSession;
  /** The undo history kept with the dance, if it fits its text. */
  keptHistory: unknown;
  /** The wall whose facings and changes are shown; undefined for the sheet as it is written. */
  wall: number | undefined;
  onReady: (view: EditorView | undefined) => void;
  onLine: (line: number) => void;
}

/** What of the editor outlives a change of screen. */
const KEPT_FIELDS = { history: historyField, folds: foldState };

/** A pause in milliseconds after which a long text is worked out. */
const STUDY_AFTER = 140;

/**
 * The script editor. It lives in a shadow root of its own, where its style sheets are adopted: the page's security policy then
 * needs no exception for inline style.
 */
export const ScriptEditor = memo(function ScriptEditor({ session, keptHistory, wall, onReady, onLine }: Props) {
  const editor = useRef<EditorView>(undefined);
  const host = useRef<HTMLDivElement>(null);
  const ready = useRef(onReady);
  const line = useRef(onLine);
  useEffect(() => {
    ready.current = onReady;
    line.current = onLine;
  });

  useEffect(() => {
    const element = host.current as HTMLDivElement;
    const root = element.shadowRoot ?? element.attachShadow({ mode: 'open' });
    const extensions = editorExtensions(session, (index) => {
      session.lookAt(index);
      line.current(index);
    });
    const view = new EditorView({
      state: firstState(session, keptHistory, extensions),
      parent: root,
      root,
      dispatchTransactions: (transactions, own) => {
        // The words are on their way to the journal before anything is worked out of them: that takes a while in a long dance.
        const last = transactions[transactions.length - 1];
        if (transactions.some(({ docChanged }) => docChanged)) session.foresee(last.newDoc.toString());
        own.update(transactions);
      },
    });
    // The margin holds the answers: it is there for everybody, not for the eye alone.
    for (const gutters of view.dom.querySelectorAll('.cm-gutters')) gutters.removeAttribute('aria-hidden');
    const describe = () => view.state.toJSON(KEPT_FIELDS);
    session.keepHistoryWith(describe);
    const stopRemote = session.onRemote((text) => takeRemote(view, text));
    let figures = personalFigures();
    const stopSettings = subscribeSettings(() => {
      if (figures === personalFigures()) return;
      figures = personalFigures();
      view.dispatch({ effects: restudy.of(null) });
    });
    editor.current = view;
    ready.current(view);
    view.focus();
    const own = view.state.doc.lineAt(view.state.selection.main.head).number - 1;
    // Another screen may have looked at another line since.
    if (session.line !== undefined && session.line !== own && session.line < view.state.doc.lines)
      goTo(view, view.state.doc.line(session.line + 1).to);
    session.lookAt(session.line ?? own);
    line.current(session.line ?? own);
    return () => {
      session.editorState = describe();
      session.keepHistoryWith(undefined);
      session.write(undefined);
      stopRemote();
      stopSettings();
      ready.current(undefined);
      editor.current = undefined;
      view.destroy();
    };
    // A kept history counts for the first opening only.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [session]);

  useEffect(() => {
    editor.current?.dispatch({ effects: showWall.of(wall) });
  }, [wall, session]);

  return (
    <Box
      ref={host}
      flex="1"
      minHeight="0"
      minWidth="0"
      overflow="hidden"
      data-testid="script"
      css={{ '& > *': { height: '100%' } }}
    />
  );
});

function firstState(session: DanceSession, keptHistory: unknown, extensions: Extension): EditorState {
  for (const json of [session.editorState, keptHistory]) {
    try {
      const state = json ? EditorState.fromJSON(json, { extensions }, KEPT_FIELDS) : undefined;
      if (state && state.doc.toString() === session.text) return state;
    } catch {
      // A history that can't be read is not worth losing the text for.
    }
  }
  const start = session.text.search(/^[ \t]*[\d&]/m);
  return EditorState.create({
    doc: session.text,
    selection: { anchor: start < 0 ? session.text.length : lineEnd(session.text, start) },
    extensions,
  });
}

const lineEnd = (text: string, from: number): number => {
  const end = text.indexOf('\n', from);
  return end < 0 ? text.length : end;
};

function takeRemote(view: EditorView, text: string): void {
  view.dispatch({ changes: differing(view.state.doc.toString(), text), userEvent: 'remote' });
}

function editorExtensions(session: DanceSession, onLine: (line: number) => void): Extension {
  let studying: ReturnType<typeof setTimeout> | undefined;
  return [
    studyFields,
    writingField,
    mendingsField,
    givenField,
    growingCounts,
    ghostTyping,
    ghostMark,
    wallDress,
    dancedLineMark,
    history(),
    drawSelection(),
    EditorView.lineWrapping,
    highlightActiveLine(),
    highlightActiveLineGutter(),
    sheetDress,
    findingMarks,
    answerMargin,
    foldedFacts,
    collapsing,
    findAndReplace,
    figureCompletion,
    placeholder('# Name of the dance'),
    EditorView.domEventHandlers({
      blur: (_event, view) => {
        // The editor may be going away with its focus.
        setTimeout(() => view.dom.isConnected && !view.hasFocus && view.dispatch({ effects: leaveLine.of(null) }));
      },
    }),
    keymap.of([...completionKeymap, ...scriptKeys, ...historyKeymap, ...defaultKeymap]),
    EditorView.contentAttributes.of({
      'aria-label': 'The script of the dance',
      spellcheck: 'false',
      autocapitalize: 'off',
      tabindex: '0',
    }),
    editorTheme,
    EditorView.updateListener.of((update) => {
      if (update.docChanged) {
        session.edit(update.state.doc.toString());
        clearTimeout(studying);
        if (isBehind(update.state))
          studying = setTimeout(() => {
            if (update.view.dom.isConnected) update.view.dispatch({ effects: restudy.of(null) });
          }, STUDY_AFTER);
      }
      session.write(update.state.field(writingField));
      if (update.docChanged || update.selectionSet)
        onLine(update.state.doc.lineAt(update.state.selection.main.head).number - 1);
    }),
  ];
}
