/** While the song plays, the line that is danced is marked, and followed where nobody writes. */
import { StateEffect, StateField, type Extension } from '@codemirror/state';
import { Decoration, EditorView, ViewPlugin, type DecorationSet } from '@codemirror/view';
import { dancedLine, subscribePlaying } from '../desk/playing';

const showDanced = StateEffect.define<number | undefined>();
const danced = Decoration.line({ class: 'danced-line' });

const field = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update: (set, { effects, changes, state }) => {
    for (const effect of effects)
      if (effect.is(showDanced)) {
        const line = effect.value;
        return line === undefined || line >= state.doc.lines
          ? Decoration.none
          : Decoration.set([danced.range(state.doc.line(line + 1).from)]);
      }
    return set.map(changes);
  },
  provide: (own) => EditorView.decorations.from(own),
});

const follow = ViewPlugin.define((view) => {
  let shown: number | undefined;
  const show = (): void => {
    const line = dancedLine();
    if (line === shown) return;
    shown = line;
    const isThere = line !== undefined && line < view.state.doc.lines;
    const scroll =
      isThere && !view.hasFocus ? [EditorView.scrollIntoView(view.state.doc.line(line + 1).from, { y: 'center' })] : [];
    view.dispatch({ effects: [showDanced.of(line), ...scroll] });
  };
  const stop = subscribePlaying(show);
  // Not while the view is being made.
  const timer = setTimeout(show);
  return {
    destroy: () => {
      clearTimeout(timer);
      stop();
    },
  };
});

export const dancedLineMark: Extension = [
  field,
  follow,
  EditorView.baseTheme({
    '.danced-line': { boxShadow: 'inset 4px 0 0 var(--chakra-colors-focus)', background: 'var(--chakra-colors-sand)' },
  }),
];
