/** The script as it is danced on one wall: what the wall leaves out is pale, what it does otherwise is said between the lines. */
import { StateEffect, StateField, type EditorState, type Range } from '@codemirror/state';
import { Decoration, EditorView, WidgetType, type DecorationSet } from '@codemirror/view';
import { onWall, type OnWall } from '../../../core';
import { isBehind, restudy, studyField } from './study-field';

/** Undefined: the sheet as it is written. */
export const showWall = StateEffect.define<number | undefined>();

const shownField = StateField.define<number | undefined>({
  create: () => undefined,
  update: (wall, { effects }) => {
    for (const effect of effects) if (effect.is(showWall)) return effect.value;
    return wall;
  },
});

const find = (state: EditorState): OnWall | undefined => {
  const wall = state.field(shownField);
  return wall === undefined ? undefined : onWall(state.field(studyField).dance, wall);
};

export const onWallField = StateField.define<OnWall | undefined>({
  create: find,
  update: (old, transaction) => {
    if (isBehind(transaction.state)) return old;
    const changed =
      transaction.docChanged || transaction.effects.some((effect) => effect.is(showWall) || effect.is(restudy));
    return changed ? find(transaction.state) : old;
  },
});

const leftOut = Decoration.line({ class: 'left-out' });

const dressField = StateField.define<DecorationSet>({
  create: dress,
  update: (set, transaction) => {
    if (isBehind(transaction.state)) return set.map(transaction.changes);
    const same = transaction.startState.field(onWallField) === transaction.state.field(onWallField);
    return same ? set : dress(transaction.state);
  },
  provide: (field) => EditorView.decorations.from(field),
});

function dress(state: EditorState): DecorationSet {
  const wall = state.field(onWallField);
  if (!wall) return Decoration.none;
  const ranges: Range<Decoration>[] = [];
  for (const index of wall.left)
    if (index < state.doc.lines) ranges.push(leftOut.range(state.doc.line(index + 1).from));
  for (const { afterLine, words, kind } of wall.inserts) {
    const line = state.doc.line(Math.min(Math.max(afterLine + 1, 1), state.doc.lines));
    ranges.push(Decoration.widget({ widget: new InsertWidget(words, kind), block: true, side: 2 }).range(line.to));
  }
  return Decoration.set(ranges, true);
}

class InsertWidget extends WidgetType {
  constructor(
    private readonly words: string,
    private readonly kind: OnWall['inserts'][number]['kind'],
  ) {
    super();
  }

  override eq(other: InsertWidget): boolean {
    return other.words === this.words && other.kind === this.kind;
  }

  override toDOM(): HTMLElement {
    const row = document.createElement('div');
    row.className = `on-wall on-wall-${this.kind}`;
    row.textContent = this.words;
    return row;
  }
}

export const wallDress = [shownField, onWallField, dressField];
