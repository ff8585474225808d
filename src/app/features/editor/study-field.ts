/** The study of the editor's text, one for every state of it. */
import { StateEffect, StateField, type EditorState } from '@codemirror/state';
import type { Finding, Span, Study } from '../../../core';
import { studyLive } from '../settings/settings';

/** The writer's own figures have changed: the text says something else now. */
export const restudy = StateEffect.define<null>();

export const studyField = StateField.define<Study>({
  create: (state) => studyLive(state.doc.toString()),
  update: (study, transaction) =>
    transaction.docChanged || transaction.effects.some((effect) => effect.is(restudy))
      ? studyLive(transaction.newDoc.toString())
      : study,
});

export const liesIn = ({ doc }: EditorState, { from, to }: Span): boolean =>
  from >= 0 && from <= to && to <= doc.length;

/** What is told of this text. A place outside it would stop the editor, so such a finding is left out: typing goes on whatever happens. */
export const findingsOf = (state: EditorState): readonly Finding[] =>
  state.field(studyField).findings.filter(({ span }) => liesIn(state, span));

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
