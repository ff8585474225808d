/** The study of the editor's text, one for every state of it. */
import { StateEffect, StateField, type EditorState, type Transaction } from '@codemirror/state';
import type { Finding, Span, Study } from '../../../core';
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

/** What is told of this text. A place outside it would stop the editor, so such a finding is left out: typing goes on whatever happens. */
export const findingsOf = (state: EditorState): readonly Finding[] =>
  studyOf(state).findings.filter(({ span }) => liesIn(state, span));

/** Typing has paused: findings of the line under the cursor may now be written below it. */
export const settle = StateEffect.define<boolean>();

export const settledField = StateField.define<boolean>({
  create: () => true,
  update: (settled, transaction) => {
    for (const effect of transaction.effects) if (effect.is(settle)) return effect.value;
    return transaction.docChanged && transaction.isUserEvent('input')
      ? false
      : transaction.docChanged && transaction.isUserEvent('delete')
        ? false
        : settled;
  },
});

/** The count that Enter wrote, while nothing else has been typed: whoever types it again does not get it twice. */
export const prefill = StateEffect.define<string>();

export const prefilledField = StateField.define<string | undefined>({
  create: () => undefined,
  update: (count, transaction) => {
    for (const effect of transaction.effects) if (effect.is(prefill)) return effect.value;
    return transaction.docChanged || transaction.selection ? undefined : count;
  },
});
