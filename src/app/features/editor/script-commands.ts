/**
 * Every command of the script editor, once: its name, its keys, what it does. The keymap, the menu and the list of keys are made
 * from this table. All change the text through the editor, so that all can be undone.
 */
import { findNext, openSearchPanel } from '@codemirror/search';
import { moveLineDown, moveLineUp, redo, undo } from '@codemirror/commands';
import type { EditorState } from '@codemirror/state';
import type { Command, EditorView, KeyBinding } from '@codemirror/view';
import {
  applyEdits,
  changeTempo,
  expandLines,
  mirrorLines,
  moveSection,
  nameLines,
  repeatLines,
  sectionAtLine,
  tidyLines,
  tidyScript,
  type LineRange,
  type Study,
} from '../../../core';
import { houseStyle, studyLive } from '../settings/settings';
import { acceptFinding, addSection, applyFix, goTo, goToNextFinding, startNextLine, toCallColumn } from './commands';
import { collapseAll, collapseSection } from './collapse';
import { leaveLine, studyOf } from './study-field';
import { currentDesk, putDesk, takeSelected, type Help } from '../desk/desk';
import { differing } from '../document/text-change';

export const COMMAND_GROUPS = ['Writing', 'What fits', 'Lines', 'Sections', 'Slips'] as const;
export type CommandGroup = (typeof COMMAND_GROUPS)[number];

export interface ScriptCommand {
  readonly id: string;
  readonly group: CommandGroup;
  readonly name: string;
  /** As the editor binds it; none where a key would only be in the way. */
  readonly key?: string;
  readonly run: Command;
  /** Keys for typing are listed, but are no entries of a menu. */
  readonly inMenu: boolean;
}

/** Opens a help beside the script; asked again, the next proposal is looked at. */
const help =
  (which: Help): Command =>
  ({ state }) => {
    const desk = currentDesk();
    const { from, to, empty } = state.selection.main;
    const range = { from: state.doc.lineAt(from).number - 1, to: state.doc.lineAt(to).number - 1 };
    // A second time into its list, where arrows and Enter choose; Escape comes back.
    if (desk.help === which && which === 'go-on') document.querySelector<HTMLElement>('[data-row]')?.focus();
    else if (desk.help === which) putDesk({ selected: desk.selected + 1 });
    else putDesk({ help: which, selected: 0, range: empty ? undefined : range, isOpen: true });
    return true;
  };

/** The lines the selection touches; the whole section when the cursor stands on its heading. */
function rangeOf(state: EditorState, study: Study): LineRange {
  const { from, to, empty } = state.selection.main;
  const [first, last] = [state.doc.lineAt(from), state.doc.lineAt(to)];
  // A selection that ends before the first letter of a line does not mean that line.
  const end = !empty && to === last.from && last.number > first.number ? last.number - 2 : last.number - 1;
  const heading = study.script.lines[first.number - 1];
  if (!empty || heading?.kind !== 'heading') return { from: first.number - 1, to: end };
  const lines = heading.section?.lines ?? [];
  return { from: first.number - 1, to: lines[lines.length - 1]?.index ?? end };
}

type Edits = readonly { readonly from: number; readonly to: number; readonly insert: string }[];

/** A command that turns a stretch of lines into edits; nothing happens where there is nothing to do. */
const onLines =
  (rewrite: (study: Study, range: LineRange) => Edits | undefined): Command =>
  (view) => {
    const study = studyOf(view.state);
    const edits = rewrite(study, rangeOf(view.state, study));
    if (!edits || edits.length === 0) return true;
    view.dispatch({
      changes: edits.map(({ from, to, insert }) => ({ from, to, insert })),
      userEvent: 'rewrite',
      effects: leaveLine.of(null),
      scrollIntoView: true,
    });
    return true;
  };

export const tidyAll: Command = (view) => {
  const { dance, text, script } = studyOf(view.state);
  // What is too long to be worked out is left as it stands.
  if (script.text !== text) return true;
  const tidied = tidyScript(dance, houseStyle());
  if (tidied === text) return true;
  const line = view.state.doc.lineAt(view.state.selection.main.head).number;
  view.dispatch({ changes: differing(text, tidied), userEvent: 'rewrite', effects: leaveLine.of(null) });
  const { doc } = view.state;
  goTo(view, doc.line(Math.min(line, doc.lines)).to);
  return true;
};

const moveSectionBy =
  (by: 1 | -1): Command =>
  (view) => {
    const { dance, script } = studyOf(view.state);
    const section = sectionAtLine(script, view.state.doc.lineAt(view.state.selection.main.head).number - 1);
    const moved = section && moveSection(dance, section, by);
    if (!moved) return true;
    view.dispatch({
      changes: moved.edits.map((edit) => ({ ...edit })),
      userEvent: 'move.section',
      effects: leaveLine.of(null),
    });
    goTo(view, view.state.doc.lineAt(moved.position).to);
    return true;
  };

/** Moves the section whose heading stands on one line to the place of another, one neighbour at a time; one step to undo. */
export function dragSection(view: EditorView, from: number, to: number): void {
  const study = studyOf(view.state);
  const [moving, target] = [from, to].map((line) => sectionAtLine(study.script, line));
  if (!moving || !target || moving.block !== target.block) return;
  const own = moving.block.sections;
  const by = own.indexOf(target) > own.indexOf(moving) ? 1 : -1;
  let { text } = study;
  let line = from;
  for (let left = Math.abs(own.indexOf(target) - own.indexOf(moving)); left > 0; left--) {
    const { dance, script } = studyLive(text);
    const section = sectionAtLine(script, line);
    const moved = section && moveSection(dance, section, by);
    if (!moved) break;
    text = applyEdits(text, moved.edits);
    line = text.slice(0, moved.position).split('\n').length - 1;
  }
  view.dispatch({ changes: differing(study.text, text), userEvent: 'move.section', effects: leaveLine.of(null) });
  goTo(view, view.state.doc.line(line + 1).to);
}

/** To the first line of the section before or after the one the cursor stands in. */
const toSection =
  (by: 1 | -1): Command =>
  (view) => {
    const { script } = studyOf(view.state);
    const here = view.state.doc.lineAt(view.state.selection.main.head).number - 1;
    const headings = script.lines.filter(({ kind }) => kind === 'heading');
    const own = headings.findLastIndex(({ index }) => index <= here);
    const target = headings[by > 0 ? own + 1 : Math.max(own - 1, 0)];
    if (!target) return true;
    const next = script.lines[target.index + 1];
    goTo(view, next?.kind === 'step' ? next.span.to : target.span.to);
    return true;
  };

export const SCRIPT_COMMANDS: readonly ScriptCommand[] = [
  { id: 'next-line', group: 'Writing', name: 'Next line, at the next count', key: 'Enter', run: startNextLine, inMenu: false },
  { id: 'to-calls', group: 'Writing', name: 'From the counts to the call', key: 'Tab', run: toCallColumn, inMenu: false },
  { id: 'undo', group: 'Writing', name: 'Undo', key: 'Mod-z', run: undo, inMenu: true },
  { id: 'redo', group: 'Writing', name: 'Redo', key: 'Mod-Shift-z', run: redo, inMenu: true },
  { id: 'find', group: 'Writing', name: 'Find and replace', key: 'Mod-f', run: openSearchPanel, inMenu: true },
  { id: 'find-next', group: 'Writing', name: 'Next place found', key: 'F3', run: findNext, inMenu: false },
  { id: 'tidy-lines', group: 'Writing', name: 'Tidy these lines', key: 'Alt-t', run: onLines(({ dance }, range) => tidyLines(dance, range, houseStyle())), inMenu: true },
  { id: 'go-on', group: 'What fits', name: 'What can follow here; again: into the list', key: 'Alt-g', run: help('go-on'), inMenu: true },
  { id: 'fill', group: 'What fits', name: 'Fill what is empty, or the lines chosen; again: next', key: 'Alt-f', run: help('fill'), inMenu: true },
  { id: 'close', group: 'What fits', name: 'Close the dance; again: next', key: 'Alt-c', run: help('close'), inMenu: true },
  { id: 'take', group: 'What fits', name: 'Take the proposal', key: 'Alt-Shift-f', run: takeSelected, inMenu: true },
  { id: 'tidy-all', group: 'Writing', name: 'Tidy the whole script', key: 'Alt-Shift-t', run: tidyAll, inMenu: true },
  { id: 'name', group: 'Lines', name: 'Give spelt lines their names', key: 'Alt-n', run: onLines(({ dance }, range) => nameLines(dance, range, houseStyle())), inMenu: true },
  { id: 'expand', group: 'Lines', name: 'Spell out foot by foot', key: 'Alt-e', run: onLines(({ dance }, range) => expandLines(dance, range, houseStyle())), inMenu: true },
  { id: 'mirror', group: 'Lines', name: 'Mirror: the other foot, the other way', key: 'Alt-m', run: onLines(({ dance }, range) => mirrorLines(dance, range)), inMenu: true },
  { id: 'repeat', group: 'Lines', name: 'Repeat behind', key: 'Alt-r', run: onLines(({ dance }, range) => repeatLines(dance, range, false)), inMenu: true },
  { id: 'repeat-mirrored', group: 'Lines', name: 'Repeat on the other foot', key: 'Alt-Shift-r', run: onLines(({ dance }, range) => repeatLines(dance, range, true)), inMenu: true },
  { id: 'double', group: 'Lines', name: 'Twice the counts', key: 'Alt-2', run: onLines(({ dance }, range) => changeTempo(dance, range, 'double')), inMenu: true },
  { id: 'halve', group: 'Lines', name: 'Half the counts', key: 'Alt-1', run: onLines(({ dance }, range) => changeTempo(dance, range, 'halve')), inMenu: true },
  { id: 'line-up', group: 'Lines', name: 'Move up', key: 'Alt-ArrowUp', run: moveLineUp, inMenu: true },
  { id: 'line-down', group: 'Lines', name: 'Move down', key: 'Alt-ArrowDown', run: moveLineDown, inMenu: true },
  { id: 'add-section', group: 'Sections', name: 'New section', key: 'Mod-Enter', run: addSection, inMenu: true },
  { id: 'section-before', group: 'Sections', name: 'To the section before', key: 'Alt-PageUp', run: toSection(-1), inMenu: false },
  { id: 'section-after', group: 'Sections', name: 'To the next section', key: 'Alt-PageDown', run: toSection(1), inMenu: false },
  { id: 'collapse', group: 'Sections', name: 'Collapse this section, or open it', key: 'Alt-k', run: collapseSection, inMenu: true },
  { id: 'collapse-all', group: 'Sections', name: 'Collapse all, or open all', key: 'Alt-Shift-k', run: collapseAll, inMenu: true },
  { id: 'section-up', group: 'Sections', name: 'Move section up', key: 'Alt-Shift-ArrowUp', run: moveSectionBy(-1), inMenu: true },
  { id: 'section-down', group: 'Sections', name: 'Move section down', key: 'Alt-Shift-ArrowDown', run: moveSectionBy(1), inMenu: true },
  { id: 'next-slip', group: 'Slips', name: 'Next slip or remark', key: 'F8', run: goToNextFinding, inMenu: true },
  { id: 'fix', group: 'Slips', name: 'Apply the fix that is offered', key: 'Alt-Enter', run: applyFix, inMenu: true },
  { id: 'accept', group: 'Slips', name: 'Meant so: leave it as it is', key: 'Alt-a', run: acceptFinding, inMenu: true },
]; // prettier-ignore

export const scriptKeys: readonly KeyBinding[] = SCRIPT_COMMANDS.flatMap(({ key, run }) => (key ? [{ key, run }] : []));

/** Runs a command from a menu: the editor has the focus again afterwards. */
export function runCommand(view: EditorView, { run }: ScriptCommand): void {
  run(view);
  view.focus();
}

const KEY_WORDS: Readonly<Record<string, string>> = { Mod: 'Ctrl', ArrowUp: '↑', ArrowDown: '↓' };

/** `Alt-Shift-r` as it stands on the keys: `Alt Shift R`. */
export const keyWords = (key: string): string =>
  key
    .split('-')
    .map((part) => KEY_WORDS[part] ?? (part.length === 1 ? part.toUpperCase() : part))
    .join(' ');
