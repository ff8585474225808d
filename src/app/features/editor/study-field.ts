/** The study of the editor's text, one for every state of it. */
import { StateEffect, StateField, type EditorState, type Transaction } from '@codemirror/state';
import { keyOf, toldFindings, type Finding, type Mending, type Span, type Study, type Writing } from '../../../core';
import { studyLive } from '../settings/settings';

/** The text is to be worked out again: the writer's own figures have changed, or typing in a long text has paused. */
export const restudy = StateEffect.define<null>();

/** In longer texts, in letters, a key does not wait until the text is worked out; that is done when typing pauses. */
const MOST_AT_EVERY_KEY = 12_000;

/** True between a key in a long text and the pause in which it is worked out. */
const behindField = StateField.define<boolean>({
  create: () => false,
  update: (behind, transaction) => {
    if (transaction.effects.some((effect) => effect.is(restudy))) return false;
    if (!transaction.docChanged) return behind;
    return transaction.newDoc.length > MOST_AT_EVERY_KEY && isTyped(transaction);
  },
});

const isTyped = (transaction: Transaction): boolean =>
  transaction.isUserEvent('input') || transaction.isUserEvent('delete');

/** While a long text is typed in, the study of the text as it was before: `studyOf` is of this very text. */
export const studyField = StateField.define<Study>({
  create: (state) => studyLive(state.doc.toString()),
  update: (study, transaction) => {
    const asked = transaction.effects.some((effect) => effect.is(restudy));
    if ((!transaction.docChanged && !asked) || isBehind(transaction.state)) return study;
    return studyLive(transaction.newDoc.toString());
  },
});

/** What is drawn then only moves along with the text. */
export const isBehind = (state: EditorState): boolean => state.field(behindField, false) ?? false;

/** For what acts on the text: never out of date. */
export const studyOf = (state: EditorState): Study =>
  isBehind(state) ? studyLive(state.doc.toString()) : state.field(studyField);

export const studyFields = [behindField, studyField];

export const liesIn = ({ doc }: EditorState, { from, to }: Span): boolean =>
  from >= 0 && from <= to && to <= doc.length;

/** What there is to tell of this text. A place outside it would stop the editor, so such a finding is left out: typing goes on whatever happens. */
const findingsOf = (state: EditorState): readonly Finding[] =>
  studyOf(state).findings.filter(({ span }) => liesIn(state, span));

// What is told while it is written

/** What would come of the proposals of what is told, worked out elsewhere. */
export const showMendings = StateEffect.define<readonly Mending[]>();

export const mendingsField = StateField.define<readonly Mending[]>({
  create: () => [],
  update: (mendings, { effects }) => {
    for (const effect of effects) if (effect.is(showMendings)) return effect.value;
    return mendings;
  },
});

/** The writer wants to know: everything is told until the next key. */
export const judge = StateEffect.define<null>();
/** The line is left, whatever the cursor does: the editor lost the focus, a fix was taken. */
export const leaveLine = StateEffect.define<null>();

const headLine = ({ doc, selection }: EditorState): number => doc.lineAt(selection.main.head).number - 1;

/** Nothing new is told of a line before it is left, nor of a section before that is. */
export const writingField = StateField.define<Writing>({
  create: () => ({}),
  update: (writing, transaction) => {
    const { startState, state, docChanged, selection, effects } = transaction;
    if (effects.some((effect) => effect.is(judge))) return { asked: true };
    if (effects.some((effect) => effect.is(leaveLine))) return { ...writing, told: undefined };
    const line = headLine(state);
    if (docChanged && isTyped(transaction)) {
      const stays = line === headLine(startState) && state.doc.lines === startState.doc.lines;
      if (!stays) return { line };
      return { line, told: writing.told ?? keysOf(startState, writing) };
    }
    if (docChanged) return { ...writing, told: undefined, asked: undefined };
    if (!selection || line === headLine(startState)) return writing;
    return isSameSection(state, writing.line, line) ? { line } : {};
  },
});

const keysOf = (state: EditorState, writing: Writing): ReadonlySet<string> => {
  const study = state.field(studyField);
  return new Set(toldFindings(study, writing).map((finding) => keyOf(finding, study.script)));
};

function isSameSection(state: EditorState, one: number | undefined, other: number): boolean {
  if (one === undefined) return false;
  const { lines } = state.field(studyField).script;
  const [from, to] = one < other ? [one, other] : [other, one];
  return lines.slice(from + 1, to + 1).every(({ kind }) => kind !== 'heading');
}

/** What is told of this text by now. */
export const toldOf = (state: EditorState): readonly Finding[] => {
  const study = studyOf(state);
  return toldFindings({ ...study, findings: findingsOf(state) }, state.field(writingField, false));
};
