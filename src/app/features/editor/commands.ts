/** What the keys do in a script. */
import { insertNewline } from '@codemirror/commands';
import { EditorSelection, type EditorState } from '@codemirror/state';
import type { EditorView } from '@codemirror/view';
import { type Command } from '@codemirror/view';
import { CALL_COLUMN, figureAfter, keyOf, type Finding, type Proposal } from '../../../core';
import { ghostOf, takeCount } from './ghost';
import { judge, leaveLine, liesIn, mendingsField, studyOf, toldOf } from './study-field';
import { greatest } from '../../../core';

/** The cursor stands behind what came last, where `follows`; else it stays where it was. */
export function applyProposal(view: EditorView, proposal: Pick<Proposal, 'edits'>, follows = false): void {
  if (!proposal.edits.every((edit) => liesIn(view.state, edit))) return;
  const changes = view.state.changes(proposal.edits.map(({ from, to, insert }) => ({ from, to, insert })));
  const last = proposal.edits[proposal.edits.length - 1];
  view.dispatch({
    changes,
    ...(follows && last && { selection: { anchor: changes.mapPos(last.to, 1) } }),
    userEvent: 'fix',
    effects: leaveLine.of(null),
    scrollIntoView: true,
  });
  view.focus();
}

const lineAt = (state: EditorState) => state.doc.lineAt(state.selection.main.head);

/**
 * Enter at the end of a step brings an empty line, ready for the next count. On an empty line it ends the section, and where the next
 * heading is offered it writes that. A line that holds counts alone is emptied.
 */
export const startNextLine: Command = (view) => {
  const { state } = view;
  const line = lineAt(state);
  const ghost = ghostOf(state);
  if (ghost?.kind === 'heading') return writeHeading(view, ghost.words);
  if (ghost) return insertNewline(view);
  if (!state.selection.main.empty || state.selection.main.head < line.from + line.text.trimEnd().length) return false;
  const { script } = studyOf(state);
  if (/^\d+$/.test(line.text.trim()) && script.lines[line.number - 1]?.kind === 'step') {
    view.dispatch({ changes: { from: line.from, to: line.to, insert: '' }, userEvent: 'input' });
    return true;
  }
  return insertNewline(view);
};

/** On an empty line, with one empty line left above it. */
function writeHeading(view: EditorView, words: string): boolean {
  const line = lineAt(view.state);
  const above = line.number > 1 ? view.state.doc.line(line.number - 1).text.trim() : '';
  const insert = `${above === '' ? '' : '\n'}## ${words}\n`;
  view.dispatch({
    changes: { from: line.from, to: line.to, insert },
    selection: { anchor: line.from + insert.length },
    userEvent: 'input',
    scrollIntoView: true,
  });
  return true;
}

/** Tab after counts goes to the column of the calls. */
export const toCallColumn: Command = (view) => {
  const taken = takeCount(view.state, '');
  if (taken) {
    view.dispatch(taken);
    return true;
  }
  const line = lineAt(view.state);
  const typed = line.text.trim();
  if (!/^[\d&ea,\s-]+$/.test(typed) || typed === '' || view.state.selection.main.head !== line.to) return false;
  const insert = typed.padEnd(CALL_COLUMN);
  view.dispatch({
    changes: { from: line.from, to: line.to, insert },
    selection: { anchor: line.from + insert.length },
    userEvent: 'input',
  });
  return true;
};

/** A new section after the one the cursor stands in. */
export const addSection: Command = (view) => {
  const { state } = view;
  const { script } = studyOf(state);
  const here = lineAt(state).number - 1;
  const next = script.lines.find((line) => line.index > here && line.kind === 'heading');
  const numbers = script.lines.flatMap((line) => (line.heading?.kind === 'section' ? [line.section?.number ?? 0] : []));
  const insert = `## Section ${greatest(numbers, 0) + 1}\n`;
  const at = next ? next.span.from : state.doc.length;
  const before = state.doc.sliceString(0, at);
  const gap = before.trim() === '' ? '' : before.endsWith('\n\n') ? '' : before.endsWith('\n') ? '\n' : '\n\n';
  const text = gap + insert + (next ? '\n\n' : '');
  view.dispatch({
    changes: { from: at, insert: text },
    selection: { anchor: at + gap.length + insert.length },
    userEvent: 'input',
    scrollIntoView: true,
  });
  return true;
};

/** The first finding after the cursor, round to the first of all. */
export function findingAfter(findings: readonly Finding[], position: number): Finding | undefined {
  return findings.find(({ span }) => span.from > position) ?? findings[0];
}

/** A figure on a line of its own behind the cursor's line, on the counts that follow, led by the foot that is free there. */
export function insertFigure(view: EditorView, id: string): void {
  const line = lineAt(view.state);
  const text = figureAfter(studyOf(view.state).dance, line.number - 1, id);
  if (text) putLine(view, text, line.text.trim() === '');
}

/** A line in the place of the cursor's line, or behind it. */
export function putLine(view: EditorView, text: string, replaces: boolean): void {
  const line = lineAt(view.state);
  const insert = replaces ? text : `\n${text}`;
  const from = replaces ? line.from : line.to;
  view.dispatch({
    changes: { from, to: line.to, insert },
    selection: { anchor: from + insert.length },
    userEvent: 'input.figure',
    scrollIntoView: true,
  });
  view.focus();
}

/** Asked for, everything is told, finished or not. */
export const goToNextFinding: Command = (view) => {
  view.dispatch({ effects: judge.of(null) });
  const found = findingAfter(toldOf(view.state), view.state.selection.main.head);
  if (!found) return false;
  goTo(view, found.span.from);
  return true;
};

export function goTo(view: EditorView, position: number): void {
  const at = Math.min(position, view.state.doc.length);
  view.dispatch({ selection: EditorSelection.cursor(at), scrollIntoView: true });
  view.focus();
}

/** Applies what would mend the cursor's line, the likeliest first; when nothing would, the safe fix of the next finding that has one. */
export const applyFix: Command = (view) => {
  const { state } = view;
  const line = lineAt(state);
  const told = toldOf(state);
  const { script } = studyOf(state);
  const likeliest = (finding: Finding): Proposal | undefined =>
    state.field(mendingsField, false)?.find(({ key }) => key === keyOf(finding, script))?.looks[0]?.proposal ??
    finding.fix;
  const here = told.filter(({ span }) => span.from >= line.from && span.from <= line.to);
  const mend =
    here.map(likeliest).find((proposal) => proposal !== undefined) ??
    findingAfter(
      told.filter(({ fix }) => fix),
      state.selection.main.head,
    )?.fix;
  if (!mend) return false;
  applyProposal(view, mend);
  return true;
};

/** The finding at the cursor's line is meant so: the line says it, and it is told no more. */
export const acceptFinding: Command = (view) => {
  const line = lineAt(view.state);
  const found = toldOf(view.state).find(({ span }) => span.from >= line.from && span.from <= line.to);
  return found ? acceptHere(view, found) : true;
};

/** Writes `(meant so: CODE)` behind the line of a finding. */
export function acceptHere(view: EditorView, { span, code }: Finding): boolean {
  const line = view.state.doc.lineAt(Math.min(span.from, view.state.doc.length));
  const end = line.from + line.text.trimEnd().length;
  view.dispatch({
    changes: { from: end, to: line.to, insert: ` (meant so: ${code})` },
    userEvent: 'fix',
    effects: leaveLine.of(null),
  });
  view.focus();
  return true;
}
