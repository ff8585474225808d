/** Dresses the text as a sheet: counts in a column, headings as headings, marks quiet, findings under their line. */
import { RangeSetBuilder, StateField, type EditorState, type Range, type Transaction } from '@codemirror/state';
import { Decoration, EditorView, WidgetType, type DecorationSet } from '@codemirror/view';
import { keyOf, type Finding, type Look, type ScriptLine, type Span } from '../../../core';
import { applyProposal } from './commands';
import { isBehind, mendingsField, restudy, studyField, studyOf, toldOf, writingField } from './study-field';

const counts = Decoration.mark({ class: 'counts' });
const quiet = Decoration.mark({ class: 'quiet' });
const hidden = Decoration.replace({});
const headingName = Decoration.mark({ class: 'heading-name' });
const headingTitle = Decoration.mark({ class: 'heading-title' });
/** The sign between two stretches, drawn as a space; and the run of spaces before a mark, drawn narrow. */
const gap = Decoration.mark({ class: 'gap' });
const narrow = Decoration.mark({ class: 'narrow' });
const factKey = Decoration.mark({ class: 'fact-key' });

const LINE_CLASSES: Readonly<Record<ScriptLine['kind'], string>> = {
  blank: 'blank',
  title: 'title',
  header: 'fact',
  heading: 'heading',
  step: 'step',
  note: 'note',
  option: 'option',
  plan: 'words',
  figure: 'words',
  song: 'words',
  lesson: 'words',
  text: 'words',
};

export const sheetDress = StateField.define<DecorationSet>({
  create: dress,
  update: (set, transaction) => {
    if (isBehind(transaction.state)) return set.map(transaction.changes);
    const again = transaction.docChanged || transaction.selection || isRestudied(transaction);
    return again ? dress(transaction.state) : set;
  },
  provide: (field) => EditorView.decorations.from(field),
});

const isRestudied = ({ effects }: Transaction): boolean => effects.some((effect) => effect.is(restudy));

/** Above this many lines only what is near the start is dressed; nobody writes such a dance, but somebody may paste a book. */
const MOST_LINES = 4000;

function dress(state: EditorState): DecorationSet {
  const study = state.field(studyField);
  const active = state.doc.lineAt(state.selection.main.head).number - 1;
  const builder = new RangeSetBuilder<Decoration>();
  for (const line of study.script.lines.slice(0, MOST_LINES)) {
    const { from } = line.span;
    builder.add(from, from, Decoration.line({ class: `line-${LINE_CLASSES[line.kind]}` }));
    const filled = study.view.lines[line.index]?.filledCounts;
    if (filled) builder.add(from, from, Decoration.widget({ widget: new FilledCounts(filled), side: -1 }));
    for (const range of marksOfLine(line, line.index === active, study.view.lines[line.index]?.asides ?? []))
      builder.add(range.from, range.to, range.value);
  }
  return builder.finish();
}

function marksOfLine(line: ScriptLine, active: boolean, asides: readonly Span[]): Range<Decoration>[] {
  const { from, to } = line.span;
  switch (line.kind) {
    case 'step':
      return stepMarks(line, asides);
    case 'title':
    case 'heading':
      return headingMarks(line, active);
    case 'header': {
      // `32 counts, 4 walls` has no key.
      const colon = line.text.indexOf(':') + 1;
      return colon > 0 ? [factKey.range(from, from + colon)] : [];
    }
    case 'note': {
      const sign = /^\s*>\s*/.exec(line.text)?.[0].length ?? 0;
      return sign > 0 && !active && from + sign < to ? [hidden.range(from, from + sign)] : [];
    }
    default:
      return [];
  }
}

/** Counts nobody wrote, shown where they would stand. */
class FilledCounts extends WidgetType {
  constructor(private readonly counts: string) {
    super();
  }

  override eq(other: FilledCounts): boolean {
    return other.counts === this.counts;
  }

  override toDOM(): HTMLElement {
    const cell = document.createElement('span');
    cell.className = 'counts filled';
    cell.textContent = this.counts;
    return cell;
  }
}

function headingMarks({ span, text, kind }: ScriptLine, active: boolean): Range<Decoration>[] {
  const sign = /^\s*#*\s*/.exec(text)?.[0].length ?? 0;
  const start = span.from + sign;
  const marks: Range<Decoration>[] = [];
  if (sign > 0 && start < span.to) marks.push((active ? quiet : hidden).range(span.from, start));
  const colon = kind === 'heading' ? text.indexOf(':') : -1;
  const end = colon < 0 ? span.to : span.from + colon;
  if (end > start) marks.push(headingName.range(start, end));
  const titled = colon < 0 ? span.to : end + (/^:\s*/.exec(text.slice(colon))?.[0].length ?? 0);
  if (titled > end) marks.push((active ? quiet : gap).range(end, titled));
  if (titled < span.to) marks.push(headingTitle.range(titled, span.to));
  return marks;
}

function stepMarks({ step, span, text }: ScriptLine, asides: readonly Span[]): Range<Decoration>[] {
  if (!step) return [];
  const head = step.groups[0]?.counts?.span;
  const marks: Range<Decoration>[] = asides.map((aside) => quiet.range(span.from + aside.from, span.from + aside.to));
  // Counts that stand behind their steps stay where they are.
  if (head && text.slice(0, head.from).trim() === '') {
    const gap = /^\s*/.exec(text.slice(head.to))?.[0].length ?? 0;
    marks.push(counts.range(span.from, span.from + head.to + gap));
  }
  const { cues, notes, facingClaims, weightClaims, wallClaims, accepted } = step.marks;
  const spans = [cues, notes, facingClaims, weightClaims, wallClaims, accepted].flatMap((list) =>
    list.map((mark) => mark.span),
  );
  for (const mark of spans.sort((a, b) => a.from - b.from)) {
    const spaces = /\s*$/.exec(text.slice(0, mark.from))?.[0].length ?? 0;
    if (spaces > 1) marks.push(narrow.range(span.from + mark.from - spaces, span.from + mark.from));
    marks.push(quiet.range(span.from + mark.from, span.from + mark.to));
  }
  return marks.sort((a, b) => a.from - b.from);
}

// Findings

const underline = {
  error: Decoration.mark({ class: 'slip-error' }),
  warning: Decoration.mark({ class: 'slip-warning' }),
  remark: Decoration.mark({ class: 'slip-remark' }),
};

export const findingMarks = StateField.define<DecorationSet>({
  create: markFindings,
  update: (set, transaction) => {
    if (isBehind(transaction.state)) return set.map(transaction.changes);
    const { startState, state } = transaction;
    const told =
      startState.field(writingField) !== state.field(writingField) ||
      startState.field(mendingsField, false) !== state.field(mendingsField, false);
    return transaction.docChanged || told || isRestudied(transaction) ? markFindings(transaction.state) : set;
  },
  provide: (field) => EditorView.decorations.from(field),
});

/** Remarks are underlined only; what can't be danced, or is very likely a slip, says under its line what is wrong. */
function markFindings(state: EditorState): DecorationSet {
  const ranges: Range<Decoration>[] = [];
  const { script } = studyOf(state);
  const known = new Map(state.field(mendingsField, false)?.map((mending) => [mending.key, mending.looks]));
  for (const finding of toldOf(state).slice(0, 400)) {
    const { from, to } = finding.span;
    if (to > from) ranges.push(underline[finding.severity].range(from, to));
    if (finding.severity === 'remark') continue;
    const line = state.doc.lineAt(from);
    ranges.push(
      Decoration.widget({
        widget: new FindingWidget(finding, known.get(keyOf(finding, script))),
        block: true,
        side: 1,
      }).range(line.to),
    );
  }
  return Decoration.set(ranges, true);
}

class FindingWidget extends WidgetType {
  constructor(
    private readonly finding: Finding,
    /** Undefined until what would come of its proposals is worked out. */
    private readonly looks: readonly Look[] | undefined,
  ) {
    super();
  }

  override eq(other: FindingWidget): boolean {
    return JSON.stringify([other.finding, other.looks]) === JSON.stringify([this.finding, this.looks]);
  }

  override toDOM(view: EditorView): HTMLElement {
    const { finding, looks } = this;
    const proposals = looks?.map(({ proposal }) => proposal) ?? [
      ...(finding.fix ? [finding.fix] : []),
      ...(finding.suggestions ?? []),
    ];
    const row = document.createElement('div');
    row.className = `finding finding-${finding.severity}`;
    row.append(finding.message, ' ');
    if (finding.code === 'not-understood' && proposals.length > 0) row.append('Did you mean: ');
    for (const [index, proposal] of proposals.entries()) {
      const button = document.createElement('button');
      button.type = 'button';
      button.className = 'fix';
      button.textContent = proposal.label;
      button.title = looks?.[index]?.text ?? '';
      button.addEventListener('click', () => applyProposal(view, proposal));
      row.append(button);
      if (index > 0) continue;
      const key = document.createElement('kbd');
      key.textContent = 'Alt Enter';
      row.append(finding.code === 'foot-not-free' ? ' would dance. ' : ' ', key, ' ');
    }
    return row;
  }

  override ignoreEvent(): boolean {
    return true;
  }
}
