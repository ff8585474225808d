/** The writer's own figures have changed: the text says something else now. */
export const restudy = StateEffect.define<null>();

/** The study of the editor's text, one for every state of it. */
import { StateEffect, StateField } from '@codemirror/state';
import type { Study } from '../../../core';
import { studyLive } from '../settings/settings';

export const studyField = StateField.define<Study>({
  create: (state) => studyLive(state.doc.toString()),
  update: (study, transaction) =>
    transaction.docChanged || transaction.effects.some((effect) => effect.is(restudy))
      ? studyLive(transaction.newDoc.toString())
      : study,
});

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
