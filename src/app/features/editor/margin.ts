/** The margin after the text: for every line its feet, the weight and the wall after it; for every heading its rail. */
import type { EditorState } from '@codemirror/state';
import { gutter, GutterMarker } from '@codemirror/view';
import type { LineView, SectionView } from '../../../core';
import { footSvg, railSvg, roomSvg, weightSvg } from '../marks/svg';
import { isAlarm } from '../../../core';
import { ghostOf } from './ghost';
import { restudy, studyField, toldOf, writingField } from './study-field';
import { onWallField } from './wall-dress';

class AnswerMarker extends GutterMarker {
  constructor(
    private readonly markup: string,
    override readonly elementClass: string,
  ) {
    super();
  }

  override eq(other: AnswerMarker): boolean {
    return other.markup === this.markup && other.elementClass === this.elementClass;
  }

  override toDOM(): HTMLElement {
    const cell = document.createElement('div');
    cell.className = 'answer';
    // Marks of our own making only: nothing typed ever reaches this.
    cell.innerHTML = this.markup;
    return cell;
  }
}

/** More feet than this on one line are counted, not drawn. */
const MOST_FEET = 6;
/** The last place is then left for the number. */
const FEET_BEFORE_MORE = 5;

function lineMarkup({ feet, weight, facing, hour, facingChanged }: LineView): string {
  const shown = feet.length > MOST_FEET ? FEET_BEFORE_MORE : feet.length;
  const drawn = feet.slice(0, shown).map(footSvg).join('');
  const more = feet.length > shown ? `<span class="more">+${feet.length - shown}</span>` : '';
  const strong = facingChanged ? ' changed' : '';
  return `<span class="feet">${drawn}${more}</span><span class="weight">${weightSvg(weight)}</span><span class="room${strong}">${roomSvg(facing, facingChanged, hour)}<span class="hour">${hour}</span></span>`;
}

const railMarkup = (section: SectionView): string =>
  `<span class="rail">${railSvg(section.rail, { cell: section.rail.length > 8 ? 208 / section.rail.length : 26, height: 9, numbers: section.rail.length <= 16 })}</span>`;

/** Lines of which something is told that must not be: no foot and no count is drawn wrong before that. */
function wrongLines(state: EditorState): ReadonlySet<number> {
  if (asked?.state === state) return asked.lines;
  const told = toldOf(state).filter(isAlarm);
  const lines = new Set(told.map(({ span }) => state.doc.lineAt(span.from).number - 1));
  asked = { state, lines };
  return lines;
}

/** The margin asks once for each of its lines. */
let asked: { readonly state: EditorState; readonly lines: ReadonlySet<number> } | undefined;

const withoutSlips = (section: SectionView): SectionView => ({
  ...section,
  rail: section.rail.map((cell) => ({ ...cell, slip: false })),
});

const withoutWrong = (line: LineView): LineView =>
  line.feet.some(({ wrong }) => wrong) ? { ...line, feet: line.feet.map((foot) => ({ ...foot, wrong: false })) } : line;

function markerOf(state: EditorState, index: number): AnswerMarker | null {
  const { view, script } = state.field(studyField);
  const wrong = wrongLines(state);
  const section = view.sections.find((one) => one.headed && one.line === index);
  if (section) {
    const isTold = [...wrong].some((line) => line >= section.line && line <= section.end);
    return new AnswerMarker(railMarkup(isTold ? section : withoutSlips(section)), 'answer-heading');
  }
  const answer = view.lines[index];
  const line = answer && (wrong.has(index) ? answer : withoutWrong(answer));
  const wall = state.field(onWallField);
  const here = wall?.facings.get(index);
  // What the wall leaves out has no answer on it.
  if (line && wall?.left.has(index)) return new AnswerMarker('', 'answer-step');
  if (line) return new AnswerMarker(lineMarkup(here ? { ...line, ...here } : line), 'answer-step');
  const ghost = ghostLine(state, index);
  if (ghost) return new AnswerMarker('', ghost === 'count' ? 'answer-step' : 'answer-heading');
  return script.lines[index]?.kind === 'heading' ? new AnswerMarker('', 'answer-heading') : null;
}

/** What the line under the cursor is ready to become, if it is this one. */
const ghostLine = (state: EditorState, index: number) =>
  state.doc.lineAt(state.selection.main.head).number - 1 === index ? ghostOf(state)?.kind : undefined;

export const answerMargin = gutter({
  class: 'answers',
  side: 'after',
  lineMarker: (view, block) => markerOf(view.state, view.state.doc.lineAt(block.from).number - 1),
  lineMarkerChange: (update) =>
    update.startState.field(onWallField) !== update.state.field(onWallField) ||
    update.startState.field(writingField) !== update.state.field(writingField) ||
    update.docChanged ||
    update.selectionSet ||
    update.transactions.some(({ effects }) => effects.some((effect) => effect.is(restudy))),
});
