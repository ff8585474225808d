/** On a small screen the facts at the head are one line, until the cursor goes in. */
import { StateEffect, StateField, type EditorState } from '@codemirror/state';
import { Decoration, EditorView, ViewPlugin, WidgetType, type DecorationSet } from '@codemirror/view';
import { IS_MEDIUM } from '../../theme/screens';
import { studyField } from './study-field';

const setSmall = StateEffect.define<boolean>();

const smallField = StateField.define<boolean>({
  create: () => window.matchMedia(IS_MEDIUM).matches,
  update: (small, { effects }) => {
    for (const effect of effects) if (effect.is(setSmall)) return effect.value;
    return small;
  },
});

const followScreen = ViewPlugin.define((view) => {
  const media = window.matchMedia(IS_MEDIUM);
  const follow = () => view.dispatch({ effects: setSmall.of(media.matches) });
  media.addEventListener('change', follow);
  return { destroy: () => media.removeEventListener('change', follow) };
});

/** Facts that say themselves what they are. */
const BARE: ReadonlySet<string> = new Set(['music', 'start', 'level', 'author']);

/** From the first fact to the last; undefined where there are fewer than two, or the cursor is among them. */
function factsAt(
  state: EditorState,
): { readonly from: number; readonly to: number; readonly words: string } | undefined {
  const facts = state.field(studyField).script.lines.filter(({ kind }) => kind === 'header');
  const [first, last] = [facts[0], facts[facts.length - 1]];
  if (!state.field(smallField) || facts.length < 2 || last.index - first.index >= facts.length + 2) return undefined;
  const { from, to } = { from: first.span.from, to: last.span.to };
  const { main } = state.selection;
  if (to > state.doc.length || (main.to >= from && main.from <= to)) return undefined;
  const { entries } = state.field(studyField).script.header;
  const words = entries.map(({ key, value }) => (BARE.has(key) ? value : `${key} ${value}`)).join(' · ');
  return { from, to, words };
}

class FactsWidget extends WidgetType {
  constructor(private readonly words: string) {
    super();
  }

  override eq({ words }: FactsWidget): boolean {
    return words === this.words;
  }

  override toDOM(view: EditorView): HTMLElement {
    const line = document.createElement('button');
    line.type = 'button';
    line.className = 'facts-folded';
    line.textContent = this.words;
    line.addEventListener('click', () => {
      const facts = factsAt(view.state);
      if (facts) view.dispatch({ selection: { anchor: facts.from } });
      view.focus();
    });
    return line;
  }

  override ignoreEvent(): boolean {
    return true;
  }
}

const fold = (state: EditorState): DecorationSet => {
  const facts = factsAt(state);
  return facts
    ? Decoration.set(
        Decoration.replace({ widget: new FactsWidget(facts.words), block: true }).range(facts.from, facts.to),
      )
    : Decoration.none;
};

const foldField = StateField.define<DecorationSet>({
  create: fold,
  update: (set, transaction) =>
    transaction.docChanged || transaction.selection || transaction.effects.length > 0 ? fold(transaction.state) : set,
  provide: (field) => EditorView.decorations.from(field),
});

export const foldedFacts = [smallField, foldField, followScreen];
