/** Sections put together to their headings, to see the dance as a whole. */
import {
  codeFolding,
  foldable,
  foldAll,
  foldedRanges,
  foldEffect,
  foldService,
  unfoldAll,
  unfoldEffect,
} from '@codemirror/language';
import { StateField, type EditorState, type Range } from '@codemirror/state';
import { Decoration, EditorView, WidgetType, type Command, type DecorationSet } from '@codemirror/view';
import { isBehind, studyField } from './study-field';
import { t } from '../../texts';

/** From the end of a heading to the last line of what it heads. */
const sectionFold = foldService.of((state, from, to) => {
  if (isBehind(state)) return null;
  const { lines } = state.field(studyField).script;
  const index = state.doc.lineAt(from).number - 1;
  if (lines[index]?.kind !== 'heading') return null;
  const next = lines.findIndex((line) => line.index > index && line.kind === 'heading');
  const own = lines.slice(index + 1, next < 0 ? lines.length : next);
  const last = own.findLast(({ text }) => text.trim() !== '');
  return last && last.span.to <= state.doc.length ? { from: to, to: last.span.to } : null;
});

const headingAbove = (state: EditorState) => {
  for (let number = state.doc.lineAt(state.selection.main.head).number; number > 0; number--) {
    const line = state.doc.line(number);
    if (foldable(state, line.from, line.to)) return line;
  }
  return undefined;
};

function foldedAt(state: EditorState, at: number): { from: number; to: number } | undefined {
  let found: { from: number; to: number } | undefined;
  foldedRanges(state).between(at, at, (from, to) => {
    if (from === at) found = { from, to };
  });
  return found;
}

function toggleAt(view: EditorView, line: { from: number; to: number }): boolean {
  const { state } = view;
  const folded = foldedAt(state, line.to);
  const range = folded ?? foldable(state, line.from, line.to);
  if (!range) return false;
  view.dispatch({
    effects: (folded ? unfoldEffect : foldEffect).of(range),
    // A cursor inside would open it again.
    ...(!folded && { selection: { anchor: line.to } }),
  });
  return true;
}

/** The section the cursor stands in, together or open again. */
export const collapseSection: Command = (view) => {
  const line = headingAbove(view.state);
  return line ? toggleAt(view, line) : false;
};

/** All of them; where any is together, all are opened. */
export const collapseAll: Command = (view) => (foldedRanges(view.state).size > 0 ? unfoldAll(view) : foldAll(view));

class CollapseKey extends WidgetType {
  constructor(private readonly isOpen: boolean) {
    super();
  }

  override eq({ isOpen }: CollapseKey): boolean {
    return isOpen === this.isOpen;
  }

  override toDOM(view: EditorView): HTMLElement {
    const button = document.createElement('button');
    button.type = 'button';
    button.className = this.isOpen ? 'collapse' : 'collapse together';
    button.textContent = this.isOpen ? '▾' : '▸';
    const name = this.isOpen ? t('Collapse this section') : t('Open this section');
    button.title = name;
    button.setAttribute('aria-label', name);
    button.addEventListener('mousedown', (event) => event.preventDefault());
    button.addEventListener('click', () => toggleAt(view, view.state.doc.lineAt(view.posAtDOM(button))));
    return button;
  }
}

const collapseKeys = StateField.define<DecorationSet>({
  create: keysOf,
  update: (set, transaction) => {
    if (isBehind(transaction.state)) return set.map(transaction.changes);
    const folds = transaction.effects.some((effect) => effect.is(foldEffect) || effect.is(unfoldEffect));
    return transaction.docChanged || transaction.selection || folds ? keysOf(transaction.state) : set;
  },
  provide: (field) => EditorView.decorations.from(field),
});

function keysOf(state: EditorState): DecorationSet {
  const ranges: Range<Decoration>[] = [];
  for (const { kind, span } of state.field(studyField).script.lines) {
    if (kind !== 'heading' || span.to > state.doc.length) continue;
    const folded = foldedAt(state, span.to);
    if (!folded && !foldable(state, span.from, span.to)) continue;
    ranges.push(Decoration.widget({ widget: new CollapseKey(!folded), side: 1 }).range(span.to));
  }
  return Decoration.set(ranges);
}

export const collapsing = [
  sectionFold,
  codeFolding({
    preparePlaceholder: (state, { from, to }) => state.doc.lineAt(to).number - state.doc.lineAt(from).number,
    placeholderDOM: (_view, open, lines: number) => {
      const words = document.createElement('button');
      words.type = 'button';
      words.className = 'collapsed';
      words.textContent = lines === 1 ? t('1 line') : t('{count} lines', { count: lines });
      words.title = t('Open this section');
      words.addEventListener('click', open);
      return words;
    },
  }),
  collapseKeys,
];
