/**
 * A sheet taken otherwise as a whole, for when its reader took it wrongly: its numbers for a list, its lists for counts, its
 * paragraphs for sections, its counts for nothing. The words stay; only what tells the reader how to take them changes.
 */
import { countsStandBehind } from '../reading/line';
import type { Script, ScriptLine } from '../reading/script';

const RETAKES = ['numbers are a list', 'lists are counts', 'paragraphs are sections', 'counts left aside'] as const;
export type RetakeKind = (typeof RETAKES)[number];

export interface Retake {
  readonly kind: RetakeKind;
  readonly text: string;
}

const LONE_NUMBER = /^(\s*)\(?\d{1,2}[.):]?\s+(?=\p{L})/u;
const LISTED = /^(\s*)(\d{1,2})[.)]\s+(?=\p{L})/u;
/** Of so many of its lines a sheet has a manner. */
const FEWEST = 4;

/** The ways in which this sheet could be taken; only such as change its text. */
export function retakesOf(script: Script): readonly Retake[] {
  const steps = script.lines.filter(({ kind }) => kind === 'step');
  if (steps.length < FEWEST) return [];
  const ways: Readonly<Record<RetakeKind, (line: ScriptLine) => string>> = {
    'numbers are a list': (line) => (isCounted(line) ? line.text.replace(LONE_NUMBER, '$1') : line.text),
    'lists are counts': (line) => line.text.replace(LISTED, '$1$2 '),
    'paragraphs are sections': paragraphs(script.lines),
    'counts left aside': withoutCounts,
  };
  return RETAKES.map((kind) => ({ kind, text: script.lines.map(ways[kind]).join('\n') })).filter(
    ({ text }) => text !== script.lines.map((line) => line.text).join('\n'),
  );
}

const isCounted = ({ step }: ScriptLine): boolean => step?.groups[0]?.counts !== undefined;

/** Every count that stands before or behind the steps of a line taken away. */
function withoutCounts({ text, step }: ScriptLine): string {
  const spans = step?.groups.flatMap(({ counts }) => counts?.span ?? []) ?? [];
  if (!step || spans.length === 0) return text;
  const rest = [...spans].reverse().reduce((own, { from, to }) => own.slice(0, from) + own.slice(to), text);
  return countsStandBehind(step) ? rest.trimEnd() : rest.trimStart();
}

/** A heading in the program's own manner above each paragraph that has steps; the names that stand there are kept as its title. */
function paragraphs(lines: readonly ScriptLine[]): (line: ScriptLine) => string {
  let number = 0;
  let isOpen = false;
  let title = '';
  return (line) => {
    if (line.kind === 'blank') isOpen = false;
    if (line.kind === 'heading' && line.heading?.kind === 'section') {
      title = line.heading.title;
      isOpen = false;
      return lines[line.index + 1]?.kind === 'step' ? '' : line.text;
    }
    if (line.kind !== 'step' || isOpen) return line.text;
    isOpen = true;
    number += 1;
    const heading = `## Section ${number}${title ? `: ${title}` : ''}`;
    title = '';
    return `${heading}\n${line.text}`;
  };
}
